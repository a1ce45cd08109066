import type { BoxHeight, BoxStock } from '../box';
import type { Length, Tally } from '../length';
import type { Fit, SlideFamily } from '../slides';
import type { Exact } from './finding';

/** One box as its findings need it. */
export interface BoxFacts {
  readonly drawer: string;
  /** How the drawer is called in a sentence. */
  readonly name: string;
  /** Path of the drawer, and of the field that decides a value of its box or slide: its own or its bank's. */
  readonly path: string;
  readonly field: (name: string) => string;
  readonly exact: Exact;
  readonly families: readonly SlideFamily[];
  readonly family: SlideFamily;
  readonly stock: BoxStock;
  readonly fit: Fit;
  /** The longest slide that would fit, where the one chosen does not. */
  readonly longest?: Length;
  readonly depth: Length;
  readonly height?: BoxHeight;
  readonly frontHeight?: Length;
  readonly clearHeight?: Tally;
  readonly tallest?: { readonly name: string; readonly height: Length };
  /** Its front height is locked here, not by a tie; `tied` when it hangs together with others. */
  readonly locked: boolean;
  readonly tied: boolean;
  readonly byHand: boolean;
  /** Dimensions and parts that came to nothing or less. */
  readonly vanished: readonly { readonly what: string; readonly size: Tally }[];
}
