import { cutDocument, plan } from '@zabble/core';
import { readJobFrom } from './job-file';
import type { Outcome } from './outcome';

const USAGE = 'cut wants one job file: npm run -s cut -- [--tries N] [--seed N] JOB.json';
/** Enough for the layouts of a few sheets to settle; a second or so. */
const USUAL = { tries: 4000, seed: 1 };

/**
 * `cut JOB.json`: the cut list and a layout for every material that comes in sheets, as JSON. The same file, tries and
 * seed give the same answer.
 */
export function cutCommand(args: readonly string[]): Outcome {
  const asked = readArguments(args);
  if (!asked) return { out: '', err: `${USAGE}\n`, code: 2 };
  const read = readJobFrom(asked.path);
  if ('errors' in read) {
    const lines = read.errors.map(({ path: field, says }) => `${field}: ${says}\n`);
    return { out: '', err: lines.join(''), code: 2 };
  }
  const { job } = read;
  const document = cutDocument(job, plan(job), asked);
  return { out: `${JSON.stringify(document, null, 2)}\n`, err: '', code: 0 };
}

/** Undefined where the arguments are not what the command takes. */
function readArguments(args: readonly string[]): { path: string; tries: number; seed: number } | undefined {
  let asked = { ...USUAL };
  const paths: string[] = [];
  for (let at = 0; at < args.length; at += 1) {
    const word = args[at] ?? '';
    if (!word.startsWith('--')) {
      paths.push(word);
      continue;
    }
    const number = Number(args[(at += 1)]);
    if (!['--tries', '--seed'].includes(word) || !Number.isInteger(number) || number < 1) return undefined;
    asked = { ...asked, [word.slice(2)]: number };
  }
  const [path] = paths;
  return path !== undefined && paths.length === 1 ? { path, ...asked } : undefined;
}
