import { dateOf, type DayGood, type Days, type DayTask, type DayWait, type Moment } from '@zabble/core';

/** What one person, or everybody, has to do today. */
export interface Today {
  /** Under way, or the first that can be. */
  readonly now: readonly DayTask[];
  readonly next: readonly DayTask[];
  /** The first that can’t be done yet, with what it waits for. */
  readonly waiting: readonly DayTask[];
  readonly stands: readonly DayWait[];
  readonly order: readonly DayGood[];
  readonly soon: readonly DayGood[];
  readonly here: readonly DayGood[];
}

const NEXT = 2;
const WAITING = 5;
const HELD: ReadonlySet<DayTask['held']> = new Set(['goods', 'after', 'fixed']);

/** Three things to do, what waits until when, and what is to be ordered: of `who`, or of everybody. */
export function todayOf(days: Days, who: string, now: Moment): Today {
  const mine = days.tasks.filter(({ people }) => who === '' || people.includes(who));
  const running = mine.filter(({ stands }) => stands.running);
  const others = mine.filter(({ stands }) => !stands.running);
  const today = dateOf(now);
  const first = running.length > 0 ? running : others.slice(0, 1);
  // What waits for days is no next thing, unless there is nothing else.
  const later = (task: DayTask): boolean => HELD.has(task.held) && isWait(task) && dateOf(task.start) > today;
  const rest = others.filter((task) => !first.includes(task));
  const next = [...rest.filter((task) => !later(task)), ...rest.filter(later)]
    .slice(0, NEXT)
    .sort((one, other) => one.start - other.start);
  const shown = new Set([...first, ...next]);
  return {
    ...{ now: first, next, stands: days.waits },
    // What stands behind something that waits by itself, or behind what is ordered: not what has but no hands yet.
    waiting: mine.filter((task) => !shown.has(task) && HELD.has(task.held) && isWait(task)).slice(0, WAITING),
    order: days.goods.filter(({ orderBy }) => orderBy !== undefined && orderBy <= today),
    soon: days.goods.filter(({ orderBy }) => orderBy !== undefined && orderBy > today),
    here: days.goods.filter(({ on }) => on !== undefined),
  };
}

const isWait = ({ held, why }: DayTask): boolean =>
  held !== 'after' || (why.params as { readonly waits?: string }).waits !== undefined;
