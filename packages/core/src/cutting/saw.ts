import type { Job, Saw } from '../job';
import { inches, millimetres, ZERO, type Length, type Unit } from '../length';
import type { LayoutTask } from '../sheets';

/** How this job is sawn, what it leaves open filled in with what is usual. */
export type SawOfJob = Required<Omit<Saw, 'allowance' | 'limits'>> & Pick<Saw, 'limits'>;

/** A thin blade, a clean edge all round, rip first, then strips, then parts; off-cuts from 12 by 4 in. Common practice. */
export function sawOf({ unit, saw = {} }: Job): SawOfJob {
  const { allowance: _ofBoards, ...own } = saw;
  return { ...USUAL[unit], ...own };
}

const USUAL: Readonly<Record<Unit, SawOfJob>> = {
  in: usual(inches(1, 8), inches(1, 4), { length: inches(12), width: inches(4) }),
  mm: usual(millimetres(3.2), millimetres(5), { length: millimetres(300), width: millimetres(100) }),
};

function usual(kerf: Length, trim: Length, offcut: SawOfJob['offcut']): SawOfJob {
  return {
    ...{ kerf, trim, offcut, stages: 4, ripFirst: true },
    ...{ fewerSettings: 0.3, biggerOffcuts: 0.3, over: ZERO },
  };
}

/** What a layout must keep to, and what it is judged by. */
export function rulesOf({ kerf, trim, stages, ripFirst }: SawOfJob): LayoutTask['rules'] {
  return { kerf, trim, stages, ripFirst };
}
