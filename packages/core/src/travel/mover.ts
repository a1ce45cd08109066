import type { Frame } from './point';
import type { Heights } from './solid';

interface Moving {
  /** Its address in the job: `case/bank/drawer`, `case/door/left`, `room/thing`. */
  readonly name: string;
  readonly frame: Frame;
  readonly heights: Heights;
  /** Names of what never hinders it: its own front and pull, its own case. */
  readonly own: ReadonlySet<string>;
}

/** What comes straight out: a drawer, a tray, a board. Nanometres. */
export interface Slider extends Moving {
  readonly kind: 'slider';
  /** From the left of its frame. */
  readonly from: number;
  readonly to: number;
  /** How far it stands before the front plane when closed; less than nothing behind it. */
  readonly closed: number;
  /** What of that its pull is. */
  readonly pull: number;
  readonly full: number;
}

/** What turns about an upright edge: a leaf of a door. Nanometres, degrees. */
export interface Leaf extends Moving {
  readonly kind: 'leaf';
  readonly hinged: 'left' | 'right';
  /** Its hinged edge on its outer face: from the left of its frame, and before the front plane. */
  readonly edge: { readonly across: number; readonly before: number };
  readonly width: number;
  readonly thickness: number;
  /** Its pull on the outer face: from and to along the leaf from its hinged edge, and how far it stands out. */
  readonly pull?: { readonly from: number; readonly to: number; readonly out: number };
  /** Degrees. */
  readonly full: number;
}

export type Mover = Slider | Leaf;
