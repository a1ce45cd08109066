import type { Body, CaseStock, CaseworkPlan, Member } from '../casework';
import type { DoorPlan, DoorStock } from '../doors';
import type { WrittenCase } from '../job';
import type { Length, Tally } from '../length';

/** What things in the compartments of a case are planned from. */
export interface ThingStock {
  readonly owner: WrittenCase;
  readonly stock: CaseStock;
  readonly casework: CaseworkPlan;
  readonly doors: DoorStock;
}

interface Planned {
  readonly id: string;
  /** Where it is written in the job. */
  readonly path: string;
  readonly members: readonly Member[];
  /** Where its members stand, shut. */
  readonly bodies: readonly Body[];
}

/** A door hinged at its lower edge with a bin on a platform behind it. Heights are over its hinge line, depths behind it. */
export interface TiltOut extends Planned {
  readonly kind: 'tilt-out';
  readonly compartment: string;
  readonly door: DoorPlan;
  /** Degrees it opens by. */
  readonly angle: number;
  readonly bin: { readonly width: Length; readonly depth: Length; readonly height: Length };
  /** Its near lower edge. */
  readonly back: Length;
  readonly up: Length;
  /** The greatest height of the bin while it is inside. */
  readonly rise: Length;
  /** The height under the opening's upper edge it must stay under. */
  readonly most: Length;
  /** The tallest bin that stays under it; nothing where none does. */
  readonly tallest: Length | undefined;
  /** Of its depth before the front plane, as part of one. */
  readonly mouthOut: number;
  /** It stays open by itself: its middle, full, is before the hinge line. */
  readonly stays: boolean;
  /** Where its lower far corner comes to, for the block that stops it. */
  readonly stop: { readonly back: Length; readonly up: Length };
  /** Its far edge behind the hinge line, and how far that may be. */
  readonly farEdge: Tally;
  readonly deepest: Length;
  /** What it has across, and what it wants. */
  readonly wide: { readonly has: Length; readonly wants: Length };
}

/** A board that is pulled out of its slot to work on. */
export interface WorkBoard extends Planned {
  readonly kind: 'board';
  readonly compartment: string;
  /** Finished, edging and all. */
  readonly width: Tally;
  readonly length: Tally;
  readonly thickness: Length;
  /** Its slot wants so much height, and has so much; so deep it may be. */
  readonly slot: { readonly wants: Length; readonly has: Length; readonly depth: Length };
  /** So far it may come out. */
  readonly out: Length;
  /** What it bears at its front edge, in kilograms. */
  readonly bears: number;
}

/** A leaf that closes its case from above. */
export interface Lid extends Planned {
  readonly kind: 'lid';
  /** Finished: across, and front to back. */
  readonly width: Tally;
  readonly depth: Tally;
  readonly thickness: Length;
  /** Degrees it opens by, and whether something keeps it there. */
  readonly opens: number;
  readonly stay: boolean;
  /** What it turns about: the upper edge of its back, back from the case's front edge and over its floor. */
  readonly line: { readonly back: Length; readonly up: Length };
  /** The greatest height of it over that line on its way, and how far it leans behind it. */
  readonly rise: Length;
  readonly leans: Length;
  /** What closes the case under it; nothing where it is open. */
  readonly over: 'top' | 'worktop' | undefined;
}

export type Thing = TiltOut | WorkBoard | Lid;

/** The doors of a case, and those its tilt-outs hang on. */
export function everyDoor(doors: readonly DoorPlan[], things: readonly Thing[]): readonly DoorPlan[] {
  return [...doors, ...things.flatMap((thing) => (thing.kind === 'tilt-out' ? [thing.door] : []))];
}
