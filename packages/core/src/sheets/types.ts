import type { Length } from '../length';

/** A part to be cut: `length` lies along the sheet's length (and grain) unless it may be turned. */
export interface Piece {
  readonly id: string;
  readonly length: Length;
  readonly width: Length;
  readonly mayTurn: boolean;
  /** A panel that several parts come out of, in their order: grain-matched fronts. */
  readonly made?: Made;
}

/** What a piece is cut into in turn, as it lies with its length along the sheet's, and in how many stages. */
export interface Made {
  readonly panel: SawnPanel;
  readonly stages: number;
}

/** A sheet, board or off-cut that may be cut up; without `count` there are as many as it takes. */
export interface Stock {
  readonly id: string;
  readonly length: Length;
  readonly width: Length;
  readonly count?: number;
}

/** How the saw is used. */
export interface SawRules {
  readonly kerf: Length;
  /** Cut off every edge of a sheet before anything else. */
  readonly trim: Length;
  /** How often the direction of cutting may change, the first direction counted; 2 is strips cut to length. */
  readonly stages: number;
  /** The first cuts of a sheet run along its length. */
  readonly ripFirst: boolean;
}

/** What weighs besides sheets. 1 is usual, 0 not at all. */
export interface Likes {
  readonly fewerSettings: number;
  readonly biggerOffcuts: number;
}

/** What is to be laid out: pieces of one material on the stock there is. */
export interface LayoutTask {
  readonly pieces: readonly Piece[];
  readonly stock: readonly Stock[];
  readonly rules: SawRules;
  readonly likes?: Likes;
}

/** `rip`: cuts along the panel's length, its children side by side across it; `cross`: cuts across, one after the other. */
export type Direction = 'rip' | 'cross';

/** What a panel becomes: a part, an off-cut, or more panels by straight cuts from edge to edge. */
export type SawnPanelOf<L> =
  | { readonly kind: 'part'; readonly piece: string; readonly turned: boolean }
  | { readonly kind: 'rest' }
  | {
      readonly kind: 'cuts';
      readonly direction: Direction;
      /** Its children keep their order: fronts whose figure runs through. */
      readonly inOrder?: boolean;
      /** In order, a kerf between each two; what the last cut leaves may be less than a kerf and is dust. */
      readonly children: readonly { readonly size: L; readonly panel: SawnPanelOf<L> }[];
    };
export type SawnPanel = SawnPanelOf<Length>;

/** One sheet cut up, inside its trimmed edges. */
export interface SheetLayout {
  readonly stock: string;
  readonly length: Length;
  readonly width: Length;
  readonly panel: SawnPanel;
}

export interface Layout {
  readonly sheets: readonly SheetLayout[];
  /** Pieces there was no stock for. */
  readonly left: readonly string[];
}
