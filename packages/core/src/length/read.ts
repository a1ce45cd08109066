import { FILE_LENGTH } from './file-length';
import type { Said } from './said';
import { wrong } from './wrong';
import { INCH, LONGEST, MILLIMETRE, nm, type Length, type Unit } from './length';
import { readNumeral } from './numeral';
import { nearest, negate, product, quotient, rational, sum, type Rational } from './rational';
import { bad, good, quoted, type Reading } from './result';

/** Every way a unit is written; of two that begin alike the longer stands first. */
const UNITS: readonly (readonly [written: string, nanometres: number])[] = [
  ...['inches', 'inch', 'ins', 'in.', 'in', "''", '"'].map((name) => [name, INCH] as const),
  ...['feet', 'foot', 'ft.', 'ft', "'"].map((name) => [name, 12 * INCH] as const),
  ...['millimetres', 'millimeters', 'millimetre', 'millimeter', 'mm.', 'mm'].map((name) => [name, MILLIMETRE] as const),
  ...['centimetres', 'centimeters', 'centimetre', 'centimeter', 'cm.', 'cm'].map(
    (name) => [name, 10 * MILLIMETRE] as const,
  ),
  ...['metres', 'meters', 'metre', 'meter', 'm.', 'm'].map((name) => [name, 1000 * MILLIMETRE] as const),
];
const NANOMETRES: ReadonlyMap<string, number> = new Map(UNITS);

const GLYPHS: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅕': '1/5',
  '⅙': '1/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

const UNIT = new RegExp(`^(?:${UNITS.map(([written]) => written.replace('.', '\\.')).join('|')})(?![a-z])`);
const FOOT = 12 * INCH;
const NUMBER_AND_UNIT = /^(.*\d\.?)\s*(in|mm|cm)$/s;
/** More than anybody writes on one piece of scrap. */
const LONGEST_TEXT = 120;

/**
 * Reads a length as a job file writes it: one number or mixed fraction and one unit (`"24 1/16 in"`, `"12 mm"`).
 * Refuses anything else, a negative size and anything over 100 m, with one sentence.
 */
export function readFileLength(text: string): Reading<Length> {
  const refuse = (why: Said): Reading<never> => bad(wrong('wrong-length', { read: quoted(text), why }));
  const trimmed = text.trim();
  if (trimmed === '') return refuse(wrong('no-length'));
  if (text.length > LONGEST_TEXT) return refuse(wrong('too-long-for-length'));
  if (/^[-−]/.test(trimmed)) return refuse(wrong('negative-size'));
  const [, number = trimmed, unit = ''] = NUMBER_AND_UNIT.exec(trimmed) ?? [];
  const read = readWholeNumeral(number);
  if (!read.ok) return refuse(read.wrong);
  if (unit === '') return refuse(wrong('one-length-wanted'));
  const length = finish(product(read.value, rational(NANOMETRES.get(unit) ?? 0)), refuse);
  return length.ok && !FILE_LENGTH.test(text) ? refuse(offPattern(number)) : length;
}

/** As a job file writes a length that may be under nothing: with a hyphen before it. */
export function readSignedFileLength(text: string): Reading<Length> {
  const sign = /^\s*-/;
  if (!sign.test(text)) return readFileLength(text);
  return underNothing(readFileLength(text.replace(sign, '')));
}

const underNothing = (found: Reading<Length>): Reading<Length> => (found.ok ? good(nm(-found.value)) : found);

/** What can be read as a number and yet is not how a file writes one. */
function offPattern(number: string): Said {
  const [, top = '', bottom = ''] = /(\d+)\/(\d+)$/.exec(number) ?? [];
  return bottom === '' ? wrong('over-longest') : wrong('fraction-off-grid', { top, bottom });
}

/** A text that is one number or fraction and nothing else. */
function readWholeNumeral(text: string): Reading<Rational> {
  const numeral = readNumeral(text);
  if (numeral && !numeral.ok) return numeral;
  return numeral?.value.taken === text.length ? good(numeral.value.value) : bad(wrong('one-length-wanted'));
}

/**
 * Reads a length as people write it in a field: fractions, feet and inches (`3'-6 5/8"`), metres and centimetres, either
 * unit, fraction glyphs and short sums (`42 5/8 - 2*1/2`). A bare number takes `unit`. What can be read two ways is
 * refused, saying which. The answer is rounded half up to the nanometre.
 */
export function readLength(text: string, unit: Unit): Reading<Length> {
  return readSum(text, unit, (value, refuse) =>
    nearest(value) < 0n ? refuse(wrong('less-than-nothing')) : finish(value, refuse),
  );
}

/** The same where a length may be under nothing: rounded as one above it is. */
export function readSignedLength(text: string, unit: Unit): Reading<Length> {
  return readSum(text, unit, (value, refuse) =>
    value.n < 0n ? underNothing(finish(negate(value), refuse)) : finish(value, refuse),
  );
}

function readSum(
  text: string,
  unit: Unit,
  told: (value: Rational, refuse: (why: Said) => Reading<never>) => Reading<Length>,
): Reading<Length> {
  const refuse = (why: Said): Reading<never> => bad(wrong('wrong-field', { read: quoted(text), why }));
  if (text.length > LONGEST_TEXT) return refuse(wrong('too-long-for-length'));
  const plain = inPlainCharacters(text);
  if (plain === '') return bad(wrong('nothing-written'));
  const doubt = twoWays(plain);
  if (doubt) return refuse(doubt);
  const sentence = new Sum(plain.replace(/(\d),(\d)/g, '$1.$2'), unit);
  const read = sentence.read();
  return read.ok ? told(read.value, refuse) : refuse(read.wrong);
}

/** What of a text can be read two ways. */
function twoWays(plain: string): Said | undefined {
  if (/(?<![\d.,])[1-9]\d{0,2},\d{3}(?!\d)/.test(plain)) return wrong('comma-two-ways');
  const [, whole, fraction] = /(?<![\d./])(\d+)(?: +-|- +)(\d+\/\d+)/.exec(plain) ?? [];
  if (fraction !== undefined && !/\d - \d/.test(plain))
    return wrong('hyphen-two-ways', { whole: whole ?? '', fraction });
  const [, feet, inches] =
    /(\d+) *(?:'|ft\.?|foot|feet) +- *(\d+(?:[ -]\d+\/\d+)?|\d+\/\d+) *(?:''|"|in)/.exec(plain) ?? [];
  if (inches !== undefined && Number.parseInt(inches, 10) < 12)
    return wrong('feet-two-ways', { feet: feet ?? '', inches });
  return undefined;
}

function finish(value: Rational, refuse: (why: Said) => Reading<never>): Reading<Length> {
  const whole = nearest(value);
  if (whole > BigInt(LONGEST)) return refuse(wrong('over-longest'));
  return good(nm(Number(whole)));
}

function inPlainCharacters(text: string): string {
  return text
    .replace(/[−–‐‑]/g, '-')
    .replace(/(\d)-(?=[¼½¾⅓⅔⅕⅙⅛⅜⅝⅞])/g, '$1 ')
    .replace(/[¼½¾⅓⅔⅕⅙⅛⅜⅝⅞]/g, (glyph) => ` ${GLYPHS[glyph]}`)
    .replace(/[×·]/g, '*')
    .replace(/[÷⁄]/g, '/')
    .replace(/[″”“]/g, '"')
    .replace(/[′’‘]/g, "'")
    .toLowerCase()
    .trim();
}

/** A value inside a sum: a plain number until a unit makes it a length (in nanometres). */
interface Quantity {
  readonly value: Rational;
  readonly isLength: boolean;
}

/** One written sum, read from left to right. Problems are thrown as Unreadable inside and never leave this class. */
class Sum {
  private rest: string;

  constructor(
    text: string,
    private readonly unit: Unit,
  ) {
    this.rest = text;
  }

  read(): Reading<Rational> {
    try {
      const quantity = this.additions();
      if (this.rest !== '') throw new Unreadable(wrong('cannot-read', { rest: quoted(this.rest) }));
      return good(this.asLength(quantity).value);
    } catch (problem) {
      if (problem instanceof Unreadable) return bad(problem.why);
      throw problem;
    }
  }

  private additions(): Quantity {
    let left = this.products();
    for (let sign = this.take(/^[+-]/); sign; sign = this.take(/^[+-]/)) {
      const right = this.products();
      const lengths = left.isLength || right.isLength;
      const [a, b] = lengths ? [this.asLength(left), this.asLength(right)] : [left, right];
      left = { value: sum(a.value, sign === '-' ? negate(b.value) : b.value), isLength: lengths };
    }
    return left;
  }

  private products(): Quantity {
    let left = this.single();
    for (let sign = this.take(/^[*/]/); sign; sign = this.take(/^[*/]/)) {
      const right = this.single();
      left = sign === '*' ? this.times(left, right) : this.dividedBy(left, right);
    }
    return left;
  }

  private times(a: Quantity, b: Quantity): Quantity {
    if (a.isLength && b.isLength) throw new Unreadable(wrong('length-times-length'));
    return { value: product(a.value, b.value), isLength: a.isLength || b.isLength };
  }

  private dividedBy(a: Quantity, b: Quantity): Quantity {
    if (b.isLength) throw new Unreadable(wrong('divided-by-length'));
    if (b.value.n === 0n) throw new Unreadable(wrong('divides-by-nothing'));
    return { value: quotient(a.value, b.value), isLength: a.isLength };
  }

  private single(): Quantity {
    if (this.take(/^\(/)) {
      const inside = this.additions();
      if (!this.take(/^\)/)) throw new Unreadable(wrong('bracket-open'));
      const unit = this.take(UNIT);
      if (!unit) return inside;
      if (inside.isLength) throw new Unreadable(wrong('bracket-has-unit'));
      return lengthOf(inside.value, unit);
    }
    if (this.take(/^-/)) {
      const { value, isLength } = this.single();
      return { value: negate(value), isLength };
    }
    return this.measure();
  }

  /** A number with its unit, if it has one; feet may be followed by inches, metres by centimetres. */
  private measure(): Quantity {
    const first = this.numeral();
    const unit = this.take(UNIT);
    if (!unit) return { value: first, isLength: false };
    const length = lengthOf(first, unit);
    if (NANOMETRES.get(unit) === FOOT) return this.inchesAfter(length);
    return this.smallerAfter(length, NANOMETRES.get(unit) ?? 0);
  }

  /** `3' 6 5/8"`, `3'-6 5/8"`, `3' 6`: a hyphen without gaps joins as it does before a fraction. */
  private inchesAfter(feet: Quantity): Quantity {
    const joined = /^-(?=[.\d])/.test(this.rest);
    if (!joined && !/^[.\d]/.test(this.rest)) return feet;
    if (joined) this.take(/^-/);
    const inches = this.numeral();
    const unit = this.take(UNIT);
    if (unit && NANOMETRES.get(unit) !== INCH) throw new Unreadable(wrong('feet-then-inches', { unit: quoted(unit) }));
    if (joined && inches.n >= 12n * inches.d) throw new Unreadable(wrong('foot-and-more'));
    return { value: sum(feet.value, product(inches, rational(INCH))), isLength: true };
  }

  /** `1 m 20 cm`, `12 cm 5 mm`: each smaller than the one before it. */
  private smallerAfter(length: Quantity, size: number): Quantity {
    if (size === INCH || size === MILLIMETRE || !/^\d/.test(this.rest)) return length;
    const number = this.numeral();
    const unit = this.take(UNIT);
    const smaller = unit === undefined ? 0 : (NANOMETRES.get(unit) ?? 0);
    if (unit === undefined || smaller >= size || smaller === INCH) throw new Unreadable(wrong('smaller-unit-wanted'));
    const more = this.smallerAfter(lengthOf(number, unit), smaller);
    return { value: sum(length.value, more.value), isLength: true };
  }

  private numeral(): Rational {
    const numeral = readNumeral(this.rest);
    if (!numeral)
      throw new Unreadable(
        this.rest === '' ? wrong('sum-breaks-off') : wrong('number-wanted', { rest: quoted(this.rest) }),
      );
    if (!numeral.ok) throw new Unreadable(numeral.wrong);
    this.rest = this.rest.slice(numeral.value.taken).trimStart();
    return numeral.value.value;
  }

  private take(pattern: RegExp): string | undefined {
    const found = pattern.exec(this.rest)?.[0];
    if (found !== undefined) this.rest = this.rest.slice(found.length).trimStart();
    return found;
  }

  private asLength(quantity: Quantity): Quantity {
    if (quantity.isLength) return quantity;
    return lengthOf(quantity.value, this.unit);
  }
}

class Unreadable extends Error {
  constructor(readonly why: Said) {
    super(why.code);
  }
}

function lengthOf(value: Rational, unit: string): Quantity {
  return { value: product(value, rational(NANOMETRES.get(unit) ?? 0)), isLength: true };
}

/**
 * Every length a name speaks of, for telling a nominal size from a measured one: `12 mm ply`, `3/4 in MDF`. A bare
 * number may be either unit.
 */
export function lengthsIn(name: string): readonly Length[] {
  const found: Length[] = [];
  for (const [, number = '', unit] of name.matchAll(/(\d+(?:[ -]\d+\/\d+|\/\d+|\.\d+)?)\s*(mm|in\b|inch|")?/gi)) {
    const units = unit === undefined ? ['mm', 'in'] : [/mm/i.test(unit) ? 'mm' : 'in'];
    for (const each of units) {
      const read = readFileLength(`${number} ${each}`);
      if (read.ok) found.push(read.value);
    }
  }
  return found;
}
