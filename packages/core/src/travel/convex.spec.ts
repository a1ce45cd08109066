import fc from 'fast-check';
import { onCircle, overlap, polygon, reach, sector, type Convex } from './convex';
import { meetPoint } from './outline';
import { at, frameOf, plus, seenFrom, times, unit, type Point, type Turn } from './point';

const MM = 1e6;
const p = (x: number, z: number): Point => ({ x: x * MM, z: z * MM });
const box = (x: number, z: number, width: number, depth: number): Convex =>
  polygon(p(x, z), p(x + width, z), p(x + width, z + depth), p(x, z + depth));
const DEGREE = Math.PI / 180;
/** Of a disc the quarter from one angle on. */
const quarter = (middle: Point, radius: number, from: number): Convex =>
  sector(middle, radius * MM, from * DEGREE, (from + 90) * DEGREE)[0] as Convex;

describe('shapes without hollows in a plan', () => {
  it('share something or only touch', () => {
    expect(overlap(box(0, 0, 10, 10), box(9, 9, 10, 10))).toBe(true);
    expect(overlap(box(0, 0, 10, 10), box(10, 0, 10, 10))).toBe(false);
    expect(overlap(box(0, 0, 10, 10), box(10, 10, 10, 10))).toBe(false);
    expect(overlap(box(0, 0, 30, 30), box(10, 10, 5, 5))).toBe(true);
  });

  it('are apart at a slant though the boxes about them are not', () => {
    const triangle = polygon(p(0, 0), p(20, 0), p(0, 20));
    expect(overlap(triangle, box(11, 11, 20, 20))).toBe(false);
    expect(overlap(triangle, box(9, 9, 20, 20))).toBe(true);
  });

  it('of two round ones are apart where their middles are further than both reach', () => {
    // Towards each other at 30 degrees, square to none of their straight edges: 2 × 10 mm reach 20 mm.
    const one = quarter(p(0, 0), 10, 0);
    const other = (far: number): Convex => quarter(plus(p(0, 0), times(onCircle(30 * DEGREE), far * MM)), 10, 180);
    expect(overlap(one, other(20.01))).toBe(false);
    expect(overlap(other(20.01), one)).toBe(false);
    expect(overlap(one, other(19.99))).toBe(true);
    expect(overlap(other(19.99), one)).toBe(true);
  });

  it('of a round one and a corner are apart where the corner is further than it reaches', () => {
    const round = quarter(p(0, 0), 10, 0);
    const corner = (far: number): Convex => box(far * Math.cos(30 * DEGREE), far * Math.sin(30 * DEGREE), 20, 20);
    expect(overlap(round, corner(10.01))).toBe(false);
    expect(overlap(corner(10.01), round)).toBe(false);
    expect(overlap(round, corner(9.99))).toBe(true);
    expect(overlap(corner(9.99), round)).toBe(true);
  });

  it('share something wherever a place of the one lies well within the other', () => {
    const place = fc.integer({ min: -40, max: 40 });
    fc.assert(
      fc.property(place, place, fc.integer({ min: 0, max: 359 }), place, place, (x, z, from, bx, bz) => {
        const [round, other] = [quarter(p(x, z), 25, from), box(bx, bz, 18, 18)];
        const within = (shape: Convex, point: Point): boolean =>
          Array.from({ length: 72 }, (_, step) => onCircle(step * 5 * DEGREE)).every(
            (way) => reach(shape, way) - (point.x * way.x + point.z * way.z) > MM,
          );
        const points = Array.from({ length: 10 }, (_, row) =>
          Array.from({ length: 10 }, (__, column) => p(bx + row * 2, bz + column * 2)),
        ).flat();
        // Seventy-two directions tell less than all: half of a side of 25 times tan 2.5°, 0.55 mm, may be outside of it.
        if (points.some((point) => within(round, point) && within(other, point)))
          expect(overlap(round, other)).toBe(true);
      }),
    );
  });
});

describe('where shapes meet', () => {
  it('is the middle of the largest piece they share, and nowhere where they share none', () => {
    const far = box(100, 100, 10, 10);
    expect(meetPoint([far], [box(0, 0, 10, 10)])).toBeUndefined();
    const found = meetPoint([far, box(0, 0, 20, 20)], [box(10, 10, 20, 20), box(109, 109, 20, 20)]);
    expect([found?.x, found?.z].map((each) => Math.round((each ?? 0) / MM))).toEqual([15, 15]);
    const turned = meetPoint([box(0, 0, 20, 20), far], [box(109, 109, 20, 20), box(10, 10, 20, 20)]);
    expect(turned).toEqual(found);
  });

  it('a way of no length has no direction', () => {
    expect(unit(p(0, 0))).toBeUndefined();
    expect(unit(p(0, -3))).toEqual({ x: 0, z: -1 });
  });
});

describe('the frame of a box that is turned', () => {
  it.each([
    [0, p(0, 560)],
    [90, p(560, 600)],
    [180, p(600, 0)],
    [270, p(0, 0)],
  ] as const)('by %s degrees begins at its left front corner', (turn, corner) => {
    const frame = frameOf(0, 0, 600 * MM, 560 * MM, turn);
    expect(frame.origin).toEqual(corner);
    // Moved, and all of the box lies to the right and behind the front.
    const moved = frameOf(100 * MM, 200 * MM, 600 * MM, 560 * MM, turn);
    expect(moved.origin).toEqual(plus(corner, p(100, 200)));
    const back = at(moved, 600 * MM, -560 * MM);
    const [least, most] = [p(100, 200), turn % 180 === 0 ? p(700, 760) : p(660, 800)];
    for (const point of [moved.origin, back]) {
      expect(point.x).toBeGreaterThanOrEqual(least.x);
      expect(point.x).toBeLessThanOrEqual(most.x);
      expect(point.z).toBeGreaterThanOrEqual(least.z);
      expect(point.z).toBeLessThanOrEqual(most.z);
    }
  });

  it('sees a place as far across and before as it was put', () => {
    for (const turn of [0, 90, 180, 270] as readonly Turn[]) {
      const frame = frameOf(5 * MM, 7 * MM, 600 * MM, 560 * MM, turn);
      expect(seenFrom(frame, at(frame, 120, 340))).toEqual({ across: 120, before: 340 });
    }
  });
});
