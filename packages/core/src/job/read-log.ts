import type { Length } from '../length';
import type { LogEntryOf } from './log';
import { logShape } from './log-shape';
import { Report, type JobError } from '../reading';

export type LogReading =
  | { readonly ok: true; readonly entries: readonly LogEntryOf<Length>[] }
  | { readonly ok: false; readonly errors: readonly JobError[] };

/** Reads entries of a log by themselves, as they cross the wire; each error with the path of its field. */
export function readLog(value: unknown): LogReading {
  const report = new Report();
  const entries = logShape(value, 'entries', report);
  return entries && report.clean ? { ok: true, entries } : { ok: false, errors: report.errors };
}
