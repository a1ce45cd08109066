import type { Said } from '../length';
import { said } from '../words';
import { decimal, pieces } from './amount';
import { centsOf } from './money';
import type { Price } from './price';

/** The columns of a list of prices; of these `key` and `price` must be there. */
export const PRICE_COLUMNS = ['key', 'unit', 'pack', 'price', 'supplier', 'date'] as const;
type Column = (typeof PRICE_COLUMNS)[number];

export interface WrongRow {
  /** Counted as an editor counts lines, the heading being 1. */
  readonly line: number;
  readonly said: Said;
}

export interface PriceRows {
  readonly prices: readonly Price[];
  readonly wrong: readonly WrongRow[];
}

/** Reads a list of prices, its first row the headings in any order. Rows that can’t be read are told one by one. */
export function readPriceRows(rows: readonly (readonly string[])[]): PriceRows {
  const [head = [], ...rest] = rows;
  const at = new Map(head.map((name, index) => [name.trim().toLowerCase(), index]));
  const lacking = (['key', 'price'] as const).filter((name) => !at.has(name));
  if (lacking.length > 0)
    return { prices: [], wrong: lacking.map((column) => ({ line: 1, said: said('prices/no-column', { column }) })) };
  const [prices, wrong]: [Price[], WrongRow[]] = [[], []];
  rest.forEach((row, index) => {
    const cell = (column: Column): string => row[at.get(column) ?? -1]?.trim() ?? '';
    if (row.every((each) => each.trim() === '')) return;
    const read = readRow(cell);
    if ('key' in read) prices.push(read);
    else wrong.push({ line: index + 2, said: read.wrong });
  });
  return { prices, wrong };
}

const MONEY = /^\d{1,9}(\.\d{1,2})?$/;
const COUNT = /^\d{1,9}(\.\d{1,6})?$/;
const DATE = /^\d{4}-\d{2}-\d{2}$/;

function readRow(cell: (column: Column) => string): Price | { readonly wrong: Said } {
  const [key, unit, pack, price, supplier, date] = PRICE_COLUMNS.map(cell) as [
    string,
    string,
    string,
    string,
    string,
    string,
  ];
  const wrong = (column: Column): { readonly wrong: Said } => ({
    wrong: said('prices/wrong', { column, read: cell(column) }),
  });
  if (key === '') return wrong('key');
  if (!MONEY.test(price)) return wrong('price');
  if (pack !== '' && (!COUNT.test(pack) || Number(pack) === 0)) return wrong('pack');
  if (date !== '' && (!DATE.test(date) || Number.isNaN(Date.parse(date)))) return wrong('date');
  return {
    ...{ key, unit: unitOf(unit), pack: pack === '' ? pieces(1) : decimal(Number(pack)) },
    cents: centsOf(Number(price)),
    ...(supplier === '' ? {} : { supplier }),
    ...(date === '' ? {} : { date }),
  };
}

/** A percentage is one however it is written. */
const unitOf = (unit: string): string => (/^(%|percent|per cent|pct)$/i.test(unit) ? '%' : unit);
