import type { WrittenCase } from '../job';
import { planBoard } from './board';
import { planLid } from './lid';
import type { Thing, ThingStock } from './things';
import { planTiltOut } from './tilt-out';

type Field = 'tiltOuts' | 'boards' | 'lids';
type WrittenIn<F extends Field> = NonNullable<WrittenCase[F]>[number];
type Row = (from: ThingStock) => readonly Thing[];

/** Plans every thing of a field of a case by itself. */
function row<F extends Field>(
  field: F,
  plan: (from: ThingStock, written: WrittenIn<F>, path: string) => Thing | undefined,
): Row {
  return (from) => {
    const all = (from.owner[field] ?? []) as readonly WrittenIn<F>[];
    return all.flatMap((written, index) => plan(from, written, `${from.stock.path}.${field}[${index}]`) ?? []);
  };
}

/** Kinds of things that stand in compartments besides banks, doors and shelves: what plans each. A new kind is a row. */
const KINDS: readonly Row[] = [row('tiltOuts', planTiltOut), row('boards', planBoard), row('lids', planLid)];

/** Every thing in the compartments of a case, kind by kind as they are in the file. Bound by how many there are. */
export const planThings = (from: ThingStock): readonly Thing[] => KINDS.flatMap((kind) => kind(from));
