import type { Pricing } from '../job';
import { FINISH_ROWS, type FinishRow } from './finish-rows';
import type { PriceBook } from './price';
import type { Minutes } from './work';

/** What of a price a shop may decide for all its jobs. */
export type UsualPricing = Pick<Pricing, 'overhead' | 'margin' | 'discount' | 'tax' | 'people'>;

/** What a shop says of its prices; what a job decides for itself beats it. */
export interface CostSettings {
  readonly prices: PriceBook;
  readonly minutes: Minutes;
  readonly finishes: readonly FinishRow[];
  /** Percent that is usually lost of sheets. */
  readonly waste?: number;
  /** Percent that an off-cut which is kept is credited with; nothing where it is not said. */
  readonly credit?: number;
  /** What the job leaves out. */
  readonly usual: UsualPricing;
  /** `2026-11-01`: by it old prices are told; nothing is old without it. */
  readonly today?: string;
}

export const NO_SETTINGS: CostSettings = { prices: new Map(), minutes: {}, finishes: FINISH_ROWS, usual: {} };

/** On cost and overhead, by how sure the sizes are; common practice. As built there is none. */
export const RISK = { rough: 15, careful: 5, 'as-built': 0 } as const;
export type Stage = keyof typeof RISK;
