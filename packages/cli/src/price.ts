import {
  costFindings,
  costOf,
  ENGLISH,
  NO_SETTINGS,
  plan,
  priceDocument,
  readPriceRows,
  wordsIn,
  type JobError,
  type PriceBook,
} from '@zabble/core';
import { readArguments } from './arguments';
import { readJobFrom } from './job-file';
import { noted, refused, type Outcome } from './outcome';
import { noTable, readRowsFrom } from './table-file';

const USAGE = 'price wants one job file: npm run -s price -- [--prices PRICES.csv] [--date 2026-11-01] JOB.json';
const DATE = /^\d{4}-\d{2}-\d{2}$/;

interface Asked {
  readonly prices?: string;
  readonly date?: string;
}

/**
 * `price JOB.json`: what a job takes and costs, as JSON, by a list of prices. What has no price has no sum and a finding;
 * `--date` is the day prices are old by, today where it is left out.
 */
export function priceCommand(args: readonly string[], today = new Date().toISOString().slice(0, 10)): Outcome {
  const asked = readArguments<Asked>(args, {}, readOption);
  if (!asked) return { out: '', err: `${USAGE}\n`, code: 2 };
  const read = readJobFrom(asked.path);
  if ('errors' in read) return refused(read.errors);
  const list = asked.prices === undefined ? { prices: NO_SETTINGS.prices } : readPrices(asked.prices);
  if ('errors' in list) return refused(list.errors);
  const { job } = read;
  const planned = plan(job);
  const cost = costOf(job, planned, { ...NO_SETTINGS, prices: list.prices });
  const findings = costFindings(job, planned, cost, asked.date ?? today);
  const document = priceDocument(cost, findings, wordsIn(ENGLISH, planned));
  return { out: `${JSON.stringify(document, null, 2)}\n`, err: noted(read.newer), code: 0 };
}

/** Of a key that is listed twice the last row counts. */
function readPrices(path: string): { readonly prices: PriceBook } | { readonly errors: readonly JobError[] } {
  const rows = readRowsFrom(path);
  if (!rows) return { errors: [noTable('(prices)', path)] };
  const { prices, wrong } = readPriceRows(rows);
  if (wrong.length > 0) return { errors: wrong.map(({ line, said }) => ({ path: `(prices) line ${line}`, said })) };
  return { prices: new Map(prices.map((price) => [price.key, price])) };
}

function readOption(word: string, value: string): Partial<Asked> | undefined {
  if (word === '--prices') return { prices: value };
  return word === '--date' && DATE.test(value) && !Number.isNaN(Date.parse(value)) ? { date: value } : undefined;
}
