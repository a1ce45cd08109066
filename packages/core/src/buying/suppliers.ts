import type { Cents } from '../costing';
import type { BuyLine } from './list';

/** Who sells: what orders to them say, and how long they take. */
export interface SupplierLead {
  readonly name: string;
  readonly leadDays?: number;
}

/** What is to be bought of one supplier; of nobody where no price says who sells it. */
export interface FromSupplier {
  readonly supplier?: string;
  readonly leadDays?: number;
  readonly lines: readonly BuyLine[];
  /** Of the lines that have a price. */
  readonly total: Cents;
  /** How many lines have none. */
  readonly without: number;
}

/** What is short, by who sells it: by name, what nobody is known for last. Bound by its lines. */
export function bySupplier(lines: readonly BuyLine[], suppliers: readonly SupplierLead[]): readonly FromSupplier[] {
  // Whatever it is sorted by, what is undefined comes last.
  const names = [...new Set(lines.map(({ price }) => price?.supplier))].sort(byName);
  return names.flatMap((supplier): readonly FromSupplier[] => {
    const own = lines.filter(({ price, packs }) => packs > 0 && price?.supplier === supplier);
    if (own.length === 0) return [];
    const leadDays = suppliers.find(({ name }) => name === supplier)?.leadDays;
    return [
      {
        ...(supplier === undefined ? {} : { supplier }),
        ...(leadDays === undefined ? {} : { leadDays }),
        lines: own,
        total: own.reduce((sum, { total = 0 }) => sum + total, 0),
        without: own.filter(({ total }) => total === undefined).length,
      },
    ];
  });
}

function byName(one = '', other = ''): number {
  return one < other ? -1 : 1;
}
