import { cutDocument, plan, type RackItem, ENGLISH, wordsIn } from '@zabble/core';
import { readArguments } from './arguments';
import { readJobFrom } from './job-file';
import { noted, refused, type Outcome } from './outcome';
import { readStockFrom } from './stock-file';

const USAGE = 'cut wants one job file: npm run -s cut -- [--stock STOCK.csv] [--tries N] [--seed N] JOB.json';
/** Enough for the layouts of a few sheets to settle; a second or so. */
const USUAL = { tries: 4000, seed: 1 };

interface Asked {
  readonly stock?: string;
  readonly tries: number;
  readonly seed: number;
}

/**
 * `cut JOB.json`: the cut list and a layout for every material that comes in sheets, as JSON; with a list of stock, on
 * that first. The same files, tries and seed give the same answer.
 */
export function cutCommand(args: readonly string[]): Outcome {
  const asked = readArguments<Asked>(args, USUAL, readOption);
  if (!asked) return { out: '', err: `${USAGE}\n`, code: 2 };
  const read = readJobFrom(asked.path);
  if ('errors' in read) return refused(read.errors);
  const { job } = read;
  let rack: readonly RackItem[] = [];
  if (asked.stock !== undefined) {
    const stock = readStockFrom(asked.stock, job.unit);
    if ('errors' in stock) return refused(stock.errors);
    ({ rack } = stock);
  }
  const planned = plan(job);
  const document = cutDocument(job, planned, wordsIn(ENGLISH, planned), asked, rack);
  return { out: `${JSON.stringify(document, null, 2)}\n`, err: noted(read.newer), code: 0 };
}

function readOption(word: string, value: string): Partial<Asked> | undefined {
  if (word === '--stock') return { stock: value };
  const number = Number(value);
  const fine = ['--tries', '--seed'].includes(word) && Number.isInteger(number) && number >= 1;
  return fine ? { [word.slice(2)]: number } : undefined;
}
