import fc from 'fast-check';
import { INCH, inches, millimetres, type Unit } from './length';
import { readFileLength, readLength, readSignedLength } from './read';
import { writeExact } from './write';

const nanometres = (text: string, unit: Unit = 'in'): number => {
  const read = readLength(text, unit);
  if (!read.ok) throw new Error(read.wrong.code);
  return read.value;
};

describe('reading a length as written on wood', () => {
  // The ways of writing are those of common practice; 1 in = 25.4 mm exactly (NIST SP 811).
  it.each([
    ['42 5/8', inches(341, 8)],
    ['42-5/8"', inches(341, 8)],
    ['42.625', inches(341, 8)],
    ['3\' 6 5/8"', inches(341, 8)],
    ['3′ 6 5/8″', inches(341, 8)],
    ['3 ft 6 5/8 in', inches(341, 8)],
    ['42⅝', inches(341, 8)],
    ['½', inches(1, 2)],
    ['5/8', inches(5, 8)],
    ['1082.7 mm', millimetres(1082.7)],
    ['108.3 cm', millimetres(1083)],
    ['18mm', millimetres(18)],
    ['1.5 m', millimetres(1500)],
    ['42 5/8 - 2*1/2', inches(333, 8)],
    ['42 5/8 − 2×½', inches(333, 8)],
    ['(30 + 1/4)/2', inches(121, 8)],
    ['24 in - 2 * 12.7 mm', inches(23)],
    ['2*(3 1/2 in + 1/4)', inches(15, 2)],
    ['-1/2 + 1', inches(1, 2)],
    ['  24  ', inches(24)],
    ['.5', inches(1, 2)],
    ['1 in + 2 in * 3', inches(7)],
    ['8 in - 6 in / 4', inches(13, 2)],
    ['1 m 20 cm 5 mm', millimetres(1205)],
  ])('%s', (text, expected) => {
    expect(nanometres(text)).toBe(expected);
  });

  it('takes a bare number in the job’s unit and a decimal comma', () => {
    expect(nanometres('606,5', 'mm')).toBe(606_500_000);
    expect(nanometres('606,5 - 2*1,5', 'mm')).toBe(603_500_000);
    expect(nanometres('18', 'mm')).toBe(18_000_000);
    expect(nanometres('18', 'in')).toBe(18 * INCH);
  });

  it.each([
    ['1 m 2 in', 'smaller-unit-wanted'],
    ['1 cm 2 m', 'smaller-unit-wanted'],
    ['1 cm 2', 'smaller-unit-wanted'],
    ['3 ft 2 cm', 'feet-then-inches'],
    ["3'-12 1/2", 'foot-and-more'],
  ])('does not take %j for one: %s', (text, code) => {
    expect(readLength(text, 'in')).toMatchObject({ ok: false, wrong: { params: { why: { code } } } });
  });

  it.each([
    ['12 ft - 10 11/16 in', '12', '10 11/16'],
    ['3\' - 10-11/16"', '3', '10-11/16'],
    ['3 ft. -  11/16 in', '3', '11/16'],
    ['3 foot  - 6 in', '3', '6'],
    ['100 feet - 7"', '100', '7'],
    ["3 ft - 1 1/2''", '3', '1 1/2'],
  ])('does not guess whether %j is less or more than %s feet', (text, feet, inches) => {
    expect(readLength(text, 'in')).toMatchObject({
      wrong: { params: { why: { code: 'feet-two-ways', params: { feet, inches } } } },
    });
  });

  it.each([
    ['3 ft - 14 in', inches(22)],
    ['10 ft - 12 1/2 in', inches(215, 2)],
    ['3\'-6"', inches(42)],
    ['3 ft - 5 mm', 914_400_000 - 5_000_000],
    ['1 m - 6 in', 1_000_000_000 - 6 * INCH],
  ])('reads %j one way', (text, expected) => expect(nanometres(text)).toBe(expected));

  it('takes what is under nothing by the sign it begins with, and by no other', () => {
    const signed = (text: string) => readSignedLength(text, 'mm');
    expect(signed(' −3')).toEqual({ ok: true, value: millimetres(-3) });
    // The sign is the first number’s, not that of the sum.
    expect(signed('-3 + 1')).toEqual({ ok: true, value: millimetres(-2) });
    expect(signed('-1/2 in + 1 in')).toEqual({ ok: true, value: inches(1, 2) });
    expect(signed('2 - 2 * 3')).toEqual({ ok: true, value: millimetres(-4) });
    expect(signed('-100001')).toMatchObject({ wrong: { params: { why: { code: 'over-longest' } } } });
    expect(readSignedLength('-1/64 in / 2', 'in')).toEqual({ ok: true, value: -198_438 });
    expect(signed('5 - 3')).toEqual({ ok: true, value: millimetres(2) });
  });

  it('never throws, whatever is typed', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.stringMatching(/^[0-9 /.'"()*+\-inmc]{0,40}$/)), (text) => {
        const read = readLength(text, 'in');
        return read.ok ? Number.isSafeInteger(read.value) && read.value >= 0 : read.wrong.code !== '';
      }),
      { numRuns: 3000 },
    );
  });
});

describe('reading a length of a job file', () => {
  it.each([
    ['24 1/16 in', inches(385, 16)],
    ['12 mm', 12_000_000],
    ['11.8mm', 11_800_000],
    ['2.5 cm', 25_000_000],
    ['0 in', 0],
    ['5/8 in', inches(5, 8)],
    ['0.000001 mm', 1],
  ])('%s', (text, expected) => {
    expect(readFileLength(text)).toEqual({ ok: true, value: expected });
  });

  it.each([
    '24',
    '24 1/0 in',
    '3 ft',
    "3'",
    '24 in + 1 in',
    '24in in',
    '1/3 in',
    '-4 mm',
    '',
    'mm',
    '1e3 mm',
    '4000000 mm',
  ])('refuses %j with what was read', (text) => {
    const read = readFileLength(text);
    expect(read).toMatchObject({ ok: false, wrong: { code: 'wrong-length', params: { read: JSON.stringify(text) } } });
  });

  it.each([
    ['24 1/0 in', 'fraction-by-nothing'],
    ['1 5/4 in', 'fraction-over-one'],
    ['1/3 in', 'fraction-off-grid'],
    ['3/3 in', 'fraction-off-grid'],
    ['2 2/6 in', 'fraction-off-grid'],
    ['1/04 in', 'fraction-off-grid'],
    ['3937.001 in', 'over-longest'],
    ['100001 mm', 'over-longest'],
    ['4000000 mm', 'over-longest'],
    ['-4 mm', 'negative-size'],
    ['24', 'one-length-wanted'],
    ['', 'no-length'],
    [`${'0'.repeat(118)} mm`, 'too-long-for-length'],
  ])('says what is wrong with %j', (text, code) => {
    expect(readFileLength(text)).toMatchObject({ ok: false, wrong: { params: { why: { code } } } });
  });

  it.each(['12345/64 in', '99999/32 mm', '9999/16 in', '999/2 cm', '007 1/2 in', `${'0'.repeat(117)} mm`])(
    'takes %j',
    (text) => {
      expect(readFileLength(text).ok).toBe(true);
    },
  );

  it('reads back exactly what it writes, for any whole number of nanometres', () => {
    const any = fc.tuple(
      fc.oneof(
        fc.integer({ min: 0, max: 1e11 }),
        fc.integer({ min: 0, max: 6400 }).map((n) => n * 396_875),
      ),
      fc.constantFrom<Unit>('in', 'mm'),
    );
    fc.assert(
      fc.property(any, ([length, unit]) => {
        const written = writeExact(length as never, unit);
        expect(readFileLength(written)).toEqual({ ok: true, value: length });
        expect(readLength(written, unit)).toEqual({ ok: true, value: length });
      }),
      { numRuns: 2000 },
    );
  });

  it('tells both ways of a doubtful hyphen with the whole numbers that stand there', () => {
    const read = readLength('1 + 142 -5/16', 'in');
    expect(read).toMatchObject({
      ok: false,
      wrong: { params: { why: { code: 'hyphen-two-ways', params: { whole: '142', fraction: '5/16' } } } },
    });
  });
});
