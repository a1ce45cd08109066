import type { Length, Said } from '../length';

export type HingeKind = 'cup' | 'butt' | 'piano' | 'knife';

/** A row of the table of hinges. Figures a row does not have are its own sheet's to give. */
export interface Hinge {
  readonly id: string;
  readonly called: Said;
  readonly kind: HingeKind;
  /** In degrees. */
  readonly opens: number;
  /** What a door laps with its edge level with the cup's tab, on a plate of no height; less than nothing for one set in. */
  readonly base?: Length;
  /** The overlays it is made for. */
  readonly least?: Length;
  readonly most?: Length;
  readonly bore?: {
    readonly diameter: Length;
    readonly depth: Length;
    /** From the door's edge to the cup's. */
    readonly tabLeast: Length;
    readonly tabMost: Length;
  };
  readonly plate?: {
    /** Of the plate it is told with, where it has but one. */
    readonly height?: Length;
    /** Its screws, back from the case's front edge. */
    readonly back: Length;
  };
  /** How far it stands in the opening with the door at 90°; reckoned from base and plate where no row tells it. */
  readonly protrusion?: Length;
  /** Above and below its middle; the whole height where there is none. */
  readonly zone?: Length;
  /** What a pair carries. */
  readonly load_kg: number;
  readonly adjust?: Length;
  readonly origin: 'built-in' | 'own';
}
