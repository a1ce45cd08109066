import { newerSaid, readJobFile, type Job, type JobError, said, type Said } from '@zabble/core';
import { closeSync, fstatSync, openSync, readFileSync } from 'node:fs';
import { resolve } from 'node:path';

export type FileReading = { readonly job: Job; readonly newer?: Said } | { readonly errors: readonly JobError[] };

/** A file larger than this is not opened as a job. In bytes. */
const LARGEST = 32_000_000;

/** Reads a job file from disk. npm changes the working folder; a relative path is taken from where the person stood. */
export function readJobFrom(path: string): FileReading {
  const whole = resolve(process.env['INIT_CWD'] ?? process.cwd(), path);
  const text = readText(whole, path);
  if (typeof text !== 'string') return { errors: [text] };
  const read = readJobFile(text);
  if (!read.ok) return { errors: read.errors };
  return { job: read.job, ...(read.newer ? { newer: newerSaid(read.newer) } : {}) };
}

function readText(whole: string, shown: string): string | JobError {
  const error = (why: Said): JobError => ({
    path: '(file)',
    said: said('file-wrong', { file: JSON.stringify(shown), why }),
  });
  let handle: number | undefined;
  try {
    handle = openSync(whole, 'r');
    const { size } = fstatSync(handle);
    if (size > LARGEST) return error(said('file/too-large', { bytes: size }));
    return new TextDecoder('utf-8', { fatal: true }).decode(readFileSync(handle));
  } catch (problem) {
    return error(whyNot(problem));
  } finally {
    if (handle !== undefined) closeSync(handle);
  }
}

function whyNot(problem: unknown): Said {
  const code = (problem as { code?: unknown }).code;
  if (code === 'ENOENT') return said('file/missing');
  if (code === 'EISDIR') return said('file/folder');
  if (code === 'EACCES') return said('file/forbidden');
  if (code === 'ERR_ENCODING_INVALID_ENCODED_DATA') return said('file/not-utf8');
  return said('file/unreadable');
}
