import type { AsBuiltReading } from '../job';
import type { Length, Said } from '../length';

/** A box or a slide in its opening: heights over its floor, and how far from its edges. */
export interface Standing {
  readonly from: Length;
  readonly to: Length;
  readonly left: Length;
  readonly right: Length;
}

/** A drawer behind a door. */
export interface Tray {
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
export interface Trays {
  readonly path: string;
  readonly compartment: string;
  /** The door it is told to stand behind. */
  readonly behind: string | undefined;
  readonly pack: { readonly left?: Length; readonly right?: Length } | undefined;
  /** As it was made and measured, with where it was read. */
  readonly packed: { readonly left?: AsBuiltReading; readonly right?: AsBuiltReading };
  readonly trays: readonly Tray[];
}
