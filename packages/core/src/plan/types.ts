import type { Part, PartCut } from '../box';
import type { CaseworkPlan } from '../casework';
import type { DoorPlan } from '../doors';
import type { DivisionProblem, Held } from '../division';
import type { Finding } from '../findings';
import type { Bore, FrontTree, GrainRun, WidthShare } from '../fronts';
import type { Bank, BottomFit } from '../job';
import type { Length, Tally, Unit } from '../length';
import type { Carrier, CaseHoles, Packing, Stack } from '../mounting';
import type { Opening } from '../opening';
import type { Thing } from '../pullouts';
import type { SlideFamily } from '../slides';
import type { Balance, Load, Stand } from '../stability';
import type { Sag } from '../timber';
import type { World } from '../travel';

/** Every derived dimension of a drawer, by its name in a plan file. */
export type DrawerDimension =
  | 'front.width'
  | 'front.height'
  | 'front.bottomY'
  | 'front.growth'
  | 'bay.bottomY'
  | 'bay.height'
  | 'box.width'
  | 'box.height'
  | 'box.length'
  | 'box.bottomY'
  | 'inside.width'
  | 'inside.length'
  | 'inside.wallHeight'
  | 'inside.clearHeight'
  | 'slide.centreY'
  | 'slide.lowerEdgeY'
  | 'slide.setback'
  | 'slide.travel'
  | 'slide.hidden'
  | 'slide.firstHole'
  | 'runner.left'
  | 'runner.right'
  | 'runner.thickness'
  | 'runner.kicker'
  | 'runner.groove'
  | 'screw.slide'
  | 'screw.front'
  | 'screw.pull';

export type DrawerDimensions = Readonly<Partial<Record<DrawerDimension, Tally>>>;

/** What follows for one drawer. A dimension that can't be worked out is absent and a finding of the bank says why. */
export interface DrawerPlan {
  readonly id: string;
  readonly name?: string;
  /** 0 is the top one. */
  readonly place: number;
  /** Path of the drawer in the job document. */
  readonly path: string;
  readonly dimensions: DrawerDimensions;
  readonly bottomFit: BottomFit;
  readonly frontThickness: Length;
  readonly frontMaterial: string;
  readonly family: SlideFamily;
  /** Nominal length of the slide. */
  readonly nominal?: Length;
  /** Why its front height was not the scheme's to give. */
  readonly held?: Held;
  /** It takes the odd rest of the division. */
  readonly makeup: boolean;
  readonly parts: readonly Part[];
  /** What is worked into the parts of the box. */
  readonly machining: readonly PartCut[];
  /** Bores for its pulls, on the front as cut. */
  readonly bores: readonly Bore[];
  /** Holes for the brackets its front is screwed to, on the front. */
  readonly brackets: readonly Bore[];
  /** Holes for its slide in the case. */
  readonly holes?: CaseHoles;
  readonly load: Load;
  /** Sag of its bottom in the middle; absent while its inside is unknown. */
  readonly sag?: Sag;
}

export interface BankPlan {
  readonly id: string;
  readonly path: string;
  readonly bank: Bank;
  readonly opening: Opening;
  /** Height shared out among the fronts. */
  readonly share: Tally;
  /** What the division was asked. */
  readonly problem: DivisionProblem;
  readonly drawers: readonly DrawerPlan[];
  readonly spacers: readonly Tally[];
  /** What is stacked up behind slides fixed to the side; none where they run on wood that bridges the frame itself. */
  readonly buildOut?: { readonly left: Stack; readonly right: Stack };
  /** Wood fixed in the case for the slides: build-outs, runners, battens, kickers. */
  readonly carriers: readonly Carrier[];
  readonly packing: readonly Packing[];
  /** Its fronts from one panel, down the bank. */
  readonly run?: GrainRun;
  readonly findings: readonly Finding[];
}

export interface CasePlan {
  /** Its parts and openings, where it is told how it is made; and what is to be said of them. */
  readonly casework?: CaseworkPlan;
  readonly findings: readonly Finding[];
  readonly id: string;
  readonly name: string;
  readonly path: string;
  readonly banks: readonly BankPlan[];
  /** Its doors; none where it is not told how it is made. */
  readonly doors: readonly DoorPlan[];
  /** What else stands in its compartments: tilt-outs, work boards. */
  readonly things: readonly Thing[];
  /** Of a case that is told how it is made: what of its front may come from one panel, the largest such panel first. */
  readonly fronts?: readonly FrontTree[];
  /** Fronts of all banks from one panel, across; each bank's own run is down it. */
  readonly run?: GrainRun;
  /** What neighbouring banks lap their divider by, where one is given: `(t − g)/2`. */
  readonly dividerLap?: Tally;
  /** The widths of the openings for fronts alike, and of the fronts for openings alike. */
  readonly widths?: { readonly fronts: WidthShare; readonly openings: WidthShare };
  /** How it stands, where it is told or follows from the case. */
  readonly stand?: Stand;
  /** How it stands with everything out that can be out. */
  readonly balance?: Balance;
}

/** Everything that follows from a job. Never stored: worked out afresh from the job. */
export interface Plan {
  readonly unit: Unit;
  /** The finest step lengths are shown in. */
  readonly step: Length;
  readonly cases: readonly CasePlan[];
  /** What moves in it and what that meets: what stands in one room together, and each case without a place by itself. */
  readonly worlds: readonly World[];
}
