import { readJobFile, type Job, type JobError } from '@zabble/core';
import { closeSync, fstatSync, openSync, readFileSync } from 'node:fs';
import { resolve } from 'node:path';

export type FileReading = { readonly job: Job } | { readonly errors: readonly JobError[] };

/** A file larger than this is not opened as a job. In bytes. */
const LARGEST = 32_000_000;

/** Reads a job file from disk. npm changes the working folder; a relative path is taken from where the person stood. */
export function readJobFrom(path: string): FileReading {
  const whole = resolve(process.env['INIT_CWD'] ?? process.cwd(), path);
  const text = readText(whole, path);
  if (typeof text !== 'string') return { errors: [text] };
  const read = readJobFile(text);
  return read.ok ? { job: read.job } : { errors: read.errors };
}

function readText(whole: string, shown: string): string | JobError {
  const error = (says: string): JobError => ({ path: '(file)', says: `${JSON.stringify(shown)}: ${says}` });
  let handle: number | undefined;
  try {
    handle = openSync(whole, 'r');
    const { size } = fstatSync(handle);
    if (size > LARGEST) return error(`${size} bytes: a job file is never so large`);
    return new TextDecoder('utf-8', { fatal: true }).decode(readFileSync(handle));
  } catch (problem) {
    return error(whyNot(problem));
  } finally {
    if (handle !== undefined) closeSync(handle);
  }
}

function whyNot(problem: unknown): string {
  const code = (problem as { code?: unknown }).code;
  if (code === 'ENOENT') return 'there is no such file';
  if (code === 'EISDIR') return 'that is a folder, not a file';
  if (code === 'EACCES') return 'the file may not be read';
  if (code === 'ERR_ENCODING_INVALID_ENCODED_DATA') return 'the file is not UTF-8 text';
  return 'the file can’t be read';
}
