import { said } from '../words';
import { quoted, readFileLength, type Length, type Said } from '../length';
import type { Report } from './report';

/** Reads one value found at `path`; says what is wrong in the report and gives undefined where it can't be read. */
export type Reader<T> = (value: unknown, path: string, report: Report) => T | undefined;

/** A field of an object: its reader, and whether it may be left out. */
export interface Field<T> {
  readonly reader: Reader<T>;
  readonly optional: boolean;
}

export const required = <T>(reader: Reader<T>): Field<T> => ({ reader, optional: false });
export const optional = <T>(reader: Reader<T>): Field<T> => ({ reader, optional: true });

const CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/;

/** Text of at most `most` characters, without control characters; `least` 1 refuses an empty one. */
export function text(most: number, least = 0): Reader<string> {
  return (value, path, report) => {
    if (typeof value !== 'string') return refuse(report, path, value, said('text-wanted'));
    if (value.trim().length < least) return refuse(report, path, value, said('not-empty'));
    if (value.length > most) return refuse(report, path, value, said('text-too-long', { most }));
    if (CONTROL.test(value)) return refuse(report, path, value, said('control-characters'));
    return value;
  };
}

/** A length with its unit; `zero` says whether nothing at all is allowed. */
export function length(zero: 'zero' | 'positive'): Reader<Length> {
  return (value, path, report) => {
    if (typeof value !== 'string') return refuse(report, path, value, said('length-is-text'));
    const read = readFileLength(value);
    if (!read.ok) {
      report.add(path, read.wrong);
      return undefined;
    }
    if (zero === 'positive' && read.value === 0) return refuse(report, path, value, said('more-than-nothing'));
    return read.value;
  };
}

const MOMENT = /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])T([01]\d|2[0-3]):[0-5]\d:[0-5]\d(\.\d{1,6})?Z$/;

/** A moment as ISO 8601 writes it, in UTC. */
export const moment: Reader<string> = (value, path, report) =>
  typeof value === 'string' && MOMENT.test(value) ? value : refuse(report, path, value, said('moment-wanted'));

/** A plain number from `least` to `most`; `whole` refuses decimals. */
export function number(least: number, most: number, whole?: 'whole'): Reader<number> {
  return (value, path, report) => {
    if (typeof value !== 'number' || !Number.isFinite(value))
      return refuse(report, path, value, said('number-is-wanted'));
    if (whole && !Number.isInteger(value)) return refuse(report, path, value, said('whole-number-wanted'));
    if (value < least || value > most) return refuse(report, path, value, said('from-to', { least, most }));
    return value;
  };
}

export const yesNo: Reader<boolean> = (value, path, report) =>
  typeof value === 'boolean' ? value : refuse(report, path, value, said('true-or-false'));

export function oneOf<const T extends string | number>(...allowed: readonly T[]): Reader<T> {
  return (value, path, report) =>
    allowed.find((each) => each === value) ?? refuse(report, path, value, said('one-of', { allowed: listed(allowed) }));
}

/** A list of `least` to `most` values. */
export function list<T>(reader: Reader<T>, least: number, most: number): Reader<readonly T[]> {
  return (value, path, report) => {
    if (!Array.isArray(value)) return refuse(report, path, value, said('list-wanted'));
    const many = value.length;
    if (many < least || many > most) {
      report.add(path, said('list-of', { least, most, has: many }));
      return undefined;
    }
    const read = value.map((each: unknown, index) => reader(each, `${path}[${index}]`, report));
    return read.every((each) => each !== undefined) ? (read as T[]) : undefined;
  };
}

export type Fields<T> = { readonly [K in keyof T]-?: Field<NonNullable<T[K]>> };

/** An object with just these fields: a missing one and an unknown one are both said. */
export function object<T extends object>(fields: Fields<T>): Reader<T> {
  const entries = Object.entries(fields) as [string, Field<unknown>][];
  const known = new Map(entries);
  return (value, path, report) => {
    if (!isObject(value)) return refuse(report, path || '(file)', value, said('object-wanted'));
    for (const name of Object.keys(value))
      if (!known.has(name)) report.add(join(path, name), said('unknown-field', { version: 1 }));
    const read: Record<string, unknown> = {};
    let whole = true;
    for (const [name, field] of entries) {
      const given = Object.hasOwn(value, name) ? value[name] : undefined;
      if (given === undefined) {
        if (!field.optional) report.add(join(path, name), said('field-missing'));
        whole &&= field.optional;
        continue;
      }
      const one = field.reader(given, join(path, name), report);
      if (one === undefined) whole = false;
      else read[name] = one;
    }
    return whole ? (read as T) : undefined;
  };
}

/** One of several objects, told apart by their `kind`. */
export function byKind<T extends { readonly kind: string }>(readers: {
  readonly [K in T['kind']]: Reader<Extract<T, { readonly kind: K }>>;
}): Reader<T> {
  const known = Object.keys(readers);
  return (value, path, report) => {
    if (!isObject(value)) return refuse(report, path, value, said('object-wanted'));
    const kind = Object.hasOwn(value, 'kind') ? value['kind'] : undefined;
    const name = known.find((each) => each === kind) as T['kind'] | undefined;
    if (name === undefined) return refuse(report, join(path, 'kind'), kind, said('one-of', { allowed: listed(known) }));
    return (readers[name] as Reader<T>)(value, path, report);
  };
}

export function join(path: string, name: string): string {
  const plain = /^[A-Za-z_][\w]*$/.test(name) ? name : `[${quoted(name)}]`;
  return path === '' || plain.startsWith('[') ? `${path}${plain}` : `${path}.${plain}`;
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function refuse(report: Report, path: string, value: unknown, why: Said): undefined {
  const read = isObject(value) ? 'object' : Array.isArray(value) ? 'list' : { quoted: quoted(value) };
  report.add(path, said('read-wrong', { read, why }));
  return undefined;
}

function listed(allowed: readonly (string | number)[]): readonly string[] {
  return allowed.map((each) => JSON.stringify(each));
}
