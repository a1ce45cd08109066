import type { Length, Tally } from '../length';
import type { MemberRole } from './roles';

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
