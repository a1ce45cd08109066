import fc from 'fast-check';
import { millimetres, type Length } from '../length';
import { polygon } from './convex';
import { meetingsOf } from './meetings';
import type { Leaf, Slider } from './mover';
import { at, frameOf, type Point, type Turn } from './point';
import { reached } from './reach';
import { rectangle, roomOf } from './room';
import type { Solid } from './solid';
import { areaShared, stoodAt } from './travel.spec-data';

const MM = 1e6;
const HIGH = { from: 0, to: 800 * MM };
const TURNS: readonly Turn[] = [0, 90, 180, 270];

/** A front 600 wide before a case 560 deep at a place in the room. */
const frame = (turn: Turn = 0, x = 0, z = 0) => frameOf(x * MM, z * MM, 600 * MM, 560 * MM, turn);
const leafAt = (turn: Turn, over: Partial<Leaf> = {}): Leaf => {
  const hinged = over.hinged ?? 'left';
  return {
    ...{ kind: 'leaf', name: 'c/o/left', frame: frame(turn), heights: HIGH, own: new Set<string>(), hinged },
    edge: { across: hinged === 'left' ? 0 : 600 * MM, before: 19 * MM },
    ...{ width: 600 * MM, thickness: 19 * MM, full: 110 },
    ...over,
  };
};
const drawer = (turn: Turn, over: Partial<Slider> = {}): Slider => ({
  ...{ kind: 'slider', name: 'c/b/d', frame: frame(turn), heights: HIGH, own: new Set<string>() },
  ...{ from: 0, to: 600 * MM, closed: 19 * MM, pull: 0, full: 500 * MM },
  ...over,
});
/** A box before the front: from and to across, from and to out of it. */
const box = (turn: Turn, [left, right, back, front]: readonly number[], name = 'room/thing'): Solid => ({
  name,
  shape: rectangle(frame(turn), left! * MM, right! * MM, back! * MM, front! * MM),
  heights: HIGH,
});

describe('what comes straight out', () => {
  it.each(TURNS)('is stopped by the nearest in its way, whichever way its case is turned: %i', (turn) => {
    const far = box(turn, [100, 200, 300, 400], 'far');
    const near = box(turn, [590, 700, 250, 260], 'near');
    const beside = box(turn, [600, 700, 10, 400], 'beside');
    expect(reached(drawer(turn), [far, near, beside])).toEqual({ travel: 231 * MM, stoppedBy: 'near' });
    expect(reached(drawer(turn), [beside])).toEqual({ travel: 500 * MM });
    // Of two at once the first in the file.
    expect(reached(drawer(turn), [far, { ...far, name: 'as far' }]).stoppedBy).toBe('far');
  });

  it('has none where something overlaps it closed; touching is not meeting, nor is what lies over or under it', () => {
    expect(reached(drawer(0), [box(0, [0, 50, 18, 30])])).toEqual({ travel: 0, stoppedBy: 'room/thing' });
    expect(reached(drawer(0), [box(0, [0, 50, 19, 30])])).toEqual({ travel: 0, stoppedBy: 'room/thing' });
    expect(reached(drawer(0), [{ ...box(0, [0, 50, 100, 130]), heights: { from: HIGH.to, to: HIGH.to + 1 } }])).toEqual(
      {
        travel: 500 * MM,
      },
    );
    expect(reached(drawer(0), [box(0, [0, 600, -560, 0])])).toEqual({ travel: 500 * MM });
  });

  it('is stopped by a wall that stands aslant where it first reaches it', () => {
    // From 400 out at its left to 200 out at its right, and farther.
    const wall: Solid = {
      name: 'room/w',
      shape: polygon(at(frame(), -600 * MM, 600 * MM), at(frame(), 1200 * MM, 0)),
      heights: HIGH,
    };
    expect(reached(drawer(0), [wall])).toEqual({ travel: 181 * MM, stoppedBy: 'room/w' });
  });
});

describe('a leaf', () => {
  it('beside a wall needs its projection at 90°', () => {
    const pull = { from: 554 * MM, to: 566 * MM, out: 30 * MM };
    const wall = (by: number): Solid => ({
      name: 'room/w',
      shape: polygon(at(frame(), -by * MM, 0), at(frame(), -by * MM, 2000 * MM)),
      heights: HIGH,
    });
    const opens = (by: number) => reached(leafAt(0, { pull }), [wall(by)]).travel;
    expect(opens(30)).toBeCloseTo(90, 6);
    // Beyond: the greater of L·|cosθ| and (L − fromEdge + width/2)·|cosθ| + projection·sinθ. Common practice.
    for (const angle of [95, 100, 109]) {
      const [c, s] = [Math.abs(Math.cos((angle * Math.PI) / 180)), Math.sin((angle * Math.PI) / 180)];
      expect(opens(Math.max(600 * c, 566 * c + 30 * s))).toBeCloseTo(angle, 4);
    }
    expect(opens(600)).toBe(110);
  });

  it('stands before its opening by its thickness and what of its width is still before it', () => {
    // A sixty-degree way: the far corner over the hinge line by t·sinθ + L·cosθ.
    const stop = 19 * Math.sin(Math.PI / 3) + 600 * Math.cos(Math.PI / 3);
    const post = box(0, [stop - 0.0001, 600, 19 + 600 * Math.sin(Math.PI / 3) - 19 * Math.cos(Math.PI / 3), 700]);
    expect(reached(leafAt(0), [post]).travel).toBeLessThan(60);
  });

  it('turns clear of what touches the end of its pull, until its own face meets it', () => {
    // A millimetre before its face; its far corner, 571 mm along, is met first.
    const leaf = leafAt(0, { pull: { from: 554 * MM, to: 566 * MM, out: 30 * MM } });
    expect(reached(leaf, [box(0, [566, 571, 20, 25])]).travel).toBeCloseTo((Math.atan(1 / 571) * 180) / Math.PI, 6);
  });

  it('is stopped by the first in the file of those that stop it at once, however they are reckoned', () => {
    // Three to four: its outer face meets the near corner of each at the same angle, less so many nanometres.
    const met = (times: number, sooner: number, name: string): Solid => {
      const [x, z] = [4 * times, 19 + 3 * times - sooner / MM];
      return box(0, [x - 50, x, z, z + 50], name);
    };
    const first = met(60, 0, 'first');
    expect(reached(leafAt(0), [first]).travel).toBeCloseTo((Math.atan(3 / 4) * 180) / Math.PI, 6);
    expect(reached(leafAt(0), [first, met(119, 0, 'second')]).stoppedBy).toBe('first');
    expect(reached(leafAt(0), [first, met(119, 3, 'second')]).stoppedBy).toBe('second');
    // What comes straight out goes by whole nanometres: one is enough.
    const far = (by: number, name: string): Solid => box(0, [0, 50, 219 + by, 300], name);
    expect(reached(drawer(0), [far(1e-6, 'first'), far(0, 'second')])).toEqual({
      travel: 200 * MM,
      stoppedBy: 'second',
    });
  });

  it.each([
    ['left', 0],
    ['left', 90],
    ['right', 180],
    ['right', 270],
  ] as const)(
    'hinged %s of a case turned %i agrees with moving it by half a millimetre and looking',
    (hinged, turn) => {
      const side = fc.integer({ min: -900, max: 1500 });
      const where = fc.tuple(side, fc.integer({ min: 20, max: 900 }), fc.integer({ min: 5, max: 300 }));
      fc.assert(
        fc.property(where, fc.boolean(), ([across, out, size], pulled) => {
          const pull = { from: 554 * MM, to: 566 * MM, out: 30 * MM };
          const leaf = leafAt(turn, { hinged, ...(pulled ? { pull } : {}) });
          const thing = box(turn, [across, across + size, out, out + size]);
          const exact = reached(leaf, [thing]).travel;
          // Half a millimetre at its free edge; what overlaps by a ten-millionth of a square millimetre is not seen yet.
          const step = ((0.5 / 600) * 180) / Math.PI;
          const simulated = simulate(leaf, thing.shape.points, step);
          expect(exact).toBeLessThanOrEqual(simulated + 1e-6);
          expect(exact).toBeGreaterThanOrEqual(Math.min(simulated, leaf.full) - step - 0.01);
        }),
        { numRuns: 30 },
      );
    },
  );
});

/** Another way to the same: turned step by step, clipped against what stands there, and the area left looked at. */
function simulate(leaf: Leaf, thing: readonly Point[], step: number): number {
  for (let angle = 0; angle <= leaf.full; angle += step)
    if (stoodAt(leaf, angle).some((rect) => areaShared(rect, thing) > 1e5)) return angle;
  return leaf.full;
}

describe('two that move', () => {
  const moved = (mover: Leaf | Slider) => [mover, reached(mover, [])] as const;

  it('meet where their ways cross, and are told as a pair', () => {
    const beside = drawer(0, { name: 'c/b/d', from: 603 * MM, to: 1000 * MM });
    const right = leafAt(0, { name: 'c/o/right', hinged: 'right' });
    expect(meetingsOf([moved(beside), moved(right)])).toEqual([{ a: 'c/b/d', b: 'c/o/right' }]);
    // Square it stays before its own opening.
    expect(meetingsOf([moved(beside), moved({ ...right, full: 90 })])).toEqual([]);
    expect(meetingsOf([moved(beside), moved({ ...right, heights: { from: HIGH.to, to: HIGH.to + 5 } })])).toEqual([]);
  });

  it('of a pair of leaves pass each other where the gap lets their corners through', () => {
    const pair = (gap: number) => {
      const left = leafAt(0, { width: (300 - gap / 2) * MM });
      const right = leafAt(0, { name: 'c/o/right', hinged: 'right', width: (300 - gap / 2) * MM });
      return meetingsOf([moved(left), moved(right)]).length;
    };
    // √(L² + t²) − L is 0.6 mm each.
    expect([pair(3), pair(1)]).toEqual([0, 1]);
  });

  it('sweep all they come to stand in: no place a leaf and its pull stand in lies outside', () => {
    const pull = { from: 500 * MM, to: 560 * MM, out: 60 * MM };
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), fc.integer({ min: 1, max: 180 }), (share, full) => {
        const leaf = leafAt(90, { pull, full });
        const post = (point: Point): Solid => ({
          name: 'p',
          shape: polygon(
            { x: point.x - 2000, z: point.z - 2000 },
            { x: point.x + 2000, z: point.z - 2000 },
            { x: point.x, z: point.z + 2000 },
          ),
          heights: HIGH,
        });
        const stood = reached(leaf, [post(cornerOf(leaf, share * full))]);
        expect(stood.travel).toBeLessThanOrEqual(share * full + 1e-3);
      }),
      { numRuns: 80 },
    );
  });
});

/** The far outer corner of a pull, with its leaf open so far. */
function cornerOf({ frame: of, edge, pull }: Leaf, degrees: number): Point {
  const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
  return at(of, edge.across + pull!.to * c - pull!.out * s, edge.before + pull!.to * s + pull!.out * c);
}

describe('a room', () => {
  const mm = (value: number): Length => millimetres(value);

  it('has walls to its height, casings on the side one passes them by with the room to the right, things with handles', () => {
    const { solids, movers } = roomOf({
      height: mm(2400),
      walls: [
        {
          id: 'n',
          from: [mm(0), mm(0)],
          to: [mm(3000), mm(0)],
          casings: [{ at: mm(500), width: mm(900), out: mm(19) }],
        },
      ],
      things: [
        {
          id: 'still',
          x: mm(0),
          z: mm(0),
          width: mm(600),
          depth: mm(500),
          height: mm(900),
          turn: 90,
          handle: mm(40),
          opens: mm(450),
        },
      ],
    });
    expect(solids.map(({ name }) => name)).toEqual(['room/n', 'room/n/casings/0', 'room/still', 'room/still/handle']);
    const [, casing, , handle] = solids;
    expect(Math.max(...casing!.shape.points.map(({ z }) => z))).toBeCloseTo(19 * MM, 3);
    // Turned by 90° it faces +x: 500 deep, its handle beyond.
    expect(Math.max(...handle!.shape.points.map(({ x }) => x))).toBe(540 * MM);
    expect(movers).toMatchObject([{ name: 'room/still', closed: 40 * MM, full: 450 * MM }]);
  });
});
