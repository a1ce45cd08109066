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
  readonly place?: SpaceOf<L>;
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

export type CaseFixing = 'glue' | 'pocket-screw' | 'screw' | 'connector-screw' | 'dowel' | 'loose-tenon' | 'biscuit';

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
  readonly fillers?: { readonly left?: L; readonly right?: L };
  /** What a filler is wider by, to be shaped to the wall. */
  readonly scribe?: L;
}

/** A node of the front: a compartment, or one split into columns from the left or rows from the top. */
export interface NodeOf<L> {
  readonly id: string;
  readonly size?: L;
  /** Its part of what those with a size leave. */
  readonly share?: number;
  readonly across?: readonly NodeOf<L>[];
  readonly down?: readonly NodeOf<L>[];
  /** What parts rows. */
  readonly between?: 'shelf' | 'rail' | 'none';
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
}
