import { OPERATION_IDS, usualPricing } from '../job';
import { list, number, object, optional, Report, required, text, type Fields, type JobError } from '../reading';
import type { FinishRow } from './finish-rows';
import type { UsualPricing } from './settings';
import type { Minutes } from './work';

/** What a shop has said of its prices, as it is kept: what it leaves out is as it ships. */
export interface ShopCosting {
  readonly usual?: UsualPricing;
  readonly minutes?: Minutes;
  readonly finishes?: readonly FinishRow[];
  /** Percent that is usually lost of sheets. */
  readonly waste?: number;
  /** Percent of its share of a sheet that an off-cut which is kept is credited with. */
  readonly credit?: number;
}

export const NO_SHOP_COSTING: ShopCosting = {};

const minutes = Object.fromEntries(
  OPERATION_IDS.filter((id) => id !== 'travel' && id !== 'demolish').map((id) => [id, optional(number(0, 10_000))]),
) as unknown as Fields<Minutes>;

const finishRow = object<FinishRow>({
  id: required(text(40, 1)),
  coats: required(number(1, 20, 'whole')),
  cover: required(number(0.1, 1000)),
  grits: required(number(0, 20, 'whole')),
  dry: optional(list(number(0, 1000), 1, 20)),
  use: optional(number(0, 10_000)),
  least: optional(number(-20, 60)),
});

const shape = object<ShopCosting>({
  usual: optional(object<UsualPricing>(usualPricing)),
  minutes: optional(object<Minutes>(minutes)),
  waste: optional(number(0, 300)),
  credit: optional(number(0, 100)),
  finishes: optional(list(finishRow, 0, 60)),
});

/** Reads what a shop says of its prices: what is wrong with it, or it as read. */
export function readShopCosting(
  value: unknown,
): { readonly ok: true; readonly costing: ShopCosting } | { readonly ok: false; readonly errors: readonly JobError[] } {
  const report = new Report();
  const costing = shape(value, 'settings', report);
  return costing && report.clean ? { ok: true, costing } : { ok: false, errors: report.errors };
}
