import fc from 'fast-check';
import { downTo, inches, inMillimetres, millimetres, nm, share, upTo, type Length } from './length';
import { minus, minusTimes, plus, tally, unlessZero } from './tally';
import type { SizeKind } from './size-kind';
import { readSignedFileLength, readSignedLength } from './read';
import { shownLength, writeExact, writeLength, type Showing } from './write';

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
  const inch = (step: Length): Showing => ({ unit: 'in', step });
  const mm = (step: number): Showing => ({ unit: 'mm', step: millimetres(step) });
  const thirtySecond = inch(inches(1, 32));

  it('sets fractions in lowest terms', () => {
    expect(writeLength(inches(191, 8), 'gap', thirtySecond, { unit: true })).toBe('23 7/8 in');
    expect(writeLength(inches(1, 2), 'gap', thirtySecond)).toBe('1/2');
    expect(writeLength(inches(24), 'part', thirtySecond)).toBe('24');
    expect(writeLength(nm(-inches(1, 2)), 'gap', thirtySecond)).toBe('−1/2');
    expect(writeLength(nm(0), 'gap', thirtySecond)).toBe('0');
  });

  it.each<readonly [SizeKind, string]>([
    ['opening', '≈ 7/16'],
    ['part', '≈ 7/16'],
    ['gap', '≈ 15/32'],
    ['spacer', '≈ 15/32'],
    // Packing is told as a rule in sixty-fourths reads, whatever the step; a reading as fine as a caliper does.
    ['packing', '≈ 29/64'],
    ['reading', '≈ 0.465'],
  ])('of 11.8 mm (0.4646 in) as a size of kind %s says %s', (kind, says) =>
    expect(writeLength(millimetres(11.8), kind, thirtySecond, { mark: true })).toBe(says),
  );

  it('marks what is rounded only', () => {
    expect(writeLength(inches(15, 32), 'gap', thirtySecond, { mark: true })).toBe('15/32');
    expect(writeLength(millimetres(25.2), 'gap', inch(inches(1, 16)))).toBe('1');
  });

  it('tells a gap finer where the step would hide a tenth of it', () => {
    expect(writeLength(millimetres(0.4), 'gap', thirtySecond, { unit: true })).toBe('0.016 in');
    expect(writeLength(millimetres(0.14), 'gap', mm(0.5), { unit: true })).toBe('0.14 mm');
    expect(writeLength(millimetres(2.9), 'gap', mm(0.5))).toBe('3.0');
  });

  it('leaves a reading as it was read', () => {
    expect(writeLength(millimetres(606.4), 'reading', mm(0.5), { mark: true })).toBe('606.4');
    expect(writeLength(millimetres(600), 'reading', mm(0.5))).toBe('600');
    expect(writeLength(inches(769, 32), 'reading', inch(inches(1, 16)))).toBe('24 1/32');
    expect(writeLength(inches(1), 'reading', mm(0.5), { unit: true })).toBe('25.4 mm');
  });

  it('shows millimetres with the decimals of the step', () => {
    expect(writeLength(millimetres(606.5), 'part', mm(0.5))).toBe('606.5');
    expect(writeLength(millimetres(606.9), 'part', mm(1))).toBe('606');
    expect(writeLength(millimetres(606.44), 'spacer', mm(0.1))).toBe('606.4');
    expect(writeLength(inches(1), 'part', mm(0.5), { unit: true })).toBe('25.0 mm');
  });

  it('never shows an opening or a part larger than it is, and no size a step off', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 3_000_000_000 }),
        fc.constantFrom<SizeKind>('opening', 'part', 'packing', 'gap', 'spacer', 'reading'),
        fc.constantFrom(thirtySecond, inch(inches(1, 64)), mm(0.5), mm(1)),
        (length, kind, showing) => {
          const shown = shownLength(nm(length), kind, showing);
          if (['opening', 'part', 'packing'].includes(kind)) expect(shown).toBeLessThanOrEqual(length);
          expect(Math.abs(shown - length)).toBeLessThan(showing.step);
        },
      ),
    );
  });

  it('writes exactly for a job file', () => {
    expect(writeExact(inches(385, 16), 'in')).toBe('24 1/16 in');
    expect(writeExact(millimetres(11.8), 'in')).toBe('11.8 mm');
    expect(writeExact(inches(1, 64), 'mm')).toBe('0.396875 mm');
    expect(writeExact(millimetres(600), 'mm')).toBe('600 mm');
    // Read back, from a file and from a field.
    expect(readSignedFileLength('-22 1/4 in')).toEqual({ ok: true, value: inches(-89, 4) });
    expect(readSignedFileLength('−22 1/4 in').ok).toBe(false);
    expect(readSignedLength('− 22 1/4', 'in')).toEqual({ ok: true, value: inches(-89, 4) });
    expect(readSignedLength('3', 'mm')).toEqual({ ok: true, value: millimetres(3) });
    expect(readSignedLength('-x', 'mm').ok).toBe(false);
    // Less than nothing as a file has it, with a plain hyphen.
    expect(writeExact(inches(-89, 4), 'in')).toBe('-22 1/4 in');
    expect(writeExact(millimetres(-3), 'mm')).toBe('-3 mm');
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
