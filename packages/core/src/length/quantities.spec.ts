import fc from 'fast-check';
import { asTold, fromTold, writeQuantity, type Quantity } from './quantities';

describe('quantities in a job of inches', () => {
  // Factors of NIST SP 811, appendix B.8: 1 lb = 0.453 592 37 kg, 1 ft³ = 0.028 316 85 m³, 1 lb/ft³ = 16.018 46 kg/m³,
  // 1 psi = 6.894 757 kPa, t/°C = (t/°F − 32)/1.8.
  it.each<readonly [Quantity, number, number]>([
    ['weight', 0.45359237, 1],
    ['room', 28.31685, 1],
    ['density', 16.01846, 1],
    ['stiffness', 6.894757, 1],
    ['temperature', 0, 32],
    ['temperature', 100, 212],
  ])('%s: %d is %d', (quantity, metric, told) => {
    expect(asTold(metric, quantity, 'in')).toBeCloseTo(told, 5);
    expect(fromTold(told, quantity, 'in')).toBeCloseTo(metric, 4);
  });

  it('come back as they were told', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 100_000 }),
        fc.constantFrom<Quantity>('weight', 'density', 'stiffness', 'temperature', 'room'),
        (hundredths, quantity) => {
          const told = hundredths / 100;
          expect(asTold(fromTold(told, quantity, 'in'), quantity, 'in')).toBeCloseTo(told, 2);
          expect(fromTold(told, quantity, 'mm')).toBe(told);
        },
      ),
    );
  });

  it('are written with their unit', () => {
    expect([writeQuantity(45, 'weight', 'in'), writeQuantity(45, 'weight', 'mm')]).toEqual(['99.2 lb', '45.0 kg']);
    expect([writeQuantity(61, 'room', 'in'), writeQuantity(61, 'room', 'mm')]).toEqual(['2.15 cu ft', '61 l']);
  });
});
