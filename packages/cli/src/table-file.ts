import { said, type JobError } from '@zabble/core';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import Papa from 'papaparse';

/** The rows of a CSV file; nothing where it is no text. A relative path is taken from where the person stood. */
export function readRowsFrom(path: string): readonly (readonly string[])[] | undefined {
  try {
    const whole = resolve(process.env['INIT_CWD'] ?? process.cwd(), path);
    const text = new TextDecoder('utf-8', { fatal: true }).decode(readFileSync(whole));
    return Papa.parse<string[]>(text.replace(/^\uFEFF/, '')).data;
  } catch {
    return undefined;
  }
}

/** Why a table can’t be read; `where` is what it was given for. */
export const noTable = (where: string, path: string): JobError => ({
  path: where,
  said: said('file-wrong', { file: JSON.stringify(path), why: said('file/no-text') }),
});
