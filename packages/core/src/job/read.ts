import type { Said } from '../length';
import { said } from '../words';
import { withReadings } from './as-built';
import { checkReferences } from './references';
import { Report, type JobError } from './report';
import { jobShape } from './shape';
import type { Job } from './types';

export type JobReading =
  { readonly ok: true; readonly job: Job } | { readonly ok: false; readonly errors: readonly JobError[] };

/** The newest job file version this code reads. */
export const JOB_VERSION = 1;

/** A job file larger than this is not a job file. In characters. */
const LARGEST_FILE = 8_000_000;

/**
 * Reads a job document (JSON already parsed). Everything wrong with it is said at once, each with its path.
 * `check` lets a room above add what it alone knows (slide families).
 */
export function readJob(value: unknown, check?: (job: Job, report: Report) => void): JobReading {
  const report = new Report();
  const stranger = notAJob(value);
  if (stranger) return { ok: false, errors: [stranger] };
  const job = jobShape(value, '', report);
  if (job && report.clean) checkReferences(job, report);
  if (job && report.clean) check?.(job, report);
  return job && report.clean ? { ok: true, job: withReadings(job) } : { ok: false, errors: report.errors };
}

/** Reads the text of a job file. */
export function readJobText(text: string, check?: (job: Job, report: Report) => void): JobReading {
  const parsed = parseJson(text);
  return 'error' in parsed ? { ok: false, errors: [parsed.error] } : readJob(parsed.value, check);
}

function parseJson(text: string): { value: unknown } | { error: JobError } {
  const error = (what: Said): { error: JobError } => ({ error: { path: '(file)', said: what } });
  if (text.length > LARGEST_FILE) return error(said('file-too-large', { characters: text.length, most: LARGEST_FILE }));
  const plain = text.replace(/^\uFEFF/, '');
  if (plain.trim() === '') return error(said('file-empty'));
  try {
    return { value: JSON.parse(plain) as unknown };
  } catch (problem) {
    return error(notJson(plain, problem));
  }
}

/** Where the parser stopped, where it says so; its own words are not repeated: they differ between engines. */
function notJson(text: string, problem: unknown): Said {
  const position = /position (\d+)/.exec(problem instanceof Error ? problem.message : '')?.[1];
  if (position === undefined) return said('not-json');
  const before = text.slice(0, Number(position)).split('\n');
  return said('not-json-at', { line: before.length, column: (before.at(-1) ?? '').length + 1 });
}

/** A file of another format or version gets that one sentence, not a list of its unknown fields. */
function notAJob(value: unknown): JobError | undefined {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return { path: '(file)', said: said('not-an-object') };
  const { format, version } = value as { format?: unknown; version?: unknown };
  if (format !== 'zabble-job') return { path: 'format', said: said('not-a-job') };
  if (typeof version === 'number' && version > JOB_VERSION)
    return {
      path: 'version',
      said: said('newer-version', { version, reads: JOB_VERSION }),
    };
  return undefined;
}
