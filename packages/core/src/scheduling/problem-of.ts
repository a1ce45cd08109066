import type { OperationId } from '../job';
import type { Said } from '../length';
import { openOn, type Hours } from './hours';
import { DAY, dayOf, momentOf, type Moment } from './moment';
import { OpenTime } from './open-time';
import type { After, HeldPlace, Problem, Work } from './problem';
import type { Standing } from './progress';
import type { Good, Task } from './task';

/** A job with its tasks, and how far each is. */
export interface JobAtWork {
  readonly job: string;
  readonly name: string;
  readonly tasks: readonly Task[];
  readonly stands: ReadonlyMap<string, Standing>;
  /** Promised for this day: done when it closes. */
  readonly due?: string;
  /** Time as it was written down on kinds of work. */
  readonly spent: readonly { readonly operation: OperationId; readonly minutes: number }[];
  /** What came out wrong, when. */
  readonly faults: readonly { readonly at: Moment; readonly fault: Said }[];
  /** By task, when it is to begin. */
  readonly fixed: Readonly<Record<string, Moment>>;
}

export interface ShopAtWork {
  readonly hours: Hours;
  readonly places?: Problem['places'];
  readonly now: Moment;
}

/** Of what took longer than it was planned this share is thought to be left, five minutes at least. */
const STILL = 0.1;
const LEAST = 5;

/** What is left of a task: of what was worked on it the rest; never nothing, while it is not done. */
function leftOf({ planned }: Task, { left, worked }: Standing): number {
  const rest = Math.ceil(planned * left - worked);
  return Math.max(Math.min(planned, Math.max(LEAST, Math.ceil(planned * STILL))), rest);
}

/** When a shop opens on a day or, where it doesn’t, on the next it does. */
export function opensOn(hours: Hours, date: string): Moment {
  const day = dayOf(momentOf(date));
  return new OpenTime((each) => openOn(hours, each), day).next(day * DAY);
}

/** When what is promised for a day must be done: at its closing; where it is shut at its end. */
export function closesOn(hours: Hours, date: string): Moment {
  const day = dayOf(momentOf(date));
  return day * DAY + (openOn(hours, day).at(-1)?.to ?? DAY);
}

/** What is left of all jobs, as an order is made of it: as it went, not as it was planned. Bound by tasks and what they wait for. */
export function problemOf(jobs: readonly JobAtWork[], { hours, places, now }: ShopAtWork): Problem {
  const open = jobs.map((each) => ({
    ...each,
    open: each.tasks.filter(({ id }) => each.stands.get(id)?.done === undefined),
  }));
  return {
    ...{ now, hours },
    ...(places ? { places } : {}),
    work: open.flatMap((each) => each.open.map((task) => workOf(task, each, { hours, now }))),
    due: Object.fromEntries(
      jobs.flatMap(({ job, due }) => (due === undefined ? [] : [[job, closesOn(hours, due)] as const])),
    ),
    held: jobs.flatMap(({ tasks, stands }) => tasks.flatMap((task) => heldBy(task, stands.get(task.id), now))),
  };
}

/** What is done and still wet keeps its place. */
function heldBy({ id, place, holds = 0 }: Task, stands: Standing | undefined, now: Moment): readonly HeldPlace[] {
  if (!place || holds === 0 || stands?.done === undefined) return [];
  const until = stands.done + holds;
  return until > now ? [{ place, until, task: id }] : [];
}

/** Working days of what is still to be ordered. */
const toOrder = ({ lead = 0, ordered }: Good): number => (ordered ? 0 : lead);

/**
 * When what is ordered is here: on the day it is promised for; of what nobody promised a day for as long from now as is usual,
 * and of what was ordered outside of the lists as long from then.
 */
function expected(
  { on, lead = 0, ordered: listed }: Good,
  hours: Hours,
  { now, ordered }: { readonly now: Moment; readonly ordered: Moment | undefined },
): readonly Moment[] {
  if (on !== undefined) return [opensOn(hours, on)];
  const since = listed ? now : ordered;
  if (since === undefined || lead === 0) return [];
  return [new OpenTime((day) => openOn(hours, day), dayOf(since)).dayAfter(since, lead)];
}

function workOf(
  task: Task,
  { tasks, stands, fixed, job }: JobAtWork,
  { hours, now }: Pick<ShopAtWork, 'hours' | 'now'>,
): Work {
  const own = stands.get(task.id);
  const done = (id: string): Moment | undefined => stands.get(id)?.done;
  const after = task.after.filter(({ task: before }) => done(before) === undefined);
  const since = task.after.map(({ task: before, wait = 0 }) => (done(before) ?? 0) + wait);
  const order = tasks.find(({ kind }) => kind === 'order');
  const ordered = order && done(order.id);
  const promised = task.goods.flatMap((good) => expected(good, hours, { now, ordered }));
  const lead = ordered === undefined ? Math.max(0, ...task.goods.map(toOrder)) : 0;
  const bought: readonly After[] = lead > 0 && order ? [{ task: order.id, lead }] : [];
  const at = fixed[task.id.slice(job.length + 1)];
  const { id, people: count, place, whole, holds } = task;
  // The record knows people by their names.
  const by = hours.people
    .flatMap((each) => (own?.by === each.id || own?.by === each.name ? [each.id] : []))
    .slice(0, 1);
  return {
    ...{ id, job, people: count, minutes: own ? leftOf(task, own) : task.planned, after: [...after, ...bought] },
    from: Math.max(0, ...since, ...promised),
    ...(place ? { place } : {}),
    ...(whole ? { whole } : {}),
    ...(holds ? { holds } : {}),
    ...(at === undefined ? {} : { fixed: at }),
    ...(own?.running ? { running: { people: by } } : {}),
  };
}
