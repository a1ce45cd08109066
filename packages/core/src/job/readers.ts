import { quoted, readFileLength, type Length } from '../length';
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
    if (typeof value !== 'string') return refuse(report, path, value, 'a text is wanted');
    if (value.trim().length < least) return refuse(report, path, value, 'it must not be empty');
    if (value.length > most) return refuse(report, path, value, `longer than ${most} characters`);
    if (CONTROL.test(value)) return refuse(report, path, value, 'it holds control characters');
    return value;
  };
}

/** A length with its unit; `zero` says whether nothing at all is allowed. */
export function length(zero: 'zero' | 'positive'): Reader<Length> {
  return (value, path, report) => {
    if (typeof value !== 'string')
      return refuse(report, path, value, 'a length is written as text with its unit, like "24 1/16 in" or "12 mm"');
    const read = readFileLength(value);
    if (!read.ok) {
      report.add(path, read.says);
      return undefined;
    }
    if (zero === 'positive' && read.value === 0) return refuse(report, path, value, 'it must be more than nothing');
    return read.value;
  };
}

const MOMENT = /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])T([01]\d|2[0-3]):[0-5]\d:[0-5]\d(\.\d{1,6})?Z$/;

/** A moment as ISO 8601 writes it, in UTC. */
export const moment: Reader<string> = (value, path, report) =>
  typeof value === 'string' && MOMENT.test(value)
    ? value
    : refuse(report, path, value, 'a moment is written like "2026-11-23T21:40:00Z"');

/** A plain number from `least` to `most`; `whole` refuses decimals. */
export function number(least: number, most: number, whole?: 'whole'): Reader<number> {
  return (value, path, report) => {
    if (typeof value !== 'number' || !Number.isFinite(value)) return refuse(report, path, value, 'a number is wanted');
    if (whole && !Number.isInteger(value)) return refuse(report, path, value, 'a whole number is wanted');
    if (value < least || value > most) return refuse(report, path, value, `it must be from ${least} to ${most}`);
    return value;
  };
}

export const yesNo: Reader<boolean> = (value, path, report) =>
  typeof value === 'boolean' ? value : refuse(report, path, value, 'true or false is wanted');

export function oneOf<const T extends string | number>(...allowed: readonly T[]): Reader<T> {
  return (value, path, report) =>
    allowed.find((each) => each === value) ?? refuse(report, path, value, `it must be ${listed(allowed)}`);
}

/** A list of `least` to `most` values. */
export function list<T>(reader: Reader<T>, least: number, most: number): Reader<readonly T[]> {
  return (value, path, report) => {
    if (!Array.isArray(value)) return refuse(report, path, value, 'a list is wanted');
    const many = value.length;
    if (many < least || many > most) {
      const wanted = least === most ? `${least}` : `${least} to ${most}`;
      report.add(path, `a list of ${wanted} is wanted and this one has ${many}`);
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
    if (!isObject(value)) return refuse(report, path || '(file)', value, 'an object with fields is wanted');
    for (const name of Object.keys(value))
      if (!known.has(name)) report.add(join(path, name), 'there is no field of this name in version 1');
    const read: Record<string, unknown> = {};
    let whole = true;
    for (const [name, field] of entries) {
      const given = Object.hasOwn(value, name) ? value[name] : undefined;
      if (given === undefined) {
        if (!field.optional) report.add(join(path, name), 'this field is missing');
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
    if (!isObject(value)) return refuse(report, path, value, 'an object with fields is wanted');
    const kind = Object.hasOwn(value, 'kind') ? value['kind'] : undefined;
    const name = known.find((each) => each === kind) as T['kind'] | undefined;
    if (name === undefined) return refuse(report, join(path, 'kind'), kind, `it must be ${listed(known)}`);
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

function refuse(report: Report, path: string, value: unknown, why: string): undefined {
  const read = isObject(value) ? 'an object' : Array.isArray(value) ? 'a list' : quoted(value);
  report.add(path, `read ${read}: ${why}`);
  return undefined;
}

function listed(allowed: readonly (string | number)[]): string {
  const quotedOnes = allowed.map((each) => JSON.stringify(each));
  return quotedOnes.length === 1
    ? String(quotedOnes[0])
    : `${quotedOnes.slice(0, -1).join(', ')} or ${String(quotedOnes.at(-1))}`;
}
