import type { Member, MemberCut } from '../casework';
import type { Length, Tally } from '../length';
import type { DoorOpening } from './door-opening';
import type { Door, Hand } from './written';
import type { Hinge } from './hinge';

/** How a hinge with a cup is set for the overlay wanted. */
export interface CupSetting {
  /** From the door's edge to the cup's; none where no plate at hand gives one that can be bored. */
  readonly tab?: Tally;
  /** The height of its plate. */
  readonly plate: Length;
}

/** A reading of a door that hangs. */
export interface Hung {
  readonly length: Length;
  readonly path: string;
}

/** One leaf with its hinges. */
export interface Leaf {
  /** The side it is hinged on. */
  readonly hinged: Hand;
  /** Its lower left corner, from the outer face of the left side and the case's floor. */
  readonly x: Length;
  readonly y: Length;
  readonly width: Tally;
  readonly height: Tally;
  readonly weight_kg: number;
  /** Middles of its hinges above its lower edge; none of a hinge as long as it. */
  readonly hinges: readonly Tally[];
  /** As many as its height and its weight ask for. */
  readonly needed: number;
  /** What so many as it has carry. */
  readonly carries_kg: number;
  readonly cup?: CupSetting;
  /** How far its hinges stand in the opening with it open at 90°. */
  readonly protrusion: Length;
  /**
   * As it was measured hanging: how far its hinges, and its leaf, stand in the opening, and the middles of its hinges over the
   * opening's lower edge, by their place from below; with where it was read.
   */
  readonly asHung?: {
    readonly hinge?: Hung;
    readonly leaf?: Hung;
    readonly heights?: readonly (Hung | undefined)[];
  };
  /** The middle of its pull, from its lower left corner. */
  readonly pull?: { readonly x: Tally; readonly y: Tally };
}

/** A piece of a leaf, where it lies on it: from its lower left corner, tongues and all. */
export interface DoorPiece {
  readonly member: Member;
  /** From the left. */
  readonly leaf: number;
  readonly x: Length;
  readonly y: Length;
  /** What is worked into its faces: from its lower end and its left edge, the front seen. */
  readonly cuts: readonly MemberCut[];
}

export interface DoorPlan {
  readonly id: string;
  readonly path: string;
  readonly door: Door;
  readonly hinge: Hinge;
  readonly thickness: Length;
  /** What its panels have in their grooves; nothing of one of one piece. */
  readonly play: Length;
  readonly opening: DoorOpening;
  readonly leaves: readonly Leaf[];
  readonly pieces: readonly DoorPiece[];
  /** Its pieces, alike ones of a kind together. */
  readonly members: readonly Member[];
  /** In degrees, as far as it opens by itself. */
  readonly opens: number;
}
