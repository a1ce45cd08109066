import type { Makeup, TieGroup } from '../job';
import type { Length } from '../length';
import type { SchemeChoice } from './ideal';
import type { CarriedLine, Stretch } from './stretches';

/** A height to be shared out among the fronts of one bank. */
export interface DivisionProblem {
  /** Height to share out: the opening's with its laps, less the gaps. */
  readonly total: Length;
  readonly choice: SchemeChoice;
  /** Every drawer's place in the bank is in exactly one group. */
  readonly groups: readonly TieGroup[];
  /** Free heights are multiples of this; without one, of a nanometre. */
  readonly increment?: Length;
  /** The place that takes the odd rest, before it is known to be free. */
  readonly makeup: number;
  /** What is stored: the least height it needs, by place. A lock may go under it. */
  readonly needs?: readonly (Length | undefined)[];
  /** Least and most height a person asked for, by place. A lock may not pass them. */
  readonly least?: readonly (Length | undefined)[];
  readonly most?: readonly (Length | undefined)[];
  readonly lines?: readonly CarriedLine[];
}

/** Why a height was not the scheme's to give. */
export type Held = 'locked' | 'contents' | 'least' | 'most' | 'line';

export type Division =
  | {
      readonly ok: true;
      /** By place, from the top down; they add up to the total exactly. */
      readonly heights: readonly Length[];
      /** The places that took an odd rest: one for every stretch between lines that has a free height. */
      readonly makeups: readonly number[];
      readonly held: readonly (Held | undefined)[];
      /** What the scheme asked for each free drawer, to the nanometre, before any rounding to the increment or tie. */
      readonly ideals: readonly (Length | undefined)[];
      /** False where the search for it came to its bound: a nearer one may have been missed. */
      readonly proven?: boolean;
      /** The bank cut at its lines; one stretch where there are none. */
      readonly stretches: readonly Stretch[];
    }
  | DivisionFailure;

export interface DivisionFailure {
  readonly ok: false;
  /**
   * What can't be: heights held that don't add up; a height that comes to nothing; too many open by hand; a lock past
   * its least or most, or a least over a most; a line that leaves no room.
   */
  readonly fails: 'over' | 'under' | 'nothing-left' | 'open' | 'bounds' | 'line';
  /** By how much; the number of drawers left open for `open`. */
  readonly by: Length;
  /** The place concerned, where there is one. */
  readonly place?: number;
}

/** The place asked for by a bank's `makeup`; the bottom one unless said otherwise. */
export function makeupPlace(makeup: Makeup | undefined, ids: readonly string[]): number {
  if (makeup === 'top') return 0;
  if (typeof makeup === 'object') return Math.max(0, ids.indexOf(makeup.drawer));
  return ids.length - 1;
}
