import type { CarrierRole, PartCut, PartRole, Role } from '../box';
import type { MemberCut, MemberFace, MemberRole } from '../casework';
import type { FixingMark } from '../fixing';
import type { Bore } from '../fronts';
import type { Material } from '../job';
import type { Tally } from '../length';
import type { Standing } from './as-cut';
import type { Release } from './release';

/** Where a part belongs; a part of a case is of no bank and no drawer, `path` is its case's. */
export interface Use {
  readonly case: string;
  readonly bank: string;
  /** Path of the bank in the job document. */
  readonly path: string;
  readonly drawer: string;
  readonly place: number;
  /** `extra`: a part of nobody’s, brought in besides. */
  readonly role: PartRole | MemberRole | 'extra';
  /** The node of the layout a part of a case belongs to. */
  readonly node?: string;
}

/** What a part is cut from: a material of the job, or wood planed for what it is, which none of them is. */
export interface CutMaterial extends Material {
  /** Kickers are of the runners' wood. */
  readonly planedFor?: Exclude<CarrierRole, 'kicker'> | 'leg';
}

/** One piece of wood to cut. Two alike are two of these. */
export interface CutPart {
  /** `case/bank/drawer/role`, with its number where a drawer has several: a new plan keeps it. */
  readonly name: string;
  readonly use: Use;
  /** What it is called, where it is nobody’s. */
  readonly called?: string;
  readonly material: CutMaterial;
  /** As sawn: before edge banding, where it has any. `length` along the grain or the longer cut. */
  readonly length: Tally;
  readonly width: Tally;
  /** Its size when it is done, where that is not its size as sawn. */
  readonly finished?: { readonly length: Tally; readonly width: Tally };
  /** Its length stands up on the front it is: the grain runs up. */
  readonly upright?: true;
  readonly machining: readonly PartCut<Role | MemberRole>[];
  /** What is worked into a part of a case, on its faces; measured from its edges as it is sawn. */
  readonly cuts?: readonly MemberCut[];
  /** What holds it to its neighbours, where it is set in a part of a case. */
  readonly fixings?: readonly FixingMark[];
  /** The face that is drawn, where there is one to tell. */
  readonly seen?: MemberFace;
  /** Bores for pulls, from the lower left corner. */
  readonly bores: readonly Bore[];
  readonly mayTurn: boolean;
  readonly release: Release;
  /** Released before its turn, and why. */
  readonly byHand?: string;
  /** Cut already: as it stands against the plan of now. */
  readonly standing?: Standing;
}
