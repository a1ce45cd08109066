import { decimal, over, pieces, times, type Amount } from './amount';
import type { Said } from '../length';

/** Whole minor units of a currency: cents. */
export type Cents = number;

/** The nearest cent, half a cent away from nought. */
export function cents({ n, d }: Amount): Cents {
  return Number(n < 0n ? -((-2n * n + d) / (2n * d)) : (2n * n + d) / (2n * d));
}

/** A price as a file writes it, in the currency itself. */
export const centsOf = (price: number): Cents => cents(times(decimal(price), pieces(100)));

/** So many of a hundred of an amount of money, to the cent. */
export const percentOf = (amount: Cents, percent: number): Cents =>
  cents(over(times(pieces(amount), decimal(percent)), pieces(100)));

/** One term of a sum of money. */
export interface MoneyTerm {
  readonly called: Said;
  readonly amount: Cents;
}

/** A sum of money and what makes it: `total` is the sum of its terms, by construction. */
export interface MoneyTally {
  readonly total: Cents;
  readonly terms: readonly MoneyTerm[];
}

export const moneyTally = (...terms: readonly MoneyTerm[]): MoneyTally => ({
  total: terms.reduce((sum, { amount }) => sum + amount, 0),
  terms,
});
