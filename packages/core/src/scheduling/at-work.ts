import { buyingList, wantedOf, type Had } from '../buying';
import {
  costOf,
  decimal,
  FINISH_ROWS,
  priceOf,
  USUAL_WASTE,
  type CostSettings,
  type KeptPrice,
  type ShopCosting,
} from '../costing';
import { plan, readJobDocument } from '../plan';

import { readStockItem, type Job, type JobDocument, type StockItemOf } from '../job';
import type { Length } from '../length';
import { said } from '../words';
import { counted } from './counted';
import { goodsOf, type Lead, type OnOrder } from './goods';
import type { Hours } from './hours';
import { tasksOf } from './job-tasks';
import { readMoment, type Moment } from './moment';
import type { Problem } from './problem';
import { problemOf, type JobAtWork } from './problem-of';
import type { Clock } from './facts';
import { progressOf } from './progress';
import { hoursOf, longestOpening, type ShopCalendar } from './shop-calendar';

/** A job in the order of work, as it is kept: its document with its log. */
export interface JobRead {
  readonly id: string;
  readonly document: JobDocument;
  /** Promised for this day. */
  readonly due?: string;
  /** By the name of a task when it is to begin, as `2026-12-01T08:00`. */
  readonly fixed: Readonly<Record<string, string>>;
}

/** Everything an order of work is made from, as it is kept: nothing derived. */
export interface ShopRead {
  readonly calendar: ShopCalendar;
  readonly costing: ShopCosting;
  readonly prices: readonly KeptPrice[];
  readonly jobs: readonly JobRead[];
  readonly rack: readonly object[];
  readonly drawer: readonly { readonly key: string; readonly count: number }[];
  readonly had: readonly {
    readonly job: string;
    readonly key: string;
    readonly count: number;
    readonly is: Had['is'];
  }[];
  readonly onOrder: readonly OnOrder[];
  readonly suppliers: readonly Lead[];
  /** Working days of what nobody knows how long it takes; as usual where it isn’t said. */
  readonly lead?: number;
}

/** The time it is: on the shop’s own clock, and how many minutes that is ahead of UTC. */
export interface Now {
  readonly now: Moment;
  readonly zone: number;
}

/** The work of a shop as it is now. */
export interface AtWork {
  readonly jobs: readonly JobAtWork[];
  readonly hours: Hours;
  readonly problem: Problem;
  /** Jobs that can’t be read: nothing of them is in it. */
  readonly unread: readonly string[];
}

const MINUTE = 60_000;

/** A moment of a record on the shop’s clock. */
export const clockOf =
  (zone: number): Clock =>
  (at) =>
    Math.floor(Date.parse(at) / MINUTE) + zone;

/** Reads, plans, counts, and tells what is left to do. Pure; bound by jobs and their parts. */
export function atWork(read: ShopRead, { now, zone }: Now): AtWork {
  const hours = hoursOf(read.calendar);
  const settings = settingsOf(read);
  const known = read.jobs.flatMap((each) => {
    const reading = readJobDocument(each.document);
    if (!reading.ok) return [];
    const planned = plan(reading.job);
    const cost = costOf(reading.job, planned, settings);
    return [{ ...each, job: reading.job, planned, wanted: wantedOf(reading.job, each.id, cost) }];
  });
  const lines = buyingList(
    known.map(({ id, job, wanted }) => ({ job: id, name: job.name, wanted })),
    {
      prices: settings.prices,
      rack: read.rack.flatMap((item): readonly StockItemOf<Length>[] => {
        const reading = readStockItem(item);
        return reading.ok ? [reading.item] : [];
      }),
      drawer: new Map(read.drawer.map(({ key, count }) => [key, decimal(count)])),
      had: read.had.map(({ count, ...each }) => ({ ...each, count: decimal(count) })),
    },
  );
  const longest = longestOpening(hours);
  const jobs = known.map(({ id, job, planned, due, fixed }): JobAtWork => {
    const all = counted(job, planned, settings, hours.people.length);
    const tasks = tasksOf({ job: id, counted: all, longest, goods: goodsOf(id, lines, read) });
    return {
      ...{ job: id, name: job.name, tasks, stands: progressOf(tasks, all, hours, clockOf(zone)) },
      ...(due === undefined ? {} : { due }),
      fixed: momentsOf(fixed),
      ...writtenDown(job, clockOf(zone)),
    };
  });
  const ids = new Set(known.map(({ id }) => id));
  const { places } = read.calendar;
  return {
    ...{ jobs, hours, unread: read.jobs.flatMap(({ id }) => (ids.has(id) ? [] : [id])) },
    problem: problemOf(jobs, { hours, now, ...(places ? { places } : {}) }),
  };
}

/** What the log of a job says besides its tasks: faults, and time by kinds of work. */
function writtenDown({ log = [] }: Job, clock: Clock): Pick<JobAtWork, 'faults' | 'spent'> {
  return {
    faults: log.flatMap((entry) =>
      entry.kind === 'fault' ? [{ at: clock(entry.at), fault: said(`fault/${entry.fault}`) }] : [],
    ),
    spent: log.flatMap((entry) =>
      entry.kind === 'time' && entry.operation !== undefined
        ? [{ operation: entry.operation, minutes: entry.minutes }]
        : [],
    ),
  };
}

function settingsOf({ costing, prices }: ShopRead): CostSettings {
  const { usual = {}, minutes = {}, finishes = FINISH_ROWS, waste = USUAL_WASTE, credit = 0 } = costing;
  return { prices: new Map(prices.map((row) => [row.key, priceOf(row)])), usual, minutes, finishes, waste, credit };
}

const momentsOf = (fixed: JobRead['fixed']): Readonly<Record<string, Moment>> =>
  Object.fromEntries(
    Object.entries(fixed).flatMap(([task, text]) => {
      const at = readMoment(text);
      return at === undefined ? [] : [[task, at] as const];
    }),
  );
