import type { Patch } from '../reading';
import type { Length, Said, Tally } from '../length';
import type { CalledDrawer, FindingCode, ParamsOf, RemedyCode } from '../words';

export type Severity = 'stop' | 'warn' | 'note';

/** Which step of the work a finding belongs to. */
export type Step = 'case' | 'measure' | 'slides' | 'divide' | 'boxes' | 'fronts' | 'cut' | 'fit' | 'price';

/** What would mend a finding: what its button says, and the change to the job document that does it. */
export interface Remedy extends Said<RemedyCode> {
  readonly patches: readonly Patch[];
}

/** What an experienced builder would say looking over the plan: the words room has its sentence. */
export interface Finding extends Said<FindingCode> {
  /** stop: can't be built or won't work; warn: will be poor or must be checked; note: worth knowing. */
  readonly severity: Severity;
  readonly step: Step;
  /** Id of the drawer; absent when it is the whole bank's. */
  readonly drawer?: string;
  /** The drawer its sentence is said of, where the sentence itself does not name one. */
  readonly called?: CalledDrawer;
  readonly because?: Tally;
  /** What a stop keeps from the saw: every part of the drawer or bank where it is not told, its fronts, a door, or nothing. */
  readonly holds?: 'fronts' | 'door' | 'nothing';
  /** The door of its case it is said of, or the tilt-out or work board. */
  readonly door?: string;
  /** Each, applied, takes this finding away; what it asks elsewhere is for the findings after it. */
  readonly remedies?: readonly Remedy[];
}

/** Writes a length exactly, as the job document holds it. */
export type Exact = (length: Length) => string;

/** The findings that apply, of some that may. */
export function present(...findings: readonly (Finding | undefined)[]): readonly Finding[] {
  return findings.filter((finding): finding is Finding => finding !== undefined);
}

/** A drawer as it is called in a sentence. */
export function calledDrawer(drawer: { readonly name?: string } | undefined, place: number): CalledDrawer {
  return drawer?.name ? { place, name: drawer.name } : { place };
}

/** A button that mends, with what it is about. */
export function remedy<C extends RemedyCode>(code: C, params: ParamsOf<C> & object, patches: readonly Patch[]): Remedy {
  return { code, params, patches };
}
