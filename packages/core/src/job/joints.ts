/** One corner as two sums of thicknesses: `reach` + `loss` hold how often each thing counts. */
export interface CornerRow {
  /** Its end stands in from the side's end by what the corner tells. */
  readonly inward?: true;
  /** How far the ends reach into each side: `sides` × side thickness + `depth` × depth of the joint. */
  readonly reach: { readonly sides: 0 | 1; readonly depth: 0 | 1 };
  /** What a side loses at that end: `end` × end thickness + `depth` × depth of the joint. */
  readonly loss: { readonly end: 0 | 1; readonly depth: 0 | -1 };
  /** What is worked into the side's end and into the end itself; nothing where they are only sawn off. */
  readonly cuts?: { readonly side?: JointCut; readonly end?: JointCut };
}

export type JointCut = 'rabbet' | 'dado' | 'tongue' | 'tails' | 'mitre';

const none = { end: 0, depth: 0 } as const;
const betweenSides = { sides: 0, depth: 0 } as const;
const throughSides = { sides: 1, depth: 0 } as const;

const rows = {
  'butt-sides-run': {
    reach: betweenSides,
    loss: none,
  },
  'butt-ends-run': {
    reach: throughSides,
    loss: { end: 1, depth: 0 },
  },
  'pocket-screw': {
    reach: betweenSides,
    loss: none,
  },
  rabbet: {
    reach: throughSides,
    loss: { end: 1, depth: -1 },
    cuts: { end: 'rabbet' },
  },
  'tongue-dado': {
    reach: { sides: 0, depth: 1 },
    loss: none,
    cuts: { side: 'dado', end: 'tongue' },
  },
  'half-blind': {
    reach: throughSides,
    loss: { end: 1, depth: -1 },
    cuts: { side: 'tails', end: 'tails' },
  },
  through: {
    reach: throughSides,
    loss: none,
    cuts: { side: 'tails', end: 'tails' },
  },
  housed: {
    inward: true,
    reach: { sides: 0, depth: 1 },
    loss: none,
    cuts: { side: 'dado' },
  },
  mitre: {
    reach: throughSides,
    loss: none,
    cuts: { side: 'mitre', end: 'mitre' },
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
