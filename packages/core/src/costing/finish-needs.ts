import type { FinishGroup } from '../job';
import { said } from '../words';
import { decimal, over, times, type Amount } from './amount';
import type { Costed } from './costed';
import { areaOf } from './finish-areas';
import { FINISH_ROWS, type FinishRow } from './finish-rows';
import type { Need } from './need';

/** What stays in the brush and the tin; common practice. */
const LEFT_OVER = 1.15;

/** A group of a job's finish plan, its faces measured. */
export interface FinishWork {
  readonly group: FinishGroup;
  /** Nothing where the shop has none of this name. */
  readonly row: FinishRow | undefined;
  /** Square metres. */
  readonly area: Amount;
}

export function finishWork(of: Costed, rows: readonly FinishRow[] = FINISH_ROWS): readonly FinishWork[] {
  return (of.job.finish ?? []).map((group) => ({
    group,
    row: rows.find(({ id }) => id === group.row),
    area: areaOf(of, group),
  }));
}

/** Litres of every finish: coats × area / cover, and what is left over. */
export function finishNeeds(works: readonly FinishWork[]): readonly Need[] {
  return works.flatMap(({ group, row, area }): readonly Need[] => {
    if (!row) return [];
    const litres = over(times(times(area, decimal(row.coats)), decimal(LEFT_OVER)), decimal(row.cover));
    const called = said('cost/finish-of', { parts: group.parts, faces: group.faces });
    const what = said('cost/finish', { row: row.id });
    return [{ kind: 'finish', key: `finish:${row.id}`, what, unit: 'l', of: [{ called, amount: litres }] }];
  });
}
