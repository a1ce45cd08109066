import { openOn, type Hours, type Moment } from '@zabble/core';

const DAY = 1440;

/** One day of the chart: what of it is open stands in a column of its own. */
export interface AxisDay {
  readonly day: number;
  readonly from: number;
  readonly to: number;
}

/** The days that are worked on, one beside the other: closed days and nights have no room in it. */
export class WeekAxis {
  constructor(readonly days: readonly AxisDay[]) {}

  /** Where a moment stands: whole numbers are the beginnings of days. */
  at(moment: Moment): number {
    const day = Math.floor(moment / DAY);
    const index = this.days.findIndex((each) => each.day >= day);
    if (index < 0) return this.days.length;
    const own = this.days[index] as AxisDay;
    if (own.day > day) return index;
    const minute = moment - day * DAY;
    return index + Math.min(1, Math.max(0, (minute - own.from) / (own.to - own.from)));
  }

  /** The moment that stands there, to the quarter of an hour. */
  moment(at: number): Moment {
    const index = Math.min(this.days.length - 1, Math.max(0, Math.floor(at)));
    const own = this.days[index];
    if (!own) return 0;
    const minute = own.from + (at - index) * (own.to - own.from);
    const quarter = 15;
    const next = this.days[index + 1];
    // At its closing a day is over: what is put there is begun when the next opens.
    if (next && Math.round(minute / quarter) * quarter >= own.to) return next.day * DAY + next.from;
    return own.day * DAY + Math.min(own.to - quarter, Math.max(own.from, Math.round(minute / quarter) * quarter));
  }
}

/** So many working days from a day on: those the shop is open. */
export function axisOf(hours: Hours, first: number, count: number): WeekAxis {
  const out: AxisDay[] = [];
  const longest = 400;
  for (let day = first; out.length < count && day < first + longest; day += 1) {
    const open = openOn(hours, day);
    if (open.length > 0) out.push({ day, from: open[0]?.from ?? 0, to: open.at(-1)?.to ?? DAY });
  }
  return new WeekAxis(out);
}
