import type { Job, Saw } from '../job';
import { inches, millimetres } from '../length';
import type { LayoutTask } from '../sheets';

/** How this job is sawn, what it leaves open filled in with what is usual. */
export type SawOfJob = Required<Omit<Saw, 'allowance'>>;

/** A thin blade, a clean edge all round, rip first, then strips, then parts; off-cuts from 12 by 4 in. Common practice. */
export function sawOf({ unit, saw = {} }: Job): SawOfJob {
  const inch = unit === 'in';
  return {
    kerf: saw.kerf ?? (inch ? inches(1, 8) : millimetres(3.2)),
    trim: saw.trim ?? (inch ? inches(1, 4) : millimetres(5)),
    stages: saw.stages ?? 4,
    ripFirst: saw.ripFirst ?? true,
    fewerSettings: saw.fewerSettings ?? 0.3,
    biggerOffcuts: saw.biggerOffcuts ?? 0.3,
    offcut:
      saw.offcut ??
      (inch ? { length: inches(12, 1), width: inches(4, 1) } : { length: millimetres(300), width: millimetres(100) }),
  };
}

/** What a layout must keep to, and what it is judged by. */
export function rulesOf({ kerf, trim, stages, ripFirst }: SawOfJob): LayoutTask['rules'] {
  return { kerf, trim, stages, ripFirst };
}
