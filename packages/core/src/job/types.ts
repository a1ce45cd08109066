import type { Length, Unit } from '../length';

/**
 * The job: what people decided and measured, nothing derived. One shape serves twice: with lengths as text it is
 * the job document (the job file), with lengths in nanometres it is the job as read. docs/job-file.md describes it.
 */
export interface JobOf<L> {
  readonly format: 'zabble-job';
  readonly version: 1;
  readonly name: string;
  readonly customer?: string;
  readonly notes?: string;
  readonly unit: Unit;
  readonly step?: L;
  readonly materials: readonly MaterialOf<L>[];
  readonly slides?: readonly OwnSlideOf<L>[];
  readonly cases: readonly CaseOf<L>[];
}

export type MaterialKind = 'plywood' | 'mdf' | 'particleboard' | 'hardboard' | 'solid';

export interface MaterialOf<L> {
  readonly id: string;
  readonly name: string;
  readonly kind: MaterialKind;
  readonly thickness: L;
  readonly sheet?: { readonly length: L; readonly width: L };
  readonly grain?: boolean;
  readonly price?: number;
  readonly species?: string;
  readonly cut?: 'flat-sawn' | 'quarter-sawn';
}

export type BottomFit = 'captured' | 'slid-in' | 'applied' | 'rabbeted';
export type LengthUnit = 'in' | 'mm';

export interface LengthListOf<L> {
  /** Nominal lengths on offer; absent where any length can be made. */
  readonly list?: readonly L[];
  readonly boxShorter?: L;
  readonly rear?: L;
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
  readonly maxSide?: L;
  readonly top?: L;
  readonly bottom?: L;
  readonly recess?: L;
  readonly profile?: L;
  readonly setback?: L;
  readonly lengths?: { readonly in?: LengthListOf<L>; readonly mm?: LengthListOf<L> };
  readonly extension?: number;
  readonly load_kg?: number;
  readonly minBox?: L;
  readonly maxWidth?: L;
  readonly bottoms?: readonly BottomFit[];
  readonly price?: number;
}

export interface CaseOf<L> {
  readonly id: string;
  readonly name: string;
  readonly style: 'face-frame' | 'frameless';
  readonly divider?: L;
  readonly banks: readonly BankOf<L>[];
}

export interface BankOf<L> {
  readonly id: string;
  readonly basis: 'planned' | 'as-built';
  readonly opening: OpeningOf<L>;
  readonly buildOut?: { readonly left: L; readonly right: L };
  readonly rail?: L;
  readonly slide: SlideChoiceOf<L>;
  readonly front: FrontOf<L>;
  readonly division: DivisionOf<L>;
  readonly box: BoxOf<L>;
  readonly mounting?: MountingOf<L>;
  readonly drawers: readonly DrawerOf<L>[];
}

export interface OpeningOf<L> {
  readonly width: readonly L[];
  readonly height: readonly L[];
  readonly depth: readonly L[];
  /** From bottom left to top right, then from bottom right to top left. */
  readonly diagonals?: readonly L[];
}

export interface SlideChoiceOf<L> {
  readonly family: string;
  readonly length?: L;
  readonly lengths?: LengthUnit;
}

export interface FrontOf<L> {
  readonly mount: 'overlay' | 'inset';
  readonly top: L;
  readonly bottom: L;
  readonly left: L;
  readonly right: L;
  readonly gap: L;
  readonly material: string;
}

export type Scheme = 'equal' | 'step' | 'ratio' | 'manual';
export type Makeup = 'bottom' | 'top' | { readonly drawer: string };

export interface DivisionOf<L> {
  readonly scheme: Scheme;
  readonly step?: L;
  readonly ratio?: number;
  readonly increment?: L;
  readonly makeup?: Makeup;
}

export type Joint =
  'butt-sides-run' | 'butt-ends-run' | 'pocket-screw' | 'rabbet' | 'tongue-dado' | 'half-blind' | 'through';

export interface CornerOf<L> {
  readonly joint: Joint;
  readonly depth?: L;
}

export interface BoxOf<L> {
  readonly sides: string;
  readonly ends: string;
  /** The back's material where it differs from `ends`. */
  readonly back?: string;
  readonly bottom: string;
  readonly corner: CornerOf<L> & { readonly back?: CornerOf<L> };
  readonly bottomFit: BottomFit;
  readonly groove?: { readonly depth: L; readonly offset: L };
  readonly play?: L;
  readonly ease?: L;
  readonly heightStep?: L;
}

export type RiseOf<L> = 'half' | 'third' | L;

export interface MountingOf<L> {
  readonly rise?: RiseOf<L>;
  readonly order?: 'top-first' | 'bottom-up';
}

export interface ContentOf<L> {
  readonly name: string;
  readonly height: L;
  readonly count?: number;
  readonly weight_kg?: number;
  /** Across, front to back; it may be turned. */
  readonly footprint?: readonly L[];
}

/** Any part of a bank's values, at any depth; lists and lengths are replaced whole. */
export type PartOf<T> = T extends string | number | boolean | readonly unknown[]
  ? T
  : { readonly [K in keyof T]?: PartOf<T[K]> };

export interface DrawerOf<L> {
  readonly id: string;
  readonly name?: string;
  readonly height?: L;
  readonly sameAs?: string;
  readonly boxHeight?: L;
  readonly contents?: readonly ContentOf<L>[];
  readonly slide?: Partial<SlideChoiceOf<L>>;
  readonly front?: { readonly material?: string };
  readonly box?: PartOf<BoxOf<L>>;
}

export type Job = JobOf<Length>;
export type Material = MaterialOf<Length>;
export type OwnSlide = OwnSlideOf<Length>;
export type Case = CaseOf<Length>;
export type Bank = BankOf<Length>;
export type Drawer = DrawerOf<Length>;
export type Box = BoxOf<Length>;
export type Corner = CornerOf<Length>;
export type Front = FrontOf<Length>;
export type SlideChoice = SlideChoiceOf<Length>;
export type Rise = RiseOf<Length>;
/** The job file as JSON: lengths are text with their unit. */
export type JobDocument = JobOf<string>;
