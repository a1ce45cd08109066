import { readWrong } from '../reading';
import { nm, readLength, type Length, type Said, type Unit } from '../length';
import { said } from '../words';

/** What a table may have a column of. */
export type TableField = 'material' | 'length' | 'width' | 'thickness' | 'count' | 'name' | 'price' | 'place';

/** What a column of a table may hold. */
export type Kind = 'text' | 'title' | 'length' | 'count' | 'money';

/** A field that is looked for in a table, the words its heading may have, and whether a row may do without it. */
export interface Wanted {
  readonly field: TableField;
  readonly kind: Kind;
  readonly headings: readonly string[];
  readonly optional?: boolean;
}

/** Which column (counted from 0) a field is read from; absent where from none. */
export type Mapping = Readonly<Record<string, number | undefined>>;

export type Read = Readonly<Record<string, string | number | undefined>>;

/** A line of a file: what was understood, or why it was refused. `line` counts from 1, headings included. */
export type LineReading =
  | { readonly ok: true; readonly line: number; readonly values: Read }
  | { readonly ok: false; readonly line: number; readonly wrong: Said };

/** The columns whose headings are known by their words; the first that fits, each once. */
export function guessMapping(headings: readonly string[], wanted: readonly Wanted[]): Mapping {
  const taken = new Set<number>();
  return Object.fromEntries(
    wanted.map(({ field, headings: words }) => {
      const found = words
        .map((word) => headings.findIndex((heading, column) => !taken.has(column) && plain(heading) === word))
        .find((column) => column >= 0);
      if (found !== undefined) taken.add(found);
      return [field, found];
    }),
  );
}

/** Reads every line after the headings. A column whose heading names a unit is in that unit, else in the job's. */
export function readLines(
  rows: readonly (readonly string[])[],
  wanted: readonly Wanted[],
  mapping: Mapping,
  unit: Unit,
): readonly LineReading[] {
  const [headings = [], ...lines] = rows;
  return lines
    .map((cells, index) => ({ cells, line: index + 2 }))
    .filter(({ cells }) => cells.some((cell) => cell.trim() !== ''))
    .map(({ cells, line }) => readLine(cells, line, headings, wanted, mapping, unit));
}

function readLine(
  cells: readonly string[],
  line: number,
  headings: readonly string[],
  wanted: readonly Wanted[],
  mapping: Mapping,
  unit: Unit,
): LineReading {
  const values: Record<string, string | number | undefined> = {};
  for (const { field: name, kind, optional } of wanted) {
    const field = said(`column/${name}`);
    const column = mapping[name];
    const text = column === undefined ? '' : unescaped(cells[column] ?? '');
    if (text === '') {
      if (optional) continue;
      return { ok: false, line, wrong: said(column === undefined ? 'no-column' : 'cell-empty', { field }) };
    }
    const read = READERS[kind](text, unitOf(headings[column ?? 0] ?? '') ?? unit);
    if ('wrong' in read) return { ok: false, line, wrong: said('cell-wrong', { field, why: read.wrong }) };
    values[name] = read.value;
  }
  return { ok: true, line, values };
}

type HeadingUnit = Unit | 'cm' | 'ft';

type CellReading = { readonly value: string | number } | { readonly wrong: Said };

const READERS: Readonly<Record<Kind, (text: string, unit: HeadingUnit) => CellReading>> = {
  text: (text) => (text.length > 200 ? { wrong: said('text-too-long', { most: 200 }) } : { value: text }),
  // What only tells parts apart may be cut short.
  title: (text) => ({ value: text.length > 200 ? `${text.slice(0, 199)}…` : text }),
  length: (text, unit) => {
    const written = unit === 'in' || unit === 'mm' ? { text, unit } : { text: inUnit(text, unit), unit: 'mm' as const };
    const read = readLength(written.text, written.unit);
    if (!read.ok) return { wrong: read.wrong };
    return read.value > 0 ? { value: read.value } : { wrong: readWrong(text, said('more-than-nothing')) };
  },
  count: (text) => {
    const number = Number(text);
    const whole = Number.isInteger(number) && number >= 1 && number <= 1000;
    return whole ? { value: number } : { wrong: readWrong(text, said('count-wanted')) };
  },
  money: (text) => {
    const [, whole, rest] = /^[^\d.-]*([1-9]\d{0,2}),(\d{3})$/.exec(text) ?? [];
    if (rest !== undefined) return { wrong: readWrong(text, said('price-two-ways', { whole: whole ?? '', rest })) };
    const plain = text.replace(',', '.').replace(/^[^\d.-]+/, '');
    // Words alone are no price, least of all none.
    const number = plain === '' ? Number.NaN : Number(plain);
    const fine = Number.isFinite(number) && number >= 0 && number <= 1_000_000;
    return fine ? { value: number } : { wrong: readWrong(text, said('price-wanted')) };
  },
};

/** A bare number in a column of centimetres or feet is as many of them. */
function inUnit(text: string, unit: 'cm' | 'ft'): string {
  return /^[\d\s.,/¼½¾⅛⅜⅝⅞-]+$/.test(text) ? `${text} ${unit}` : text;
}

/** Spreadsheets keep a text that looks like a sum behind an apostrophe. */
function unescaped(cell: string): string {
  return cell.trim().replace(/^'(?=\s*[=+\-@])/, '');
}

/** The unit a heading names: `Length (mm)`, `width_in`, `Length"`; a length without one of its own is in it. */
function unitOf(heading: string): HeadingUnit | undefined {
  const plain = heading.trim();
  if (/["″”]\)?$|''\)?$/.test(plain)) return 'in';
  const [, named = ''] = HEADING_UNIT.exec(plain) ?? [];
  const short = named.toLowerCase().replace(/s$/, '');
  return HEADING_UNITS[short];
}

const HEADING_UNIT =
  /(?:\s+in)?[_ ([,]\s*(mm|millimet(?:re|er)s?|cm|centimet(?:re|er)s?|in|inch|inches|ft|foot|feet)\.?[)\]]?$/i;
const HEADING_UNITS: Readonly<Record<string, HeadingUnit>> = {
  mm: 'mm',
  millimetre: 'mm',
  millimeter: 'mm',
  cm: 'cm',
  centimetre: 'cm',
  centimeter: 'cm',
  in: 'in',
  inch: 'in',
  inche: 'in',
  ft: 'ft',
  foot: 'ft',
  feet: 'ft',
};

function plain(heading: string): string {
  return heading
    .toLowerCase()
    .replace(HEADING_UNIT, '')
    .replace(/[^a-z]+/g, ' ')
    .trim();
}

/** A length a line gave. */
export function lengthOf(value: string | number | undefined): Length {
  return nm(typeof value === 'number' ? value : 0);
}
