import fc from 'fast-check';
import type { Hours, Week } from './hours';
import { DAY, momentOf, type Moment } from './moment';
import type { After, Placed, Problem, Schedule, Work } from './problem';

/** Whether a person works in a minute, told from what was said of the week alone: nothing of the tables that orders are made by. */
function worksAt(hours: Hours, who: string, at: Moment): boolean {
  const person = hours.people.find(({ id }) => id === who);
  const date = new Date(at * 60_000);
  const [day, minute] = [date.toISOString().slice(0, 10), date.getUTCHours() * 60 + date.getUTCMinutes()];
  const weekday = (date.getUTCDay() + 6) % 7;
  const off = [...hours.closed, ...(person?.off ?? [])].some(({ from, to }) => day >= from && day <= to);
  const within = (week: Week): boolean => (week[weekday] ?? []).some(({ from, to }) => minute >= from && minute < to);
  return !off && within(hours.week) && (person?.week === undefined || within(person.week));
}

/** Everything an order of work breaks, in words; checked minute by minute and against the rules, not by how it was made. */
export function broken(problem: Problem, { placed }: Schedule): readonly string[] {
  const at = new Map(placed.map((each) => [each.id, each]));
  const work = new Map(problem.work.map((each) => [each.id, each]));
  return [
    ...placed.flatMap((each) => ofOne(problem, work.get(each.id) as Work, each, at)),
    ...overlaps(placed, (each) => each.people.map((who) => [who, each.start, each.end] as const)),
    ...overlaps(placed, (each) => {
      const { place, holds = 0 } = work.get(each.id) as Work;
      return place ? [[`${place} ${each.unit}`, each.start, each.end + holds] as const] : [];
    }),
    ...placed.flatMap(({ id, unit }) => {
      const { place } = work.get(id) as Work;
      return place && unit >= (problem.places?.[place] ?? 1) ? [`${id}: there is no ${place} ${unit}`] : [];
    }),
  ];
}

function ofOne(problem: Problem, work: Work, { id, start, end, people }: Placed, at: ReadonlyMap<string, Placed>) {
  const out: string[] = [];
  const say = (what: string): void => void out.push(`${id}: ${what}`);
  if (start < Math.max(problem.now, work.from ?? 0)) say('begins too early');
  if (!work.running && start < (work.fixed ?? 0)) say('begins before it is fixed for');
  if (people.length !== Math.min(work.people, problem.hours.people.length)) say(`is done by ${people.length}`);
  let worked = 0;
  let breaks = 0;
  for (let minute = start; minute < end; minute += 1) {
    const open = people.every((who) => worksAt(problem.hours, who, minute));
    if (open) worked += 1;
    else breaks += 1;
  }
  if (worked !== work.minutes) say(`is worked on for ${worked} of ${work.minutes}`);
  if (!people.every((who) => worksAt(problem.hours, who, start) && worksAt(problem.hours, who, end - 1)))
    say('begins or ends while nobody works');
  if (work.whole && !work.running && breaks > 0) say('is left at a closing');
  if (work.running) return out;
  for (const after of work.after) out.push(...tooEarly(problem, id, start, after, at));
  return out;
}

function tooEarly(
  { hours, work }: Problem,
  id: string,
  start: Moment,
  { task, wait = 0, lead }: After,
  at: ReadonlyMap<string, Placed>,
) {
  if (!work.some((each) => each.id === task)) return [];
  const before = at.get(task);
  if (!before) return [`${id}: begins without ${task}`];
  if (start < before.end + wait) return [`${id}: begins ${before.end + wait - start} before ${task} lets it`];
  if (lead === undefined || lead === 0) return [];
  // So many days with an opening, after the day it was ordered.
  let [day, days] = [Math.floor(before.end / DAY), 0];
  while (days < lead) {
    day += 1;
    const date = new Date(day * DAY * 60_000).toISOString().slice(0, 10);
    const open = hours.week[(new Date(day * DAY * 60_000).getUTCDay() + 6) % 7] ?? [];
    if (open.length > 0 && !hours.closed.some(({ from, to }) => date >= from && date <= to)) days += 1;
  }
  const opens = (hours.week[(new Date(day * DAY * 60_000).getUTCDay() + 6) % 7] ?? [])[0]?.from ?? 0;
  return start < day * DAY + opens ? [`${id}: begins before what ${task} ordered is here`] : [];
}

function overlaps(placed: readonly Placed[], of: (each: Placed) => readonly (readonly [string, Moment, Moment])[]) {
  const all = placed.flatMap((each) => of(each).map(([what, from, to]) => ({ what, from, to, id: each.id })));
  return all.flatMap((one, index) =>
    all
      .slice(index + 1)
      .filter((other) => one.what === other.what && one.from < other.to && other.from < one.to)
      .map((other) => `${one.what}: ${one.id} and ${other.id} at once`),
  );
}

const MONDAY = momentOf('2026-11-30', 8 * 60);

export interface ShopOf {
  readonly jobs: number;
  readonly tasks: number;
  /** Minutes of work are whole multiples of it. */
  readonly grain: number;
  readonly people?: number;
}

const WEEKS: readonly Week[] = [
  // A morning and an afternoon; a short Friday; Saturdays too; two hours in the evening.
  [
    ...Array.from({ length: 5 }, () => [
      { from: 480, to: 720 },
      { from: 780, to: 1020 },
    ]),
    [],
    [],
  ],
  [...Array.from({ length: 4 }, () => [{ from: 420, to: 1050 }]), [{ from: 420, to: 720 }], [], []],
  [...Array.from({ length: 6 }, () => [{ from: 540, to: 900 }]), []],
];

/** A made-up shop with work in it, from one number. */
export function shopOf(chance: () => number, { jobs, tasks, grain, people: most = 3 }: ShopOf): Problem {
  const pick = (count: number): number => Math.floor(chance() * count);
  const people = Array.from({ length: 1 + pick(most) }, (_, index) => ({
    ...{ id: `p${index}`, name: `P${index}` },
    ...(chance() < 0.3 ? { week: WEEKS[pick(3)] as Week } : {}),
    ...(chance() < 0.2 ? { off: [{ from: '2026-12-02', to: '2026-12-03' }] } : {}),
  }));
  const work = Array.from({ length: tasks }, (_, index): Work => {
    const job = `j${index % jobs}`;
    const earlier = Array.from({ length: index }, (_each, at) => at).filter((at) => at % jobs === index % jobs);
    const after = earlier.slice(-4).flatMap((at): readonly After[] => {
      if (chance() > 0.4) return [];
      const kind = chance();
      return [
        {
          task: `t${at}`,
          ...(kind < 0.25 ? { wait: [60, 120, 1440][pick(3)] as number } : kind < 0.3 ? { lead: 1 + pick(3) } : {}),
        },
      ];
    });
    const place = ([undefined, 'saw', 'bench', 'bench', 'finishing', 'site'] as const)[pick(6)];
    return {
      ...{ id: `t${index}`, job, minutes: grain * (1 + pick(Math.max(2, Math.floor(180 / grain)))), after },
      people: people.length > 1 && chance() < 0.15 ? 2 : 1,
      whole: chance() < 0.35,
      ...(place ? { place } : {}),
      ...(place === 'finishing' ? { holds: 60 * pick(4) } : {}),
      ...(chance() < 0.06 ? { from: MONDAY + 1440 * pick(4) } : {}),
      ...(chance() < 0.03 ? { fixed: MONDAY + 1440 * (1 + pick(6)) } : {}),
    };
  });
  return {
    ...{ now: MONDAY + pick(8) * 30, work },
    hours: {
      week: WEEKS[pick(2)] as Week,
      closed: chance() < 0.3 ? [{ from: '2026-12-04', to: '2026-12-06' }] : [],
      people,
    },
    ...(chance() < 0.2 ? { places: { bench: 2 } } : {}),
    due: Object.fromEntries(
      Array.from({ length: jobs }, (_, job) => [`j${job}`, MONDAY + DAY * (1 + pick(Math.ceil(tasks / 6) + 2))]).filter(
        () => chance() < 0.8,
      ),
    ),
  };
}

export const shopSeed = fc.integer({ min: 1, max: 2 ** 31 });
