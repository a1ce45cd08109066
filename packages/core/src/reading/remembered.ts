import { reader, type Reader } from './reader';

/** What is remembered of one reader at most: texts, and characters of them together. */
const MOST_TEXTS = 2000;
const MOST_CHARACTERS = 4_000_000;

const texts = new WeakMap<object, string>();
/** Of parts nobody changes any more. */
const came = new WeakMap<object, string>();

/**
 * The reader, which knows again what it has read without a fault: the parts of a job that did not change are not gone
 * through again with every save. Only for what is read the same wherever it stands, and for plain data as JSON has it.
 */
export function remembered<T extends object>(inner: Reader<T>): Reader<T> {
  const known = new Known<T>();
  return reader(inner.schema, (value, path, report) => {
    if (!isObject(value)) return inner(value, path, report);
    const before = known.of(value);
    if (before) return before;
    const quiet = report.said;
    const read = inner(value, path, report);
    if (read !== undefined && report.said === quiet) known.add(value, read);
    return read;
  });
}

/** What was read, by the text it stood in; what nobody changes any more by itself. */
class Known<T extends object> {
  readonly #byText = new Map<string, T>();
  readonly #bySelf = new WeakMap<object, T>();
  #characters = 0;

  of(value: object): T | undefined {
    const same = this.#bySelf.get(value);
    if (same) return same;
    const read = this.#byText.get(textOf(value) ?? '');
    if (read && came.has(value)) this.#bySelf.set(value, read);
    return read;
  }

  add(value: object, read: T): void {
    const text = came.get(value) ?? texts.get(value);
    if (text === undefined) return;
    if (this.#byText.size >= MOST_TEXTS || this.#characters + text.length > MOST_CHARACTERS) {
      this.#byText.clear();
      this.#characters = 0;
    }
    this.#byText.set(text, read);
    this.#characters += text.length;
    if (came.has(value)) this.#bySelf.set(value, read);
  }
}

/** Says in which text a part came that nobody changes any more: it is not written anew to be known again. */
export function cameAs(part: object, text: string): void {
  came.set(part, text);
}

/** An object as JSON writes it: in the text it came in, where that is known. */
export function partText(part: object): string {
  return came.get(part) ?? JSON.stringify(part);
}

/** Nothing where it can't be written: nested too deep, or no data at all. */
function textOf(value: object): string | undefined {
  const before = came.get(value);
  if (before !== undefined) return before;
  try {
    const text = JSON.stringify(value);
    texts.set(value, text);
    return text;
  } catch {
    texts.delete(value);
    return undefined;
  }
}

function isObject(value: unknown): value is object {
  return typeof value === 'object' && value !== null;
}
