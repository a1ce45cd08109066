import { rational, type Length, type Rational } from '../length';

/** An exact amount of something that is counted: pieces, metres, square metres, kilograms, litres. */
export type Amount = Rational;

const METRE = 1_000_000_000n;

export const pieces = (count: number): Amount => rational(count);
export const metres = (length: Length, times = 1): Amount => reduced(rational(BigInt(length) * BigInt(times), METRE));
/** Square metres. */
export const area = (length: Length, width: Length, times = 1): Amount =>
  reduced(rational(BigInt(length) * BigInt(width) * BigInt(times), METRE * METRE));
/** Cubic metres. */
export const volume = (length: Length, width: Length, thickness: Length, times = 1): Amount =>
  reduced(rational(BigInt(length) * BigInt(width) * BigInt(thickness) * BigInt(times), METRE * METRE * METRE));

/** A number as it is written in decimals, exactly: 1.15 is 115/100. */
export function decimal(value: number): Amount {
  const text = value.toFixed(9);
  return reduced(rational(BigInt(text.replace('.', '')), METRE));
}

export const times = (one: Amount, other: Amount): Amount => reduced({ n: one.n * other.n, d: one.d * other.d });
export const over = (one: Amount, other: Amount): Amount => reduced(rational(one.n * other.d, one.d * other.n));

/** The exact sum; bound by how many there are. */
export function addUp(amounts: readonly Amount[]): Amount {
  return amounts.reduce<Amount>(
    (sum, { n, d }) => (sum.d === d ? { n: sum.n + n, d } : reduced({ n: sum.n * d + n * sum.d, d: sum.d * d })),
    rational(0),
  );
}

/** The least whole number not under it. */
export function wholeUp({ n, d }: Amount): number {
  return Number((n + d - 1n) / d);
}

/** For showing and for files, to a millionth. */
export function shown({ n, d }: Amount): number {
  const millionth = 1_000_000n;
  return Number((2n * n * millionth + d) / (2n * d)) / Number(millionth);
}

function reduced({ n, d }: Amount): Amount {
  let [a, b] = [n < 0n ? -n : n, d];
  while (b > 0n) [a, b] = [b, a % b];
  return a > 1n ? { n: n / a, d: d / a } : { n, d };
}
