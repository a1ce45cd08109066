import fc from 'fast-check';
import { one, IN_ENGLISH } from '../plan/plan.spec-data';
import { drawOpening } from './opening';
import type { Measure, Outline } from './shapes';

const opening = (over: object) =>
  drawOpening(
    one({ path: 'BANK.opening', value: { width: ['600 mm'], height: ['700 mm'], depth: ['560 mm'], ...over } }),
  );
const outline = (drawn: ReturnType<typeof opening>, role: Outline['role']) =>
  drawn.shapes.find((shape): shape is Outline => shape.kind === 'outline' && shape.role === role)!;
const measures = (drawn: ReturnType<typeof opening>, role: Measure['role']) =>
  drawn.shapes.filter((shape): shape is Measure => shape.kind === 'measure' && shape.role === role);
const span = (points: Outline['points'], y: number) => {
  const xs = points.filter(([, at]) => Math.abs(at - y) < 1e-6).map(([x]) => x);
  return Math.max(...xs) - Math.min(...xs);
};

describe('the opening as measured', () => {
  it('is a plain rectangle where every reading agrees', () => {
    const drawn = opening({ width: ['600 mm', '600 mm'], height: ['700 mm', '700 mm'] });
    expect(drawn).toMatchObject({ x: 0, y: 0, width: 600, height: 700, times: 1 });
    expect(outline(drawn, 'governs').points).toEqual([
      [0, 0],
      [0, 700],
      [600, 700],
      [600, 0],
    ]);
    expect(measures(drawn, 'packing')).toEqual([]);
  });

  it('widens where a reading is over the one that governs, and is packed half of it a side there', () => {
    const drawn = opening({ width: ['602 mm', '600 mm', '601 mm'] });
    expect(drawn.times).toBe(21);
    const [top, middle, low] = measures(drawn, 'reading').filter(isOf('width'));
    expect(top!.y1).toBeGreaterThan(middle!.y1);
    expect([top, middle, low].map((each) => each!.x2 - each!.x1)).toEqual([642, 600, 621]);
    expect(measures(drawn, 'packing').map(({ length }) => length)).toEqual([1e6, 1e6, 5e5, 5e5]);
    for (const { x1, x2 } of measures(drawn, 'packing')) expect(x2 - x1).toBeGreaterThan(0);
  });

  it('leans to the side its diagonals say', () => {
    const drawn = opening({ diagonals: ['924 mm', '920 mm'] });
    const [floorLeft, topLeft] = outline(drawn, 'governs').points;
    expect(floorLeft).toEqual([0, 0]);
    // (924² − 920²) / (4 × 600) = 3.0733 mm, drawn 13 times as much.
    expect(topLeft![0] / drawn.times).toBeCloseTo(3.0733, 3);
    expect(drawn.times).toBe(13);
  });

  it('rises where the height is more', () => {
    const drawn = opening({ height: ['700 mm', '701 mm'] });
    const [left, right] = measures(drawn, 'reading').filter(isOf('height'));
    expect([left!.y2, right!.y2]).toEqual([700, 700 + drawn.times]);
    expect(drawn.height).toBe(700 + drawn.times);
  });

  it('holds every point of what it draws, and never narrows under what governs', () => {
    const reading = fc.integer({ min: 5950, max: 6050 }).map((tenths) => `${tenths / 10} mm`);
    fc.assert(
      fc.property(
        fc.array(reading, { minLength: 1, maxLength: 6 }),
        fc.array(reading, { minLength: 1, maxLength: 4 }),
        (width, height) => {
          const drawn = opening({ width, height });
          const { points } = outline(drawn, 'as-measured');
          const least = Math.min(...width.map(parseFloat));
          for (const [x, y] of points) {
            expect(x).toBeGreaterThanOrEqual(drawn.x - 1e-9);
            expect(x).toBeLessThanOrEqual(drawn.x + drawn.width + 1e-9);
            expect(y).toBeLessThanOrEqual(drawn.height + 1e-9);
          }
          expect(span(points, 0)).toBeGreaterThanOrEqual(least - 1e-9);
          expect(drawn.times).toBeLessThanOrEqual(60);
        },
      ),
      { numRuns: 60 },
    );
  });
});

const isOf =
  (size: 'width' | 'height') =>
  ({ label }: Measure): boolean =>
    (label.params as { size?: string }).size === size;

describe('readings that say where they were taken', () => {
  const placed = (length: string, ...place: string[]) => ({ length, place });
  it('stand there, whatever their order', () => {
    const drawn = opening({
      width: [placed('600 mm', 'bottom'), placed('602 mm', 'top', 'front'), placed('601 mm', 'top', 'back')],
    });
    const [low, front, back] = measures(drawn, 'reading').filter(isOf('width'));
    expect([low, front, back].map((each) => IN_ENGLISH.say(each!.label))).toEqual([
      'width, bottom',
      'width, top, front',
      'width, top, back',
    ]);
    expect(front!.y1).toBeGreaterThan(back!.y1);
    expect(back!.y1).toBeGreaterThan(low!.y1);
    expect(span(outline(drawn, 'as-measured').points, front!.y1)).toBeCloseTo(600 + 2 * drawn.times, 6);
    expect(span(outline(drawn, 'as-measured').points, low!.y1)).toBeCloseTo(600, 6);
  });

  it('of a height stand on their side', () => {
    const drawn = opening({ height: [placed('702 mm', 'right'), placed('700 mm', 'left')] });
    const [right, left] = measures(drawn, 'reading').filter(isOf('height'));
    expect(right!.x1).toBeGreaterThan(left!.x1);
    expect(right!.y2).toBeGreaterThan(left!.y2);
  });
});
