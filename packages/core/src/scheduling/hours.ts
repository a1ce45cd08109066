import { dayOf, HOUR, momentOf, weekdayOf } from './moment';

/** From one minute of a day to another. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** What is open on each day of a week, Monday first; stretches in order, none touching the next. */
export type Week = readonly (readonly Stretch[])[];

/** Days from the first to the last, both with it, as `2026-11-29`. */
export interface DaysOff {
  readonly from: string;
  readonly to: string;
}

/** Who works, and when: without hours of their own as the shop is open. */
export interface Person {
  readonly id: string;
  readonly name: string;
  readonly week?: Week;
  readonly off?: readonly DaysOff[];
}

/** When a shop is open, and who works in it. */
export interface Hours {
  readonly week: Week;
  readonly closed: readonly DaysOff[];
  readonly people: readonly Person[];
}

const WORKDAY: readonly Stretch[] = [
  { from: 8 * HOUR, to: 12 * HOUR },
  { from: 13 * HOUR, to: 17 * HOUR },
];

/** What holds while nobody said otherwise: Monday to Friday, 8 to 12 and 13 to 17. */
export const USUAL_WEEK: Week = [WORKDAY, WORKDAY, WORKDAY, WORKDAY, WORKDAY, [], []];

/** One person, as the shop is open. */
export const USUAL_HOURS: Hours = { week: USUAL_WEEK, closed: [], people: [{ id: 'one', name: '' }] };

const isOff = (day: number, off: readonly DaysOff[]): boolean =>
  off.some(({ from, to }) => day >= dayOf(momentOf(from)) && day <= dayOf(momentOf(to)));

/** What both have open. */
export function sharedStretches(one: readonly Stretch[], other: readonly Stretch[]): readonly Stretch[] {
  return one.flatMap((each) =>
    other.flatMap(({ from, to }) => {
      const both = { from: Math.max(each.from, from), to: Math.min(each.to, to) };
      return both.from < both.to ? [both] : [];
    }),
  );
}

/** What the shop has open on a day. */
export const openOn = ({ week, closed }: Pick<Hours, 'week' | 'closed'>, day: number): readonly Stretch[] =>
  isOff(day, closed) ? [] : (week[weekdayOf(day)] ?? []);

/** What a person works on a day: never while the shop is shut. */
export function worksOn(hours: Hours, { week, off = [] }: Person, day: number): readonly Stretch[] {
  const open = openOn(hours, day);
  if (isOff(day, off)) return [];
  return week ? sharedStretches(open, week[weekdayOf(day)] ?? []) : open;
}
