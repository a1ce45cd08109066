import { builtAsSeen, type Seen } from './as-seen';
import { boundOf } from './bound';
import { modelOf } from './model';
import type { Built } from './placer';
import type { Problem, Schedule } from './problem';
import { scheduleOf } from './schedule-of';
import { ROW, Search } from './search';

/** An order as far as it was bettered. */
export interface Bettered {
  readonly schedule: Schedule;
  /** Orders tried, of how many. */
  readonly tried: number;
  readonly of: number;
}

/** The first order: the best of a few that are begun by a rule. Pure; bound by pieces × teams × what is in the way. */
export function schedule(problem: Problem): Schedule {
  const model = modelOf(problem);
  return scheduleOf(model, new Search(model, 0).best);
}

/** Orders tried for a problem of so many pieces: fewer of what takes longer, and of what has few orders. */
const TRIES = { all: 2_880_000_000, least: 8000, each: 13_000 };
/** As long as it is late, as much again so often: where there are more orders than one row finds, and each is quickly tried. */
const ROWS = { many: 8, from: 20, to: 100 };

export function triesFor(pieces: number, rows = ROWS.many): number {
  const row = Math.min(ROW, pieces * TRIES.each, Math.max(TRIES.least, TRIES.all / Math.max(1, pieces * pieces)));
  return Math.round(pieces > ROWS.from && pieces <= ROWS.to ? Math.max(row, ROW) * rows : row);
}

/** How long an order is looked for, and what it is begun with. */
export interface Looking {
  /** Orders tried at most; as many as is usual for so many pieces where it isn’t said. */
  readonly tries?: number;
  /** Where it isn’t: how often, while something is late, as much again is tried at most. */
  readonly rows?: number;
  /** Where it isn’t: never more than so many. */
  readonly most?: number;
  /** An order that was seen: it is begun with as well, so that what comes of it is no worse. */
  readonly seen?: readonly Seen[];
}

/**
 * The first order, and then better ones as they are found; the last is the best. The same for the same problem, however long
 * it took. It ends when no order could be better, or soon where nothing is late. Bound: `tries` orders, each as `schedule`.
 */
export function* better(
  problem: Problem,
  { rows, most = Infinity, tries = Math.min(most, triesFor(problem.work.length, rows)), seen }: Looking = {},
): Generator<Bettered, Schedule> {
  const model = modelOf(problem);
  const search = new Search(model, tries, seen && builtAsSeen(problem, seen));
  const least = boundOf(model);
  const told = (): Bettered => ({ schedule: scheduleOf(model, search.best), tried: search.tried, of: tries });
  yield told();
  const run = search.run();
  const isLeast = ({ missed, late, last }: Built): boolean => missed === 0 && late <= least.late && last <= least.end;
  while (!isLeast(search.best) && run.next().done !== true) yield told();
  return scheduleOf(model, search.best);
}

/** The last of `better`: the best that is found. */
export function bestOrder(problem: Problem, looking?: Looking): Schedule {
  const search = better(problem, looking);
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
  }
}
