import { said } from '../words';
import { quoted, type Said } from '../length';
import type { Report } from './report';
import { withName, type Schema } from './schema';

/**
 * Reads one value found at `path`; says what is wrong in the report and gives undefined where it can't be read. Carries
 * the schema of what it takes: the two are written together and tested against each other.
 */
export interface Reader<T> {
  (value: unknown, path: string, report: Report): T | undefined;
  readonly schema: Schema;
}

/** A reader with the schema of what it takes. */
export function reader<T>(
  schema: Schema,
  read: (value: unknown, path: string, report: Report) => T | undefined,
): Reader<T> {
  return Object.assign((value: unknown, path: string, report: Report): T | undefined => read(value, path, report), {
    schema,
  });
}

/** The reader, its schema written once under a name. */
export function named<T>(name: string, inner: Reader<T>): Reader<T> {
  return reader(withName(name, inner.schema), inner);
}

/** A field of an object: its reader, and whether it may be left out. */
export interface Field<T> {
  readonly reader: Reader<T>;
  readonly optional: boolean;
}

export const required = <T>(each: Reader<T>): Field<T> => ({ reader: each, optional: false });
export const optional = <T>(each: Reader<T>): Field<T> => ({ reader: each, optional: true });

/** Where a field of this name stands within `path`. */
export function join(path: string, name: string): string {
  const plain = /^[A-Za-z_][\w]*$/.test(name) ? name : `[${quoted(name)}]`;
  return path === '' || plain.startsWith('[') ? `${path}${plain}` : `${path}.${plain}`;
}

export function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Says what was read and what is wrong with it. */
export function refuse(report: Report, path: string, value: unknown, why: Said): undefined {
  const read = isObject(value) ? 'object' : Array.isArray(value) ? 'list' : { quoted: quoted(value) };
  report.add(path, said('read-wrong', { read, why }));
  return undefined;
}

/** Values as they stand in a file. */
export function listed(allowed: readonly (string | number)[]): readonly string[] {
  return allowed.map((each) => JSON.stringify(each));
}
