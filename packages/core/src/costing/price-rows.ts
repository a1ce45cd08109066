import type { Said } from '../length';
import { said } from '../words';
import { decimal, pieces } from './amount';
import { centsOf } from './money';
import type { Price } from './price';

/** The columns of a list of prices; of these `key` and `price` must be there. */
export const PRICE_COLUMNS = ['key', 'unit', 'pack', 'price', 'supplier', 'date'] as const;
export type PriceColumn = (typeof PRICE_COLUMNS)[number];

/** Which column of a table, counted from 0, each is read from; those it has none of are absent. */
export type PriceMapping = Readonly<Partial<Record<PriceColumn, number>>>;

/** What other lists call them. */
const ALSO: Readonly<Record<PriceColumn, readonly string[]>> = {
  key: ['key', 'article', 'article no', 'item', 'code', 'number'],
  unit: ['unit', 'per', 'measure'],
  pack: ['pack', 'pack size', 'quantity', 'qty', 'count'],
  price: ['price', 'net price', 'cost', 'amount'],
  supplier: ['supplier', 'vendor', 'from'],
  date: ['date', 'valid from', 'of'],
};

/** The columns of a list by its headings, each once: ours, or what other lists call them. */
export function guessPriceColumns(head: readonly string[]): PriceMapping {
  const names = head.map((name) => name.trim().toLowerCase().replace(/[._]+/g, ' ').trim());
  const found = PRICE_COLUMNS.map((column) => [
    column,
    ALSO[column].map((name) => names.indexOf(name)).find((at) => at >= 0),
  ]);
  return Object.fromEntries(found.filter(([, at]) => at !== undefined)) as PriceMapping;
}

/** Our own headings alone. */
function ownColumns(head: readonly string[]): PriceMapping {
  const names = head.map((name) => name.trim().toLowerCase());
  const found = PRICE_COLUMNS.map((column) => [column, names.lastIndexOf(column)] as const);
  return Object.fromEntries(found.filter(([, at]) => at >= 0)) as PriceMapping;
}

export interface WrongRow {
  /** Counted as an editor counts lines, the heading being 1. */
  readonly line: number;
  readonly said: Said;
}

export interface PriceRows {
  readonly prices: readonly Price[];
  readonly wrong: readonly WrongRow[];
}

/**
 * Reads a list of prices, its first row the headings in any order, by our own names or by a mapping. Rows that can’t be read
 * are told one by one. Bound by its cells.
 */
export function readPriceRows(rows: readonly (readonly string[])[], mapping?: PriceMapping): PriceRows {
  const [head = [], ...rest] = rows;
  const at = mapping ?? ownColumns(head);
  const lacking = (['key', 'price'] as const).filter((name) => at[name] === undefined);
  if (lacking.length > 0)
    return { prices: [], wrong: lacking.map((column) => ({ line: 1, said: said('prices/no-column', { column }) })) };
  const [prices, wrong]: [Price[], WrongRow[]] = [[], []];
  rest.forEach((row, index) => {
    const cell = (column: PriceColumn): string => row[at[column] ?? -1]?.trim() ?? '';
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

function readRow(cell: (column: PriceColumn) => string): Price | { readonly wrong: Said } {
  const [key, unit, packed, priced, supplier, date] = PRICE_COLUMNS.map(cell) as [
    string,
    string,
    string,
    string,
    string,
    string,
  ];
  const [pack, price] = [plainNumber(packed), plainNumber(priced)];
  const wrong = (column: PriceColumn): { readonly wrong: Said } => ({
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

/**
 * A number as lists write it, as a plain one: with a sign of money or without, in thousands or not. `1,234` may be either,
 * and stays as it is written: it is asked for.
 */
function plainNumber(text: string): string {
  const bare = text.replace(/^\p{Sc}\s*|\s*\p{Sc}$/gu, '').replace(/[\s’']/g, '');
  if (/^\d{1,3}(,\d{3})+\.\d+$/.test(bare)) return bare.replaceAll(',', '');
  if (/^\d{1,3}(\.\d{3})+,\d+$/.test(bare)) return bare.replaceAll('.', '').replace(',', '.');
  return /^\d+,\d{1,2}$/.test(bare) ? bare.replace(',', '.') : bare;
}

/** A percentage is one however it is written. */
const unitOf = (unit: string): string => (/^(%|percent|per cent|pct)$/i.test(unit) ? '%' : unit);
