import type { Length, Tally } from '../length';

/** What a part of a case is. */
export type MemberRole =
  | 'case-side-left'
  | 'case-side-right'
  | 'case-bottom'
  | 'case-top'
  | 'stretcher'
  | 'divider'
  | 'fixed-shelf'
  | 'rail'
  | 'case-back'
  | 'cleat'
  | 'kick-board'
  | 'plinth-front'
  | 'plinth-end'
  | 'leg'
  | 'apron'
  | 'frame-stile'
  | 'frame-rail'
  | 'frame-middle-stile'
  | 'frame-middle-rail'
  | 'worktop'
  | 'worktop-trim'
  | 'filler'
  | 'shelf';

/**
 * A part of a case, finished. `length` runs across, `width` front to back; of uprights, backs and fillers `length` is the
 * height, of narrow members it runs along them.
 */
export interface Member {
  readonly role: MemberRole;
  readonly count: number;
  readonly length: Tally;
  readonly width: Tally;
  readonly thickness: Length;
  /** Id of the job's material. */
  readonly material: string;
  /** The node of the layout it belongs to. */
  readonly node?: string;
  /** Its size before edging, where it has any. */
  readonly blank?: { readonly length: Tally; readonly width: Tally };
}
