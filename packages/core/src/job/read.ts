import { said } from '../words';
import { withReadings } from './as-built';
import { checkCases } from './case-references';
import { checkReferences } from './references';
import { Report, type JobError } from '../reading';
import { jobShape } from './shape';
import type { Said } from '../length';
import type { Job, JobDocument, WrittenJob } from './types';
import { migrated } from './migrations';
import { minorOf } from './minor';
import { JOB_MINOR, JOB_VERSION } from './version';

/** A file of a newer minor: which, and the paths of the fields nobody here knows. They stay in the document untouched. */
export interface NewerFields {
  readonly minor: number;
  readonly untouched: readonly string[];
}

export type JobReading =
  | { readonly ok: true; readonly job: Job; readonly document: JobDocument; readonly newer?: NewerFields }
  | { readonly ok: false; readonly errors: readonly JobError[] };

/** What rooms above know of a job: what only their tables can say is wrong, and the openings that follow from its cases. */
export interface Above {
  readonly check: (job: WrittenJob, report: Report) => void;
  readonly complete: (job: WrittenJob) => Job;
}

const ALONE: Above = { check: () => undefined, complete: (job) => job as Job };

/** A job file larger than this is not a job file. In characters. */
const LARGEST_FILE = 64_000_000;

/**
 * Reads a job document (JSON already parsed), of this version or an older one. Everything wrong with it is said at once,
 * each with its path. `above` lets a room above add what it alone knows (slide families, openings of a case). `document` is the job as it
 * is to be kept: brought to this version, and with every field of a newer minor where it stood.
 */
export function readJob(value: unknown, above: Above = ALONE): JobReading {
  const stranger = notAJob(value);
  if (stranger) return { ok: false, errors: [stranger] };
  const document = migrated(value as Record<string, unknown>);
  const minor = newerMinor(document);
  const report = new Report(minor === undefined ? 'refused' : 'kept');
  const job = jobShape(document, '', report);
  // Each leans on what the one before it found sound.
  for (const check of [checkReferences, checkCases, above.check]) if (job && report.clean) check(job, report);
  if (!job || !report.clean) return { ok: false, errors: report.errors };
  const newer = minor === undefined ? undefined : { minor, untouched: report.untouched };
  // What was read is what the shape says it is: the document has the same fields, its lengths as text.
  return {
    ok: true,
    job: withReadings(above.complete(job)),
    document: document as unknown as JobDocument,
    ...(newer ? { newer } : {}),
  };
}

function newerMinor({ minor }: Readonly<Record<string, unknown>>): number | undefined {
  return typeof minor === 'number' && minor > JOB_MINOR ? minor : undefined;
}

/** What a person is told of a file of a newer minor. */
export function newerSaid({ minor, untouched }: NewerFields): Said {
  return said('newer-minor', { minor, knows: JOB_MINOR, fields: untouched });
}

/**
 * The document as one that this code writes into: its minor at least that of the newest field in it. The same object where
 * it is so already; one with no newer field stays one that an older Zabble knows.
 */
export function writtenHere(document: JobDocument): JobDocument {
  const needed = minorOf(document);
  return (document.minor ?? 0) >= needed ? document : { ...document, minor: needed };
}

/** Reads the text of a job file. */
export function readJobText(text: string, above: Above = ALONE): JobReading {
  const parsed = parseJson(text);
  return 'error' in parsed ? { ok: false, errors: [parsed.error] } : readJob(parsed.value, above);
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
