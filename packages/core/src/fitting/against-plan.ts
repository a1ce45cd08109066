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

/** Trends by kind, those with the most readings first. */
export function trendsOf(made: readonly MadeSize[]): readonly Trend[] {
  const kinds = [...new Set(made.map(({ what }) => what))];
  return kinds
    .map((what) =>
      trendOf(
        what,
        made.filter((each) => each.what === what).map((each) => over(each)),
      ),
    )
    .sort((a, b) => b.count - a.count);
}

export function over({ made, planned }: MadeSize): Length {
  return subtract(made, planned);
}

function trendOf(what: Measured, off: readonly Length[]): Trend {
  const count = off.length;
  const mean = off.reduce<number>((sum, each) => sum + each, 0) / count;
  const squares = off.reduce<number>((sum, each) => sum + (each - mean) ** 2, 0);
  const spread = count > 1 ? Math.sqrt(squares / (count - 1)) : 0;
  return { what, count, mean: nm(Math.round(mean)), spread: nm(Math.round(spread)) };
}
