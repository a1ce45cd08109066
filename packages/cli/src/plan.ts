import { plan, planDocument } from '@zabble/core';
import { readJobFrom } from './job-file';

/** What a command prints and how it ends. */
export interface Outcome {
  readonly out: string;
  readonly err: string;
  readonly code: 0 | 2;
}

const USAGE = 'plan wants one job file: npm run -s plan -- JOB.json';

/** `plan JOB.json`: the plan as JSON, or one error a line with the path of its field. */
export function planCommand(args: readonly string[]): Outcome {
  const [path, ...more] = args;
  if (path === undefined || more.length > 0) return { out: '', err: `${USAGE}\n`, code: 2 };
  const read = readJobFrom(path);
  if ('errors' in read) {
    const lines = read.errors.map(({ path: field, says }) => `${field}: ${says}\n`);
    return { out: '', err: lines.join(''), code: 2 };
  }
  return { out: `${JSON.stringify(planDocument(plan(read.job)), null, 2)}\n`, err: '', code: 0 };
}
