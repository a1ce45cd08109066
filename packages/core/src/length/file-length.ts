/**
 * How a job file writes a length, as one pattern: a decimal number, a fraction or a mixed one in sixty-fourths or
 * coarser, and its unit; at most 100 m (3937 in). The reader and the published schema both go by it.
 */

/** Numerators below each denominator: a mixed fraction is less than one. */
const UNDER: Readonly<Record<number, string>> = {
  2: '[01]',
  4: '[0-3]',
  8: '[0-7]',
  16: '(?:\\d|1[0-5])',
  32: '(?:[12]?\\d|3[01])',
  64: '(?:[1-5]?\\d|6[0-3])',
};
const PROPER = `(?:${Object.entries(UNDER)
  .map(([parts, tops]) => `${tops}/${parts}`)
  .join('|')})`;
/** A fraction alone may be over one, as a tape is read now and then: so many figures as stay under the longest. */
const ANY_FRACTION = '(?:\\d{1,3}/[12]|\\d{1,4}/(?:4|8|16)|\\d{1,5}/(?:32|64))';

/** Whole numbers below the longest, and the longest itself. */
const WHOLE: readonly (readonly [unit: string, below: string, longest: number])[] = [
  ['mm', '\\d{1,5}', 100_000],
  ['cm', '\\d{1,4}', 10_000],
  ['in', '(?:\\d{1,3}|[12]\\d{3}|3[0-8]\\d\\d|39[0-2]\\d|393[0-6])', 3937],
];

const WRITTEN = WHOLE.map(([unit, below, longest]) => {
  const mixed = `0*${below}(?:\\s+|-)0*${PROPER}`;
  const decimal = `0*(?:${below}(?:\\.\\d*)?|\\.\\d+|${longest}(?:\\.0*)?)`;
  return `(?:${mixed}|0*${ANY_FRACTION}|${decimal})\\s*${unit}`;
}).join('|');

/** Any length of a file, nothing among them. */
export const FILE_LENGTH = new RegExp(`^\\s*(?:${WRITTEN})\\s*$`);

/** The same, under nothing too. */
export const SIGNED_FILE_LENGTH = new RegExp(`^\\s*-?(?:${WRITTEN})\\s*$`);

/** Figures that come to nothing, or to less than a nanometre as written. */
const NOTHING = [
  '0+(?:\\s+|-)0+/\\d+\\s*(?:in|mm|cm)',
  '0+/\\d+\\s*(?:in|mm|cm)',
  '0*(?:\\.0{0,6}|\\.0{6}\\d*)?\\s*mm',
  '0*(?:\\.0{0,7}|\\.0{7}\\d*)?\\s*(?:cm|in)',
].join('|');

/** The same, nothing left out. */
export const POSITIVE_FILE_LENGTH = new RegExp(`^(?!\\s*(?:${NOTHING})\\s*$)\\s*(?:${WRITTEN})\\s*$`);
