import {
  guessMapping,
  rackOfLine,
  readLines,
  STOCK_COLUMNS,
  type JobError,
  type RackItem,
  type Unit,
} from '@zabble/core';
import { noTable, readRowsFrom } from './table-file';

export type StockReading = { readonly rack: readonly RackItem[] } | { readonly errors: readonly JobError[] };

/** Reads a list of sheets and off-cuts from a CSV file; every line that can't be read is said. */
export function readStockFrom(path: string, unit: Unit): StockReading {
  const rows = readRowsFrom(path);
  if (!rows) return { errors: [noTable('(stock)', path)] };
  const lines = readLines(rows, STOCK_COLUMNS, guessMapping(rows[0] ?? [], STOCK_COLUMNS), unit);
  const errors = lines.flatMap((line) => (line.ok ? [] : [{ path: `(stock) line ${line.line}`, said: line.wrong }]));
  if (errors.length > 0) return { errors };
  return { rack: lines.flatMap((line) => (line.ok ? [rackOfLine(line.values, `line ${line.line}`)] : [])) };
}
