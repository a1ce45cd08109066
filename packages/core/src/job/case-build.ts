import type { BandOf, FrameOf } from './front-types';

/** How a case is made and how its front is divided. Widths run across, heights up from the floor, depths from the front edge back. */
export interface BuildOf<L> {
  /** Over both sides; left out where the space decides it. */
  readonly width?: L;
  /** From the floor to the case's top edge, without a worktop. */
  readonly height: L;
  /** From the front edge to the back of the back. */
  readonly depth: L;
  /** Material of sides, bottom, top, dividers, fixed shelves, and of rails and stretchers. */
  readonly panel: string;
  readonly base?: BaseOf<L>;
  readonly stands?: StandsOf<L>;
  /** How much lower than its highest place the floor is: front left, front right, back left, back right. */
  readonly floor?: readonly L[];
  readonly bottom?: BottomPanelOf<L>;
  readonly top?: TopPanelOf<L>;
  readonly joint?: CaseJointOf<L>;
  readonly back?: CaseBackOf<L>;
  /** Of the two rails at a boundary of rows parted by rails. */
  readonly railWidth?: L;
  /** Fixed shelves stop so far short of the back. */
  readonly shelfBack?: L;
  readonly band?: CaseBandOf<L>;
  readonly frame?: FaceFrameOf<L>;
  readonly cleats?: CleatsOf<L>;
  readonly worktop?: WorktopOf<L>;
  readonly notches?: readonly NotchesOf<L>[];
  readonly place?: SpaceOf<L>;
  /** The face frame is made before the case and fixes every line. */
  readonly frameFirst?: boolean;
  /** Dividers and fixed shelves are cut to the case once that is glued. */
  readonly dividersLast?: boolean;
  /** What no driver reaches later is fixed on the bench, before the case is closed. */
  readonly onBench?: boolean;
}

/** What stands at the wall where a member does, one step over the other. */
export interface NotchesOf<L> {
  /** Its name: `case-side-left`, `divider left`. */
  readonly member: string;
  readonly steps: readonly { readonly height: L; readonly depth: L }[];
}

export interface BaseOf<L> {
  readonly kind: 'none' | 'toe-kick';
  readonly height?: L;
  /** From the sides' front edge to the board's face. */
  readonly setback?: L;
  readonly board?: { readonly material: string; readonly run?: 'between' | 'across' };
}

export type StandsKind = 'floor' | 'plinth' | 'feet' | 'casters' | 'legs';

export interface StandsOf<L> {
  readonly kind: StandsKind;
  /** Of a plinth, of legs, of casters; the least feet give. */
  readonly height?: L;
  /** The most feet or casters give. */
  readonly most?: L;
  readonly setback?: L;
  readonly inLeft?: L;
  readonly inRight?: L;
  readonly material?: string;
  /** A leg is as thick as it is wide. */
  readonly size?: L;
  /** Width of the aprons between legs. */
  readonly apron?: L;
  readonly tenon?: L;
}

/** Stretchers in place of a panel. */
interface StretchersOf<L> {
  readonly lie?: 'flat' | 'upright';
  readonly width?: L;
  readonly count?: number;
  readonly letIn?: boolean;
  readonly material?: string;
}

export interface BottomPanelOf<L> extends StretchersOf<L> {
  readonly kind: 'between' | 'under' | 'stretchers' | 'none';
  /** Its lower face over the sides' lower ends. */
  readonly up?: L;
}

export interface TopPanelOf<L> extends StretchersOf<L> {
  readonly kind: 'between' | 'over' | 'stretchers' | 'none';
}

export const CASE_FIXINGS = [
  ...(['glue', 'pocket-screw', 'screw', 'connector-screw', 'dowel', 'loose-tenon', 'biscuit'] as const),
] as const;
export type CaseFixing = (typeof CASE_FIXINGS)[number];

/** Of what is laid on and nailed, of a face frame's corners, and of boxes. */
export const LAID_FIXINGS = [...CASE_FIXINGS, 'brad'] as const;
export type LaidFixing = (typeof LAID_FIXINGS)[number];

export interface CaseJointOf<L> {
  readonly kind: 'butt' | 'dado';
  readonly depth?: L;
  readonly fixing?: CaseFixing;
}

export interface CaseBackOf<L> {
  readonly kind: 'applied' | 'rabbeted' | 'grooved' | 'none';
  readonly material?: string;
  /** An applied back stays so far inside every edge. */
  readonly shy?: L;
  readonly depth?: L;
  /** A groove's distance from the back edges. */
  readonly set?: L;
  readonly play?: L;
  readonly fixing?: LaidFixing;
}

export type MemberEdge = 'front' | 'back' | 'left' | 'right' | 'top' | 'bottom';

/** Edging of members, by their roles. */
export interface CaseBandOf<L> {
  readonly thickness: L;
  /** Cut over, and trimmed flush. */
  readonly over?: L;
  readonly members: Readonly<Record<string, readonly MemberEdge[]>>;
}

export interface FaceFrameOf<L> {
  readonly material: string;
  /** End stiles. */
  readonly stile: L;
  readonly middle?: L;
  readonly topRail?: L;
  readonly bottomRail?: L;
  readonly rail?: L;
  /** Past each side. */
  readonly over?: L;
  readonly tenon?: L;
  readonly stiles?: 'base' | 'floor';
  readonly through?: 'stiles' | 'rails';
  /** Of its corners, where they have no tenon. */
  readonly fixing?: LaidFixing;
}

export interface CleatsOf<L> {
  readonly material: string;
  readonly width: L;
  readonly count?: number;
}

export type WorktopEdge = 'front' | 'left' | 'right' | 'back';

export interface WorktopOf<L> {
  readonly material: string;
  readonly over?: Readonly<Partial<Record<WorktopEdge, L>>>;
  readonly trim?: {
    readonly material: string;
    readonly width: L;
    readonly edges: readonly WorktopEdge[];
    readonly corner?: 'butt' | 'mitre';
  };
}

/** The space as measured. */
export interface SpaceOf<L> {
  readonly width: readonly L[];
  readonly height?: readonly L[];
  readonly depth?: readonly L[];
  /** The least filler asked for, where there is to be one. */
  readonly fillers?: { readonly left?: L; readonly right?: L; readonly top?: L };
  /** What a filler is wider by, to be shaped to the wall. */
  readonly scribe?: L;
  /** Each wall's own readings: how far it comes in, at heights. */
  readonly walls?: Readonly<Partial<Record<'left' | 'right' | 'back', readonly { readonly y: L; readonly in: L }[]>>>;
  /** The narrowest door or stair on the way there. */
  readonly way?: { readonly width: L; readonly height: L };
  readonly studs?: { readonly first: L; readonly pitch: L };
}

/** A node of the front: a compartment, or one split into columns from the left or rows from the top. */
export interface NodeOf<L> {
  readonly id: string;
  readonly size?: L;
  /** Its part of what those with a size leave. */
  readonly share?: number;
  /** As large as what stands in it needs, or as a thing of known size does. */
  readonly fit?: boolean | FitOf<L>;
  readonly across?: readonly NodeOf<L>[];
  readonly down?: readonly NodeOf<L>[];
  /** What parts rows. */
  readonly between?: 'shelf' | 'rail' | 'none';
}

/** A thing a compartment is made to take: stored in a drawer, a box that is made already, or standing in it as it is. */
export interface FitOf<L> {
  readonly name?: string;
  /** `thing` where it is left out. */
  readonly of?: 'thing' | 'made-box' | 'as-it-is';
  readonly width?: L;
  readonly height?: L;
}

/** Shelves on pins in a compartment. */
export interface ShelvesOf<L> {
  readonly compartment: string;
  readonly count: number;
  readonly material?: string;
  /** Over the whole length. */
  readonly play?: L;
  /** Behind the front plane of the case's inside. */
  readonly inset?: L;
  readonly pins?: PinsOf<L>;
  readonly load_kg?: number;
}

/** Rows of holes for shelf pins. */
export interface PinsOf<L> {
  readonly from?: L;
  readonly to?: L;
  readonly pitch?: L;
  readonly setback?: L;
  readonly depth?: L;
}

/** A door over a node of the layout. */
export interface DoorOf<L> {
  readonly id: string;
  readonly over: string;
  readonly mount: 'overlay' | 'inset';
  readonly top: L;
  readonly bottom: L;
  readonly left: L;
  readonly right: L;
  readonly gap: L;
  readonly leaves?: 1 | 2;
  readonly material: string;
  /** Edge banding of one of one piece. */
  readonly band?: BandOf<L>;
  readonly frame?: DoorFrameOf<L>;
  readonly hinge?: { readonly family: string; readonly side?: 'left' | 'right'; readonly count?: number };
  /** Plates at hand, by what they stand off. */
  readonly plates?: readonly L[];
  /** What a trial hinge gave: bored with this tab, on this plate, it lapped by so much. */
  readonly trial?: { readonly tab: L; readonly plate: L; readonly overlay: L };
  /** In degrees. */
  readonly opens?: number;
  readonly pull?: { readonly name?: string; readonly projection?: L; readonly fromEdge?: L; readonly width?: L };
  /** A drawer of a bank of its case, `b1/d2`, whose front's upper (lower) edge its own is level with, whatever the lap. */
  readonly lines?: { readonly top?: string; readonly bottom?: string };
  /** What one that is set in comes to rest against. */
  readonly stop?: 'rail' | 'bumper';
  readonly basis?: 'planned' | 'as-built';
  readonly opening?: { readonly width: readonly L[]; readonly height: readonly L[] };
}

/** A door's frame: that of a front, its corners told, and what parts it into lights. */
export interface DoorFrameOf<L> extends Omit<FrameOf<L>, 'play'> {
  /** 1/8 in (3 mm) of sheet goods where it is left out; of solid wood as much as the panel grows. */
  readonly play?: L;
  /** As wide as the rails where it is left out. */
  readonly middle?: L;
  readonly corner?: 'stub' | 'plain' | 'mitre';
  readonly tenon?: L;
  readonly lights?: { readonly across: number; readonly down: number };
}
