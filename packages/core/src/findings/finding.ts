import type { Patch } from '../job';
import type { Length, Tally } from '../length';

export type Severity = 'stop' | 'warn' | 'note';

export type FindingCode =
  | 'OPENING_TAPERED'
  | 'OPENING_RACKED'
  | 'OPENING_IMPOSSIBLE'
  | 'BUILD_OUT_MISSING'
  | 'FORECAST'
  | 'NOT_YET_MEASURED'
  | 'DIVISION_IMPOSSIBLE'
  | 'DIVISION_REVERSED'
  | 'DEPTH_TOO_SHORT'
  | 'SIDE_TOO_THICK'
  | 'BOTTOM_NOT_ALLOWED'
  | 'RECESS_WRONG'
  | 'EASE_TOO_MUCH'
  | 'BOX_TOO_LOW'
  | 'BOX_TOO_HIGH'
  | 'CONTENTS_TOO_TALL'
  | 'SIZE_IMPOSSIBLE'
  | 'BOTTOM_TOO_THIN'
  | 'FRONT_TOO_LOW'
  | 'CONTENTS_TOO_WIDE'
  | 'CONTENTS_DO_NOT_FIT'
  | 'LOAD_OVER'
  | 'BOTTOM_SAGS'
  | 'WIDE_DRAWER'
  | 'GROOVE_TOO_DEEP'
  | 'GROOVE_NEAR_EDGE'
  | 'SCREW_IN_GROOVE'
  | 'HOOK_IN_BOTTOM'
  | 'REVEAL_TOO_TIGHT'
  | 'FRONT_PROUD'
  | 'NEIGHBOUR_FRONTS_UNEQUAL'
  | 'NOMINAL_THICKNESS'
  | 'THICKNESS_MEASURED'
  | 'GRAIN_JUMPS'
  | 'SMALL_PART'
  | 'LIKE_BOXES'
  | 'FRONTS_COLLIDE'
  | 'BUILD_OUT_OFF'
  | 'BUILD_OUT_WITHOUT_FRAME'
  | 'NOTHING_BEHIND'
  | 'SETBACK_DEPARTS'
  | 'JOINT_IMPOSSIBLE'
  | 'SLIDE_OFF_BOX'
  | 'BELOW_FLOOR'
  | 'BORE_OFF_FRONT'
  | 'BOX_OVER_FRONT'
  | 'EQUAL_NOT_ALIKE'
  | 'TIPS';

/** Which step of the work a finding belongs to. */
export type Step = 'case' | 'measure' | 'slides' | 'divide' | 'boxes' | 'fronts' | 'cut' | 'fit';

/** What would mend a finding: a sentence for a button, and the change to the job document that does it. */
export interface Remedy {
  readonly says: string;
  readonly patches: readonly Patch[];
}

/** What an experienced builder would say looking over the plan. */
export interface Finding {
  readonly code: FindingCode;
  /** stop: can't be built or won't work; warn: will be poor or must be checked; note: worth knowing. */
  readonly severity: Severity;
  readonly step: Step;
  /** Id of the drawer; absent when it is the whole bank's. */
  readonly drawer?: string;
  readonly says: string;
  /** The sentence without the drawer it is about, where it is about one. */
  readonly body?: string;
  readonly because?: Tally;
  /** What a stop keeps from the saw: every part of the drawer or bank where it is not told, its fronts, or nothing. */
  readonly holds?: 'fronts' | 'nothing';
  /** Each, applied, takes this finding away; what it asks elsewhere is for the findings after it. */
  readonly remedies?: readonly Remedy[];
}

/** Writes a length inside a sentence, in the job's unit and step, unit and all. */
export type Say = (length: Length) => string;

/** Writes a length exactly, as the job document holds it. */
export type Exact = (length: Length) => string;

/** The findings that apply, of some that may. */
export function present(...findings: readonly (Finding | undefined)[]): readonly Finding[] {
  return findings.filter((finding): finding is Finding => finding !== undefined);
}
