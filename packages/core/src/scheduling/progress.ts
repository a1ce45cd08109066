import { cutRecords } from '../cutting';
import { doorSteps, frontSteps, hangSteps, stepsDone } from '../fitting';
import type { Deed, LogEntry, OperationId } from '../job';
import { everyDoor } from '../pullouts';
import type { Counted } from './counted';
import { dayOf, type Moment } from './moment';
import { OpenTime } from './open-time';
import { openOn, type Hours } from './hours';
import type { Task } from './task';

/** How a moment of a record (ISO 8601, in UTC) stands on the clock of the shop. */
export type Clock = (at: string) => Moment;

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

interface Facts {
  /** Which share of it is done, and when the last of it was. */
  readonly share: number;
  readonly at?: Moment;
}

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
  const facts = factsOf(counted, clock);
  const found = new Map<string, Standing>();
  for (const task of tasks) {
    const name = task.id.slice(task.job.length + 1);
    const fact = facts(task, name);
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
    const since =
      stands.done ?? (stands.running || stands.left < 1 || stands.worked > 0 ? (stands.begun ?? 0) : undefined);
    if (since === undefined || task.kind === 'order') continue;
    for (const { task: before } of task.after) {
      const was = found.get(before);
      if (was && was.done === undefined && !was.running && !(was.told && was.left === 1 && stands.done === undefined))
        found.set(before, { ...was, done: since, left: 0 });
    }
  }
  return found;
}

type FactsOf = (task: Task, name: string) => Facts | undefined;

/** What gates, cuts, readings and steps say of tasks by their kind. */
function factsOf(counted: Counted, clock: Clock): FactsOf {
  const { job, plan } = counted.of;
  const log = job.log ?? [];
  const latest = (deeds: readonly (Deed | undefined)[]): Facts | undefined => {
    if (deeds.length === 0 || deeds.some((deed) => !deed)) return undefined;
    return { share: 1, at: Math.max(...deeds.map((deed) => clock(deed?.at ?? ''))) };
  };
  const banks = job.cases.flatMap((owner) => owner.banks);
  const gatesOfCase = (id: string) => job.cases.find((each) => each.id === id)?.gates;
  const steps = (all: readonly { readonly of: string; readonly names: readonly string[] }[]): Facts | undefined => {
    const total = all.reduce((sum, { names }) => sum + names.length, 0);
    const done = all.flatMap(({ of, names }) => {
      const made = stepsDone(log, of);
      return names.flatMap((name) => made.get(name) ?? []);
    });
    return done.length === 0
      ? undefined
      : { share: done.length / total, at: Math.max(...done.map(({ at }) => clock(at))) };
  };
  const planned = plan.cases.flatMap((owner) =>
    owner.banks.map((bank) => ({ of: `${owner.id}/${bank.bank.id}`, bank })),
  );
  const records = cutRecords(job);
  const cut = (stage: Task['stage']): Facts | undefined => {
    const parts = stage ? (counted.parts.get(stage) ?? []) : [];
    const made = parts.flatMap(({ name }) => {
      const record = records.get(name);
      return record && record.wrong === undefined ? [record] : [];
    });
    return made.length === 0
      ? undefined
      : { share: made.length / parts.length, at: Math.max(...made.map(({ at }) => clock(at))) };
  };
  const whole = job.cases.filter(({ build }) => build);
  const table: Readonly<Partial<Record<Task['kind'], (task: Task, name: string) => Facts | undefined>>> = {
    survey: () =>
      whole.length > 0
        ? latest(whole.map(({ gates: g }) => g?.survey ?? g?.glued ?? g?.standing ?? g?.level))
        : allBuilt(banks),
    cut: ({ stage }) => cut(stage),
    case: (_, name) => {
      const gates = gatesOfCase(name.slice('case-'.length));
      return latest([gates?.glued ?? gates?.standing ?? gates?.level]);
    },
    frame: (_, name) => {
      const gates = gatesOfCase(name.slice('frame-'.length));
      return latest([gates?.standing ?? gates?.level]);
    },
    measure: () => allBuilt(banks),
    hang: () =>
      latest(banks.map(({ gates }) => gates?.hung)) ??
      steps(planned.map(({ of, bank }) => ({ of, names: hangSteps(bank).map(({ name }) => name) }))),
    front: () => steps(planned.map(({ of, bank }) => ({ of, names: frontSteps(bank).map(({ name }) => name) }))),
    hinge: () =>
      steps(
        plan.cases.flatMap((owner) =>
          everyDoor(owner.doors, owner.things).map((door) => ({
            of: `${owner.id}/${door.id}`,
            names: doorSteps(door).map(({ name }) => name),
          })),
        ),
      ),
    install: (_, name) => latest([gatesOfCase(name.slice('install-'.length))?.level]),
  };
  return (task, name) => table[task.kind]?.(task, name);
}

const allBuilt = (banks: readonly { readonly basis: string }[]): Facts | undefined =>
  banks.length > 0 && banks.every(({ basis }) => basis === 'as-built') ? { share: 1 } : undefined;

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
