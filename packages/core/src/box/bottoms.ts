import type { BottomFit } from '../job';

/**
 * How one way of fitting the bottom counts: `grooves` how many groove depths its width and its length gain; the back,
 * where it slides under it; what lies under its underside.
 */
export interface BottomRow {
  readonly name: string;
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
  readonly says: string;
}

/** The bottoms, one row each. Common practice. */
export const BOTTOMS: Readonly<Record<BottomFit, BottomRow>> = {
  captured: {
    name: 'Captured in grooves all round',
    onOutside: false,
    groovesLong: 2,
    underBack: false,
    raised: true,
    underSides: false,
    says: 'Held in grooves on all four sides: squares the box, but goes in when it is glued and never comes out.',
  },
  'slid-in': {
    name: 'Slid in under a cut-down back',
    onOutside: false,
    groovesLong: 1,
    underBack: true,
    raised: true,
    underSides: false,
    says: 'Slides in from behind under a lower back and is fixed there with two screws: it can be replaced.',
  },
  applied: {
    name: 'Applied below',
    onOutside: true,
    groovesLong: 0,
    underBack: false,
    raised: false,
    underSides: true,
    says: 'Glued and nailed on from below: quick, and it squares the box, but it shows and takes height.',
  },
  rabbeted: {
    name: 'In a rabbet, flush below',
    onOutside: false,
    groovesLong: 2,
    underBack: false,
    raised: false,
    underSides: false,
    says: 'Let into a rabbet from below, flush with the lower edges.',
  },
};
