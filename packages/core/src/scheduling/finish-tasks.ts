import { areaOf, BARE_GRITS, FINISH_ROWS, shown, writtenRole, type FinishRow, type FinishWork } from '../costing';
import type { CutPart } from '../cutting';
import type { Said } from '../length';
import { said } from '../words';
import type { Chain, Draft } from './chain';
import type { Counted } from './counted';
import { HOUR } from './moment';
import type { Good } from './task';
import { told } from './told';

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
  /** What is sealed before the first coat. */
  readonly seal: readonly Said[];
}

/** Every group of the job that is put on before or after the piece is together; of a stage’s parts alone where it is told. */
export function finishingOf(
  counted: Counted,
  when: 'before' | 'after',
  parts?: readonly CutPart[],
): readonly Finishing[] {
  const { of, finish } = counted;
  return finish.flatMap((work, index): readonly Finishing[] => {
    if (!work.row || work.group.when !== when) return [];
    const roles = parts && new Set(parts.map(({ use }) => writtenRole(use.role)));
    const area = shown(
      roles ? areaOf(of, { ...work.group, parts: work.group.parts.filter((role) => roles.has(role)) }) : work.area,
    );
    return area > 0 ? [{ key: `${index + 1}`, work, area, seal: sealedOf(counted, work, parts) }] : [];
  });
}

/** Ways whose panels have their edges sealed before the first coat; from memory, the tin wins. */
const SEALED: ReadonlySet<string> = new Set(['enamel']);

/** Panels of a group whose edges are to be sealed first, by their roles; of a stage’s parts alone where it is told. */
function sealedOf({ of }: Counted, { row, group }: FinishWork, parts: readonly CutPart[] = of.parts): readonly Said[] {
  if (!row || !SEALED.has(row.id)) return [];
  const roles = new Set(group.parts);
  const count = parts.filter(
    ({ use, material }) => roles.has(writtenRole(use.role)) && material.kind !== 'solid',
  ).length;
  return count === 0 ? [] : [said('task/seal', { count })];
}

/** Minutes of sanding and coating a square metre once, as the shop has them. */
const each = ({ work }: Counted, id: 'sand' | 'coat'): number => work.find((row) => row.id === id)?.each ?? 0;

/** What is put on after what, what it wants, and what of it stays bare. */
export interface PutOn {
  readonly name: string;
  readonly after: Draft['after'];
  readonly goods: (key: string) => readonly Good[];
  readonly masked?: number;
}

/**
 * Sands and coats: bare wood first in two grits, then before each coat but the first; every coat as long in its place as it is
 * wet. The key of the last.
 */
export function addFinishing(
  chain: Chain,
  counted: Counted,
  { key, work: { row }, area, seal }: Finishing,
  { name, after, goods, masked }: PutOn,
): string {
  if (!row) return name;
  const { dry } = dryingOf(row);
  const between = Math.max(0, row.grits - BARE_GRITS) / Math.max(1, row.coats - 1);
  const parts = (operation: 'sand' | 'coat', times: number): Draft['parts'] => [
    { operation, minutes: area * times * each(counted, operation) },
  ];
  for (let coat = 1; coat <= row.coats; coat += 1) {
    const finish = { row: row.id, coat, of: row.coats };
    const [own, last] = [`${name}${key}-${coat}`, `coat-${name}${key}-${coat - 1}`];
    const of = { people: 1 as const, finish, ...told({ masked }) };
    const grits = coat === 1 ? Math.min(row.grits, BARE_GRITS) : between;
    chain.add({
      ...{ ...of, key: `sand-${own}`, kind: 'sand', called: said('task/sand', finish), place: 'bench' },
      ...{ parts: parts('sand', grits), after: coat === 1 ? after : [last] },
    });
    const wet = (dry[Math.min(coat, dry.length) - 1] ?? 0) * HOUR;
    chain.add({
      ...{ ...of, key: `coat-${own}`, kind: 'coat', called: said('task/coat', finish), place: 'finishing' },
      ...{ parts: parts('coat', 1), after: [`sand-${own}`], goods: goods(`finish:${row.id}`) },
      ...{ holds: wet, stands: { minutes: wet, why: 'dry' }, hand: coat === 1 ? seal : [] },
    });
  }
  return `coat-${name}${key}-${row.coats}`;
}

/** Minutes from the last coat until a piece may be packed. */
export const hardAfter = ({ work: { row } }: Finishing): number => (row ? dryingOf(row).use * HOUR : 0);
