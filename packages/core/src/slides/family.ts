import type { SaidAs, SlideCode } from '../words';
import type { BottomFit, LengthUnit, SlideAdjust, SlideCuts, SlideScrews } from '../job';
import type { Length } from '../length';

/** The nominal lengths a family comes in, in one unit. Without `list` any length can be made. */
export interface LengthList {
  readonly list?: readonly Length[];
  /** Box length = nominal − this. */
  readonly boxShorter: Length;
  /** Room wanted behind the nominal length. */
  readonly rear: Length;
}

/**
 * Where the slide sits: on the `side` of the box by the rise; at the lower `corner` of the side, whatever the rise; at
 * the `bay`'s bottom, the drawer riding over it; or under the box's `bottom`, in the middle.
 */
export type Seat = 'side' | 'corner' | 'bay' | 'bottom';

/** One slide family: a row of data. Every figure is a default; the sheet supplied with the slide always wins. */
export interface SlideFamily {
  readonly id: string;
  /** What it is called: a built-in row by its code, an own one by its name. */
  readonly called: SaidAs<SlideCode | 'text'>;
  readonly origin: 'built-in' | 'own';
  /** Whether the clearance is counted from the box's outside or its inside width. */
  readonly basis: 'outside' | 'inside';
  /** Clearance each side, for the outside basis. */
  readonly side?: Length;
  /** Opening less inside width, for the inside basis. */
  readonly insideDeduction?: Length;
  /** How much narrower the box may be, in total; it may never be wider. */
  readonly narrowBy: Length;
  /** What the case may be out of parallel, front to back; packing takes up what is more. */
  readonly parallel: Length;
  /** What the case's diagonals at the height of the slide may differ. */
  readonly square: Length;
  /** The thickest side it takes. */
  readonly maxSide?: Length;
  /** Clearance above and below the box. */
  readonly top: Length;
  readonly bottom: Length;
  /** Underside of the bottom above the box's lower edge, where one is required. */
  readonly recess?: Length;
  /** The slide's own height. */
  readonly profile: Length;
  readonly setback: Length;
  readonly lengths: Readonly<Partial<Record<LengthUnit, LengthList>>>;
  /** Share of its length that comes out. */
  readonly extension: number;
  /** How far it comes out past that. */
  readonly overTravel?: Length;
  /** For the pair, in kilograms. */
  readonly load_kg: number;
  readonly minBox: Length;
  /** Thinnest bottom it carries, where the load stands on the bottom's edge. */
  readonly minBottom?: Length;
  readonly maxWidth: Length;
  readonly bottoms: readonly BottomFit[];
  readonly seat: Seat;
  /** A runner stands in the way of what is stored in the drawer below; bought slides are not counted. */
  readonly runnerBelow: boolean;
  /** Fixed to the case side, so that a face frame wants build-outs. */
  readonly sideFixed: boolean;
  /** Fixed to the floor or a shelf under the box. */
  readonly onFloor?: true;
  /** Screws of a slide fixed on the side of the box. */
  readonly screws?: SlideScrews;
  readonly cuts?: SlideCuts;
  /** How far its own screws move the hung drawer. */
  readonly adjust?: SlideAdjust;
  /** A pair, in the shop's currency; made up. */
  readonly price: number;
}
