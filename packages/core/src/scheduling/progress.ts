import type { LogEntry, OperationId } from '../job';
import type { Counted } from './counted';
import { factsOf, type Clock } from './facts';
import { dayOf, type Moment } from './moment';
import { OpenTime } from './open-time';
import { openOn, type Hours } from './hours';
import type { Task } from './task';

/** How far a task is, by what the record says. */
export interface Standing {
  readonly done?: Moment;
  /** It was said of the task itself, or of its parts; not only of what follows it. */
  readonly told: boolean;
  /** What is left of its minutes, as a share, before what was worked on it. */
  readonly left: number;
  /** Minutes that were worked on it, from begin to pause. */
  readonly worked: number;
  readonly begun?: Moment;
  /** Under way now, by whom. */
  readonly by?: string;
  readonly running: boolean;
}

const NOT: Standing = { told: false, left: 1, worked: 0, running: false };

/** What the record says of every task of a job; what follows from what is done is done. Pure; bound by tasks and entries. */
export function progressOf(
  tasks: readonly Task[],
  counted: Counted,
  hours: Hours,
  clock: Clock,
): ReadonlyMap<string, Standing> {
  const { job } = counted.of;
  const marks = new Map<string, LogEntry[]>();
  for (const entry of job.log ?? [])
    if (entry.kind === 'task') marks.set(entry.task, [...(marks.get(entry.task) ?? []), entry]);
  const found = new Map<string, Standing>();
  for (const task of tasks) {
    const name = task.id.slice(task.job.length + 1);
    const fact = factsOf(counted, clock, task, name);
    const base: Standing =
      fact && fact.share >= 1
        ? { ...NOT, told: true, left: 0, done: fact.at ?? 0 }
        : fact
          ? { ...NOT, left: 1 - fact.share }
          : NOT;
    found.set(task.id, marked(base, marks.get(name) ?? [], hours, clock));
  }
  return withWhatFollows(tasks, found);
}

function marked(base: Standing, marks: readonly LogEntry[], hours: Hours, clock: Clock): Standing {
  let stands = base;
  let since: Moment | undefined;
  for (const entry of marks) {
    if (entry.kind !== 'task') continue;
    const at = clock(entry.at);
    if (since !== undefined && entry.did !== 'begin')
      stands = { ...stands, worked: stands.worked + workedBetween(hours, since, at) };
    since = entry.did === 'begin' ? at : undefined;
    const { done: _, by: __, ...rest } = stands;
    if (entry.did === 'done') stands = { ...rest, done: at, told: true, running: false };
    else if (entry.did === 'undone') stands = { ...rest, told: true, left: 1, worked: 0, running: false };
    else if (entry.did === 'begin')
      stands = { ...rest, running: true, begun: rest.begun ?? at, ...(entry.by === undefined ? {} : { by: entry.by }) };
    else stands = { ...rest, running: false };
  }
  return stands;
}

/** Minutes of work between two moments: by the clock within a day, over nights only while the shop is open. */
export function workedBetween(hours: Hours, from: Moment, to: Moment): number {
  if (to <= from) return 0;
  if (dayOf(from) === dayOf(to)) return to - from;
  const open = new OpenTime((day) => openOn(hours, day), dayOf(from));
  return open.until(to) - open.until(from);
}

/** Whatever must come before something that is done or under way is done as well. What was ordered may have been for something else. */
function withWhatFollows(tasks: readonly Task[], found: Map<string, Standing>): ReadonlyMap<string, Standing> {
  // Tasks stand in their order: from the last on, what comes before has its turn later.
  for (const task of [...tasks].reverse()) {
    const stands = found.get(task.id) ?? NOT;
    const since = sinceWhen(stands);
    if (since === undefined || task.kind === 'order') continue;
    for (const { task: before } of task.after) {
      const was = found.get(before);
      if (was && isTakenAsDone(was, stands)) found.set(before, { ...was, done: since, left: 0 });
    }
  }
  return found;
}

/** Since when something of it is done; nothing where nothing is. */
function sinceWhen({ done, running, left, worked, begun = 0 }: Standing): Moment | undefined {
  if (done !== undefined) return done;
  return running || left < 1 || worked > 0 ? begun : undefined;
}

/** Not what is under way itself, nor what was said not to be done after all while what follows it is only begun. */
function isTakenAsDone(was: Standing, follows: Standing): boolean {
  if (was.done !== undefined || was.running) return false;
  return !was.told || was.left < 1 || follows.done !== undefined;
}

/** Which kinds of work the minutes of a task are written down under: by what the price counts of each, adding up to all. */
export function timesOf(
  task: Pick<Task, 'parts'>,
  minutes: number,
): readonly { readonly operation: OperationId; readonly minutes: number }[] {
  const all = task.parts.reduce((sum, each) => sum + each.minutes, 0);
  let [gone, told] = [0, 0];
  return task.parts.flatMap(({ operation, minutes: each }) => {
    gone += each;
    const until = all > 0 ? Math.round((minutes * gone) / all) : 0;
    const own = until - told;
    told = until;
    return own > 0 ? [{ operation, minutes: own }] : [];
  });
}
