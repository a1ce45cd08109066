/** How a bottom goes into its box: slides take some of these only. */
export type BottomFit = 'captured' | 'slid-in' | 'applied' | 'rabbeted';
export type LengthUnit = 'in' | 'mm';

export interface LengthListOf<L> {
  /** Nominal lengths on offer; absent where any length can be made. */
  readonly list?: readonly L[];
  readonly boxShorter?: L;
  readonly rear?: L;
}

/** Screws of slides fixed on the side: where the holes are in the case, and the longest screw into the box. */
export interface SlideScrewsOf<L> {
  readonly firstHole: L;
  readonly pitch: L;
  readonly box: L;
  /** A screw into the box is shorter than the side by at least this. */
  readonly shortOfSide: L;
}

/** What a family wants cut into the box, or how its own wood is made. */
export interface SlideCutsOf<L> {
  /** Notch at both lower corners of the back. */
  readonly notch?: { readonly width: L; readonly height: L };
  /** Bore in the back for the hook: from the side's inner face, above the bottom's underside. */
  readonly hook?: { readonly diameter: L; readonly depth: L; readonly fromSide: L; readonly aboveUnderside: L };
  /** A batten the side is grooved for: its thickness, and how much deeper than needed the groove is. */
  readonly batten?: { readonly thickness: L; readonly over: L };
  /** Width of a runner that bears the drawer. */
  readonly bearing?: L;
}

/** How far a slide lets the hung drawer be moved: up, to either side, out of the case, and its front tilted. */
export interface SlideAdjustOf<L> {
  readonly height?: L;
  readonly sideways?: L;
  readonly depth?: L;
  readonly tilt?: L;
}

/** A row of the job's own: every figure of the built-in row `like`, with those given here in their place. */
export interface OwnSlideOf<L> {
  readonly id: string;
  readonly like: string;
  readonly name?: string;
  readonly basis?: 'outside' | 'inside';
  readonly side?: L;
  readonly insideDeduction?: L;
  readonly narrowBy?: L;
  readonly parallel?: L;
  readonly square?: L;
  readonly maxSide?: L;
  readonly top?: L;
  readonly bottom?: L;
  readonly recess?: L;
  readonly profile?: L;
  readonly setback?: L;
  readonly lengths?: { readonly in?: LengthListOf<L>; readonly mm?: LengthListOf<L> };
  readonly extension?: number;
  readonly overTravel?: L;
  readonly load_kg?: number;
  readonly minBox?: L;
  readonly minBottom?: L;
  readonly maxWidth?: L;
  readonly bottoms?: readonly BottomFit[];
  readonly screws?: SlideScrewsOf<L>;
  readonly cuts?: SlideCutsOf<L>;
  readonly adjust?: SlideAdjustOf<L>;
  readonly price?: number;
}
