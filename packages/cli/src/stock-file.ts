import {
  guessMapping,
  rackOfLine,
  readLines,
  STOCK_COLUMNS,
  type JobError,
  type RackItem,
  type Unit,
  said,
} from '@zabble/core';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import Papa from 'papaparse';

export type StockReading = { readonly rack: readonly RackItem[] } | { readonly errors: readonly JobError[] };

/** Reads a list of sheets and off-cuts from a CSV file; every line that can't be read is said. */
export function readStockFrom(path: string, unit: Unit): StockReading {
  let text: string;
  try {
    const whole = resolve(process.env['INIT_CWD'] ?? process.cwd(), path);
    text = new TextDecoder('utf-8', { fatal: true }).decode(readFileSync(whole));
  } catch {
    return {
      errors: [
        { path: '(stock)', said: said('file-wrong', { file: JSON.stringify(path), why: said('file/no-text') }) },
      ],
    };
  }
  const rows = Papa.parse<string[]>(text.replace(/^\uFEFF/, '')).data;
  const lines = readLines(rows, STOCK_COLUMNS, guessMapping(rows[0] ?? [], STOCK_COLUMNS), unit);
  const errors = lines.flatMap((line) => (line.ok ? [] : [{ path: `(stock) line ${line.line}`, said: line.wrong }]));
  if (errors.length > 0) return { errors };
  return { rack: lines.flatMap((line) => (line.ok ? [rackOfLine(line.values, `line ${line.line}`)] : [])) };
}
