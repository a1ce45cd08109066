import type { Length } from '../length';
import type { SawnPanelOf } from '../sheets';
import type { Deed } from './deed';

/** What the parts of a bank wait for, once it is so: its slides in hand, the groove tried, the boxes glued, then hung and trued. */
export interface Gates {
  readonly slides?: Deed;
  readonly groove?: Deed;
  readonly glued?: Deed;
  readonly hung?: Deed;
}

/** How the saw is used, and what a layout is judged by besides the number of sheets. */
export interface SawOf<L> {
  readonly kerf?: L;
  /** Cut off every edge of a sheet first. */
  readonly trim?: L;
  /** How often the direction of cutting may change. */
  readonly stages?: number;
  readonly ripFirst?: boolean;
  /** What one saw setting less, and bigger off-cuts, weigh against a sheet; 0 is not at all. */
  readonly fewerSettings?: number;
  readonly biggerOffcuts?: number;
  /** An off-cut at least this large is kept. */
  readonly offcut?: { readonly length: L; readonly width: L };
  /** Cut over size from solid wood, in all. */
  readonly allowance?: { readonly length: L; readonly width: L };
  /** Sheet parts are first cut over size by so much on each dimension, and to size after. */
  readonly over?: L;
  readonly limits?: LimitsOf<L>;
}

/** What the shop can take: the longest rip, the widest crosscut, the widest board through the planer, the longest stop. */
export interface LimitsOf<L> {
  readonly rip?: L;
  readonly crosscut?: L;
  readonly planer?: L;
  readonly stop?: L;
  /** What a driver with its bit and a drill with its bit need before them. */
  readonly driver?: L;
  readonly drill?: L;
}

/** A part released by hand before its turn, and why. */
export interface ReleasedPart extends Deed {
  readonly part: string;
  readonly reason: string;
}

/** A part as it was cut: its size as sawn, and what came out wrong where something did. */
export interface CutRecordOf<L> extends Deed {
  readonly part: string;
  readonly length: L;
  readonly width: L;
  readonly wrong?: string;
}

/** Parts brought in from a list besides the drawers'. */
export interface ExtraPartOf<L> {
  readonly id: string;
  readonly name: string;
  readonly material: string;
  readonly length: L;
  readonly width: L;
  readonly count: number;
  /** Whether it may lie across the grain; by its material where it is left out. */
  readonly mayTurn?: boolean;
}

/** A sheet of a layout that was taken: as it is cut up, and how far it is. */
export interface TakenSheetOf<L> {
  readonly id: string;
  /** Id of the material, or of the piece of the rack it is cut from. */
  readonly stock: string;
  readonly length: L;
  readonly width: L;
  readonly panel: SawnPanelOf<L>;
  /** What the piece of the rack was booked in at, in the shop's currency; 0 is free. */
  readonly price?: number;
  /** From when on it is not laid out again. */
  readonly begun?: Deed;
  /** How many of its steps are done. */
  readonly done?: number;
}

/** A layout of one material that was taken, with how it was found and how it is sawn. */
export interface TakenLayoutOf<L> extends Deed {
  readonly material: string;
  readonly seed: number;
  readonly tries: number;
  readonly kerf: L;
  readonly trim: L;
  readonly sheets: readonly TakenSheetOf<L>[];
}

/** What was decided and done at the saw, oldest first; parts by their names, `case/bank/drawer/role`. */
export interface CuttingOf<L> {
  readonly released?: readonly ReleasedPart[];
  readonly cut?: readonly CutRecordOf<L>[];
  readonly extra?: readonly ExtraPartOf<L>[];
  readonly layouts?: readonly TakenLayoutOf<L>[];
}

export type Saw = SawOf<Length>;
export type CutRecord = CutRecordOf<Length>;
