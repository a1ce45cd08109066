import { INCH, MILLIMETRE, type Unit } from './length';
import { readLength } from './read';
import type { Said } from './said';

/**
 * How people write lengths: what was written, in which job, and what it is in that job's unit. Common practice; the ways
 * with feet and an inch mark are those of drawings, those with a comma those of the metric countries. 1 in = 25.4 mm
 * exactly (NIST SP 811).
 */
const READ: readonly (readonly [text: string, unit: Unit, value: number])[] = [
  // Whole numbers and decimals.
  ...bothUnits(['24', '24.', ' 24 ', '24.0', '024'], 24),
  ...bothUnits(['.5', '0.5', '0,5', '.50', ' 0.5'], 0.5),
  ...bothUnits(['12.5', '12,5', '12.50'], 12.5),
  ...bothUnits(['0,125', '0.125', '.125'], 0.125),
  ...bothUnits(['1082,125', '1082.125'], 1082.125),
  ...bothUnits(['606,5', '606.5'], 606.5),
  // Inches, every way the unit is written.
  ...inch(
    ['24 in', '24in', '24 in.', '24in.', '24 inch', '24 inches', '24 ins', '24"', '24 "', '24″', "24''", "24 ''"],
    24,
  ),
  ...inch(['24”', '24 IN', '24 Inches', '24’’', '24′′'], 24),
  ...inch(
    ['6 5/8', '6-5/8', '6 5/8"', '6-5/8"', '6 5/8 in', '6 5/8 in.', '6-5/8 inches', "6 5/8''", '6⅝', '6 ⅝'],
    6.625,
  ),
  ...inch(['6-⅝', '6⅝"', '6 ⅝ in', '6–⅝', '6.625', '6.625 in', '6 + 5/8', '53/8', '6 10/16'], 6.625),
  ...inch(['42-⅝', '42⅝', '42-5/8', '42 5/8', '42–5/8', '42‑5/8'], 42.625),
  ...inch(['5/8', '⅝', '5/8"', "5/8''", '⅝ in', '5/8 in.', '5 / 8', '10/16', '40/64'], 0.625),
  ...inch(['½', '1/2', '½"', '1/2 inch', '.5 in', '32/64'], 0.5),
  ...inch(['1½', '1-½', '1 1/2', '1-1/2', '1 ½"', '1.5"', '3/2'], 1.5),
  ...inch(['1/64', '1/64"'], 1 / 64),
  ...inch(['23 63/64', '23-63/64"'], 23 + 63 / 64),
  // Feet, with inches or without.
  ...inch(["3'", '3 ft', '3ft', '3 ft.', '3 foot', '3 feet', '3′', '3’', '36'], 36),
  ...inch(['12 feet', "12'", '12 ft'], 144),
  ...inch(["1.5'", '1.5 ft', "1 1/2'", '1½ ft', '1,5 ft'], 18),
  ...inch(['3\' 6"', '3\'6"', '3\'-6"', "3' 6", "3'-6", '3 ft 6 in', '3ft6in', '3 ft. 6 in.', '3 feet 6 inches'], 42),
  ...inch(["3'-6''", "3' 6''", '3′–6″', '3’-6”', '3 ft-6 in', "3'6", '3 foot 6 inch', '3FT 6IN'], 42),
  ...inch(
    ['3\' 6 5/8"', '3\'-6 5/8"', '3\'6 5/8"', '3\'-6-5/8"', '3 ft 6 5/8 in', '3′ 6⅝″', '3\'-6⅝"', '3\' 6.625"'],
    42.625,
  ),
  ...inch(['1\'-11 1/2"', '1\' 11 1/2"', '1\'-11½"', '1 ft 11 1/2 in.'], 23.5),
  ...inch(['1\'-0"', '1\' 0"'], 12),
  ...inch(['1\' 1/2"', '1\'-1/2"', '1\'½"'], 12.5),
  ...inch(['0\'-6"', '0\' 6"'], 6),
  ...inch(['6\'-8"', '6\' 8"'], 80),
  ...inch(['2\' 14"'], 38),
  // Metric.
  ...metric(['18', '18 mm', '18mm', '18 mm.', '18 millimetres', '18 millimeters', '1.8 cm', '1,8 cm', '0.018 m'], 18),
  ...metric(['1082.7', '1082,7', '1082.7 mm', '108.27 cm', '1.0827 m'], 1082.7),
  ...metric(['1 m 20 cm', '1m 20cm', '1m20cm', '120 cm', '1.2 m', '1 metre 20 centimetres', '1,2 m', '1200'], 1200),
  ...metric(['1 m 200 mm', '1 m 20 cm 0 mm', '1 meter 200 millimeters'], 1200),
  ...metric(['1 m 20 cm 5 mm', '1 m 205 mm', '120 cm 5 mm', '120.5 cm'], 1205),
  ...metric(['2 m', '2m', '2 metres', '2 meters', '2 m.'], 2000),
  ...metric(['12 cm 5 mm', '12 cm. 5 mm.', '12.5 cm'], 125),
  ...metric(['1/2', '½'], 0.5),
  // The other unit in a job.
  ['25.4 mm', 'in', 1],
  ['2.54 cm', 'in', 1],
  ['1 in', 'mm', 25.4],
  ["1'", 'mm', 304.8],
  ['1 1/2 in', 'mm', 38.1],
  // Sums.
  ...inch(['42 5/8 - 2*1/2', '42 5/8 − 2×½', '42-5/8 - 1', '41 5/8', '40 + 1 5/8'], 41.625),
  ...inch(['(30 + 1/4)/2', '(30 1/4) / 2', '30.25 / 2', '15 1/8'], 15.125),
  ...inch(['(1/2+1/4) in', '(1/2 + 1/4)"', '(½+¼) in.', '3/4', '1/2 + 1/4', '(3/4) in'], 0.75),
  ...inch(['24 in - 2 * 12.7 mm', '24 - 1', '(24) - 1"', '23'], 23),
  ...inch(['(3\') - 6"', '36 - 6', '(3 ft) - (6 in)', '3\' - 12" + 6"'], 30),
  ...inch(['42 - 5/8', '42 − 5/8'], 41.375),
  ...inch(['2*(3)', '2 * 3', '2×3 in', '(2*3) in'], 6),
  ...metric(['600 - 2*18', '600 − 2 × 18', '(600 - 36) mm', '60 cm - 36'], 564),
];

/** What can be read two ways is asked, not guessed; what can't be read is told. */
const REFUSED: readonly (readonly [text: string, unit: Unit, why: string])[] = [
  ['1,200', 'in', 'comma-two-ways'],
  ['1,200 mm', 'mm', 'comma-two-ways'],
  ['12,345', 'mm', 'comma-two-ways'],
  ['123,456', 'mm', 'comma-two-ways'],
  ['3\' - 6"', 'in', 'feet-two-ways'],
  ['3\' - 6 5/8"', 'in', 'feet-two-ways'],
  ['3 ft - 6 in', 'in', 'feet-two-ways'],
  ['3\' -6"', 'in', 'feet-two-ways'],
  ['42 -5/8', 'in', 'hyphen-two-ways'],
  ['42  -5/8', 'in', 'hyphen-two-ways'],
  ['42-  5/8', 'in', 'hyphen-two-ways'],
  ['42- 5/8', 'in', 'hyphen-two-ways'],
  ['3\'-14"', 'in', 'foot-and-more'],
  ["3' 6 mm", 'in', 'feet-then-inches'],
  ['1 m 20', 'mm', 'smaller-unit-wanted'],
  ['1 m 2 m', 'mm', 'smaller-unit-wanted'],
  ['5 cm 1 m', 'mm', 'smaller-unit-wanted'],
  ['(12 in) in', 'in', 'bracket-has-unit'],
  ['1 082', 'mm', 'cannot-read'],
  ['1.082,5', 'mm', 'cannot-read'],
  ['24 x 30', 'in', 'cannot-read'],
  ['24 by 30', 'in', 'cannot-read'],
  ['12 yards', 'in', 'cannot-read'],
  ['24 in 3/8', 'in', 'cannot-read'],
  ['about 24', 'in', 'number-wanted'],
  ['24 1/3', 'in', 'fraction-off-grid'],
  ['24 9/8', 'in', 'fraction-over-one'],
  ['-24', 'in', 'less-than-nothing'],
  ['1e3', 'mm', 'cannot-read'],
];

function inch(texts: readonly string[], value: number) {
  return texts.map((text) => [text, 'in', value] as const);
}
function metric(texts: readonly string[], value: number) {
  return texts.map((text) => [text, 'mm', value] as const);
}
function bothUnits(texts: readonly string[], value: number) {
  return [...inch(texts, value), ...metric(texts, value)];
}

/** Why a field was refused; what is wrong with all of it has no reason beside. */
const whyOf = ({ code, params }: Said): string => (params as { why?: Said }).why?.code ?? code;

describe('ways of writing a length', () => {
  it('are at least two hundred', () => {
    expect(READ.length + REFUSED.length).toBeGreaterThanOrEqual(200);
    expect(new Set([...READ, ...REFUSED].map(([text, unit]) => `${text} ${unit}`)).size).toBeGreaterThanOrEqual(200);
  });

  it.each(READ)('%j in %s is %d', (text, unit, value) => {
    const nanometres = Math.round(value * (unit === 'in' ? INCH : MILLIMETRE));
    expect(readLength(text, unit)).toEqual({ ok: true, value: nanometres });
  });

  it.each(REFUSED)('%j in %s is not guessed', (text, unit, why) => {
    const read = readLength(text, unit);
    expect(read.ok ? `read as ${read.value}` : whyOf(read.wrong)).toBe(why);
  });
});
