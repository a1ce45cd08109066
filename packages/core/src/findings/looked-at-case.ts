import type { CaseStock, CaseworkPlan } from '../casework';
import type { DoorPlan } from '../doors';
import type { LimitsOf, WrittenCase, WrittenJob } from '../job';
import type { Length } from '../length';
import type { Thing, Trays } from '../pullouts';
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
  readonly things: readonly Thing[];
  readonly trays: readonly Trays[];
  /** Thickness of the board in its recess, where it stands in the toe room. */
  readonly board: Length;
}
