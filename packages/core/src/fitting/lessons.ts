import type { FaultKind, Measured } from '../job';
import { millimetres, nm, type Length } from '../length';
import { said, type OtherwiseCode, type SaidAs } from '../words';
import { HABIT_AGAINST, type Habit } from './fault-habits';
import type { Trend } from './against-plan';

/** What this shop does as a matter of course, in new jobs and where a finding proposes it. */
export interface Habits {
  readonly ease?: Length;
  readonly play?: Length;
  readonly gap?: Length;
  readonly kerf?: Length;
}

export type HabitName = keyof Habits;

/** What to do otherwise next time, what says so, and the setting that would have prevented it. */
export interface Lesson {
  /** A kind of thing measured, or a kind of fault. */
  readonly about: Measured | FaultKind;
  readonly trend?: Trend;
  /** How often the fault was written down. */
  readonly times?: number;
  readonly otherwise: SaidAs<OtherwiseCode>;
  readonly change?: { readonly setting: HabitName; readonly from: Length; readonly to: Length };
}

/** Fewer readings than this tell nothing; common practice. */
const ENOUGH = 5;
/** A drift smaller than this is not worth a setting. */
const SMALL = millimetres(0.2);
/** A setting is changed by whole steps of this, and by one of it for a fault written down twice. */
const STEP = millimetres(0.1);
const NUDGE = millimetres(0.4);

/** The habit a drift speaks against, and what it changes to undo a drift of so much. */
const DRIFTS: Readonly<
  Partial<Record<Measured, { readonly setting: HabitName; readonly sign: 1 | -1; readonly otherwise: OtherwiseCode }>>
> = {
  'box-width': { setting: 'ease', sign: 1, otherwise: 'otherwise/box-width' },
  reveal: { setting: 'gap', sign: -1, otherwise: 'otherwise/reveal' },
  groove: { setting: 'play', sign: -1, otherwise: 'otherwise/groove' },
};

/** Settings where a habit is not told: as a new job has them (play: 1.5 mm; the rest as they add nothing). */
const USUAL: Readonly<Record<HabitName, Length>> = {
  ease: nm(0),
  play: millimetres(1.5),
  gap: millimetres(3),
  kerf: millimetres(3.2),
};

/** How often a fault was written down. */
export interface FaultCount {
  readonly fault: FaultKind;
  readonly times: number;
}

/** Drifts first, the surest first; then faults by how often they were written down. */
export function lessonsOf(trends: readonly Trend[], faults: readonly FaultCount[], habits: Habits): readonly Lesson[] {
  return [...trends.flatMap((trend) => drift(trend, habits)), ...faultLessons(faults, habits)];
}

/** A mean that is neither small nor within chance (twice its standard error). */
function drifts({ count, mean, spread }: Trend): boolean {
  const size = Math.abs(mean);
  return count >= ENOUGH && size >= SMALL && size > (2 * spread) / Math.sqrt(count);
}

function drift(trend: Trend, habits: Habits): readonly Lesson[] {
  const row = DRIFTS[trend.what];
  if (!drifts(trend)) return [];
  if (!row) return [{ about: trend.what, trend, otherwise: said('otherwise/measure') }];
  const from = habits[row.setting] ?? USUAL[row.setting];
  const by = Math.ceil(Math.abs(trend.mean) / STEP) * STEP * Math.sign(trend.mean) * row.sign;
  const to = nm(Math.max(0, from + by));
  return [
    {
      about: trend.what,
      trend,
      otherwise: said(row.otherwise),
      ...(to === from ? {} : { change: { setting: row.setting, from, to } }),
    },
  ];
}

function faultLessons(faults: readonly FaultCount[], habits: Habits): readonly Lesson[] {
  return [...faults]
    .sort((a, b) => b.times - a.times)
    .map(({ fault: about, times }) => {
      const habit = HABIT_AGAINST[about];
      const change = habit && times > 1 ? changed(habit, habits) : undefined;
      return { about, times, otherwise: said(`otherwise/${about}`), ...(change ? { change } : {}) };
    });
}

function changed({ setting, way }: Habit, habits: Habits): Lesson['change'] {
  const from = habits[setting] ?? USUAL[setting];
  const to = nm(Math.max(0, from + (way === 'more' ? NUDGE : -NUDGE)));
  return to === from ? undefined : { setting, from, to };
}
