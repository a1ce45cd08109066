import type { Model } from './model';
import type { Built } from './placer';
import type { NoTime, Placed, Schedule } from './problem';

/** An order by numbers as it is told. */
export function scheduleOf(model: Model, { start, end, team, unit, missed, late, last }: Built): Schedule {
  const name = (member: number): string => model.problem.hours.people[member]?.id ?? '';
  const placed = model.work.flatMap(({ id }, index): readonly Placed[] => {
    const [from, to] = [start[index] as number, end[index] as number];
    if (!Number.isFinite(to)) return [];
    const people = (model.teams[team[index] as number]?.members ?? []).map(name);
    return [{ id, start: from, end: to, people, unit: unit[index] as number }];
  });
  const has = new Set(placed.map(({ id }) => id));
  return {
    placed: placed.sort((one, other) => one.start - other.start || one.end - other.end || (one.id < other.id ? -1 : 1)),
    without: model.work.flatMap((_, index) =>
      has.has(model.work[index]?.id ?? '') ? [] : [noTime(model, index, has)],
    ),
    ...{ missed, late, end: last },
  };
}

function noTime(model: Model, index: number, has: ReadonlySet<string>): { readonly id: string; readonly why: NoTime } {
  const { id = '', people = 1, minutes = 0, whole } = model.work[index] ?? {};
  const why = (): NoTime => {
    if ((model.before[index] ?? []).some((each) => !has.has(model.work[each.index]?.id ?? ''))) return 'waits';
    const fits = model.teamsOf[people].some((team) =>
      Number.isFinite(model.teams[team]?.open.fit(model.problem.now, whole ? minutes : 1) ?? Number.POSITIVE_INFINITY),
    );
    return fits ? 'waits' : whole ? 'too-long' : 'nobody';
  };
  return { id, why: why() };
}
