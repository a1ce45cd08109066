import type { CaseStock, CaseworkPlan } from '../casework';
import type { WrittenCase, WrittenJob } from '../job';
import type { Length } from '../length';
import type { Exact } from './finding';

/** A case with what was worked out of it. */
export interface LookedAtCase {
  readonly owner: WrittenCase;
  readonly casework: CaseworkPlan;
  readonly stock: CaseStock;
  readonly job: Pick<WrittenJob, 'unit' | 'materials' | 'climate'>;
  /** Its path in the job document. */
  readonly path: string;
  readonly exact: Exact;
  /** Thickness of the board in its recess, where it stands in the toe room. */
  readonly board: Length;
}
