import type { Bank, Job } from '../job';
import type { Patch } from '../reading';
import { inches, millimetres, nm, writeExact, ZERO, type Length } from '../length';
import { plan, type Plan } from '../plan';
import { partsOf } from './parts';
import { sawSettings } from './settings';

/** Box heights taken down to a step, for fewer settings of the fence. */
export interface BoxStep {
  /** Nothing: every box as high as it can be. */
  readonly step: Length;
  readonly fences: number;
  /** Fence settings it saves against those of now. */
  readonly saves: number;
  /** The most a box loses of its height against now. */
  readonly loses: Length;
  readonly patches: readonly Patch[];
}

const STEPS: Readonly<Record<'in' | 'mm', readonly Length[]>> = {
  in: [inches(1, 4), inches(1, 2), inches(1, 1)],
  mm: [millimetres(5), millimetres(10), millimetres(25)],
};

/** How many fence settings another choice of box heights would save, and what it costs in height; the best first. */
export function boxSteps(job: Job, planned: Plan): readonly BoxStep[] {
  const now = fencesOf(job, planned);
  const heights = heightsOf(planned);
  return STEPS[job.unit]
    .map((step) => {
      const then = withStep(job, step);
      const replanned = plan(then);
      const fences = fencesOf(then, replanned);
      const after = heightsOf(replanned);
      const loses = Math.max(0, ...heights.map((height, index) => height - (after[index] ?? height)));
      return { step, fences, saves: now - fences, loses: nm(loses), patches: patchesOf(job, step) };
    })
    .filter(({ saves }) => saves > 0)
    .sort((a, b) => b.saves - a.saves || a.loses - b.loses);
}

function fencesOf(job: Job, planned: Plan): number {
  return sawSettings(partsOf(job, planned).parts).fences.length;
}

function heightsOf({ cases }: Plan): readonly Length[] {
  return cases.flatMap(({ banks }) =>
    banks.flatMap(({ drawers }) => drawers.map(({ dimensions }) => dimensions['box.height']?.total ?? ZERO)),
  );
}

function withStep(job: Job, heightStep: Length): Job {
  const stepped = (bank: Bank): Bank => ({ ...bank, box: { ...bank.box, heightStep } });
  return { ...job, cases: job.cases.map((owner) => ({ ...owner, banks: owner.banks.map(stepped) })) };
}

function patchesOf({ cases, unit }: Job, step: Length): readonly Patch[] {
  return cases.flatMap(({ banks }, c) =>
    banks.map((_, b) => ({ path: `cases[${c}].banks[${b}].box.heightStep`, value: writeExact(step, unit) })),
  );
}
