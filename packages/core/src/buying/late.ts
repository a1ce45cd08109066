import type { Finding } from '../findings';
import type { Said } from '../length';
import { said } from '../words';
import { dayAfter } from './days';
import type { FromSupplier } from './suppliers';

/** Something that was ordered and has not arrived: when it is promised for. */
export interface Awaited {
  readonly what: Said;
  readonly expectedOn?: string;
}

export type LateFinding = Pick<Finding, 'severity' | 'code' | 'params'>;

/**
 * What would arrive after the day it is wanted by: bought today at its supplier’s usual days, or ordered and promised for
 * later. Days as `2026-11-01`. What nobody knows the days of is not late.
 */
export function buyingLate(
  from: readonly FromSupplier[],
  awaited: readonly Awaited[],
  { today, by }: { readonly today: string; readonly by: string },
): readonly LateFinding[] {
  const told = (what: Said, date: string): readonly LateFinding[] =>
    date > by ? [{ severity: 'warn', ...said('BUY_LATE', { what, date, by }) }] : [];
  return [
    ...from.flatMap(({ lines, leadDays }) =>
      leadDays === undefined ? [] : lines.flatMap(({ what }) => told(what, dayAfter(today, leadDays))),
    ),
    ...awaited.flatMap(({ what, expectedOn }) => (expectedOn === undefined ? [] : told(what, expectedOn))),
  ];
}
