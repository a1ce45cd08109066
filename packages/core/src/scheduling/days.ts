import type { Said } from '../length';
import { said } from '../words';
import type { AtWork } from './at-work';
import { boundOf } from './bound';
import { heldOf, heldSaid, longestWay, type HeldBy } from './held';
import { modelOf } from './model';
import { DAY, dateOf, dayOf, minuteOf, weekdayOf, writeMoment, type Moment } from './moment';
import type { NoTime, Schedule } from './problem';
import { closesOn } from './problem-of';
import type { Standing } from './progress';
import type { Good, Task } from './task';

/** A task in its days. */
export interface DayTask {
  readonly task: Task;
  readonly jobName: string;
  readonly start: Moment;
  readonly end: Moment;
  /** Minutes of hands that are left. */
  readonly minutes: number;
  readonly people: readonly string[];
  readonly unit: number;
  readonly held: HeldBy['by'];
  readonly why: Said;
  /** On the longest way: what is later here makes all of it later. */
  readonly longest: boolean;
  readonly stands: Standing;
  /** It was fixed for this and begins later. */
  readonly missed?: Moment;
  readonly fixed?: Moment;
}

/** Something that stands by itself, and until when: glue, a coat. */
export interface DayWait {
  readonly task: Task;
  readonly jobName: string;
  readonly from: Moment;
  readonly until: Moment;
}

/** Something to be ordered or awaited, for which task. */
export interface DayGood extends Good {
  readonly job: string;
  readonly jobName: string;
  readonly for: Said;
  /** When it is here, as the order of work has it. */
  readonly here: Moment;
  /** The last day it may be ordered without anything being later for it; nothing where it is ordered. */
  readonly orderBy?: string;
}

export interface DayJob {
  readonly job: string;
  readonly name: string;
  readonly due?: string;
  readonly end?: Moment;
  /** By how many minutes of the clock it is late. */
  readonly late: number;
  readonly left: number;
  readonly done: number;
}

/** An order of work as people look at it. */
export interface Days {
  readonly now: Moment;
  readonly tasks: readonly DayTask[];
  /** What stands by itself now: of what is done already. */
  readonly waits: readonly DayWait[];
  readonly goods: readonly DayGood[];
  readonly jobs: readonly DayJob[];
  readonly without: readonly { readonly task: Task; readonly jobName: string; readonly why: NoTime }[];
  readonly end: Moment;
  /** No order of work could be done before. */
  readonly bound: Moment;
  readonly late: number;
  readonly unread: readonly string[];
}

/** What an order of work says: of every task when, who, where, and what holds it. Bound: tasks × tasks. */
export function daysOf(work: AtWork, schedule: Schedule): Days {
  const { jobs, problem } = work;
  const tasks = new Map(jobs.flatMap((job) => job.tasks.map((task) => [task.id, task] as const)));
  const jobOf = new Map(jobs.map((job) => [job.job, job]));
  const held = heldOf(problem, schedule);
  const way = new Set(longestWay(schedule, held));
  const name = (id: string): string => problem.hours.people.find((each) => each.id === id)?.name ?? '';
  const left = new Map(problem.work.map((each) => [each.id, each]));
  const at = new Map(schedule.placed.map((each) => [each.id, each]));
  const model = modelOf(problem);
  const all = schedule.placed.flatMap((placed): readonly DayTask[] => {
    const task = tasks.get(placed.id);
    const own = left.get(placed.id);
    const job = task && jobOf.get(task.job);
    const by = held.get(placed.id);
    if (!task || !own || !job || !by) return [];
    const stands = job.stands.get(task.id) ?? { told: false, left: 1, worked: 0, running: false };
    const wanted =
      own.fixed === undefined
        ? undefined
        : Math.min(
            ...model.teamsOf[own.people].map(
              (team) => model.teams[team]?.open.next(Math.max(own.fixed ?? 0, problem.now)) ?? 0,
            ),
          );
    return [
      {
        ...{
          task,
          jobName: job.name,
          start: placed.start,
          end: placed.end,
          minutes: own.minutes,
          people: placed.people,
          unit: placed.unit,
        },
        ...{ held: by.by, why: heldSaid(by, tasks, task, name), longest: way.has(placed.id), stands },
        ...(own.fixed === undefined ? {} : { fixed: own.fixed }),
        ...(wanted !== undefined && placed.start > wanted ? { missed: wanted } : {}),
      },
    ];
  });
  return {
    ...{
      now: problem.now,
      tasks: all,
      end: schedule.end,
      bound: boundOf(model).end,
      late: schedule.late,
      unread: work.unread,
    },
    waits: waitsOf(work),
    goods: goodsIn(work, at, model.arrives),
    jobs: jobs.map((job): DayJob => {
      const own = schedule.placed.filter(({ id }) => tasks.get(id)?.job === job.job);
      const end = own.length === 0 ? undefined : Math.max(...own.map((each) => each.end));
      const due = job.due === undefined ? undefined : closesOn(problem.hours, job.due);
      return {
        ...{ job: job.job, name: job.name, left: own.length, done: job.tasks.length - own.length },
        ...(job.due === undefined ? {} : { due: job.due }),
        ...(end === undefined ? {} : { end }),
        late: end !== undefined && due !== undefined ? Math.max(0, end - due) : 0,
      };
    }),
    without: schedule.without.flatMap(({ id, why }) => {
      const task = tasks.get(id);
      return task ? [{ task, jobName: jobOf.get(task.job)?.name ?? '', why }] : [];
    }),
  };
}

function waitsOf({ jobs, problem }: AtWork): readonly DayWait[] {
  return jobs
    .flatMap(({ name, tasks, stands }) =>
      tasks.flatMap((task): readonly DayWait[] => {
        const { done, told = false } = stands.get(task.id) ?? {};
        const until = (done ?? 0) + (task.stands?.minutes ?? 0);
        return done !== undefined && told && task.stands && until > problem.now
          ? [{ task, jobName: name, from: done, until }]
          : [];
      }),
    )
    .sort((one, other) => one.until - other.until);
}

function goodsIn(
  { jobs, problem }: AtWork,
  at: ReadonlyMap<string, { readonly start: Moment; readonly end: Moment }>,
  arrives: (at: Moment, lead: number) => Moment,
): readonly DayGood[] {
  const found = new Map<string, DayGood>();
  for (const { job, name, tasks, stands } of jobs) {
    const order = tasks.find(({ kind }) => kind === 'order');
    const ordered = order && (at.get(order.id)?.end ?? problem.now);
    for (const task of tasks) {
      const placed = at.get(task.id);
      if (!placed || stands.get(task.id)?.done !== undefined) continue;
      for (const good of task.goods) {
        const key = `${job} ${good.key}`;
        if (found.has(key)) continue;
        const here = good.lead === undefined ? placed.start : arrives(ordered ?? problem.now, good.lead);
        const orderBy = good.lead === undefined ? undefined : lastDay(problem.now, placed.start, good.lead, arrives);
        found.set(key, {
          ...good,
          job,
          jobName: name,
          for: task.called,
          here,
          ...(orderBy === undefined ? {} : { orderBy }),
        });
      }
    }
  }
  return [...found.values()].sort((one, other) => ((one.orderBy ?? '9') < (other.orderBy ?? '9') ? -1 : 1));
}

/** So far back it is looked at most. */
const FURTHEST_BACK = 400;

/** The last day on which it may be ordered so that it is here by `wanted`; today where no later one does. */
function lastDay(now: Moment, wanted: Moment, lead: number, arrives: (at: Moment, lead: number) => Moment): string {
  for (let day = Math.min(dayOf(wanted), dayOf(now) + FURTHEST_BACK); day > dayOf(now); day -= 1)
    if (arrives(day * DAY, lead) <= wanted) return dateOf(day * DAY);
  return dateOf(now);
}

/** What has a time of day, and a weekday from 0 (Monday): told apart for those who write them. */
export const clockOfDay = (
  at: Moment,
): { readonly date: string; readonly minute: number; readonly weekday: number } => ({
  date: dateOf(at),
  minute: minuteOf(at),
  weekday: weekdayOf(dayOf(at)),
});

/** When it was fixed for and when it begins, in words. */
export const fixedMissed = ({ task, missed, start, why }: DayTask): Said | undefined =>
  missed === undefined
    ? undefined
    : said('FIXED_MISSED', { task: task.called, date: momentSaid(missed), on: momentSaid(start), why });

const momentSaid = (at: Moment): string => writeMoment(at).replace('T', ' ');
