import type { Hours } from './hours';
import type { Moment } from './moment';

/** Where work is done, one thing at a time at each. */
export const WORK_PLACES = ['saw', 'bench', 'finishing', 'site'] as const;
export type WorkPlace = (typeof WORK_PLACES)[number];

/** What must be done before, and how long it then stands by itself. */
export interface After {
  readonly task: string;
  /** Minutes of the clock, nights and Sundays with them: glue and coats. */
  readonly wait?: number;
  /** Working days until what was ordered is here: at the opening of the last of them. */
  readonly lead?: number;
}

/** Work that is under way: by whom. What is left of it goes on at once, wherever it stood in the order. */
export interface Running {
  readonly people: readonly string[];
}

/** A piece of work as an order of work is made of it. */
export interface Work {
  readonly id: string;
  readonly job: string;
  /** Of hands, whole; what is left of them. */
  readonly minutes: number;
  /** At once; no more than there are people. */
  readonly people: 1 | 2;
  readonly place?: WorkPlace;
  /** It can’t be left at a closing: a coat, glue. */
  readonly whole?: boolean;
  readonly after: readonly After[];
  /** Not before: what is ordered arrives, glue of work that is done has cured. */
  readonly from?: Moment;
  /** Minutes it keeps its place after it is done: wet coats. */
  readonly holds?: number;
  /** Begun then and not before, if it can be. */
  readonly fixed?: Moment;
  readonly running?: Running;
}

/** A place that is not free yet, and what keeps it. */
export interface HeldPlace {
  readonly place: WorkPlace;
  readonly until: Moment;
  /** What is done already and still stands there. */
  readonly task: string;
}

/** Everything an order of work is made from. */
export interface Problem {
  readonly now: Moment;
  readonly hours: Hours;
  /** How many of each place a shop has; one where it isn’t said. */
  readonly places?: Readonly<Partial<Record<WorkPlace, number>>>;
  readonly work: readonly Work[];
  /** When a job is promised for: it is late from then on. */
  readonly due: Readonly<Record<string, Moment>>;
  /** Where a place is not free yet though nothing of what is left stands there: wet coats. */
  readonly held?: readonly HeldPlace[];
}

/** A piece of work in its place. */
export interface Placed {
  readonly id: string;
  readonly start: Moment;
  readonly end: Moment;
  readonly people: readonly string[];
  /** Which of the shop’s places of its kind, from 0. */
  readonly unit: number;
}

/** Why there is no time for a piece of work: nobody works, no opening is as long as it, or what it waits for has none. */
export type NoTime = 'nobody' | 'too-long' | 'waits';

/** An order of work. */
export interface Schedule {
  /** By their start. */
  readonly placed: readonly Placed[];
  readonly without: readonly { readonly id: string; readonly why: NoTime }[];
  /** By how many minutes fixed work begins later than it was fixed, in all. */
  readonly missed: number;
  /** By how many minutes of the clock jobs end after they are promised, in all. */
  readonly late: number;
  /** When everything is done. */
  readonly end: Moment;
}
