import Papa from 'papaparse';
import type { Article } from './warehouse';

/** Reads what a supplier sells out of a list of prices: its own rows. */
export function articlesOf(text: string, supplier: string): readonly Article[] {
  const { data } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
  return data
    .filter((row) => row['supplier'] === supplier)
    .map(({ key = '', unit = '', pack, price }) => ({
      ...{ key, unit, pack: Number(pack), cents: Math.round(Number(price) * 100) },
    }));
}

/** The same as a list, of its own day. */
export function listOf(articles: readonly Article[], supplier: string, date: string): string {
  return `${Papa.unparse(
    articles.map(({ cents, ...article }) => ({ ...article, price: (cents / 100).toFixed(2), supplier, date })),
    { columns: ['key', 'unit', 'pack', 'price', 'supplier', 'date'], newline: '\r\n' },
  )}\r\n`;
}
