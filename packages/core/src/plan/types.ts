import type { Part } from '../box';
import type { Held } from '../division';
import type { Finding } from '../findings';
import type { Bank } from '../job';
import type { Length, Tally, Unit } from '../length';
import type { Opening } from '../opening';
import type { SlideFamily } from '../slides';

/** Every derived dimension of a drawer, by its name in a plan file. */
export type DrawerDimension =
  | 'front.width'
  | 'front.height'
  | 'front.bottomY'
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
  | 'slide.setback';

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
}

export interface BankPlan {
  readonly id: string;
  readonly path: string;
  readonly bank: Bank;
  readonly opening: Opening;
  /** Height shared out among the fronts. */
  readonly share: Tally;
  readonly drawers: readonly DrawerPlan[];
  readonly spacers: readonly Tally[];
  readonly findings: readonly Finding[];
}

export interface CasePlan {
  readonly id: string;
  readonly name: string;
  readonly path: string;
  readonly banks: readonly BankPlan[];
}

/** Everything that follows from a job. Never stored: worked out afresh from the job. */
export interface Plan {
  readonly unit: Unit;
  /** The finest step lengths are shown in. */
  readonly step: Length;
  readonly cases: readonly CasePlan[];
}
