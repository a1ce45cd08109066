import type { SettledLine } from './lines';

/** One thing that is counted: what was measured, by how much it was off (nanometres), or what went wrong. */
export interface Counted {
  readonly job: string;
  readonly kind: 'reading' | 'fault';
  readonly about: string;
  readonly off: bigint;
}

/** What is counted of lines; most come to nothing. */
export function countedOf(lines: readonly SettledLine[]): readonly Counted[] {
  return lines.flatMap(({ job, made, fault }): readonly Counted[] => {
    if (made) return [{ job, kind: 'reading', about: made.what, off: BigInt(made.made) - BigInt(made.planned) }];
    return fault === undefined ? [] : [{ job, kind: 'fault', about: fault, off: 0n }];
  });
}

/** What those of the same keys come to: the keys, how many, their sum and that of their squares, as a table holds them. */
export type Sums = readonly [...keys: string[], count: number, sum: string, squares: string];

/** Always in the same order: two that settle at once do not wait for one another crosswise. */
export function sumsOf(counted: readonly Counted[], keys: (each: Counted) => readonly string[]): readonly Sums[] {
  const sums = new Map<string, { keys: readonly string[]; count: number; sum: bigint; squares: bigint }>();
  for (const each of counted) {
    const own = keys(each);
    const key = own.join('\n');
    const { count, sum, squares } = sums.get(key) ?? { count: 0, sum: 0n, squares: 0n };
    sums.set(key, { keys: own, count: count + 1, sum: sum + each.off, squares: squares + each.off ** 2n });
  }
  return [...sums]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([, each]) => [...each.keys, each.count, String(each.sum), String(each.squares)]);
}
