import fc from 'fast-check';
import type { Material } from '../job';
import { inches, millimetres, nm, plus, tally, type Length } from '../length';
import { BUILT_IN } from '../slides';
import { caseHoles, slideScrew } from './case-holes';
import { runnersOf } from './runners';
import { buildOutStack, packings } from './stack';

const stock = (...thicknesses: Length[]): Material[] =>
  thicknesses.map((thickness, index) => ({ id: `m${index}`, name: `m${index}`, kind: 'plywood', thickness }));
const from = { kind: 'field', path: 'here' } as const;
const stack = (wanted: Length, materials: Material[]) => buildOutStack(wanted, materials, () => from, from);
const family = (id: string) => BUILT_IN.find((row) => row.id === id)!;

describe('build-outs', () => {
  it('1 1/4 from 1/2 and 3/4: common practice', () => {
    const { pieces, off } = stack(inches(5, 4), stock(inches(1, 2), inches(3, 4)));
    expect(pieces).toEqual([
      { material: 'm1', count: 1 },
      { material: 'm0', count: 1 },
    ]);
    expect(off.total).toBe(0);
  });

  it('takes the fewest pieces among equals', () => {
    expect(stack(inches(1), stock(inches(1, 4), inches(1, 2), inches(1))).pieces).toEqual([
      { material: 'm2', count: 1 },
    ]);
  });

  it('of as many pieces that come as close takes the thicker first', () => {
    const { pieces } = stack(millimetres(20), stock(millimetres(8), millimetres(10), millimetres(12)));
    expect(pieces).toEqual([
      { material: 'm2', count: 1 },
      { material: 'm0', count: 1 },
    ]);
  });

  it('stands over by 1/64 in and no more', () => {
    const just = stack(inches(1), stock(nm(inches(1) + inches(1, 64)), inches(7, 8)));
    expect(just.off.total).toBe(inches(1, 64));
    const over = stack(inches(1), stock(nm(inches(1) + inches(1, 64) + 1), inches(7, 8)));
    expect(over.off.total).toBe(-inches(1, 8));
  });

  it('is nothing at all where nothing fits', () => {
    expect(stack(millimetres(3), stock(millimetres(12)))).toMatchObject({ pieces: [], off: { total: -3_000_000 } });
  });

  it('comes as close as any pile of up to six does, tried one by one', () => {
    const sizes = fc.array(fc.integer({ min: 3, max: 25 }), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), sizes, (wanted, list) => {
        const sums = new Set([0]);
        for (let piece = 0; piece < 6; piece += 1)
          for (const sum of [...sums]) for (const size of list) if (sum + size <= wanted) sums.add(sum + size);
        const best = Math.max(...sums);
        expect(stack(millimetres(wanted), stock(...list.map(millimetres))).made.total).toBe(best * 1e6);
      }),
    );
  });

  it('stays quick with a rack of two hundred thicknesses', () => {
    const many = stock(...Array.from({ length: 200 }, (_, index) => nm(3_000_017 + index * 100_003)));
    expect(stack(millimetres(97), many).off.total).toBeLessThanOrEqual(inches(1, 64));
  });
});

describe('packing', () => {
  it('shares what a reading is over the narrowest between both sides', () => {
    const widths = [600, 601, 602.5].map(millimetres);
    expect(packings(widths, tally(plus('width', millimetres(600))), 'b')).toMatchObject([
      { reading: 1, total: { total: 1_000_000 }, eachSide: 500_000 },
      { reading: 2, total: { total: 2_500_000 }, eachSide: 1_250_000 },
    ]);
  });
});

describe('holes and screws of side slides', () => {
  const setback = tally(plus('set-back', millimetres(2)));

  it('first at 37, then every 32, as far as the slide reaches: common practice', () => {
    const holes = caseHoles(family('side-ball-bearing'), millimetres(0), 'f', setback, millimetres(500))!;
    expect(holes.first.total).toBe(37_000_000);
    expect(holes).toMatchObject({ pitch: 32_000_000, count: 15 });
    // The last within the slide, one more would not be.
    expect(37 + 14 * 32).toBeLessThanOrEqual(502);
    expect(37 + 15 * 32).toBeGreaterThan(502);
  });

  it('further back behind an inset front', () => {
    const marked = (by: number) =>
      caseHoles(family('side-light'), millimetres(19), 'f', tally(plus('set-back', millimetres(by))), millimetres(500));
    expect(marked(21)?.first.total).toBe(56_000_000);
    // A set-back by hand takes the holes along.
    expect(marked(44.4)?.first.total).toBe(79_400_000);
    expect(marked(20)?.first.total).toBe(55_000_000);
    expect(caseHoles(family('undermount-16'), millimetres(19), 'f', setback, millimetres(500))).toBeUndefined();
  });

  it('never longer than the side less 1.5 mm', () => {
    const screw = (side: number) => slideScrew(family('side-ball-bearing'), millimetres(side), 's')?.total;
    expect(screw(14.2)).toBe(inches(1, 2));
    expect(screw(14.1)).toBe(millimetres(12.6));
    expect(screw(11.8)).toBe(millimetres(10.3));
    expect(slideScrew(family('wood-runner'), millimetres(12), 's')).toBeUndefined();
  });
});

describe('wooden runners', () => {
  it('bear an inch, and beside a face frame its edge more; the next runner is the kicker', () => {
    const wood = runnersOf(family('wood-runner'), { left: millimetres(19), right: millimetres(0) }, 'b');
    expect(wood.left?.total).toBe(millimetres(19) + inches(1));
    expect(wood.right?.total).toBe(inches(1));
    expect(wood.kicker?.total).toBe(inches(1, 16));
    expect(wood.thickness?.total).toBe(inches(3, 4));
    expect(wood.groove).toBeUndefined();
  });

  it('battens stand in a groove: their thickness less the clearance, and half a millimetre', () => {
    expect(runnersOf(family('side-hung'), undefined, 'b').groove?.total).toBe(millimetres(7.7));
    expect(runnersOf(family('side-heavy'), undefined, 'b')).toEqual({});
  });
});
