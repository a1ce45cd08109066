import { modelOf } from './model';
import type { Moment } from './moment';
import { listBy } from './orders';
import { Placer, type Built } from './placer';
import type { Placed, Problem, Schedule } from './problem';
import { scheduleOf } from './schedule-of';

/** A piece of work where somebody saw it placed. */
export type Seen = Pick<Placed, 'id' | 'start' | 'people'>;

const LAST: Moment = Number.MAX_SAFE_INTEGER;

/**
 * The order of work that was seen, without a search: every piece by whom and no sooner than it was seen, later only where
 * something is in its way (the clock went on, somebody else fixed something). No constraint is broken, whatever was said to
 * be seen; what was not seen comes last. Pure; bound as one order.
 */
export const asSeen = (problem: Problem, seen: readonly Seen[]): Schedule =>
  scheduleOf(modelOf(problem), builtAsSeen(problem, seen).built);

/** An order that is begun with: the list it is placed by, by which teams, and what came of it. */
export interface Begun {
  readonly list: readonly number[];
  readonly wish: readonly number[];
  readonly built: Built;
}

/** `asSeen` by numbers. */
export function builtAsSeen(problem: Problem, seen: readonly Seen[]): Begun {
  const at = new Map(seen.map((each) => [each.id, each]));
  const work = problem.work.map((each) => {
    const start = at.get(each.id)?.start ?? each.from;
    return start === undefined ? each : { ...each, from: Math.max(start, each.from ?? start) };
  });
  const model = modelOf({ ...problem, work });
  const idOf = (member: number): string => problem.hours.people[member]?.id ?? '';
  const wish = work.map(({ id, people }) => {
    const by = at.get(id)?.people ?? [];
    const isTeam = ({ members }: { readonly members: readonly number[] }): boolean =>
      members.length === by.length && members.every((member) => by.includes(idOf(member)));
    return model.teamsOf[people].find((team) => isTeam(model.teams[team] ?? { members: [] })) ?? -1;
  });
  const list = listBy(
    model,
    work.map(({ id }) => at.get(id)?.start ?? LAST),
  );
  const placer = new Placer(model);
  // What is fixed was seen where it was put: its time is kept free already.
  placer.place(list, wish, new Set(work.keys()));
  return { list, wish, built: placer.built() };
}
