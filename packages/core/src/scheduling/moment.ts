/** A minute of a shop’s own clock, counted from the first of January 1970: of no time zone, as a clock on the wall tells it. */
export type Moment = number;

export const HOUR = 60;
export const DAY = 24 * HOUR;
const MILLISECONDS = 60_000;

/** `2026-11-29`, and how many minutes of that day are gone. */
export const momentOf = (date: string, minute = 0): Moment => Date.parse(date) / MILLISECONDS + minute;

/** The day of a moment, as `2026-11-29`. */
export const dateOf = (at: Moment): string => new Date(at * MILLISECONDS).toISOString().slice(0, 10);

/** Whole days since the first of January 1970. */
export const dayOf = (at: Moment): number => Math.floor(at / DAY);

/** `2026-11-29T08:15`. */
export const writeMoment = (at: Moment): string => new Date(at * MILLISECONDS).toISOString().slice(0, 16);

const WRITTEN = /^\d{4}-\d\d-\d\dT\d\d:\d\d$/;

/** Nothing where it is no moment, or one that no calendar has (the 30th of February). */
export function readMoment(text: string): Moment | undefined {
  const at = WRITTEN.test(text) ? Date.parse(`${text}Z`) / MILLISECONDS : Number.NaN;
  return Number.isNaN(at) || writeMoment(at) !== text ? undefined : at;
}

const FIRST_WEEKDAY = 3;
const WEEK = 7;

/** Monday is 0. The first of January 1970 was a Thursday. */
export const weekdayOf = (day: number): number => (((day + FIRST_WEEKDAY) % WEEK) + WEEK) % WEEK;
