import type { Said } from '../length';
import { said } from '../words';
import type { AtWork } from './at-work';
import { doneFrom } from './bound';
import type { Days } from './days';
import { modelOf, type Model } from './model';
import { dateOf, DAY, dayOf, type Moment } from './moment';
import type { Problem } from './problem';

/** What is wrong with goods of a job that is late: which, and in which job. */
export interface LateGood {
  readonly job: string;
  readonly said: Said;
}

/** One line of them, before those of the same days are told together. */
interface Late {
  readonly job: string;
  readonly what: Said;
  readonly date: string;
  readonly by: string;
}

/**
 * Of jobs that are late whatever arrives so late that its job would be late with nothing else in its way: when it is here,
 * and the last day by which it is wanted; what has the same days together. Bound by goods × tasks × 12 halvings.
 */
export function goodsLate({ jobs, problem }: AtWork, { goods, jobs: made }: Days): readonly LateGood[] {
  const late = new Set(made.flatMap(({ job, late: by }) => (by > 0 ? [job] : [])));
  if (late.size === 0) return [];
  const model = modelOf(withoutGoods(problem));
  const indexOf = new Map(problem.work.map(({ id }, index) => [id, index]));
  const found = goods.flatMap(({ job, key, what, here }): readonly Late[] => {
    const due = problem.due[job];
    // What never comes, where nobody works for ten years, is told by what has no time.
    if (!late.has(job) || due === undefined || !Number.isFinite(here)) return [];
    const tasks = jobs.find((each) => each.job === job)?.tasks ?? [];
    const wanting = tasks.filter(({ goods: own }) => own.some((each) => each.key === key));
    const days = wanting.flatMap(({ id }) => {
      const index = indexOf.get(id);
      return index === undefined ? [] : (lastDay(model, index, due) ?? []);
    });
    const [date, by] = [dateOf(here), dateOf(Math.min(...days, dayOf(here)) * DAY)];
    return date > by ? [{ job, what, date, by }] : [];
  });
  return together(found);
}

function together(found: readonly Late[]): readonly LateGood[] {
  const by = new Map<string, Late[]>();
  for (const each of found) {
    const key = `${each.job} ${each.date} ${each.by}`;
    by.set(key, [...(by.get(key) ?? []), each]);
  }
  return [...by.values()].flatMap((all) => {
    const [first] = all;
    if (!first) return [];
    const what = all.length === 1 ? first.what : said('task/goods-all', { all: all.map((each) => each.what) });
    return [{ job: first.job, said: said('BUY_LATE', { what, date: first.date, by: first.by }) }];
  });
}

/** Everything as if nothing had to be waited for that is bought. */
const withoutGoods = (problem: Problem): Problem => ({
  ...problem,
  work: problem.work.map(({ from: _, ...each }) => ({
    ...each,
    after: each.after.map(({ task, wait = 0 }) => ({ task, wait })),
  })),
});

/** The last day on which a piece may begin with its job done by `due`; nothing where today is too late already. */
function lastDay(model: Model, index: number, due: Moment): number | undefined {
  const { now } = model.problem;
  const fits = (day: number): boolean => doneFrom(model, index, Math.max(now, day * DAY)) <= due;
  let [low, high] = [dayOf(now), Math.max(dayOf(now), dayOf(due))];
  if (!fits(low)) return undefined;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (fits(middle)) low = middle;
    else high = middle - 1;
  }
  return low;
}
