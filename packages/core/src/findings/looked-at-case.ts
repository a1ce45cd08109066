import type { CaseStock, CaseworkPlan } from '../casework';
import type { DoorPlan } from '../doors';
import type { AsBuiltReading, LimitsOf, WrittenCase, WrittenJob } from '../job';
import type { Length, Said } from '../length';
import type { Exact } from './finding';

/** A bank in its compartment. */
export interface LookedAtBank {
  readonly path: string;
  readonly compartment: string | undefined;
  /** Its slides are screwed to the walls. */
  readonly screwed: boolean;
  readonly drawers: readonly {
    readonly place: number;
    readonly path: string;
    /** Over the floor of its opening. */
    readonly from: Length;
    readonly to: Length;
    /** The line of its slide over that floor. */
    readonly centre: Length | undefined;
    /** The back of its box behind the case's front edge; none where no slide is short enough. */
    readonly back: Length | undefined;
    /** The longest slide that would end before a depth. */
    readonly slideWithin: (depth: Length) => Length | undefined;
  }[];
}

/** A box or a slide in its opening: heights over its floor, and how far from its edges. */
export interface Standing {
  readonly from: Length;
  readonly to: Length;
  readonly left: Length;
  readonly right: Length;
}

/** A drawer behind a door. */
export interface LookedAtTray {
  readonly place: number;
  readonly path: string;
  readonly called: Said;
  readonly onFloor: boolean;
  /** Its height is set by hand. */
  readonly byHand: boolean;
  readonly slide: Standing | undefined;
  readonly box: Standing | undefined;
  /** From the opening's edges to the widest of it. */
  readonly edges: { readonly left: Length; readonly right: Length };
  readonly travel: Length;
}

/** A bank without fronts in its compartment. */
export interface LookedAtTrays {
  readonly path: string;
  readonly compartment: string;
  /** The door it is told to stand behind. */
  readonly behind: string | undefined;
  readonly pack: { readonly left?: Length; readonly right?: Length } | undefined;
  /** As it was made and measured, with where it was read. */
  readonly packed: { readonly left?: AsBuiltReading; readonly right?: AsBuiltReading };
  readonly trays: readonly LookedAtTray[];
}

/** A case with what was worked out of it. */
export interface LookedAtCase {
  readonly owner: WrittenCase;
  readonly casework: CaseworkPlan;
  readonly stock: CaseStock;
  readonly job: Pick<WrittenJob, 'unit' | 'materials' | 'climate'>;
  /** What the shop can take. */
  readonly limits: LimitsOf<Length> | undefined;
  /** Its path in the job document. */
  readonly path: string;
  readonly exact: Exact;
  /** Its banks, as far as what stands in their compartments concerns them. */
  readonly banks: readonly LookedAtBank[];
  readonly doors: readonly DoorPlan[];
  readonly trays: readonly LookedAtTrays[];
  /** Thickness of the board in its recess, where it stands in the toe room. */
  readonly board: Length;
}
