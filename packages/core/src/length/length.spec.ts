import { downTo, inches, inMillimetres, millimetres, nm, share, upTo, type Length } from './length';
import { minus, minusTimes, plus, tally, unlessZero } from './tally';
import { writeExact, writeLength, type Showing } from './write';

describe('lengths', () => {
  // Fraction chart by the definition of the inch: 1 in = 25.4 mm exactly (international agreement of 1959; NIST SP 811).
  it.each([
    [1, 64, 0.396875],
    [5, 8, 15.875],
    [27, 32, 21.43125],
    [63, 64, 25.003125],
  ])('%i/%i in is %d mm', (n, d, mm) => {
    expect(inMillimetres(inches(n, d))).toBe(mm);
  });

  it('are whole nanometres or nothing', () => {
    expect(() => nm(0.5)).toThrow();
    expect(() => nm(Number.NaN)).toThrow();
    expect(Object.is(nm(-0), 0)).toBe(true);
  });

  it('share half up, down and up to a step', () => {
    expect(share(nm(5), 2)).toBe(3);
    expect(share(nm(-5), 2)).toBe(-2);
    expect(share(nm(10), 3)).toBe(3);
    expect(downTo(millimetres(157.9), millimetres(5))).toBe(millimetres(155));
    expect(upTo(millimetres(151), millimetres(5))).toBe(millimetres(155));
    expect(upTo(millimetres(155), millimetres(5))).toBe(millimetres(155));
  });
});

describe('showing a length', () => {
  const inch = (step: Length, round?: 'down'): Showing => ({ unit: 'in', step, ...(round ? { round } : {}) });
  const thirtySecond = inches(1, 32);

  it('sets fractions in lowest terms', () => {
    expect(writeLength(inches(191, 8), inch(thirtySecond), { unit: true })).toBe('23 7/8 in');
    expect(writeLength(inches(1, 2), inch(thirtySecond))).toBe('1/2');
    expect(writeLength(inches(24), inch(thirtySecond))).toBe('24');
    expect(writeLength(nm(-inches(1, 2)), inch(thirtySecond))).toBe('−1/2');
    expect(writeLength(nm(0), inch(thirtySecond))).toBe('0');
  });

  it('rounds to the nearest step or down, and marks it', () => {
    const twelve = millimetres(11.8); // 0.4646 in
    expect(writeLength(twelve, inch(thirtySecond), { mark: true })).toBe('≈ 15/32');
    expect(writeLength(twelve, inch(thirtySecond, 'down'), { mark: true })).toBe('≈ 7/16');
    expect(writeLength(inches(15, 32), inch(thirtySecond), { mark: true })).toBe('15/32');
    expect(writeLength(millimetres(25.2), inch(inches(1, 16)))).toBe('1');
  });

  it('shows millimetres with the decimals of the step', () => {
    const mm = (step: number): Showing => ({ unit: 'mm', step: millimetres(step) });
    expect(writeLength(millimetres(606.5), mm(0.5))).toBe('606.5');
    expect(writeLength(millimetres(606.5), mm(1))).toBe('607');
    expect(writeLength(millimetres(606.44), mm(0.1))).toBe('606.4');
    expect(writeLength(inches(1), { unit: 'mm', step: millimetres(0.5) }, { unit: true })).toBe('25.5 mm');
  });

  it('writes exactly for a job file', () => {
    expect(writeExact(inches(385, 16), 'in')).toBe('24 1/16 in');
    expect(writeExact(millimetres(11.8), 'in')).toBe('11.8 mm');
    expect(writeExact(inches(1, 64), 'mm')).toBe('0.396875 mm');
    expect(writeExact(millimetres(600), 'mm')).toBe('600 mm');
  });
});

describe('a tally', () => {
  it('totals its terms', () => {
    const sum = tally(
      plus('opening', inches(191, 8)),
      minusTimes('slide', 2, inches(1, 2)),
      unlessZero(minus('ease', nm(0))),
    );
    expect(sum.total).toBe(inches(183, 8));
    expect(sum.terms.map(({ label }) => label.code)).toEqual(['opening', 'slide']);
    expect(sum.terms[1]).toMatchObject({ times: 2, each: -inches(1, 2), amount: -inches(1) });
  });
});
