/** One corner as two sums of thicknesses: `reach` + `loss` hold how often each thing counts. */
export interface CornerRow {
  readonly name: string;
  /** How far the ends reach into each side: `sides` × side thickness + `depth` × depth of the joint. */
  readonly reach: { readonly sides: 0 | 1; readonly depth: 0 | 1 };
  /** What a side loses at that end: `end` × end thickness + `depth` × depth of the joint. */
  readonly loss: { readonly end: 0 | 1; readonly depth: 0 | -1 };
  /** What is worked into the side's end and into the end itself; nothing where they are only sawn off. */
  readonly cuts?: { readonly side?: JointCut; readonly end?: JointCut };
  readonly says: string;
}

export type JointCut = 'rabbet' | 'dado' | 'tongue' | 'tails';

const none = { end: 0, depth: 0 } as const;
const betweenSides = { sides: 0, depth: 0 } as const;
const throughSides = { sides: 1, depth: 0 } as const;

const rows = {
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
    cuts: { end: 'rabbet' },
    says: 'The ends lap the sides in a rabbet; glue and brads.',
  },
  'tongue-dado': {
    name: 'Tongue and dado',
    reach: { sides: 0, depth: 1 },
    loss: none,
    cuts: { side: 'dado', end: 'tongue' },
    says: 'A tongue on each end sits in a dado in the side; strong, one setting cuts both.',
  },
  'half-blind': {
    name: 'Half-blind dovetail',
    reach: throughSides,
    loss: { end: 1, depth: -1 },
    cuts: { side: 'tails', end: 'tails' },
    says: 'Tails of the sides lie hidden in the ends; the strongest at the front.',
  },
  through: {
    name: 'Through dovetail or finger joint',
    reach: throughSides,
    loss: none,
    cuts: { side: 'tails', end: 'tails' },
    says: 'Sides and ends pass right through each other and show on both faces.',
  },
} as const satisfies Readonly<Record<string, CornerRow>>;

export type Joint = keyof typeof rows;

/** The corner joints, one row each: its name in a job file, its sums and its cuts. Common practice. */
export const CORNERS: Readonly<Record<Joint, CornerRow>> = rows;

export const JOINTS = Object.keys(rows) as Joint[];

/** Whether a joint's sums need its depth: the rabbet's, the tongue's, the tail's. */
export function hasDepth(joint: Joint): boolean {
  const { reach, loss } = CORNERS[joint];
  return reach.depth !== 0 || loss.depth !== 0;
}
