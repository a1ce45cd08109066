import type { Length, Unit } from '../length';
import type { BuildOf, DoorOf, LaidFixing, NodeOf, ShelvesOf } from './case-build';
import type {
  CaseGates,
  CutOutOf,
  KeepOutOf,
  MeasuredPlaceOf,
  OwnHingeOf,
  RoomOf,
  StandsAtOf,
  TiltOutOf,
  UprightsOf,
  WorkBoardOf,
  LidOf,
} from './case-things';
import type { CuttingOf, Gates, SawOf } from './cutting';
import type { BandOf, FrameOf, FrontOf, PullOf, RunOf } from './front-types';
import type { Joint } from './joints';
import type { AsBuilt, HungReading, LogEntryOf } from './log';
import type { BottomFit, LengthUnit, OwnSlideOf, SlideAdjustOf, SlideCutsOf, SlideScrewsOf } from './own-slide';
import type { OpeningReadingOf } from './opening-readings';
import type { FinishGroup, Pricing, Survey } from './pricing';

/**
 * The job: what people decided and measured, nothing derived. One shape serves twice: with lengths as text it is
 * the job document (the job file), with lengths in nanometres it is the job as read. docs/job-file.md describes it.
 */
export interface JobOf<L> {
  readonly format: 'zabble-job';
  readonly version: 1;
  /** Fields added since version 1 came out; a file that gives none may hold every field its reader knows. */
  readonly minor?: number;
  readonly name: string;
  readonly customer?: string;
  readonly notes?: string;
  readonly unit: Unit;
  readonly step?: L;
  readonly materials: readonly MaterialOf<L>[];
  readonly slides?: readonly OwnSlideOf<L>[];
  readonly hinges?: readonly OwnHingeOf<L>[];
  readonly room?: RoomOf<L>;
  /** Two that meet when both are open, of which one is opened and closed before the other. */
  readonly inTurn?: readonly InTurn[];
  readonly climate?: Climate;
  readonly saw?: SawOf<L>;
  readonly cutting?: CuttingOf<L>;
  /** How sure the sizes are; rough where it is left out. */
  readonly survey?: Survey;
  readonly finish?: readonly FinishGroup[];
  readonly pricing?: Pricing;
  readonly log?: readonly LogEntryOf<L>[];
  readonly cases: readonly CaseOf<L>[];
}

/** Addresses of what moves: `case/bank/drawer`, `case/door/left`, `room/thing`. */
export interface InTurn {
  readonly a: string;
  readonly b: string;
}

/** Air indoors: degrees Celsius and per cent of relative humidity. */
export interface Air {
  readonly temperature_c: number;
  readonly humidity: number;
}

/** The air solid fronts are fitted in, and that of the wettest season they will see. */
export interface Climate {
  readonly fitting: Air;
  readonly wettest: Air;
}

export type MaterialKind = 'plywood' | 'mdf' | 'particleboard' | 'hardboard' | 'solid';

export const PRICE_PERS = ['bdft', 'm3', 'm'] as const;
export type PricePer = (typeof PRICE_PERS)[number];

export interface MaterialOf<L> {
  readonly id: string;
  readonly name: string;
  readonly kind: MaterialKind;
  readonly thickness: L;
  readonly sheet?: { readonly length: L; readonly width: L };
  readonly grain?: boolean;
  /** Of a sheet, or of what `price_per` says: a board foot, a cubic metre, a metre. */
  readonly price?: number;
  readonly price_per?: PricePer;
  /** The widest board it comes in. */
  readonly board?: { readonly width: L };
  readonly species?: string;
  readonly cut?: 'flat-sawn' | 'quarter-sawn';
  readonly density_kg_m3?: number;
  /** Stiffness along the grain (modulus of elasticity), gigapascals. */
  readonly stiffness_gpa?: number;
}

/** How the case stands, for the tipping ratio. Lengths run back from the case's front edge. */
export interface StandOf<L> {
  /** Each of the three follows from the case where that is told how it is made. */
  readonly weight_kg?: number;
  readonly depth?: L;
  readonly frontFeet?: L;
  /** Only one drawer can be out at a time. */
  readonly interlock?: boolean;
  /** Fastened to the wall. */
  readonly anchored?: boolean;
}

export type CaseStyle = 'face-frame' | 'frameless';

export interface CaseOf<L> {
  readonly id: string;
  readonly name: string;
  readonly style: CaseStyle;
  readonly divider?: L;
  /** The most fronts may lap at the ends: the side's thickness, or less where a wall stands. */
  readonly ends?: { readonly left?: L; readonly right?: L };
  /** What neighbouring banks on shared dividers have alike; the other follows. */
  readonly alike?: 'fronts' | 'openings';
  /** How far the top stands out past the case's front edge. */
  readonly overhang?: L;
  readonly run?: RunOf<L>;
  readonly stand?: StandOf<L>;
  /** How it is made, and how its front is divided; without them its banks stand in openings that were measured. */
  readonly build?: BuildOf<L>;
  readonly layout?: NodeOf<L>;
  readonly doors?: readonly DoorOf<L>[];
  readonly shelves?: readonly ShelvesOf<L>[];
  readonly tiltOuts?: readonly TiltOutOf<L>[];
  readonly boards?: readonly WorkBoardOf<L>[];
  readonly lids?: readonly LidOf<L>[];
  readonly measured?: readonly MeasuredPlaceOf<L>[];
  readonly keepOuts?: readonly KeepOutOf<L>[];
  readonly cutOuts?: readonly CutOutOf<L>[];
  readonly uprights?: readonly UprightsOf<L>[];
  readonly gates?: CaseGates;
  readonly at?: StandsAtOf<L>;
  readonly banks: readonly BankOf<L>[];
}

export interface BankOf<L> {
  readonly id: string;
  readonly name?: string;
  readonly basis: 'planned' | 'as-built';
  /** The compartment of its case it stands in. */
  readonly compartment?: string;
  /** What it stands in; follows from the case where it is left out. */
  readonly opening?: OpeningOf<L>;
  /** The opening in the other basis: as planned while the built one is used, and the other way round. */
  readonly aside?: OpeningOf<L>;
  readonly buildOut?: BuildOutOf<L>;
  /** The door of its case it stands behind. */
  readonly behind?: string;
  /** What keeps slides and boxes clear of a door and its hinges, from the opening's edge. */
  readonly pack?: { readonly left?: L; readonly right?: L };
  readonly rail?: L;
  /** Thickness of the divider to its right, where it is not the case's. */
  readonly divider?: L;
  readonly slide: SlideChoiceOf<L>;
  readonly front: FrontOf<L>;
  readonly division: DivisionOf<L>;
  readonly box: BoxOf<L>;
  readonly mounting?: MountingOf<L>;
  readonly gates?: Gates;
  readonly drawers: readonly DrawerOf<L>[];
}

/** What stock can't make up is packed out, or the whole is planed from solid wood to fit. */
export type BuildOutRest = 'packed' | 'planed';

export interface BuildOutOf<L> {
  /** Each follows from the case, in a compartment, where it is left out. */
  readonly left?: L;
  readonly right?: L;
  /** Materials to make it up from; where it is left out, all the job's that no drawer is made of. */
  readonly from?: readonly string[];
  readonly rest?: BuildOutRest;
}

export interface OpeningOf<L> {
  readonly width: readonly OpeningReadingOf<L>[];
  readonly height: readonly OpeningReadingOf<L>[];
  readonly depth: readonly OpeningReadingOf<L>[];
  /** From bottom left to top right, then from bottom right to top left. */
  readonly diagonals?: readonly L[];
}

export interface SlideChoiceOf<L> {
  readonly family: string;
  readonly length?: L;
  readonly lengths?: LengthUnit;
  /** What is cut off its back: it is so much shorter, and travels so much less. */
  readonly cut?: L;
}

export type Scheme = 'equal' | 'step' | 'ratio' | 'contents' | 'manual';
export type Makeup = 'bottom' | 'top' | { readonly drawer: string };

export interface DivisionOf<L> {
  readonly scheme: Scheme;
  readonly step?: L;
  readonly ratio?: number;
  readonly increment?: L;
  readonly makeup?: Makeup;
}

export interface CornerOf<L> {
  readonly joint: Joint;
  readonly depth?: L;
  /** Of a housed end: how far from the side's end it stands. */
  readonly short?: L;
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
  /** Front to back, apart from its slide's. */
  readonly length?: L;
  /** Heights its stock comes in: the greatest the bay allows is taken. */
  readonly heights?: readonly L[];
  /** The back's own height, where it is not the sides'. */
  readonly backHeight?: L;
  /** What holds its corners, where it is not what goes with their joint. */
  readonly fixing?: LaidFixing;
  /** A slit batten front to back that carries the bottom in two halves. */
  readonly muntin?: { readonly material: string; readonly width: L };
}

export type RiseOf<L> = 'half' | 'third' | L;

export interface MountingOf<L> {
  readonly rise?: RiseOf<L>;
  readonly order?: 'top-first' | 'bottom-up';
  /** How the fronts are hung: from a ledge below up, or from the top line down. */
  readonly fronts?: 'bottom-up' | 'top-down';
  /** Set-back as marked by hand, from the case's front edge. */
  readonly setback?: L;
  /** What slides under the boxes are fixed to behind a face frame: strips front and rear, or blocking. */
  readonly behind?: 'strips' | 'blocking';
  /** How a front is held where it goes while it is fixed. */
  readonly holding?: Holding;
  /** What slides on the sides of boxes are set by in the case; spacers where it is left out. */
  readonly hanging?: HangingSchool;
}

export const HOLDINGS = ['pull-bores', 'pins', 'tape', 'clamps', 'wedges', 'drop-of-glue', 'wide-holes'] as const;
export type Holding = (typeof HOLDINGS)[number];

/** `standing`: the box stands in the opening on packing; `carried`: the height is carried over from it by rule. */
export const HANGING_SCHOOLS = ['spacers', 'jig', 'standing', 'carried'] as const;
export type HangingSchool = (typeof HANGING_SCHOOLS)[number];

export const FILES_KINDS = ['letter', 'legal', 'a4'] as const;
export type FilesKind = (typeof FILES_KINDS)[number];

export interface ContentOf<L> {
  readonly name: string;
  readonly height: L;
  readonly count?: number;
  readonly weight_kg?: number;
  /** Hanging files: their rails decide one of the inside sizes. */
  readonly files?: FilesKind;
  /** Across, front to back; it may be turned. */
  readonly footprint?: readonly L[];
}

/** Any part of a bank's values, at any depth; lists and lengths are replaced whole. */
export type PartOf<T> = T extends string | number | boolean | readonly unknown[]
  ? T
  : { readonly [K in keyof T]?: PartOf<T[K]> };

/** A line carried across: the front's lower edge at a height above the floor, or level with another bank's drawer. */
export interface LineOf<L> {
  readonly y?: L;
  readonly bank?: string;
  readonly drawer?: string;
}

export interface DrawerOf<L> {
  readonly id: string;
  readonly name?: string;
  readonly height?: L;
  readonly sameAs?: string;
  /** Least and most the front's height may be. */
  readonly least?: L;
  readonly most?: L;
  readonly line?: LineOf<L>;
  /** Its part of the height that is left over, for division by contents. */
  readonly share?: number;
  /** A tray's bay begins so far above the opening's floor, where it is set by hand. */
  readonly y?: L;
  readonly boxHeight?: L;
  /** Shares the box height of another drawer: the lower of the two serves both. */
  readonly boxSameAs?: string;
  readonly contents?: readonly ContentOf<L>[];
  readonly slide?: Partial<SlideChoiceOf<L>>;
  readonly front?: { readonly material?: string };
  readonly box?: PartOf<BoxOf<L>>;
}

/** The job as it is written, its lengths read: banks in compartments have no opening yet. */
export type WrittenJob = JobOf<Length>;
export type WrittenCase = CaseOf<Length>;
export type WrittenBank = BankOf<Length>;

/** The job as read. */
export type Job = Omit<JobOf<Length>, 'cases'> & { readonly cases: readonly Case[] };
export type Material = MaterialOf<Length>;
export type OwnSlide = OwnSlideOf<Length>;
/** A case as read, with what was measured at its doors as they hang (from the job’s log; never in a case of a file). */
export type Case = Omit<CaseOf<Length>, 'banks'> & {
  readonly banks: readonly Bank[];
  readonly asHung?: readonly HungReading[];
};
/** A bank as read, with what was measured back in it (from the job’s log; never in a bank of a file). */
export type Bank = BankOf<Length> & {
  readonly opening: OpeningOf<Length>;
  readonly buildOut?: { readonly left: Length; readonly right: Length };
  readonly asBuilt?: AsBuilt;
  /** Behind a face frame: where the case's floor and ceiling and its opening's floor lie, its frame, and what it is made of. */
  readonly frameAt?: {
    readonly floor: Length;
    readonly ceiling: Length;
    readonly opening: Length;
    readonly frame: Length;
    readonly panel: { readonly id: string; readonly thickness: Length };
  };
  /** Of trays: how far behind the case's front they begin, a door that is set in counted. */
  readonly behindFront?: Length;
  /** How deep it is from level to level while it is planned in a compartment; heights are over its clear floor. */
  readonly depths?: {
    readonly whole: Length;
    readonly steps: readonly { readonly from: Length; readonly to: Length; readonly depth: Length }[];
  };
};
export type LogEntry = LogEntryOf<Length>;
export type LogEntryDocument = LogEntryOf<string>;
export type Drawer = DrawerOf<Length>;
export type Box = BoxOf<Length>;
export type Corner = CornerOf<Length>;
export type Front = FrontOf<Length>;
export type SlideChoice = SlideChoiceOf<Length>;
export type Rise = RiseOf<Length>;
export type Run = RunOf<Length>;
export type Band = BandOf<Length>;
export type Frame = FrameOf<Length>;
export type Pull = PullOf<Length>;
export type Stand = StandOf<Length>;
export type Line = LineOf<Length>;
export type SlideScrews = SlideScrewsOf<Length>;
export type SlideCuts = SlideCutsOf<Length>;
export type SlideAdjust = SlideAdjustOf<Length>;
/** The job file as JSON: lengths are text with their unit. */
export type JobDocument = JobOf<string>;
