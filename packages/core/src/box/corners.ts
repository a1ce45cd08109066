import type { Corner, Joint } from '../job';
import { nm, ZERO, type Length } from '../length';

/** One corner as two sums of thicknesses: `reach` + `loss` hold how often each thing counts. */
export interface CornerRow {
  readonly name: string;
  /** How far the ends reach into each side: `sides` × side thickness + `depth` × depth of the joint. */
  readonly reach: { readonly sides: 0 | 1; readonly depth: 0 | 1 };
  /** What a side loses at that end: `end` × end thickness + `depth` × depth of the joint. */
  readonly loss: { readonly end: 0 | 1; readonly depth: 0 | -1 };
  readonly says: string;
}

const none = { end: 0, depth: 0 } as const;
const betweenSides = { sides: 0, depth: 0 } as const;
const throughSides = { sides: 1, depth: 0 } as const;

/** The corner joints, one row each. Common practice. */
export const CORNERS: Readonly<Record<Joint, CornerRow>> = {
  'butt-sides-run': {
    name: 'Butt, sides run through',
    reach: betweenSides,
    loss: none,
    says: 'Ends stand between the sides, glued and nailed or screwed; the drawer front hides the joint.',
  },
  'butt-ends-run': {
    name: 'Butt, ends run through',
    reach: throughSides,
    loss: { end: 1, depth: 0 },
    says: 'Sides stand between the ends; the pull is on screws in end grain, so for light loads.',
  },
  'pocket-screw': {
    name: 'Pocket screws',
    reach: betweenSides,
    loss: none,
    says: 'Ends stand between the sides, drawn up by pocket screws that the drawer front hides.',
  },
  rabbet: {
    name: 'Rabbet in the ends',
    reach: throughSides,
    loss: { end: 1, depth: -1 },
    says: 'The ends lap the sides in a rabbet; glue and brads.',
  },
  'tongue-dado': {
    name: 'Tongue and dado',
    reach: { sides: 0, depth: 1 },
    loss: none,
    says: 'A tongue on each end sits in a dado in the side; strong, one setting cuts both.',
  },
  'half-blind': {
    name: 'Half-blind dovetail',
    reach: throughSides,
    loss: { end: 1, depth: -1 },
    says: 'Tails of the sides lie hidden in the ends; the strongest at the front.',
  },
  through: {
    name: 'Through dovetail or finger joint',
    reach: throughSides,
    loss: none,
    says: 'Sides and ends pass right through each other and show on both faces.',
  },
};

/** How far the ends reach into a side of this thickness. */
export function reachOf(corner: Corner, side: Length): Length {
  const { reach } = CORNERS[corner.joint];
  return nm(reach.sides * side + reach.depth * (corner.depth ?? ZERO));
}

/** What a side loses in length where it meets an end of this thickness. */
export function lossOf(corner: Corner, end: Length): Length {
  const { loss } = CORNERS[corner.joint];
  return nm(loss.end * end + loss.depth * (corner.depth ?? ZERO));
}
