import { drawSection, patched, plan, readJobDocument, type Measure } from '@zabble/core';
import { newJob } from '../store/job/new-job';
import { LANE, outside, roomOutside } from './section-lanes';

describe('sizes outside a section', () => {
  const measuresOf = (height: string): readonly Measure[] => {
    const document = patched(newJob('mm'), [
      { path: 'cases[0].banks[0].opening.height', value: [height] },
      { path: 'cases[0].banks[0].division', value: { scheme: 'equal', increment: '1 mm' } },
    ]);
    const reading = readJobDocument(document);
    if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
    const [bank] = plan(reading.job).cases[0]!.banks;
    return drawSection(bank!, 'd1')!.shapes.flatMap((shape) => (shape.kind === 'measure' ? [shape] : []));
  };

  // From the shallowest drawer that can be built to a deep one, on the narrowest drawing and a wide one.
  it.each([
    ['260 mm', 0.4],
    ['260 mm', 1.2],
    ['2000 mm', 0.4],
    ['2000 mm', 1.2],
  ])('of an opening %s high, drawn at %d: none on the drawing, none on another', (height, scale) => {
    const measures = measuresOf(height);
    const at = { x: (mm: number) => mm * scale, y: (mm: number) => 900 - mm * scale, right: 700, top: 40, foot: 900 };
    const placed = outside(measures, at);
    expect(placed).toHaveLength(measures.length);
    expect(placed.length).toBeGreaterThan(6);
    expect(new Set(placed.map(({ letter }) => letter)).size).toBe(placed.length);
    for (const { letterX, letterY } of placed)
      expect(letterX > at.right || letterY > at.foot || letterY < at.top).toBe(true);
    for (const [index, one] of placed.entries())
      for (const other of placed.slice(index + 1))
        expect(Math.abs(one.letterX - other.letterX) >= LANE || Math.abs(one.letterY - other.letterY) >= LANE - 1).toBe(
          true,
        );
    const { right, below } = roomOutside(measures);
    for (const { letterX } of placed.filter(({ letterY }) => letterY < at.top))
      expect(letterX).toBeLessThanOrEqual(at.right + right);
    for (const { letterY } of placed) expect(letterY).toBeLessThanOrEqual(at.foot + below);
  });
});
