import { reader, type Reader } from './reader';

/** What is remembered of one reader at most: texts, and characters of them together. */
const MOST_TEXTS = 2000;
const MOST_CHARACTERS = 4_000_000;

const texts = new WeakMap<object, string>();

/**
 * The reader, which knows again what it has read without a fault: the parts of a job that did not change are not gone
 * through again with every save. Only for what is read the same wherever it stands, and for plain data as JSON has it.
 */
export function remembered<T extends object>(inner: Reader<T>): Reader<T> {
  const known = new Map<string, T>();
  let characters = 0;
  return reader(inner.schema, (value, path, report) => {
    const text = textOf(value);
    const before = text === undefined ? undefined : known.get(text);
    if (before) return before;
    const quiet = report.said;
    const read = inner(value, path, report);
    if (text === undefined || read === undefined || report.said !== quiet) return read;
    if (known.size >= MOST_TEXTS || characters + text.length > MOST_CHARACTERS) {
      known.clear();
      characters = 0;
    }
    known.set(text, read);
    characters += text.length;
    return read;
  });
}

/** A part as JSON writes it: as it was when it was read, where it was. */
export function partText(part: object): string {
  return texts.get(part) ?? JSON.stringify(part);
}

/** Nothing where it can't be written: nested too deep, or no data at all. */
function textOf(value: unknown): string | undefined {
  if (typeof value !== 'object' || value === null) return undefined;
  try {
    const text = JSON.stringify(value);
    texts.set(value, text);
    return text;
  } catch {
    return undefined;
  }
}
