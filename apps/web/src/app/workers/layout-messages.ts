import type { Found, LayoutTask } from '@zabble/core';

/** What is to be laid out of one material. */
export interface MaterialTask {
  readonly material: string;
  readonly task: LayoutTask;
}

/** What the page asks of the search: begin, go on for a while, or stop. */
export type LayoutOrder =
  | {
      readonly kind: 'begin';
      readonly tasks: readonly MaterialTask[];
      readonly seed: number;
      readonly patience: number;
    }
  | { readonly kind: 'more'; readonly patience: number }
  | { readonly kind: 'stop' };

/** What the search tells: the best of a material so far, or that it rests. */
export type LayoutNews =
  | { readonly kind: 'found'; readonly material: string; readonly found: Found }
  | { readonly kind: 'tried'; readonly material: string; readonly tried: number }
  | { readonly kind: 'resting' };
