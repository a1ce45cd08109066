import type { LengthUnit, OwnSlide } from '../job';
import type { SlideFamily } from './family';

/**
 * The figures a row of the job's own still takes from the built-in one, of those that decide what is cut: a copied row is
 * not the sheet of the slide. Paths within the row: `side`, `lengths.in.list`. `unit`: the list lengths are chosen from.
 */
export function missingFromSheet(own: OwnSlide, family: SlideFamily, unit: LengthUnit): readonly string[] {
  const clearance = family.basis === 'outside' ? 'side' : 'insideDeduction';
  const figures = [clearance, 'narrowBy', 'top', 'bottom', 'setback'] as const;
  const listed = family.lengths[unit]?.list === undefined || own.lengths?.[unit]?.list !== undefined;
  return [...figures.filter((figure) => own[figure] === undefined), ...(listed ? [] : [`lengths.${unit}.list`])];
}
