import type { BottomFit } from '../job';

/**
 * How one way of fitting the bottom counts: `grooves` how many groove depths its width and its length gain; the back,
 * where it slides under it; what lies under its underside.
 */
export interface BottomRow {
  /** The bottom's size is taken from the box's outside, without groove or play. */
  readonly onOutside: boolean;
  /** Groove depths gained front to back: both ends, or the front only. */
  readonly groovesLong: 0 | 1 | 2;
  /** It runs out under a cut-down back. */
  readonly underBack: boolean;
  /** Its underside stands the groove's offset above the box's lower edge; else it lies flush with the edge. */
  readonly raised: boolean;
  /** It lies under the sides and takes its thickness from their height. */
  readonly underSides: boolean;
}

/** The bottoms, one row each. Common practice. */
export const BOTTOMS: Readonly<Record<BottomFit, BottomRow>> = {
  captured: {
    onOutside: false,
    groovesLong: 2,
    underBack: false,
    raised: true,
    underSides: false,
  },
  'slid-in': {
    onOutside: false,
    groovesLong: 1,
    underBack: true,
    raised: true,
    underSides: false,
  },
  applied: {
    onOutside: true,
    groovesLong: 0,
    underBack: false,
    raised: false,
    underSides: true,
  },
  rabbeted: {
    onOutside: false,
    groovesLong: 2,
    underBack: false,
    raised: false,
    underSides: false,
  },
};
