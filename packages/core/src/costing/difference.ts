import type { Said } from '../length';
import { said } from '../words';
import type { Cost } from './cost';
import type { Cents } from './money';

/** What one thing, or so much of one operation, costs; `what` a code, or the words it was told in. */
export interface CostSum<W = Said> {
  readonly key: string;
  readonly what: W;
  readonly cents: Cents;
}

/** One thing that costs otherwise: what it was, and what it is. */
export interface ChangedLine<W = Said> {
  readonly key: string;
  readonly what: W;
  readonly was: Cents;
  readonly now: Cents;
}

/** What one price has other than another. */
export interface CostDifference {
  /** Only those that differ, the greatest first; they add up to `cost`. */
  readonly lines: readonly ChangedLine[];
  readonly cost: Cents;
  readonly total: Cents;
}

/** Every line and every operation of a price by its own key; what has no price is nothing. They add up to its cost. */
export const costSums = ({ lines, work }: Cost): readonly CostSum[] => [
  ...lines.map(({ key, what, total = 0 }) => ({ key, what, cents: total })),
  ...work.map(({ id, people, lift, total = 0 }) => ({
    ...{ key: `work:${id}:${lift ? 'alone' : people}`, cents: total },
    what: said('cost/operation', { id }),
  })),
];

/** What differs between two lists of sums, the greatest first. */
export function changedSums<W>(before: readonly CostSum<W>[], after: readonly CostSum<W>[]): readonly ChangedLine<W>[] {
  const was = new Map(before.map(({ key, cents }) => [key, cents]));
  const now = new Map(after.map(({ key, cents }) => [key, cents]));
  const called = new Map([...before, ...after].map(({ key, what }) => [key, what]));
  return [...called]
    .map(([key, what]) => ({ key, what, was: was.get(key) ?? 0, now: now.get(key) ?? 0 }))
    .filter((line) => line.was !== line.now)
    .sort((one, other) => Math.abs(other.now - other.was) - Math.abs(one.now - one.was));
}

/** From one price to another, line by line. */
export const costDifference = (from: Cost, to: Cost): CostDifference => ({
  lines: changedSums(costSums(from), costSums(to)),
  cost: to.totals.cost.total - from.totals.cost.total,
  total: to.totals.total - from.totals.total,
});
