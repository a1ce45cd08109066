import fc from 'fast-check';
import { inMillimetres, millimetres, plus, tally, type Length } from '../length';
import { carriedBy, cupSetting, hingePlaces, hingesWanted, reaches } from './hinging';
import type { Door } from './written';
import type { Hinge } from './hinge';

const mm = millimetres;
const high = (height: number) => tally(plus('hinge-from-end', mm(height)));
const spans = (...taken: readonly (readonly [number, number])[]) =>
  taken.map(([from, to]) => ({ from: mm(from), to: mm(to) }));
const places = (
  count: number,
  height: number,
  taken: readonly (readonly [number, number])[] = [],
  { at = 0, zone = 20 } = {},
) =>
  hingePlaces(count, high(height), { at: mm(at), zone: mm(zone), taken: spans(...taken), unit: 'mm' }).map(
    ({ total }) => inMillimetres(total),
  );

describe('a hinge serves an overlay', () => {
  it('from its least to its most, both of them too, where its cup can be bored', () => {
    const door = (lap: number) => ({ mount: 'overlay', left: mm(lap), right: mm(lap) }) as unknown as Door;
    const made = { least: mm(5), most: mm(12) } as unknown as Hinge;
    const served = (lap: number, hinge: Hinge = made) => reaches(door(lap), hinge, 'left', undefined);
    expect([4, 5, 12, 13].map((lap) => served(lap))).toEqual([false, true, true, false]);
    expect([1, 99].map((lap) => served(lap, {} as Hinge))).toEqual([true, true]);
    expect(reaches(door(9), made, 'left', { tab: undefined } as never)).toBe(false);
  });
});

describe('where hinges stand on a leaf', () => {
  it('the first and the last a way from the ends, the rest evenly; on a low one at a quarter', () => {
    const [first, last] = places(2, 800);
    expect([first, (first ?? 0) + (last ?? 0)]).toEqual([first, 800]);
    const three = places(3, 801);
    expect(three[1]).toBeCloseTo(400.5, 6);
    expect(places(2, 200)).toEqual([50, 150]);
    expect(places(1, 200)).toEqual([50]);
  });

  it('off a fixed shelf by the least, down of two ways alike', () => {
    // At half of 800: a shelf of 18 at 395 takes 395 to 413; a zone of 20 to either side clears it at 375 or 433.
    expect(places(3, 800, [[395, 413]])[1]).toBe(375);
    expect(places(3, 800, [[380, 398]])[1]).toBe(418);
    expect(places(3, 800, [[391, 409]])[1]).toBe(371);
    // Just clear of it on either side it stays.
    expect(places(3, 800, [[420, 438]])[1]).toBe(400);
    expect(places(3, 800, [[362, 380]])[1]).toBe(400);
    expect(places(3, 800, [[419.999, 438]])[1]).toBeLessThan(400);
  });

  it('by how high the leaf hangs over the floor of its case', () => {
    expect(places(3, 800, [[495, 513]], { at: 100 })[1]).toBe(375);
    expect(places(3, 800, [[395, 413]], { at: 100 })[1]).toBe(400);
  });

  it('not into another shelf, nor off the leaf; where nothing is free it stays', () => {
    // Down of 395 is another shelf: up it goes.
    expect(
      places(3, 800, [
        [395, 413],
        [350, 368],
      ])[1],
    ).toBe(433);
    // Free below its lower edge or above its upper one is no place for it.
    expect(places(1, 200, [[0, 190]])).toEqual([50]);
    expect(places(1, 200, [[10, 260]])).toEqual([50]);
    expect(places(1, 200, [[20, 260]], { zone: 20 })).toEqual([50]);
    expect(places(1, 200, [[21, 260]], { zone: 20 })).toEqual([1]);
    expect(places(1, 200, [[-10, 160]], { zone: 40 })).toEqual([50]);
    expect(places(1, 200, [[-10, 159]], { zone: 40 })).toEqual([199]);
  });

  it('clear of every shelf where any place on the leaf is', () => {
    const shelf = fc.tuple(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 5, max: 60 }));
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 5 }), fc.array(shelf, { maxLength: 5 }), (count, shelves) => {
        const taken = shelves.map(([from, thick]) => [from, from + thick] as const);
        const isFree = (middle: number) => taken.every(([from, to]) => middle + 20 <= from || middle - 20 >= to);
        const anywhere = Array.from({ length: 899 }, (_, index) => index + 1).some(isFree);
        for (const middle of places(count, 900, taken))
          expect([middle, isFree(middle) || !anywhere]).toEqual([middle, true]);
      }),
    );
  });
});

describe('how many hinges a leaf wants', () => {
  const hinge = { load_kg: 8, zone: mm(20) } as unknown as Hinge;
  const wanted = (height: number, weight: number, width = 400): number =>
    hingesWanted(hinge, mm(width), mm(height), weight);

  it('never fewer the higher or the heavier it is, and five at most by its weight', () => {
    const heights = [300, 800, 1200, 1600, 2000, 2400, 3200].map((height) => wanted(height, 0));
    expect(heights).toEqual([...heights].sort((a, b) => a - b));
    expect(heights[0]).toBe(2);
    const weights = [0, 5, 10, 15, 20, 1000].map((weight) => wanted(300, weight));
    expect(weights).toEqual([...weights].sort((a, b) => a - b));
    expect(weights.at(-1)).toBe(5);
  });

  it('a pair carries what its sheet says, one half of it, a wide leaf less; a continuous one as much as it must', () => {
    const carried = (count: number, width: number, of: Hinge = hinge): number =>
      carriedBy(count, of, mm(width) as Length);
    expect([carried(2, 400), carried(1, 400)]).toEqual([8, 4]);
    expect(carried(2, 4000)).toBeLessThan(8);
    expect(carried(6, 400)).toBe(carried(5, 400));
    expect(carried(2, 400, { load_kg: 8 } as unknown as Hinge)).toBe(Infinity);
  });
});

describe('how a cup is set', () => {
  const bore = { tabLeast: mm(3), tabMost: mm(6), diameter: mm(35) };
  const setting = (left: number, plates: readonly number[] | undefined, more: Partial<Hinge> = {}) => {
    const door = { mount: 'overlay', left: mm(left), ...(plates ? { plates: plates.map(mm) } : {}) } as unknown as Door;
    const found = cupSetting(door, { id: 'h', bore, base: mm(14), ...more } as unknown as Hinge, 'left', 'here');
    return found && [inMillimetres(found.plate), found.tab && inMillimetres(found.tab.total)];
  };

  it('by the plate whose tab is nearest 4.5 mm of those that can be bored, the lower of two: common practice', () => {
    // Tabs of 2, 4 and 6 mm.
    expect(setting(16, [0, 2, 4])).toEqual([2, 4]);
    expect(setting(16, [4, 2, 0])).toEqual([2, 4]);
    // 3 and 6 are as far from it.
    expect(setting(17, [3, 0])).toEqual([0, 3]);
    expect(setting(16, [0, 4])).toEqual([4, 6]);
    expect(setting(16, [4.1])).toEqual([4.1, undefined]);
    expect(setting(16, [0.9])).toEqual([0.9, undefined]);
    expect(setting(16, [1])).toEqual([1, 3]);
  });

  it('by the nearest plate without a tab where none can be bored; by none without a cup or a base', () => {
    expect(setting(40, [0, 2, 4])).toEqual([0, undefined]);
    expect(setting(2, [0, 2, 4])).toEqual([4, undefined]);
    expect(setting(2, [])).toEqual([0, undefined]);
    expect(setting(16, [2], { bore: undefined })).toBeUndefined();
    expect(setting(16, [2], { base: undefined })).toBeUndefined();
  });

  it('by its own plate where the job tells none', () => {
    expect(setting(16, undefined, { plate: { height: mm(3) } } as Partial<Hinge>)).toEqual([3, 5]);
  });
});
