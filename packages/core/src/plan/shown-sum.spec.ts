import fc from 'fast-check';
import { inches, millimetres, minusTimes, nm, ofField, plus, shownLength, tally, type Showing } from '../length';
import { shownSum } from './shown-sum';

const SIXTY_FOURTHS: Showing = { unit: 'in', step: inches(1, 64) };
const HALVES: Showing = { unit: 'mm', step: millimetres(0.5) };

describe('a sum as it is shown', () => {
  it('closes by itself where nothing is rounded', () => {
    const width = tally(plus('opening', inches(191, 8)), minusTimes('slide', 2, inches(1, 2)));
    expect(shownSum(width, 'part', SIXTY_FOURTHS)).not.toHaveProperty('rounding');
  });

  it('is closed by a last term where it is not', () => {
    // 23 7/8 less twice 12.7 and 0.4 mm: 580.625 mm, 22 27/32 shown.
    const width = tally(
      plus('opening', inches(191, 8), ofField('opening')),
      minusTimes('slide', 2, millimetres(12.9), ofField('slide')),
    );
    const { terms, total, rounding } = shownSum(width, 'part', SIXTY_FOURTHS);
    const read = (length: number): number => Math.round(length / 25_400) / 1000;
    expect(read(shownLength(total, 'part', SIXTY_FOURTHS))).toBe(22.844);
    expect(terms.map(({ size, kind }) => read(shownLength(size, kind, SIXTY_FOURTHS)))).toEqual([23.875, 0.508]);
    expect(rounding).toBe(inches(1462, 64) - (inches(191, 8) - 2 * 0.508 * 25_400_000));
  });

  it('always adds up to what is shown as its total', () => {
    const amount = fc.integer({ min: -2_000_000_000, max: 2_000_000_000 });
    fc.assert(
      fc.property(
        fc.array(fc.record({ amount, times: fc.integer({ min: 1, max: 6 }), written: fc.boolean() }), { minLength: 1 }),
        fc.constantFrom(SIXTY_FOURTHS, HALVES),
        (parts, showing) => {
          const from = (written: boolean) => (written ? ofField('a') : undefined);
          const sum = tally(
            ...parts.map(({ amount: each, times, written }) =>
              times === 1 ? plus('gap', nm(each), from(written)) : minusTimes('gap', times, nm(each), from(written)),
            ),
          );
          const { terms, total, rounding = 0 } = shownSum(sum, 'part', showing);
          const read = terms.reduce(
            (all, { term, minus, size, kind }) =>
              all + (minus ? -1 : 1) * (term.times ?? 1) * shownLength(size, kind, showing),
            0,
          );
          expect(Math.abs(read + rounding - shownLength(total, 'part', showing))).toBeLessThan(
            showing.unit === 'in' ? 12_700 : 5_000,
          );
        },
      ),
    );
  });
});
