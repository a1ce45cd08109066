import type { Deed } from './deed';
import type { DoorOf } from './case-build';

/** What can stand in a compartment besides drawers, doors and shelves, and what a case is surrounded by: read and kept. */

/** A door hinged at its lower edge with a bin behind it. */
export interface TiltOutOf<L> {
  readonly id: string;
  readonly compartment: string;
  readonly bin: { readonly width: L; readonly depth: L; readonly height: L };
  readonly back?: L;
  readonly up?: L;
  /** Of opening, in degrees. */
  readonly angle?: number;
  readonly door?: Partial<Omit<DoorOf<L>, 'id' | 'over'>>;
}

/** A board that is pulled out of its slot to work on. */
export interface WorkBoardOf<L> {
  readonly id: string;
  readonly compartment: string;
  readonly material: string;
  readonly length: L;
  /** What it bears at its front edge. */
  readonly load_kg?: number;
  readonly edging?: {
    readonly material: string;
    readonly width: L;
    readonly edges: readonly ('front' | 'left' | 'right' | 'back')[];
    readonly corner?: 'butt' | 'mitre';
  };
}

/** A leaf that closes a case from above, on a long hinge along its back. */
export interface LidOf<L> {
  readonly id: string;
  readonly material: string;
  /** Past the case in front and at its sides. */
  readonly front?: L;
  readonly left?: L;
  readonly right?: L;
  /** Front to back, of a strip fixed behind it that it hangs on; without one it hangs on the back of the case. */
  readonly strip?: L;
  /** Degrees. */
  readonly opens?: number;
  /** Something keeps it open. */
  readonly stay?: boolean;
}

/** Something that stands in a compartment with the room it needs: from its left wall, its floor and the case's front. */
export interface KeepOutOf<L> {
  readonly compartment: string;
  readonly name: string;
  readonly x: L;
  readonly y: L;
  readonly z: L;
  readonly width: L;
  readonly height: L;
  readonly depth: L;
  readonly room?: L;
}

/** A compartment as it came out, measured back; each size as often as it was read. */
export interface MeasuredPlaceOf<L> {
  readonly compartment: string;
  /** Between its walls, behind the face frame. */
  readonly width?: readonly L[];
  readonly height?: readonly L[];
  /** From the case's front edge to its back. */
  readonly depth?: readonly L[];
}

/** A hole in a member, from its lower left corner, its outer face seen. */
export interface CutOutOf<L> {
  readonly member: string;
  readonly x: L;
  readonly y: L;
  readonly width: L;
  readonly height: L;
  readonly radius?: L;
}

/** Dividers standing in grooves of a compartment's floor and ceiling. */
export interface UprightsOf<L> {
  readonly compartment: string;
  readonly count: number;
  readonly material: string;
  readonly groove: L;
}

/** What of a case is done. */
export interface CaseGates {
  /** The space is surveyed, and the thicknesses of what it is made of are measured. */
  readonly survey?: Deed;
  readonly glued?: Deed;
  readonly standing?: Deed;
  readonly level?: Deed;
  readonly hinges?: Deed;
}

/** Where a case stands in its room: the least corner of its rectangle, and the way its front faces. */
export interface StandsAtOf<L> {
  readonly x: L;
  readonly y?: L;
  readonly z: L;
  readonly turn?: 0 | 90 | 180 | 270;
  /** Fillers between it and what it stands beside, so wide, so that what opens passes. */
  readonly fillerLeft?: L;
  readonly fillerRight?: L;
  /** The filler of this side runs on behind the other case’s at an inside corner: the two are one post in an L. */
  readonly post?: 'left' | 'right';
}

/** A hinge of the job's own: every figure of the row `like`, with those given here in their place. */
export interface OwnHingeOf<L> {
  readonly id: string;
  readonly like: string;
  readonly name?: string;
  readonly kind?: 'cup' | 'butt' | 'piano' | 'knife';
  readonly opens?: number;
  readonly overlay?: { readonly base?: L; readonly least?: L; readonly most?: L };
  readonly bore?: { readonly diameter?: L; readonly depth?: L; readonly tabLeast?: L; readonly tabMost?: L };
  readonly plate?: { readonly height?: L; readonly back?: L };
  readonly protrusion?: L;
  readonly zone?: L;
  readonly load_kg?: number;
  readonly adjust?: L;
}

/** The room a case stands in: x along the first wall, z out of it. */
export interface RoomOf<L> {
  readonly height: L;
  readonly walls?: readonly RoomWallOf<L>[];
  readonly things?: readonly RoomThingOf<L>[];
}

export interface RoomWallOf<L> {
  readonly id: string;
  readonly from: readonly L[];
  readonly to: readonly L[];
  readonly casings?: readonly CasingOf<L>[];
}

export interface CasingOf<L> {
  readonly at: L;
  readonly width: L;
  readonly out: L;
  readonly y?: L;
  readonly height?: L;
}

export interface RoomThingOf<L> {
  readonly id: string;
  readonly x: L;
  readonly z: L;
  readonly width: L;
  readonly depth: L;
  readonly y?: L;
  readonly height: L;
  readonly turn?: 0 | 90 | 180 | 270;
  readonly handle?: L;
  /** A mover over its whole front comes out so far. */
  readonly opens?: L;
}
