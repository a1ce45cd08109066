import fc from 'fast-check';
import { inches, millimetres, nm } from './length';
import { toPack } from './packing';

describe('packing as it is told', () => {
  it.each([
    [inches(1, 64), 'in', inches(1, 64)],
    [inches(3, 64), 'in', inches(3, 64)],
    [millimetres(1.15), 'in', inches(2, 64)],
    [millimetres(0.3), 'in', 0],
    [millimetres(0.75), 'mm', millimetres(0.7)],
    [millimetres(1), 'mm', millimetres(1)],
    [millimetres(0.09), 'mm', 0],
  ] as const)('of %i nm in %s is %i nm', (needed, unit, told) => {
    expect(toPack(needed, unit)).toBe(told);
  });

  it('is never more than what is needed, nor a step less', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 20_000_000 }),
        fc.constantFrom('in' as const, 'mm' as const),
        (each, unit) => {
          const short = each - toPack(nm(each), unit);
          expect(short).toBeGreaterThanOrEqual(0);
          expect(short).toBeLessThan(unit === 'in' ? inches(1, 64) : millimetres(0.1));
        },
      ),
    );
  });
});
