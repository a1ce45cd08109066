import { openOn, sharedStretches, worksOn, type Stretch } from './hours';
import { dayOf, type Moment } from './moment';
import { OpenTime } from './open-time';
import type { Problem, Work, WorkPlace } from './problem';

/** People who can do a piece of work together, and when. */
export interface Team {
  readonly members: readonly number[];
  readonly open: OpenTime;
}

/** What comes before a piece of work, by its index. */
export interface Before {
  readonly index: number;
  readonly wait: number;
  readonly lead?: number;
}

/** A problem by numbers, made once for every order that is tried of it. */
export interface Model {
  readonly problem: Problem;
  readonly work: readonly Work[];
  readonly before: readonly (readonly Before[])[];
  readonly after: readonly (readonly number[])[];
  /** Whatever is before stands before; what waits for itself is not in it. */
  readonly sorted: readonly number[];
  readonly teams: readonly Team[];
  /** By how many it takes, which teams can. */
  readonly teamsOf: Readonly<Record<1 | 2, readonly number[]>>;
  /** When anybody at all works. */
  readonly anybody: OpenTime;
  readonly jobs: readonly string[];
  readonly jobOf: readonly number[];
  readonly due: readonly (Moment | undefined)[];
  readonly capacity: Readonly<Record<WorkPlace, number>>;
  /** When goods are here that are ordered at `at` and take so many working days. */
  readonly arrives: (at: Moment, lead: number) => Moment;
}

export function modelOf(problem: Problem): Model {
  const { work, hours, now, due, places } = problem;
  const indexOf = new Map(work.map(({ id }, index) => [id, index]));
  const before = work.map(({ after }) =>
    after.flatMap(({ task, wait = 0, lead }): readonly Before[] => {
      const index = indexOf.get(task);
      return index === undefined ? [] : [{ index, wait, ...(lead === undefined ? {} : { lead }) }];
    }),
  );
  const after = work.map((): number[] => []);
  before.forEach((all, index) => all.forEach((each) => after[each.index]?.push(index)));
  const jobs = [...new Set(work.map(({ job }) => job))];
  const first = dayOf(now);
  const days = hours.people.map(
    (person) =>
      (day: number): readonly Stretch[] =>
        worksOn(hours, person, day),
  );
  const teams = teamsOf(days, first);
  const shop = new OpenTime((day) => openOn(hours, day), first);
  return {
    ...{ problem, work, before, after, jobs, sorted: sorted(before, after), teams: [...teams[1], ...teams[2]] },
    teamsOf: { 1: teams[1].map((_, index) => index), 2: numbersFrom(teams[1].length, teams[2].length, teams[1]) },
    anybody: new OpenTime((day) => merged(days.flatMap((on) => on(day))), first),
    jobOf: work.map(({ job }) => jobs.indexOf(job)),
    due: jobs.map((job) => due[job]),
    capacity: { ...{ saw: 1, bench: 1, finishing: 1, site: 1 }, ...places },
    arrives: (at, lead) => shop.dayAfter(at, lead),
  };
}

/** Where one works alone, they do what takes two as well: it is told in its minutes. */
const numbersFrom = (from: number, count: number, singles: readonly Team[]): readonly number[] =>
  singles.length < 2 ? singles.map((_, index) => index) : Array.from({ length: count }, (_, index) => from + index);

function teamsOf(
  days: readonly ((day: number) => readonly Stretch[])[],
  first: number,
): Record<1 | 2, readonly Team[]> {
  const one = days.map((on, index): Team => ({ members: [index], open: new OpenTime(on, first) }));
  const two = days.flatMap((on, index) =>
    days.slice(index + 1).map((other, further): Team => ({
      members: [index, index + 1 + further],
      open: new OpenTime((day) => sharedStretches(on(day), other(day)), first),
    })),
  );
  return { 1: one, 2: two };
}

/** Stretches of several people as one: what any of them works. */
function merged(all: readonly Stretch[]): readonly Stretch[] {
  const out: Stretch[] = [];
  for (const each of [...all].sort((one, other) => one.from - other.from)) {
    const last = out.at(-1);
    if (last && each.from <= last.to) out[out.length - 1] = { from: last.from, to: Math.max(last.to, each.to) };
    else out.push(each);
  }
  return out;
}

function sorted(before: Model['before'], after: Model['after']): readonly number[] {
  const left = before.map((all) => all.length);
  const ready = left.flatMap((count, index) => (count === 0 ? [index] : []));
  // It grows while it is gone through.
  for (const index of ready)
    for (const next of after[index] ?? []) {
      left[next] = (left[next] as number) - 1;
      if (left[next] === 0) ready.push(next);
    }
  return ready;
}
