import { benchCards, plan, planDocument } from '@zabble/core';
import { readJobFrom } from './job-file';

/** What a command prints and how it ends. */
export interface Outcome {
  readonly out: string;
  readonly err: string;
  readonly code: 0 | 2;
}

const USAGE = 'plan wants one job file: npm run -s plan -- [--cards] JOB.json';

/**
 * `plan [--cards] JOB.json`: the plan as JSON, or a plain-text bench card for each bank; what can’t be read gives one
 * error a line with the path of the field.
 */
export function planCommand(args: readonly string[]): Outcome {
  const cards = args[0] === '--cards';
  const [path, ...more] = cards ? args.slice(1) : args;
  if (path === undefined || more.length > 0 || path.startsWith('--')) return { out: '', err: `${USAGE}\n`, code: 2 };
  const read = readJobFrom(path);
  if ('errors' in read) {
    const lines = read.errors.map(({ path: field, says }) => `${field}: ${says}\n`);
    return { out: '', err: lines.join(''), code: 2 };
  }
  const planned = plan(read.job);
  const out = cards ? benchCards(read.job, planned).join('\n') : `${JSON.stringify(planDocument(planned), null, 2)}\n`;
  return { out, err: '', code: 0 };
}
