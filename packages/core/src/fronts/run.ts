import type { Band, Edge, Run } from '../job';
import {
  minus,
  plus,
  plusTimes,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Source,
  type Tally,
  type Label,
  type PlainLabel,
  ofField,
} from '../length';
import { bandedEdges } from './blank';

/** Fronts cut one after the other from one panel. */
export interface GrainRun {
  /** Length of the panel along the run. */
  readonly panel: Tally;
  /** By how much the figure jumps at each joint, from the first: the wood between two fronts less what the cut takes. */
  readonly jumps: readonly Tally[];
}

/** What a run is made from: the blanks in order, and what stands between each two. */
export interface RunFacts {
  readonly run: Run;
  /** Path of the run in the job document. */
  readonly path: string;
  readonly blanks: readonly { readonly size: Length; readonly label: Label | PlainLabel; readonly from?: Source }[];
  /** What stands open at each joint; of more rows than one at the joints of all. */
  readonly gaps: readonly { readonly gap: Tally }[];
  readonly band: Band | undefined;
  readonly bandPath: string;
  /** The edges that meet at a joint. */
  readonly meeting: readonly [Edge, Edge];
}

/**
 * Panel = sum of the blanks + (n − 1)·kerf + trim. At each joint the figure jumps by gap (and banding) − kerf: when they
 * are equal it runs through unbroken.
 */
export function grainRun({ run, path, blanks, gaps, band, bandPath, meeting }: RunFacts): GrainRun {
  const field = (name: string): Source => ofField(`${path}.${name}`);
  const bands = bandedEdges(band, meeting);
  const strip = run.strip ?? ZERO;
  const cuts = Math.max(0, blanks.length - 1);
  return {
    panel: tally(
      ...blanks.map(({ size, label, from }) => plus(label, size, from)),
      unlessZero(plusTimes('kerf', cuts, run.kerf, field('kerf'))),
      unlessZero(plusTimes('strip-cut-out', cuts, strip, field('strip'))),
      unlessZero(plus('trim', run.trim, field('trim'))),
    ),
    jumps: gaps.map(({ gap }) =>
      tally(
        ...gap.terms,
        unlessZero(plusTimes('edge-band', bands, band?.thickness ?? ZERO, ofField(bandPath))),
        minus('kerf', run.kerf, field('kerf')),
        unlessZero(minus('strip-cut-out', strip, field('strip'))),
      ),
    ),
  };
}
