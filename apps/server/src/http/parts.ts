import { randomUUID } from 'node:crypto';
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

/**
 * Where the parts of a job stand in a body that has it in a field: `{ document: { cases: [ { banks: [ {` …; and what stands in
 * a list of the job itself and has no such parts, as materials do.
 */
const PATH = '{{[{[{';
const [DOCUMENT, LISTED, PART] = [2, 4, 6] as const;

type Range = readonly [from: number, to: number];

export interface Scanned {
  /** How deep it is nested; it is not looked at further where that is over the limit. */
  readonly depth: number;
  /** From where to where its parts stand, in their order. */
  readonly parts: readonly Range[];
  /** The same of the objects in its fields. */
  readonly documents: readonly Range[];
}

/** Looks at every byte once; brackets in strings are none. */
export function scanned(sent: Uint8Array, deepest: number): Scanned {
  const open = new Uint8Array(deepest + 1);
  const ranges = new Ranges();
  let [depth, most] = [0, 0];
  for (let at = 0; at < sent.length; at += 1) {
    const byte = sent[at] as number;
    const what = WHAT[byte];
    if (what === 0) continue;
    if (what === QUOTE) at = endOfText(sent, at);
    else if (what === OPENS) {
      depth += 1;
      if (depth > deepest) break;
      most = Math.max(most, depth);
      open[depth] = byte;
      if (depth <= PART && isOnPath(open, depth)) ranges.begin(depth, at);
    } else {
      if (depth <= PART) ranges.end(depth, at + 1);
      depth = Math.max(0, depth - 1);
    }
  }
  return { depth: Math.max(most, depth), parts: ranges.parts, documents: ranges.documents };
}

/** Where what is on the path begins and ends. */
class Ranges {
  readonly parts: Range[] = [];
  readonly documents: Range[] = [];
  private readonly from = new Int32Array(PART + 1).fill(-1);
  private before = 0;

  begin(depth: number, at: number): void {
    this.from[depth] = at;
    if (depth === LISTED) this.before = this.parts.length;
  }

  end(depth: number, to: number): void {
    const from = this.from[depth] as number;
    if (from < 0) return;
    this.from[depth] = -1;
    if (depth === DOCUMENT) this.documents.push([from, to]);
    else if (depth === PART || (depth === LISTED && this.before === this.parts.length)) this.parts.push([from, to]);
  }
}

/** The closing quote of a text that begins here, or the end where it has none. */
function endOfText(sent: Uint8Array, from: number): number {
  let at = from + 1;
  for (; at < sent.length && sent[at] !== 0x22; at += 1) if (sent[at] === 0x5c) at += 1;
  return at;
}

function isOnPath(open: Uint8Array, depth: number): boolean {
  for (let level = depth; level >= 1; level -= 1) if (open[level] !== PATH.charCodeAt(level - 1)) return false;
  return true;
}

const known = new Map<string, object>();
let characters = 0;

/** Stands for a part meanwhile: nobody can have sent it. */
const MARK = randomUUID();

/**
 * As `JSON.parse`, but for parts that came before to the letter: those are the same objects again, which nobody may change.
 * A save has most of a job as it was in the one before. Throws as `JSON.parse` does.
 */
export function parsedKnowing(sent: Buffer, { parts, documents }: Scanned): unknown {
  const textOf = textsOf(sent);
  const values: object[] = [];
  let [rest, done] = ['', 0];
  for (const [from, to] of parts) {
    rest += `${textOf(done, from)}"${MARK}${values.length}"`;
    values.push(partOf(textOf(from, to)));
    done = to;
  }
  const root: unknown = JSON.parse(rest + textOf(done, sent.length));
  const objects = objectsIn(root);
  if (values.length > 0) for (const document of objects) putBack(document, values);
  // Of one there can be no doubt which it is.
  const [[document], [range]] = [objects, documents];
  if (document && range && objects.length === 1 && documents.length === 1) cameAs(document, textOf(...range));
  return root;
}

/** The text of what was sent, from one byte to another: where each letter is a byte it is one text, read once. */
function textsOf(sent: Buffer): (from: number, to: number) => string {
  const whole = sent.toString('utf8');
  return whole.length === sent.length
    ? (from, to) => whole.slice(from, to)
    : (from, to) => sent.toString('utf8', from, to);
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

/** Each mark is taken for what it stands for. */
function putBack(document: object, values: readonly object[]): void {
  for (const list of listsIn(document))
    list.forEach((each, index) => {
      const value = standsFor(each, values);
      if (value) list[index] = value;
      else if (isObject(each))
        for (const parts of listsIn(each))
          parts.forEach((part, at) => {
            parts[at] = standsFor(part, values) ?? part;
          });
    });
}

function standsFor(mark: unknown, values: readonly object[]): object | undefined {
  return typeof mark === 'string' && mark.startsWith(MARK) ? values[Number(mark.slice(MARK.length))] : undefined;
}

const isObject = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const objectsIn = (value: unknown): readonly object[] => (isObject(value) ? Object.values(value).filter(isObject) : []);
const listsIn = (value: object): readonly unknown[][] => Object.values(value).filter((each) => Array.isArray(each));
