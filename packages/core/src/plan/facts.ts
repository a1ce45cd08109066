import type { Division } from '../division';
import type { Bay } from '../fronts';
import type { Exact } from '../findings';
import type { Bank, Case, Job } from '../job';
import type { Length, Tally, Unit } from '../length';
import type { Opening } from '../opening';
import type { SlideFamily } from '../slides';
import type { Making } from './making';

/** What is known of a bank when its drawers are worked out one by one. */
export interface BankFacts {
  readonly bank: Bank;
  readonly path: string;
  readonly unit: Unit;
  /** Moisture solid fronts still take up to the wettest season, per cent. */
  readonly moistureRise: number;
  /** How far the top stands out past the case's front edge, and its field. */
  readonly overhang: Length;
  readonly overhangPath: string;
  readonly opening: Opening;
  readonly frontWidth: Tally;
  readonly makings: readonly Making[];
  readonly division: Division;
  /** By place; empty when the height could not be divided. */
  readonly frontHeights: readonly Tally[];
  readonly frontBottoms: readonly Tally[];
  readonly bays: readonly Bay[];
}

/** What a bank stands in. */
export interface Surroundings {
  readonly job: Job;
  readonly owner: Case;
  readonly casePath: string;
  readonly table: ReadonlyMap<string, SlideFamily>;
  /** Writes a length as the job document holds it. */
  readonly exact: Exact;
  /** Lower edge of a front of a bank planned before; undefined where it has none. */
  readonly levelOf: (bank: string, drawer: string) => Length | undefined;
}
