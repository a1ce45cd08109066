import type { Stretch } from './hours';
import { DAY, dayOf, type Moment } from './moment';

/** Further ahead than this nothing is looked for: ten years. */
const FURTHEST = 3660;
/** Looked ahead so many days at a time. */
const AHEAD = 60;

/** When somebody can work, or some together, from a day on: found as far ahead as it is asked for, each day once. */
export class OpenTime {
  private readonly from: Moment[] = [];
  private readonly to: Moment[] = [];
  /** Open minutes before each stretch. */
  private readonly before: number[] = [];
  /** Of each day the first stretch that begins on it or after it. */
  private readonly ofDay: number[] = [];
  private total = 0;
  private readonly first: number;
  private readonly last: number;

  /** `on`: what is open on a day, in order. */
  constructor(
    private readonly on: (day: number) => readonly Stretch[],
    private day: number,
  ) {
    this.first = day;
    this.last = day + FURTHEST;
  }

  /** The first moment from `at` on at which work can begin; nothing where there is none in ten years. */
  next(at: Moment): Moment {
    const index = this.index(at);
    return Math.max(at, this.from[index] ?? Number.POSITIVE_INFINITY);
  }

  /** The first moment from `at` on at which work of so many minutes can begin and need not stop at a closing. */
  fit(at: Moment, minutes: number): Moment {
    for (let index = this.index(at); ; index += 1) {
      if (!this.has(index)) return Number.POSITIVE_INFINITY;
      const start = Math.max(at, this.from[index] as Moment);
      if ((this.to[index] as Moment) - start >= minutes) return start;
    }
  }

  /** When work of so many minutes that begins at `start` is done, stopping at closings. */
  finish(start: Moment, minutes: number): Moment {
    let index = this.index(start);
    if (!this.has(index)) return Number.POSITIVE_INFINITY;
    const done = (this.before[index] as number) + Math.max(0, start - (this.from[index] as Moment)) + minutes;
    // Most work ends where it began, or on the same day.
    while (
      this.has(index) &&
      done > (this.before[index] as number) + (this.to[index] as Moment) - (this.from[index] as Moment)
    )
      index += 1;
    return this.has(index)
      ? (this.from[index] as Moment) + done - (this.before[index] as number)
      : Number.POSITIVE_INFINITY;
  }

  /**
   * As `next` or, where it can’t stop at a closing (`whole`), `fit`, and then `finish`, looked up once: when it is done, and in
   * `begun` when it begins.
   */
  done(at: Moment, minutes: number, whole: boolean): Moment {
    let index = this.index(at);
    let start = at;
    for (; ; index += 1) {
      if (!this.has(index)) return Number.POSITIVE_INFINITY;
      start = Math.max(at, this.from[index] as Moment);
      if (!whole || (this.to[index] as Moment) - start >= minutes) break;
    }
    this.begun = start;
    const end = start + minutes;
    return end <= (this.to[index] as Moment) ? end : this.finish(start, minutes);
  }

  /** When what `done` was asked for last begins. */
  begun: Moment = 0;

  /** Open minutes from the first day on until `at`. */
  until(at: Moment): number {
    const index = this.index(at);
    return this.has(index)
      ? (this.before[index] as number) + Math.max(0, at - (this.from[index] as Moment))
      : this.total;
  }

  /** The opening of the so many-th open day after the day of `at`. */
  dayAfter(at: Moment, days: number): Moment {
    let index = this.index((dayOf(at) + 1) * DAY);
    for (let left = days - 1; left > 0 && this.has(index); left -= 1)
      index = this.index((dayOf(this.from[index] as Moment) + 1) * DAY);
    if (days <= 0) return at;
    return this.has(index) ? (this.from[index] as Moment) : Number.POSITIVE_INFINITY;
  }

  /** Whether there is a stretch of this index, looking further ahead where it needs it. */
  private has(index: number): boolean {
    while (index >= this.from.length && this.day < this.last) this.look(this.day + AHEAD);
    return index < this.from.length;
  }

  /** The first stretch that ends after `at`. */
  private index(at: Moment): number {
    const day = dayOf(at);
    if (day >= this.day && this.day < this.last) this.look(Math.min(day + AHEAD, this.last));
    let index = day < this.first ? 0 : (this.ofDay[day - this.first] ?? this.from.length);
    while (this.has(index) && at >= (this.to[index] as Moment)) index += 1;
    return index;
  }

  private look(until: number): void {
    for (; this.day < until; this.day += 1) {
      this.ofDay.push(this.from.length);
      for (const { from, to } of this.on(this.day)) {
        this.from.push(this.day * DAY + from);
        this.to.push(this.day * DAY + to);
        this.before.push(this.total);
        this.total += to - from;
      }
    }
  }
}
