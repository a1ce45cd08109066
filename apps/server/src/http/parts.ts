import { cameAs } from '@zabble/core';

/** Of parts that came before so many are known again at most, and so many characters of them together. */
const MOST_PARTS = 4000;
const MOST_CHARACTERS = 8_000_000;

/** What a text of JSON is told apart by. */
const [QUOTE, OPENS, CLOSES] = [1, 2, 3] as const;
const WHAT = new Uint8Array(256);
WHAT[0x22] = QUOTE;
WHAT[0x5b] = WHAT[0x7b] = OPENS;
WHAT[0x5d] = WHAT[0x7d] = CLOSES;

/** Where the parts of a job stand in a body that has it in a field: `{ document: { cases: [ { banks: [ {` … */
const PATH = '{{[{[{';
const DEEP = PATH.length;

export interface Scanned {
  /** How deep it is nested; it is not looked at further where that is over the limit. */
  readonly depth: number;
  /** From where to where its parts stand, in their order. */
  readonly parts: readonly (readonly [from: number, to: number])[];
}

/** Looks at every byte once; brackets in strings are none. */
export function scanned(sent: Uint8Array, deepest: number): Scanned {
  const open = new Uint8Array(deepest + 1);
  const parts: (readonly [from: number, to: number])[] = [];
  let [depth, most, from] = [0, 0, -1];
  for (let at = 0; at < sent.length; at += 1) {
    const byte = sent[at] as number;
    const what = WHAT[byte];
    if (what === 0) continue;
    if (what === QUOTE) at = endOfText(sent, at);
    else if (what === OPENS) {
      depth += 1;
      if (depth > deepest) return { depth, parts };
      most = Math.max(most, depth);
      open[depth] = byte;
      if (depth === DEEP && isOnPath(open)) from = at;
    } else {
      if (depth === DEEP && from >= 0) {
        parts.push([from, at + 1]);
        from = -1;
      }
      depth = Math.max(0, depth - 1);
    }
  }
  return { depth: most, parts };
}

/** The closing quote of a text that begins here, or the end where it has none. */
function endOfText(sent: Uint8Array, from: number): number {
  let at = from + 1;
  for (; at < sent.length && sent[at] !== 0x22; at += 1) if (sent[at] === 0x5c) at += 1;
  return at;
}

function isOnPath(open: Uint8Array): boolean {
  for (let level = 1; level <= DEEP; level += 1) if (open[level] !== PATH.charCodeAt(level - 1)) return false;
  return true;
}

const known = new Map<string, object>();
let characters = 0;

/**
 * As `JSON.parse`, but for parts that came before to the letter: those are the same objects again, which nobody may change.
 * A save has most of a job as it was in the one before. Throws as `JSON.parse` does.
 */
export function parsedKnowing(sent: Buffer, { parts }: Scanned): unknown {
  if (parts.length === 0) return JSON.parse(sent.toString());
  const values: object[] = [];
  let [rest, done] = ['', 0];
  for (const [from, to] of parts) {
    rest += `${sent.toString('utf8', done, from)}{"part":${values.length}}`;
    values.push(partOf(sent.toString('utf8', from, to)));
    done = to;
  }
  return putBack(JSON.parse(rest + sent.toString('utf8', done)), values);
}

function partOf(text: string): object {
  const before = known.get(text);
  if (before) return before;
  const part = frozen(JSON.parse(text) as object);
  if (known.size >= MOST_PARTS || characters + text.length > MOST_CHARACTERS) {
    known.clear();
    characters = 0;
  }
  known.set(text, part);
  characters += text.length;
  cameAs(part, text);
  return part;
}

function frozen<T extends object>(part: T): T {
  for (const each of Object.values(part)) if (typeof each === 'object' && each !== null) frozen(each as object);
  return Object.freeze(part);
}

/** Whatever object stands on the path is a mark by now: each is taken for what it stands for. */
function putBack(root: unknown, values: readonly object[]): unknown {
  for (const document of objectsIn(root))
    for (const list of listsIn(document))
      for (const each of list)
        if (isObject(each))
          for (const parts of listsIn(each))
            parts.forEach((mark, index) => {
              if (isObject(mark)) parts[index] = values[(mark as { readonly part: number }).part];
            });
  return root;
}

const isObject = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const objectsIn = (value: unknown): readonly object[] => (isObject(value) ? Object.values(value).filter(isObject) : []);
const listsIn = (value: object): readonly unknown[][] => Object.values(value).filter((each) => Array.isArray(each));
