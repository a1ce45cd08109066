/** An exact fraction; the denominator is positive. Used while a written sum or an ideal height is worked out. */
export interface Rational {
  readonly n: bigint;
  readonly d: bigint;
}

export function rational(n: bigint | number, d: bigint | number = 1n): Rational {
  const [top, bottom] = [BigInt(n), BigInt(d)];
  if (bottom === 0n) throw new RangeError('zero denominator');
  return bottom < 0n ? { n: -top, d: -bottom } : { n: top, d: bottom };
}

export const sum = (a: Rational, b: Rational): Rational => ({ n: a.n * b.d + b.n * a.d, d: a.d * b.d });
export const negate = (a: Rational): Rational => ({ n: -a.n, d: a.d });
export const product = (a: Rational, b: Rational): Rational => ({ n: a.n * b.n, d: a.d * b.d });
export const quotient = (a: Rational, b: Rational): Rational => rational(a.n * b.d, a.d * b.n);

/** The decimal text `12.375` as an exact fraction; digits and at most one point, nothing else. */
export function fromDecimal(text: string): Rational {
  const [whole = '', decimals = ''] = text.split('.');
  return rational(BigInt(`${whole}${decimals}` || '0'), 10n ** BigInt(decimals.length));
}

/** The greatest whole number not above the fraction. */
export function floor(a: Rational): bigint {
  const down = a.n / a.d;
  return a.n < 0n && down * a.d !== a.n ? down - 1n : down;
}

/** Nearest whole number, half up. */
export function nearest(a: Rational): bigint {
  return floor({ n: 2n * a.n + a.d, d: 2n * a.d });
}
