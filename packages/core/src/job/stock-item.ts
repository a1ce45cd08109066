import type { Length } from '../length';
import { length, number, object, oneOf, optional, Report, required, text, type JobError } from '../reading';

/** A sheet, a board or an off-cut of the shop's. One shape serves twice, as the job's does. */
export interface StockItemOf<L> {
  /** Name of what it is made of: a job's material of this name can be cut from it. */
  readonly material: string;
  readonly kind: 'sheet' | 'board' | 'off-cut';
  readonly length: L;
  readonly width: L;
  /** As measured. */
  readonly thickness?: L;
  readonly count: number;
  /** Of one, in the shop's currency. */
  readonly price?: number;
  /** Where it leans. */
  readonly place?: string;
  /** The job it was left over from. */
  readonly from?: string;
}

const some = length('positive');
const name = text(200, 1);

const stockItem = object<StockItemOf<Length>>({
  material: required(name),
  kind: required(oneOf('sheet', 'board', 'off-cut')),
  length: required(some),
  width: required(some),
  thickness: optional(some),
  count: required(number(1, 10_000, 'whole')),
  price: optional(number(0, 1_000_000)),
  place: optional(text(200)),
  from: optional(name),
});

/** Reads an item of the shop's stock: what is wrong with it, or it as read. */
export function readStockItem(
  value: unknown,
):
  | { readonly ok: true; readonly item: StockItemOf<Length> }
  | { readonly ok: false; readonly errors: readonly JobError[] } {
  const report = new Report();
  const item = stockItem(value, 'item', report);
  return item && report.clean ? { ok: true, item } : { ok: false, errors: report.errors };
}
