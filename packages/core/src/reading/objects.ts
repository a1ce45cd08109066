import { said } from '../words';
import type { Said } from '../length';
import { isObject, join, listed, reader, refuse, type Field, type Reader } from './reader';
import type { Schema } from './schema';

/** A list of `least` to `most` values. */
export function list<T>(each: Reader<T>, least: number, most: number): Reader<readonly T[]> {
  const schema: Schema = {
    type: 'array',
    ...(least > 0 ? { minItems: least } : {}),
    maxItems: most,
    items: each.schema,
  };
  return reader(schema, (value, path, report) => {
    if (!Array.isArray(value)) return refuse(report, path, value, said('list-wanted'));
    const many = value.length;
    if (many < least || many > most) {
      report.add(path, said('list-of', { least, most, has: many }));
      return undefined;
    }
    const read = value.map((one: unknown, index) => each(one, `${path}[${index}]`, report));
    return read.every((one) => one !== undefined) ? (read as T[]) : undefined;
  });
}

export type Fields<T> = { readonly [K in keyof T]-?: Field<NonNullable<T[K]>> };

function objectSchema(entries: readonly [string, Field<unknown>][]): Schema {
  const needed = entries.filter(([, field]) => !field.optional).map(([name]) => name);
  const properties = Object.fromEntries(entries.map(([name, { reader: each }]) => [name, each.schema] as const));
  return {
    type: 'object',
    additionalProperties: false,
    ...(needed.length > 0 ? { required: needed } : {}),
    properties,
  };
}

/** An object with just these fields: a missing one is said, an unknown one too (see Report). */
export function object<T extends object>(fields: Fields<T>): Reader<T> {
  const entries = Object.entries(fields) as [string, Field<unknown>][];
  const known = new Map(entries);
  const needed = entries.filter(([, field]) => !field.optional).map(([name]) => name);
  return reader(objectSchema(entries), (value, path, report) => {
    if (!isObject(value)) return refuse(report, path || '(file)', value, said('object-wanted'));
    const within = path === '' ? '' : `${path}.`;
    const read: Record<string, unknown> = {};
    let whole = true;
    for (const name of needed)
      if (!Object.hasOwn(value, name) || value[name] === undefined) {
        report.add(within + name, said('field-missing'));
        whole = false;
      }
    // By what is given: of many fields that may be left out, few are there.
    for (const [name, given] of Object.entries(value)) {
      const field = known.get(name);
      if (!field) report.stranger(join(path, name));
      else if (given !== undefined) {
        const one = field.reader(given, within + name, report);
        if (one === undefined) whole = false;
        else read[name] = one;
      }
    }
    return whole ? (read as T) : undefined;
  });
}

/** One of several objects, told apart by their `kind`. */
export function byKind<T extends { readonly kind: string }>(readers: {
  readonly [K in T['kind']]: Reader<Extract<T, { readonly kind: K }>>;
}): Reader<T> {
  const known = Object.keys(readers);
  const schemas = (Object.values(readers) as Reader<unknown>[]).map(({ schema }) => schema);
  return reader<T>({ oneOf: schemas }, (value, path, report) => {
    if (!isObject(value)) return refuse(report, path, value, said('object-wanted'));
    const kind = Object.hasOwn(value, 'kind') ? value['kind'] : undefined;
    const name = known.find((each) => each === kind) as T['kind'] | undefined;
    if (name === undefined) return refuse(report, join(path, 'kind'), kind, said('one-of', { allowed: listed(known) }));
    return (readers[name] as Reader<T>)(value, path, report);
  });
}

/** An object where the word in `field` decides which of the others must be there besides; `by` says who needs one. */
export function needing<T extends object, K extends keyof T & string>(
  inner: Reader<T>,
  field: K,
  needed: Readonly<Partial<Record<T[K] & string, readonly (keyof T & string)[]>>>,
  by: (word: T[K]) => Said,
): Reader<T> {
  const rules = (Object.entries(needed) as [string, readonly string[]][]).map(([word, wanted]) => ({
    if: { properties: { [field]: { enum: [word] } }, required: [field] },
    then: { required: wanted },
  }));
  return reader<T>({ ...inner.schema, allOf: rules }, (value, path, report) => {
    const read = inner(value, path, report);
    if (!read) return undefined;
    const word = read[field];
    const missing = (needed[word as T[K] & string] ?? []).filter((each) => read[each] === undefined);
    for (const each of missing) report.add(join(path, each), said('field-needed', { by: by(word) }));
    return missing.length === 0 ? read : undefined;
  });
}

/** An object that has all fields of just one of these sets, and none of the others'; else `why`. */
export function oneSetOf<T extends object>(
  inner: Reader<T>,
  sets: readonly (readonly (keyof T & string)[])[],
  why: Said,
): Reader<T> {
  const every = sets.flat();
  const rules = sets.map((set) => ({
    required: set,
    properties: Object.fromEntries(
      every.filter((name) => !set.includes(name)).map((name) => [name, { not: {} }] as const),
    ),
  }));
  return reader<T>({ ...inner.schema, oneOf: rules }, (value, path, report) => {
    const read = inner(value, path, report);
    if (!read) return undefined;
    const given = every.filter((name) => read[name] !== undefined);
    if (sets.some((set) => set.length === given.length && set.every((name) => given.includes(name)))) return read;
    report.add(path, why);
    return undefined;
  });
}

/** A list that holds at most one word of each of these pairs; `why` says which of a pair it holds together. */
export function apart<T extends string>(
  inner: Reader<readonly T[]>,
  pairs: readonly (readonly T[])[],
  why: (together: readonly T[]) => Said,
): Reader<readonly T[]> {
  const rules = pairs.map((pair) => ({ contains: { enum: pair }, minContains: 0, maxContains: 1 }));
  return reader<readonly T[]>({ ...inner.schema, allOf: rules }, (value, path, report) => {
    const read = inner(value, path, report);
    for (const pair of pairs) {
      const together = read?.filter((each) => pair.includes(each)) ?? [];
      if (together.length < 2) continue;
      report.add(path, why(together));
      return undefined;
    }
    return read;
  });
}
