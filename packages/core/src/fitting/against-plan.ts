import type { LogEntry, Measured } from '../job';
import { nm, subtract, type Length } from '../length';

/** One thing as it was planned and as it came out. */
export interface MadeSize {
  readonly what: Measured;
  readonly at: string;
  readonly planned: Length;
  readonly made: Length;
}

/** Everything a log has that was measured against the plan, in its order. */
export function madeOf(log: readonly LogEntry[]): readonly MadeSize[] {
  return log.flatMap((entry) =>
    entry.kind === 'reading' && entry.against !== undefined
      ? [{ what: entry.what, at: entry.at, planned: entry.against, made: entry.length }]
      : [],
  );
}

/** How one kind of thing comes out on average: over the plan where positive. */
export interface Trend {
  readonly what: Measured;
  readonly count: number;
  readonly mean: Length;
  /** Standard deviation of one of them; nothing of one alone. */
  readonly spread: Length;
}

/** What a trend is reckoned from: readings that come one by one are added, those that go are taken off. In nanometres. */
export interface MadeSums {
  readonly what: Measured;
  readonly count: number;
  readonly sum: bigint;
  readonly squares: bigint;
}

/** Sums by kind, of readings as they came out over the plan. */
export function sumsOf(made: readonly MadeSize[]): readonly MadeSums[] {
  const sums = new Map<Measured, MadeSums>();
  for (const each of made) {
    const { count, sum, squares } = sums.get(each.what) ?? { count: 0, sum: 0n, squares: 0n };
    const off = BigInt(over(each));
    sums.set(each.what, { what: each.what, count: count + 1, sum: sum + off, squares: squares + off * off });
  }
  return [...sums.values()];
}

/** Trends by kind, those with the most readings first. Exact until they are rounded to the nanometre. */
export function trendsOf(sums: readonly MadeSums[]): readonly Trend[] {
  return sums
    .filter(({ count }) => count > 0)
    .map(trendOf)
    .sort((a, b) => b.count - a.count);
}

export function over({ made, planned }: MadeSize): Length {
  return subtract(made, planned);
}

function trendOf({ what, count, sum, squares }: MadeSums): Trend {
  const many = BigInt(count);
  const spread = count > 1 ? Math.sqrt(Number(many * squares - sum * sum) / (count * (count - 1))) : 0;
  return { what, count, mean: nm(Math.round(Number(sum) / count)), spread: nm(Math.round(spread)) };
}
