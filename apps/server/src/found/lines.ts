import { readLog, type Job, type JobDocument, type LogEntry, type LogEntryDocument } from '@zabble/core';
import { jobOf, lineOf } from '../record/lines';
import { wordsOf } from './words';

/** An entry that is not settled yet. */
export interface ToSettle {
  readonly job: string;
  readonly seq: number;
  readonly kind: string;
  readonly at: Date;
  readonly entry: LogEntryDocument;
}

/** What is looked up of an entry. */
export interface SettledLine extends Omit<ToSettle, 'entry'> {
  readonly words: readonly string[];
  /** What was measured against the plan, in nanometres. */
  readonly made: { readonly what: string; readonly planned: number; readonly made: number } | undefined;
  readonly fault: string | undefined;
}

/** Lines of entries; one that can't be read any more, or whose job can't, is found by its time and kind alone. */
export function settledLines(
  entries: readonly ToSettle[],
  documents: ReadonlyMap<string, JobDocument>,
): readonly SettledLine[] {
  const jobs = new Map([...documents].map(([id, document]) => [id, jobOf(document)]));
  return entries.map(({ entry, ...line }) => {
    const read = readLog([entry]);
    const [first] = read.ok ? read.entries : [];
    const job = jobs.get(line.job);
    return {
      ...line,
      words: job && first ? wordsOf(textOf(job, first)) : [],
      made:
        first?.kind === 'reading' && first.against !== undefined
          ? { what: first.what, planned: first.against, made: first.length }
          : undefined,
      fault: first?.kind === 'fault' ? first.fault : undefined,
    };
  });
}

/** What it says, where and by whom; the name of its job is looked for in the job. */
function textOf(job: Job, entry: LogEntry): string {
  const { says, where, by } = lineOf(job, entry);
  return [says, where, by ?? ''].join(' ');
}
