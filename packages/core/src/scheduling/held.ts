import type { Said } from '../length';
import { said } from '../words';
import { modelOf } from './model';
import { dateOf, type Moment } from './moment';
import type { Placed, Problem, Schedule } from './problem';
import type { Task } from './task';

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
  const ids = problem.hours.people.map(({ id }) => id);
  const team = (each: Placed) =>
    model.teams.find(
      ({ members }) =>
        members.length === each.people.length && members.every((member) => each.people.includes(ids[member] ?? '')),
    );
  return new Map(
    placed.map((each): [string, HeldBy] => {
      const own = work.get(each.id);
      const open = team(each)?.open;
      const begins = (ready: Moment) => (own?.whole ? open?.fit(ready, own.minutes) : open?.next(ready));
      const atOnce = (ready: Moment): boolean =>
        ready <= each.start && ready > problem.now && (begins(ready) ?? 0) >= each.start;
      const { after = [], from = 0, fixed = 0, place, running } = own ?? {};
      if (running) return [each.id, { by: 'nothing' }];
      for (const { task, wait = 0, lead } of after) {
        const end = at.get(task)?.end;
        if (end === undefined) continue;
        if (lead !== undefined && atOnce(model.arrives(end, lead)))
          return [each.id, { by: 'goods', task, on: model.arrives(end, lead) }];
        if (atOnce(end + wait)) return [each.id, { by: 'after', task, waits: wait > 0 && !atOnce(end) }];
      }
      if (atOnce(fixed)) return [each.id, { by: 'fixed' }];
      if (atOnce(from)) return [each.id, { by: 'goods', on: from }];
      const busy = placed.filter((other) => other.id !== each.id);
      const holder = busy.find((other) => other.people.some((who) => each.people.includes(who)) && atOnce(other.end));
      if (holder)
        return [
          each.id,
          { by: 'person', task: holder.id, person: holder.people.find((who) => each.people.includes(who)) ?? '' },
        ];
      const inPlace = busy.find((other) => {
        const { place: there, holds = 0 } = work.get(other.id) ?? {};
        return there !== undefined && there === place && other.unit === each.unit && atOnce(other.end + holds);
      });
      if (inPlace) return [each.id, { by: 'place', task: inPlace.id }];
      return [each.id, each.start > problem.now ? { by: 'closed' } : { by: 'nothing' }];
    }),
  );
}

/** The longest way: from the piece that ends last (of a job, or of all) back by what holds each. */
export function longestWay(
  schedule: Schedule,
  held: ReadonlyMap<string, HeldBy>,
  of: (id: string) => boolean = () => true,
): readonly string[] {
  const at = new Map(schedule.placed.map((each) => [each.id, each]));
  const last = schedule.placed
    .filter(({ id }) => of(id))
    .reduce<Placed | undefined>((late, each) => (each.end > (late?.end ?? 0) ? each : late), undefined);
  const way: string[] = [];
  for (let each = last; each && way.length < schedule.placed.length;) {
    way.unshift(each.id);
    const by = held.get(each.id);
    each = by && 'task' in by && by.task !== undefined ? at.get(by.task) : undefined;
  }
  return way;
}

/** In words: what holds a task. */
export function heldSaid(
  held: HeldBy,
  tasks: ReadonlyMap<string, Task>,
  own: Task,
  names: (person: string) => string,
): Said {
  const called = (id: string): Said => tasks.get(id)?.called ?? said('text', { text: id });
  switch (held.by) {
    case 'after': {
      const why = tasks.get(held.task)?.stands?.why;
      return said('held/after', { task: called(held.task), ...(held.waits && why ? { waits: why } : {}) });
    }
    case 'goods': {
      const [good] = own.goods;
      const on = dateOf(held.on);
      return good ? said('held/goods', { what: good.what, on }) : said('held/fixed', { date: on });
    }
    case 'person':
      return said('held/person', { name: names(held.person), task: called(held.task) });
    case 'place':
      return own.place ? said('held/place', { place: own.place, task: called(held.task) }) : said('held/nothing');
    case 'fixed':
      return said('held/nothing');
    case 'closed':
      return said('held/closed');
    case 'nothing':
      return said('held/nothing');
  }
}
