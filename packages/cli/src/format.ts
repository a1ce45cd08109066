import { jobSchema } from '@zabble/core';
import { fieldTable } from './field-table';
import type { Outcome } from './outcome';

/** `format`: the schema of a job file as JSON; with `--fields` the table of its fields as Markdown. */
export function formatCommand(args: readonly string[]): Outcome {
  if (args.length === 0) return { out: `${JSON.stringify(jobSchema(), null, 2)}\n`, err: '', code: 0 };
  if (args.length === 1 && args[0] === '--fields') return { out: `${fieldTable()}\n`, err: '', code: 0 };
  return { out: '', err: 'format wants nothing more than --fields\n', code: 2 };
}
