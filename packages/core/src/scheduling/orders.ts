import type { Model } from './model';
import { DAY } from './moment';

const WEEK = 7;

/** Minutes of the clock that a minute of work takes, nights and Sundays with it. */
function stretched({ anybody, problem }: Model): number {
  const open = anybody.until(problem.now + WEEK * 4 * DAY) - anybody.until(problem.now);
  return open > 0 ? (WEEK * 4 * DAY) / open : 1;
}

/** From the beginning of each piece the longest way to the end of its job, in minutes of the clock, as nearly as it can be told. */
export function tails(model: Model): readonly number[] {
  const { work, after, before, sorted } = model;
  const by = stretched(model);
  const tail = work.map(({ minutes }) => minutes * by);
  for (const index of [...sorted].reverse()) {
    let longest = 0;
    for (const next of after[index] ?? []) {
      const edge = before[next]?.find((each) => each.index === index);
      const wait = Math.max(edge?.wait ?? 0, ((edge?.lead ?? 0) * DAY * WEEK) / (WEEK - 2));
      longest = Math.max(longest, wait + (tail[next] as number));
    }
    tail[index] = (work[index]?.minutes ?? 0) * by + longest;
  }
  return tail;
}

/** Whatever is before stands before; of what could be next whatever has the least of `rank`, then what comes first. */
export function listBy(model: Model, rank: readonly number[]): number[] {
  const left = model.before.map((all) => all.length);
  const ready = model.sorted.filter((index) => left[index] === 0);
  const list: number[] = [];
  while (ready.length > 0) {
    let best = 0;
    for (let at = 1; at < ready.length; at += 1) {
      const [one, other] = [ready[at] as number, ready[best] as number];
      const by = (rank[one] as number) - (rank[other] as number);
      if (by < 0 || (by === 0 && one < other)) best = at;
    }
    const [index] = ready.splice(best, 1) as [number];
    list.push(index);
    for (const next of model.after[index] ?? []) {
      left[next] = (left[next] as number) - 1;
      if (left[next] === 0) ready.push(next);
    }
  }
  return list;
}

const LONG = 1e9;

/** The ways an order is begun with: longest way to the end first, least room to the promised date first, one job after the other. */
export function firstLists(model: Model): readonly (readonly number[])[] {
  const tail = tails(model);
  const { jobOf, due, jobs, work } = model;
  const dueOf = (index: number): number => due[jobOf[index] as number] ?? LONG;
  const length = jobs.map((_, job) =>
    Math.max(...work.map((_each, index) => (jobOf[index] === job ? (tail[index] as number) : 0))),
  );
  const room = (index: number): number => dueOf(index) - (length[jobOf[index] as number] as number);
  const all = work.map((_, index) => index);
  return [
    listBy(
      model,
      all.map((index) => -(tail[index] as number)),
    ),
    listBy(
      model,
      all.map((index) => dueOf(index) - (tail[index] as number)),
    ),
    listBy(
      model,
      all.map((index) => room(index) * LONG - (tail[index] as number)),
    ),
    listBy(
      model,
      all.map((index) => dueOf(index) * LONG - (tail[index] as number)),
    ),
    listBy(
      model,
      all.map((index) => -(jobs.length - (jobOf[index] as number)) * LONG - (tail[index] as number)),
    ),
  ];
}
