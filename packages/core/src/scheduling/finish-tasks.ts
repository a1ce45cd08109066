import { areaOf, BARE_GRITS, FINISH_ROWS, shown, writtenRole, type FinishRow, type FinishWork } from '../costing';
import type { CutPart } from '../cutting';
import { said } from '../words';
import type { Chain, Draft } from './chain';
import type { Counted } from './counted';
import { HOUR } from './moment';
import type { Good } from './task';

/** How a row dries: of a shop’s own row without hours as the one that ships under its name, else a day a coat. */
export function dryingOf(row: FinishRow): {
  readonly dry: readonly number[];
  readonly use: number;
  readonly least?: number;
} {
  const known = FINISH_ROWS.find(({ id }) => id === row.id);
  const least = row.least ?? known?.least;
  const dry = row.dry ?? known?.dry ?? [24];
  return { dry, use: row.use ?? known?.use ?? dry.at(-1) ?? 0, ...(least === undefined ? {} : { least }) };
}

/** A group of the finish plan as it is put on: some of its parts, at one time. */
export interface Finishing {
  readonly key: string;
  readonly work: FinishWork;
  /** Square metres. */
  readonly area: number;
}

/** Every group of the job that is put on before or after the piece is together; of a stage’s parts alone where it is told. */
export function finishingOf(
  { of, finish }: Counted,
  when: 'before' | 'after',
  parts?: readonly CutPart[],
): readonly Finishing[] {
  return finish.flatMap((work, index): readonly Finishing[] => {
    if (!work.row || work.group.when !== when) return [];
    const roles = parts && new Set(parts.map(({ use }) => writtenRole(use.role)));
    const area = shown(
      roles ? areaOf(of, { ...work.group, parts: work.group.parts.filter((role) => roles.has(role)) }) : work.area,
    );
    return area > 0 ? [{ key: `${index + 1}`, work, area }] : [];
  });
}

/** Minutes of sanding and coating a square metre once, as the shop has them. */
const each = ({ work }: Counted, id: 'sand' | 'coat'): number => work.find((row) => row.id === id)?.each ?? 0;

/**
 * Sands and coats: bare wood first in two grits, then before each coat but the first; every coat as long in its place as it is
 * wet. The key of the last, with the hours until what follows.
 */
export function addFinishing(
  chain: Chain,
  counted: Counted,
  { key, work, area }: Finishing,
  name: string,
  after: Draft['after'],
  goods: (key: string) => readonly Good[],
): string {
  const { row } = work;
  if (!row) return name;
  const { dry } = dryingOf(row);
  const between = Math.max(0, row.grits - BARE_GRITS) / Math.max(1, row.coats - 1);
  const minutes = (id: 'sand' | 'coat', times: number): number => area * times * each(counted, id);
  let last: Draft['after'] = after;
  for (let coat = 1; coat <= row.coats; coat += 1) {
    const finish = { row: row.id, coat, of: row.coats };
    const grits = coat === 1 ? Math.min(row.grits, BARE_GRITS) : between;
    const at = `${name}${key}-${coat}`;
    const put = { row: row.id, coat, of: row.coats };
    chain.add({
      ...{ key: `sand-${at}`, kind: 'sand', called: said('task/sand', put), people: 1, place: 'bench', finish },
      ...{ parts: [{ operation: 'sand', minutes: minutes('sand', grits) }], after: last },
    });
    const wet = (dry[Math.min(coat, dry.length) - 1] ?? 0) * HOUR;
    chain.add({
      ...{ key: `coat-${at}`, kind: 'coat', called: said('task/coat', put), people: 1, place: 'finishing', finish },
      ...{ parts: [{ operation: 'coat', minutes: minutes('coat', 1) }], after: [`sand-${at}`] },
      ...{ holds: wet, stands: { minutes: wet, why: 'dry' }, goods: goods(`finish:${row.id}`) },
    });
    last = [`coat-${at}`];
  }
  return `coat-${name}${key}-${row.coats}`;
}

/** Minutes from the last coat until a piece may be packed. */
export const hardAfter = ({ work: { row } }: Finishing): number => (row ? dryingOf(row).use * HOUR : 0);
