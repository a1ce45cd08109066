import type { Model } from './model';
import type { Moment } from './moment';
import type { OpenTime } from './open-time';
import { WORK_PLACES, type Work } from './problem';

/** What no order of work can be better than. */
export interface Bound {
  readonly end: Moment;
  readonly late: number;
}

/**
 * Proven: every piece by itself as early as what comes before it lets it, by whoever is done first; and the work of a kind of
 * place, or of all people, from the earliest of it on, with the shortest of what follows. Lateness by the first alone.
 */
export function boundOf(model: Model): Bound {
  const { end, start } = earliest(model);
  const ends = model.jobs.map((_, job) =>
    Math.max(
      model.problem.now,
      ...model.work.flatMap((_each, index) => (model.jobOf[index] === job ? [end[index] as Moment] : [])),
    ),
  );
  const late = ends.reduce(
    (sum, each, job) => sum + Math.max(0, each - (model.due[job] ?? Number.POSITIVE_INFINITY)),
    0,
  );
  return { end: Math.max(model.problem.now, ...ends, ...loads(model, start)), late };
}

function earliest(model: Model) {
  const { work, sorted, problem } = model;
  const [start, end] = [work.map((): Moment => problem.now), work.map((): Moment => problem.now)];
  for (const index of sorted) [start[index], end[index]] = alone(model, index, readyAfter(model, index, end));
  return { start, end };
}

/** When a piece may begin, with whatever is before it done at `end`. */
function readyAfter({ work, before, problem, arrives }: Model, index: number, end: readonly Moment[]): Moment {
  const { running, from = problem.now, fixed = problem.now } = work[index] as Work;
  if (running) return problem.now;
  return (before[index] ?? []).reduce(
    (latest, each) => {
      const done = end[each.index] as Moment;
      return Math.max(latest, done + each.wait, each.lead === undefined ? 0 : arrives(done, each.lead));
    },
    Math.max(problem.now, from, fixed),
  );
}

/** From when to when a piece is done that may begin at `ready`, were there nothing else. */
function alone({ work, teams, teamsOf }: Model, index: number, ready: Moment): readonly [Moment, Moment] {
  const { minutes, people, whole, running } = work[index] as Work;
  const slots = teamsOf[people].flatMap((team): readonly (readonly [Moment, Moment])[] => {
    const open = teams[team]?.open;
    if (!open) return [];
    const begins = whole && !running ? open.fit(ready, minutes) : open.next(ready);
    return [[begins, open.finish(begins, minutes)]];
  });
  // What has no time at all holds nothing up: it is told by itself.
  const finite = slots.filter(([, done]) => Number.isFinite(done));
  if (finite.length === 0) return [ready, ready];
  return [Math.min(...finite.map(([begins]) => begins)), Math.min(...finite.map(([, done]) => done))];
}

/** When a job could be done if one piece of it began at `at` and not before, were there nothing else in the shop. */
export function doneFrom(model: Model, index: number, at: Moment): Moment {
  const end = model.work.map((): Moment => model.problem.now);
  let last: Moment = at;
  for (const each of model.sorted) {
    if (model.jobOf[each] !== model.jobOf[index]) continue;
    const ready = readyAfter(model, each, end);
    const [, done] = alone(model, each, each === index ? Math.max(ready, at) : ready);
    end[each] = done;
    last = Math.max(last, done);
  }
  return last;
}

/** By when the work of a place can be done, and of all people together. */
function loads(model: Model, start: readonly Moment[]): readonly Moment[] {
  const { work, anybody, capacity, problem, teams, teamsOf } = model;
  const after = shortestAfter(model);
  const all = work.flatMap((each, index) => (hasTime(model, each) ? [{ ...each, index }] : []));
  const least = (of: typeof all, by: readonly number[]): number =>
    Math.min(...of.map(({ index }) => by[index] as number));
  const byPlace = WORK_PLACES.flatMap((place): readonly Moment[] => {
    const own = all.filter((each) => each.place === place);
    if (own.length === 0) return [];
    const minutes = own.reduce((sum, each) => sum + each.minutes, 0);
    const head = least(own, start);
    return [anybody.finish(anybody.next(head), Math.ceil(minutes / capacity[place])) + least(own, after)];
  });
  if (all.length === 0) return byPlace;
  const hands = all.reduce(
    (sum, { minutes, people }) => sum + minutes * Math.min(people, problem.hours.people.length),
    0,
  );
  const singles = teamsOf[1].flatMap((team) => teams[team]?.open ?? []);
  return [...byPlace, together(singles, least(all, start), hands) + least(all, after)];
}

const hasTime = ({ teams, teamsOf, problem }: Model, { minutes, people, whole }: Work): boolean =>
  teamsOf[people].some((team) =>
    Number.isFinite(teams[team]?.open.fit(problem.now, whole ? minutes : 1) ?? Number.POSITIVE_INFINITY),
  );

/** Minutes of the clock from the end of each piece to the end of all that follows it, were it always open. */
function shortestAfter({ work, after, before, sorted }: Model): readonly number[] {
  const out = work.map(() => 0);
  for (const index of [...sorted].reverse())
    for (const next of after[index] ?? []) {
      const wait = before[next]?.find((each) => each.index === index)?.wait ?? 0;
      out[index] = Math.max(
        out[index] as number,
        work[next]?.running ? 0 : wait + (work[next]?.minutes ?? 0) + (out[next] as number),
      );
    }
  return out;
}

/** The first moment by which so many minutes were open, of all people added up. Bound: 64 halvings. */
function together(open: readonly OpenTime[], from: Moment, minutes: number): Moment {
  const done = (at: Moment): number => open.reduce((sum, each) => sum + each.until(at) - each.until(from), 0);
  let [low, high] = [
    from,
    Math.max(from, ...open.map((each) => each.finish(each.next(from), minutes)).filter(Number.isFinite)),
  ];
  if (done(high) < minutes) return from;
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (done(middle) >= minutes) high = middle;
    else low = middle;
  }
  return minutes === 0 ? from : high;
}
