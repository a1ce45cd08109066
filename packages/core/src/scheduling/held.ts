import type { Said } from '../length';
import { said } from '../words';
import { modelOf, type Model } from './model';
import { dateOf, type Moment } from './moment';
import type { Placed, Problem, Schedule, Work } from './problem';
import type { Task } from './task';
import { told } from './told';

/** What a piece of work waits for last: what is before it, what is ordered, who or what is busy, a date, or the opening. */
export type HeldBy =
  | { readonly by: 'after'; readonly task: string; readonly waits: boolean }
  | { readonly by: 'goods'; readonly task?: string; readonly on: Moment }
  | { readonly by: 'person'; readonly task: string; readonly person: string }
  | { readonly by: 'place'; readonly task: string }
  | { readonly by: 'fixed' }
  | { readonly by: 'closed' }
  | { readonly by: 'nothing' };

/** Why every piece of an order begins when it does and not before. Bound: pieces × pieces. */
export function heldOf(problem: Problem, { placed }: Schedule): ReadonlyMap<string, HeldBy> {
  const model = modelOf(problem);
  const at = new Map(placed.map((each) => [each.id, each]));
  const work = new Map(problem.work.map((each) => [each.id, each]));
  return new Map(
    placed.map((each): [string, HeldBy] => {
      const own = work.get(each.id);
      if (!own || own.running) return [each.id, { by: 'nothing' }];
      const of = { model, own, each, at, work, atOnce: atOnceOf(model, own, each) };
      const otherwise = each.start > problem.now ? 'closed' : 'nothing';
      return [each.id, heldByBefore(of) ?? heldByDate(of) ?? heldByOthers(of, placed) ?? { by: otherwise }];
    }),
  );
}

interface Of {
  readonly model: Model;
  readonly own: Work;
  readonly each: Placed;
  readonly at: ReadonlyMap<string, Placed>;
  readonly work: ReadonlyMap<string, Work>;
  /** Whether it could begin no earlier, had it become free to begin at a moment. */
  readonly atOnce: (ready: Moment) => boolean;
}

function atOnceOf(model: Model, { whole, minutes }: Work, { people, start }: Placed): Of['atOnce'] {
  const ids = model.problem.hours.people.map(({ id }) => id);
  const isTeam = (members: readonly number[]): boolean =>
    members.length === people.length && members.every((member) => people.includes(ids[member] ?? ''));
  const open = model.teams.find(({ members }) => isTeam(members))?.open;
  const begins = (ready: Moment): Moment => (whole ? open?.fit(ready, minutes) : open?.next(ready)) ?? 0;
  return (ready) => ready <= start && ready > model.problem.now && begins(ready) >= start;
}

function heldByBefore({ model, own, at, atOnce }: Of): HeldBy | undefined {
  for (const { task, wait = 0, lead } of own.after) {
    const end = at.get(task)?.end;
    if (end === undefined) continue;
    const here = lead === undefined ? undefined : model.arrives(end, lead);
    if (here !== undefined && atOnce(here)) return { by: 'goods', task, on: here };
    if (atOnce(end + wait)) return { by: 'after', task, waits: wait > 0 && !atOnce(end) };
  }
  return undefined;
}

function heldByDate({ own: { fixed = 0, from = 0 }, atOnce }: Of): HeldBy | undefined {
  if (atOnce(fixed)) return { by: 'fixed' };
  return atOnce(from) ? { by: 'goods', on: from } : undefined;
}

function heldByOthers({ model, own, each, work, atOnce }: Of, placed: readonly Placed[]): HeldBy | undefined {
  const others = placed.filter(({ id }) => id !== each.id);
  for (const other of others) {
    const person = other.people.find((who) => each.people.includes(who));
    if (person !== undefined && atOnce(other.end)) return { by: 'person', task: other.id, person };
  }
  const inPlace = others.find((other) => {
    const { place, holds = 0 } = work.get(other.id) ?? {};
    return place !== undefined && place === own.place && other.unit === each.unit && atOnce(other.end + holds);
  });
  const wet = model.problem.held?.find(({ place, until }) => place === own.place && atOnce(until));
  const task = inPlace?.id ?? wet?.task;
  return task === undefined ? undefined : { by: 'place', task };
}

/** The longest way: from the piece that ends last back by what holds each. */
export function longestWay(schedule: Schedule, held: ReadonlyMap<string, HeldBy>): readonly string[] {
  const at = new Map(schedule.placed.map((each) => [each.id, each]));
  const last = schedule.placed.reduce<Placed | undefined>(
    (late, each) => (each.end > (late?.end ?? 0) ? each : late),
    undefined,
  );
  const way: string[] = [];
  for (let each = last; each && way.length < schedule.placed.length;) {
    way.unshift(each.id);
    const by = held.get(each.id);
    each = by && 'task' in by && by.task !== undefined ? at.get(by.task) : undefined;
  }
  return way;
}

/** What a task that is held is told by. */
interface Telling {
  readonly tasks: ReadonlyMap<string, Task>;
  readonly own: Task;
  readonly names: (person: string) => string;
}

/** In words: what holds a task. */
export function heldSaid(held: HeldBy, { tasks, own, names }: Telling): Said {
  const called = (id: string): Said => tasks.get(id)?.called ?? said('text', { text: id });
  switch (held.by) {
    case 'after': {
      const why = held.waits ? tasks.get(held.task)?.stands?.why : undefined;
      return said('held/after', { task: called(held.task), ...told({ waits: why }) });
    }
    case 'goods':
      return goodsSaid(own, dateOf(held.on));
    case 'person':
      return said('held/person', { name: names(held.person), task: called(held.task) });
    case 'place':
      return own.place ? said('held/place', { place: own.place, task: called(held.task) }) : said('held/nothing');
    default:
      return said(held.by === 'closed' ? 'held/closed' : 'held/nothing');
  }
}

function goodsSaid({ goods: [good] }: Task, on: string): Said {
  return good ? said('held/goods', { what: good.what, on }) : said('held/fixed', { date: on });
}
