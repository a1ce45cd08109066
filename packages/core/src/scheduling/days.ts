import { median, type Median } from '../costing';
import { OPERATION_IDS, type OperationId } from '../job';
import type { Said } from '../length';
import { said } from '../words';
import type { AtWork } from './at-work';
import { boundOf } from './bound';
import { heldOf, heldSaid, longestWay, type HeldBy } from './held';
import { modelOf, type Model } from './model';
import { DAY, dateOf, dayOf, writeMoment, type Moment } from './moment';
import type { NoTime, Problem, Schedule, Work } from './problem';
import { closesOn, opensOn, type JobAtWork } from './problem-of';
import type { Standing } from './progress';
import type { Good, Task } from './task';
import { told } from './told';

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
  /** Of every kind of work that time was written down on. */
  readonly taken: readonly Taken[];
}

/** Minutes planned of what is done against those taken; the middle of what jobs took, as a share of what was planned. */
export interface Taken {
  readonly operation: OperationId;
  readonly planned: number;
  readonly taken: number;
  readonly entries: number;
  readonly share?: Median;
}

/** What an order of work says: of every task when, who, where, and what holds it. Bound: tasks × tasks. */
export function daysOf(work: AtWork, schedule: Schedule): Days {
  const { jobs, problem } = work;
  const model = modelOf(problem);
  const tasks = new Map(jobs.flatMap((job) => job.tasks.map((task) => [task.id, { task, job }] as const)));
  const { end, late } = schedule;
  return {
    ...{ now: problem.now, end, bound: boundOf(model).end, late, unread: work.unread },
    tasks: dayTasks(work, schedule, model),
    waits: waitsOf(work),
    taken: takenOf(work),
    goods: goodsIn(work, new Map(schedule.placed.map((each) => [each.id, each])), model.arrives),
    jobs: jobs.map((job) => dayJob(job, work, schedule)),
    without: schedule.without.flatMap(({ id, why }) => {
      const own = tasks.get(id);
      return own ? [{ task: own.task, jobName: own.job.name, why }] : [];
    }),
  };
}

function dayTasks({ jobs, problem }: AtWork, schedule: Schedule, model: Model): readonly DayTask[] {
  const tasks = new Map(jobs.flatMap((job) => job.tasks.map((task) => [task.id, task] as const)));
  const jobOf = new Map(jobs.map((job) => [job.job, job]));
  const left = new Map(problem.work.map((each) => [each.id, each]));
  const held = heldOf(problem, schedule);
  const way = new Set(longestWay(schedule, held));
  const names = (id: string): string => problem.hours.people.find((each) => each.id === id)?.name ?? '';
  return schedule.placed.flatMap(({ id, start, end, people, unit }): readonly DayTask[] => {
    const [task, own, by] = [tasks.get(id), left.get(id), held.get(id)];
    const job = task && jobOf.get(task.job);
    if (!task || !own || !job || !by) return [];
    const stands = job.stands.get(id) ?? { told: false, left: 1, worked: 0, running: false };
    const wanted = wantedAt(own, model);
    return [
      {
        ...{ task, jobName: job.name, start, end, minutes: own.minutes, people, unit, stands },
        ...{ held: by.by, why: heldSaid(by, { tasks, own: task, names }), longest: way.has(id) },
        ...told({ fixed: own.fixed, missed: wanted !== undefined && start > wanted ? wanted : undefined }),
      },
    ];
  });
}

/** When what is fixed would begin, were there nothing else. */
function wantedAt({ fixed, people }: Work, { teams, teamsOf, problem }: Model): Moment | undefined {
  if (fixed === undefined) return undefined;
  const at = Math.max(fixed, problem.now);
  return Math.min(...teamsOf[people].map((team) => teams[team]?.open.next(at) ?? at));
}

function dayJob({ job, name, tasks, due }: JobAtWork, { problem }: AtWork, { placed }: Schedule): DayJob {
  const ids = new Set(tasks.map(({ id }) => id));
  const own = placed.filter(({ id }) => ids.has(id));
  const end = own.length === 0 ? undefined : Math.max(...own.map((each) => each.end));
  const promised = due === undefined ? undefined : closesOn(problem.hours, due);
  const late = end === undefined || promised === undefined ? 0 : Math.max(0, end - promised);
  return { ...{ job, name, left: own.length, done: tasks.length - own.length, late }, ...told({ due, end }) };
}

/** Of work nothing of which is done there is nothing to learn. */
function takenOf({ jobs }: AtWork): readonly Taken[] {
  const each = jobs.map(({ tasks, stands, spent }) => {
    const done = tasks.filter(({ id }) => stands.get(id)?.done !== undefined).flatMap(({ parts }) => parts);
    return { done, spent };
  });
  const sum = (
    all: readonly { readonly operation: OperationId; readonly minutes: number }[],
    id: OperationId,
  ): number => all.reduce((minutes, one) => (one.operation === id ? minutes + one.minutes : minutes), 0);
  return OPERATION_IDS.flatMap((operation): readonly Taken[] => {
    const of = each.map(({ done, spent }) => ({ planned: sum(done, operation), taken: sum(spent, operation) }));
    const both = of.filter(({ planned, taken }) => planned > 0 && taken > 0);
    if (both.length === 0) return [];
    const share = median(both.map(({ planned, taken }) => taken / planned));
    const entries = each.reduce(
      (count, { spent }) => count + spent.filter((one) => one.operation === operation).length,
      0,
    );
    return [
      {
        ...{ operation, entries, planned: Math.round(both.reduce((all, one) => all + one.planned, 0)) },
        ...{ taken: both.reduce((all, one) => all + one.taken, 0), ...(share ? { share } : {}) },
      },
    ];
  });
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

type At = ReadonlyMap<string, { readonly start: Moment; readonly end: Moment }>;
type Arrives = Model['arrives'];

/** What tasks that are left want and have not: each once a job, for the first that wants it. */
function goodsIn({ jobs, problem }: AtWork, at: At, arrives: Arrives): readonly DayGood[] {
  const found = new Map<string, DayGood>();
  for (const job of jobs) {
    const ordering = orderingOf(job, at, problem.now);
    for (const task of job.tasks) {
      const start = at.get(task.id)?.start;
      if (start === undefined) continue;
      for (const good of task.goods) {
        const key = `${job.job} ${good.key}`;
        if (!found.has(key)) found.set(key, dayGood(good, job, task, { start, ordering, problem, arrives }));
      }
    }
  }
  return [...found.values()].sort((one, other) => ((one.orderBy ?? '9') < (other.orderBy ?? '9') ? -1 : 1));
}

/** When a job’s wants are ordered, or were. */
interface Ordering {
  readonly at: Moment;
  readonly done: boolean;
}

function orderingOf({ tasks, stands }: JobAtWork, at: At, now: Moment): Ordering {
  const order = tasks.find(({ kind }) => kind === 'order');
  const done = order && stands.get(order.id)?.done;
  return { at: done ?? (order && at.get(order.id)?.end) ?? now, done: done !== undefined };
}

function dayGood(
  good: Good,
  { job, name }: JobAtWork,
  task: Task,
  {
    start,
    ordering,
    problem: { now, hours },
    arrives,
  }: { readonly start: Moment; readonly ordering: Ordering; readonly problem: Problem; readonly arrives: Arrives },
): DayGood {
  const of = { ...good, job, jobName: name, for: task.called };
  if (good.lead === undefined) return { ...of, here: good.on === undefined ? start : opensOn(hours, good.on) };
  const here = arrives(good.ordered ? now : ordering.at, good.lead);
  return good.ordered || ordering.done
    ? { ...of, here }
    : { ...of, here, orderBy: lastDay(now, start, good.lead, arrives) };
}

/** So far back it is looked at most. */
const FURTHEST_BACK = 400;

/** The last day on which it may be ordered so that it is here by `wanted`; today where no later one does. */
function lastDay(now: Moment, wanted: Moment, lead: number, arrives: (at: Moment, lead: number) => Moment): string {
  for (let day = Math.min(dayOf(wanted), dayOf(now) + FURTHEST_BACK); day > dayOf(now); day -= 1)
    if (arrives(day * DAY, lead) <= wanted) return dateOf(day * DAY);
  return dateOf(now);
}

/** When it was fixed for and when it begins, in words. */
export const fixedMissed = ({ task, missed, start, why }: DayTask): Said | undefined =>
  missed === undefined
    ? undefined
    : said('FIXED_MISSED', { task: task.called, date: momentSaid(missed), on: momentSaid(start), why });

const momentSaid = (at: Moment): string => writeMoment(at).replace('T', ' ');
