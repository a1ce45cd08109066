import { materialCalled, partOfJob, roughOf, widestBoard, type CutMaterial, type CutPart } from '../cutting';
import type { Job, PricePer } from '../job';
import { inches, ZERO, type Length } from '../length';
import { decimal, metres, over, times, volume, type Amount } from './amount';
import type { Costed } from './costed';
import { centsOf } from './money';
import type { Need } from './need';
import { priceOfOne } from './price';

/** What squaring up, defects and ends take of solid wood; common practice. */
const ALLOWANCE = 0.3;
/** A board foot is a foot square and an inch thick. */
const BOARD_FOOT = volume(inches(12, 1), inches(12, 1), inches(1, 1));

/** By which it is bought where nobody tells. */
const USUAL: Readonly<Record<Job['unit'], PricePer>> = { in: 'bdft', mm: 'm3' };

/**
 * Boards for all parts of solid wood, in what their wood is priced by: the rough boards they are planed from, and three
 * tenths more for what is lost. A part wider than a board is as many boards side by side, in metres.
 */
export function woodNeeds({ job, plan, parts }: Costed): readonly Need[] {
  return parts.flatMap((part): readonly Need[] => {
    const { material } = part;
    if (!isBoards(part)) return [];
    const unit = material.price_per ?? USUAL[job.unit];
    const key = `material:${material.planedFor ?? material.id}`;
    const amount = times(MEASURES[unit](job, part), decimal(1 + ALLOWANCE));
    const own = material.price === undefined ? {} : { own: priceOfOne(key, unit, centsOf(material.price)) };
    const of = [{ called: partOfJob(plan, part), amount }];
    return [{ kind: 'wood', key, what: materialCalled(material), unit, of, ...own }];
  });
}

/** A board as it lies: its own size, `count` of them; a thickness that was not measured counts as none. */
export interface Board {
  readonly length: Length;
  readonly width: Length;
  readonly thickness?: Length;
  readonly count: number;
}

/** How much of what it is bought by a board in the rack is. */
export function amountOfBoard(unit: PricePer, { length, width, thickness = ZERO, count }: Board): Amount {
  if (unit === 'm') return metres(length, count);
  const rough = volume(length, width, thickness, count);
  return unit === 'm3' ? rough : over(rough, BOARD_FOOT);
}

/** What is planed from boards. */
export const isBoards = ({ material }: { readonly material: CutMaterial }): boolean =>
  material.kind === 'solid' && !material.sheet;

const MEASURES: Readonly<Record<PricePer, (job: Job, part: CutPart) => Amount>> = {
  m: (job, { length, width, material }) =>
    metres(length.total, Math.max(1, Math.ceil(width.total / widestBoard(job, material)))),
  m3: (_, part) => inRough(part),
  bdft: (_, part) => over(inRough(part), BOARD_FOOT),
};

const inRough = ({ length, width, material }: CutPart): Amount =>
  volume(length.total, width.total, roughOf(material.thickness));
