/** Fronts cut from one panel so that the grain runs through. */
export interface RunOf<L> {
  readonly kerf: L;
  /** Trimmed off the panel, both ends together. */
  readonly trim: L;
  /** Cut out between two fronts besides the kerf, to keep the figure in step. */
  readonly strip?: L;
}

export interface FrontOf<L> {
  /** Before the opening, in it, or none at all: trays behind a door. */
  readonly mount: 'overlay' | 'inset' | 'none';
  /** Of a tray: how much lower its front is than its back; wider than its box, each side; its front edge behind the front. */
  readonly dip?: L;
  readonly over?: L;
  readonly setBehind?: L;
  /** It is the box's own front: the sides end at its back. */
  readonly asBox?: boolean;
  /** Edges told from the outer edge of the member they lap, in place of a lap. */
  readonly reveals?: Readonly<Partial<Record<Edge, L>>>;
  readonly top: L;
  readonly bottom: L;
  readonly left: L;
  readonly right: L;
  readonly gap: L;
  readonly material: string;
  /** Which way the grain of fronts of one piece runs; across where it is left out. */
  readonly grain?: 'across' | 'up';
  readonly band?: BandOf<L>;
  readonly frame?: FrameOf<L>;
  readonly run?: RunOf<L>;
  readonly pull?: PullOf<L>;
  /** Brackets it is screwed to, of a pull-out that carries a door: holes over the opening's floor, and in from the box's sides. */
  readonly brackets?: { readonly up: readonly L[]; readonly in?: L };
}

export type Edge = 'top' | 'bottom' | 'left' | 'right';

/** Edge banding: its thickness, and the edges that have it. */
export interface BandOf<L> {
  readonly thickness: L;
  readonly edges: readonly Edge[];
}

/** A front of stiles, rails and a panel in a groove. */
export interface FrameOf<L> {
  readonly stile: L;
  /** As wide as the stiles where it is left out. */
  readonly rail?: L;
  readonly groove: L;
  /** The panel's thickness, and half the frame's at most, where it is left out. */
  readonly grooveWidth?: L;
  /** From the frame's face; in its middle where it is left out. */
  readonly grooveFrom?: L;
  readonly play: L;
  /** Material of the panel. */
  readonly panel: string;
}

/** Where pulls sit: at the middle; a given way below the top edge; or a third of the way down on low drawers. */
export type PullSchool = 'centre' | 'from-top' | 'third-when-low';

export interface PullOf<L> {
  /** What it is bought by. */
  readonly name?: string;
  readonly school: PullSchool;
  /** Below the front's top edge, for `from-top`. */
  readonly fromTop?: L;
  /** Fronts whose middle is under this height above the opening's floor are low, for `third-when-low`. */
  readonly lowUnder?: L;
  /** Between the two bores of one pull; a knob has one bore. */
  readonly centres?: L;
  /** The pull's own height. */
  readonly height?: L;
  /** How far a screw bites into the pull. */
  readonly purchase: L;
  /** Wider fronts have two. */
  readonly twoOver?: L;
  readonly count?: 1 | 2;
  /** Bought where it is left out. */
  readonly kind?: 'bought' | 'made' | 'grip' | 'none';
  /** How far it stands out before the front. */
  readonly projection?: L;
  /** Of one that is made: a strip on the front, so long, so high, so thick. */
  /** `angle`: its lower edge is bevelled by so many degrees, for fingers to find it. */
  readonly made?: { readonly material: string; readonly length: L; readonly height: L; readonly angle?: number };
  /** Of a grip cut out of the front's upper edge. */
  readonly grip?: { readonly width: L; readonly height: L; readonly radius?: L; readonly fromTop?: L };
}
