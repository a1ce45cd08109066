import type { FaultKind } from '../job';

/** A habit of the shop that a fault speaks against, and which way it should go. */
export interface Habit {
  readonly setting: 'ease' | 'play' | 'gap' | 'kerf';
  readonly way: 'more' | 'less';
}

/** The faults that speak against a habit. Common practice. */
export const HABIT_AGAINST: Readonly<Partial<Record<FaultKind, Habit>>> = {
  'box-wide': { setting: 'ease', way: 'more' },
  'box-narrow': { setting: 'ease', way: 'less' },
  'bottom-tight': { setting: 'play', way: 'more' },
  'bottom-loose': { setting: 'play', way: 'less' },
  'front-tight': { setting: 'gap', way: 'more' },
  'front-wide-gap': { setting: 'gap', way: 'less' },
  'cut-short': { setting: 'kerf', way: 'more' },
};
