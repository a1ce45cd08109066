import type { DayFinding, Days, Now, ShopRead } from '@zabble/core';

/** What the page asks: an order of work of this; one to be looked at before it is decided; to stop at the best so far. */
export type DaysOrder =
  | { readonly kind: 'plan' | 'try'; readonly id: number; readonly read: ShopRead; readonly now: Now }
  | { readonly kind: 'stop' };

/** What is told: an order of work as far as it was bettered; now and then with what is wrong with it. */
export interface DaysNews {
  readonly kind: 'plan' | 'try';
  readonly id: number;
  readonly days: Days;
  readonly tried: number;
  readonly of: number;
  /** What is wrong with it: told after a moment, again when it is another, and with the last. */
  readonly findings?: readonly DayFinding[];
  /** It is the best that is looked for. */
  readonly last: boolean;
}
