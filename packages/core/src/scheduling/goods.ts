import { addUp, shown } from '../costing';
import type { BuyLine } from '../buying';
import type { Good } from './task';

/** Working days until what is ordered is here, where nobody knows them; common practice. */
export const USUAL_LEAD = 5;

/** Something ordered for a job that has not arrived. */
export interface OnOrder {
  readonly job: string;
  readonly key: string;
  readonly expectedOn?: string;
  readonly supplier: string;
}

/** Who sells and how many working days they take, as the shop keeps it. */
export interface Lead {
  readonly name: string;
  readonly leadDays?: number;
}

/** What is on its way, who sells how fast, and how many working days hold where nobody knows. */
export interface Supplies {
  readonly onOrder: readonly OnOrder[];
  readonly suppliers: readonly Lead[];
  readonly lead?: number;
}

/** What a job wants and has not: short of it, or ordered and still to come; by key. Of what is neither nothing. */
export function goodsOf(
  job: string,
  lines: readonly BuyLine[],
  { onOrder, suppliers, lead: usual = USUAL_LEAD }: Supplies,
): ReadonlyMap<string, Good> {
  const goods = new Map<string, Good>();
  for (const { key, what, of, price } of lines) {
    const short = addUp(of.filter((each) => each.job === job).map((each) => each.short));
    const supplier = price?.supplier;
    if (shown(short) > 0) {
      const lead = suppliers.find(({ name }) => name === supplier)?.leadDays;
      const known = lead === undefined ? { lead: usual, guess: true as const } : { lead };
      goods.set(key, { key, what, ...(supplier === undefined ? {} : { supplier }), ...known });
      continue;
    }
    const coming = onOrder.filter((each) => each.job === job && each.key === key);
    const [first] = coming;
    const dates = coming.flatMap(({ expectedOn }) => expectedOn ?? []).sort();
    const last = dates.at(-1);
    // What nobody promised a day for is waited for as if it were ordered now; it is not to be ordered again.
    if (first)
      goods.set(key, {
        key,
        what,
        supplier: first.supplier,
        ...(last === undefined ? { lead: usual, guess: true as const, ordered: true as const } : { on: last }),
      });
  }
  return goods;
}

/** Those of these keys, or whose key begins so. */
export const among = (goods: ReadonlyMap<string, Good>, ...keys: readonly string[]): readonly Good[] =>
  [...goods.values()].filter(({ key }) =>
    keys.some((each) => key === each || (each.endsWith(':') && key.startsWith(each))),
  );
