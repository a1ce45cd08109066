import { patched, readJobDocument, type JobDocument, type Patch } from '@zabble/core';

/** Two edits of one document put together. */
export interface Merged {
  readonly document: JobDocument;
  /** What the other edit changed, to be done to every step that is undone as well. */
  readonly theirs: readonly Patch[];
}

/**
 * Both edits of `base`, where they do not touch: no place that one changed is, or lies in, a place the other changed, what
 * they come to can be read, and nobody is asked. Nothing where they do touch.
 */
export function merged(base: JobDocument, mine: JobDocument, theirs: JobDocument): Merged | undefined {
  const [own, other] = [changesOf(base, mine), changesOf(base, theirs)];
  if (own.length === 0) return { document: theirs, theirs: other };
  if (own.some(({ path }) => other.some((each) => touches(path, each.path)))) return undefined;
  const document = patched(mine, other);
  return readJobDocument(document).ok ? { document, theirs: other } : undefined;
}

/**
 * What leads from one document to another. A list that is longer or shorter by now, or whose entries are others, is one
 * change: what stands at a place of it is another thing than before.
 */
export function changesOf(before: unknown, after: unknown, path = ''): readonly Patch[] {
  if (JSON.stringify(before) === JSON.stringify(after)) return [];
  if (Array.isArray(before) && Array.isArray(after) && areSame(before, after))
    return before.flatMap((each: unknown, index) => changesOf(each, after[index], `${path}[${index}]`));
  if (isPlain(before) && isPlain(after) && areSame([before], [after]))
    return [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((field) =>
      changesOf(before[field], after[field], path === '' ? field : `${path}.${field}`),
    );
  return [{ path, value: after }];
}

type Plain = Readonly<Record<string, unknown>>;

/** As many, and each still the one it was: by its id where it has one. */
const areSame = (before: readonly unknown[], after: readonly unknown[]): boolean =>
  before.length === after.length && before.every((each, index) => idOf(each) === idOf(after[index]));

const idOf = (each: unknown): unknown => (isPlain(each) ? (each['id'] ?? each['kind']) : undefined);

const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const touches = (one: string, other: string): boolean => lies(one, other) || lies(other, one);

const lies = (inner: string, outer: string): boolean =>
  inner === outer || (inner.startsWith(outer) && /^[.[]/.test(inner.slice(outer.length)));
