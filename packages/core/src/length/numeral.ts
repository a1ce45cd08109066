import { wrong } from './wrong';
import { fromDecimal, rational, sum, type Rational } from './rational';
import { bad, good, type Reading } from './result';

/** A number as written on wood: `42`, `42.625`, `5/8`, `42 5/8`, `42-5/8`. */
export interface Numeral {
  readonly value: Rational;
  /** How many characters of the text it took. */
  readonly taken: number;
}

const WHOLE_AND_FRACTION = /^(\d+)(?:\s+|-)(\d+)\/(\d+)/;
const FRACTION = /^(\d+)\/(\d+)/;
const DECIMAL = /^(?:\d+(?:\.\d*)?|\.\d+)/;

/** Reads the numeral `text` begins with; undefined when it begins with none. */
export function readNumeral(text: string): Reading<Numeral> | undefined {
  const mixed = WHOLE_AND_FRACTION.exec(text);
  if (mixed) {
    const [all, whole = '', top = '', bottom = ''] = mixed;
    const part = readFraction(top, bottom);
    if (!part.ok) return part;
    if (part.value.n >= part.value.d) return bad(wrong('fraction-over-one', { whole, top, bottom }));
    return good({ value: sum(rational(BigInt(whole)), part.value), taken: all.length });
  }
  const fraction = FRACTION.exec(text);
  if (fraction) {
    const part = readFraction(fraction[1] ?? '', fraction[2] ?? '');
    return part.ok ? good({ value: part.value, taken: fraction[0].length }) : part;
  }
  const decimal = DECIMAL.exec(text);
  return decimal ? good({ value: fromDecimal(decimal[0]), taken: decimal[0].length }) : undefined;
}

function readFraction(top: string, bottom: string): Reading<Rational> {
  const [n, d] = [BigInt(top), BigInt(bottom)];
  if (d === 0n) return bad(wrong('fraction-by-nothing', { top, bottom }));
  if ((n * 64n) % d !== 0n) return bad(wrong('fraction-off-grid', { top, bottom }));
  return good(rational(n, d));
}
