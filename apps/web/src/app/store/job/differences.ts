import { BUILT_IN, said, type JobDocument, type Words as Speaker } from '@zabble/core';

/** One place where two versions of a job differ, in words. */
export interface Difference {
  readonly path: string;
  /** Where: “Bench, bank left, drawer 3, height”. */
  readonly where: string;
  readonly mine: string;
  readonly theirs: string;
  /** What stands there in the server's version; undefined where nothing does. */
  readonly value: unknown;
}

type Plain = Readonly<Record<string, unknown>>;

/** What fields are called where their name is not word enough. */
const WORDS: Readonly<Record<string, string>> = {
  sameAs: 'same height as',
  boxSameAs: 'box shared with',
  boxHeight: 'box height',
  buildOut: 'build-outs',
  bottomFit: 'bottom',
  heightStep: 'box height step',
  weight_kg: 'weight',
  load_kg: 'load',
  insideDeduction: 'opening less inside',
  narrowBy: 'narrower by',
  basis: 'planned or as built',
  aside: 'sizes set aside',
  rest: 'what build-outs lack',
  behind: 'behind the frame',
};

/** Every difference, in the order of the document; lists of another length are one difference. */
export function differences(mine: JobDocument, theirs: JobDocument, words: Speaker): readonly Difference[] {
  const builtIn = BUILT_IN.map(({ id, called }) => [id, words.say(called)] as const);
  const names = new Map([...builtIn, ...namesOf(mine), ...namesOf(theirs)]);
  return new Comparison(words).compare(mine, theirs, '', []).map((each) => ({
    ...each,
    mine: names.get(each.mine) ?? each.mine,
    theirs: names.get(each.theirs) ?? each.theirs,
  }));
}

/** Stock and slides are told by their names, not by the ids that refer to them. */
function namesOf({ materials, slides = [] }: JobDocument): readonly (readonly [string, string])[] {
  return [...slides, ...materials].map(({ id, name }) => [id, name ?? id] as const);
}

/** Goes through two versions side by side, with what places are called. */
class Comparison {
  constructor(private readonly words: Speaker) {}

  compare(mine: unknown, theirs: unknown, path: string, where: readonly string[]): readonly Difference[] {
    if (JSON.stringify(mine) === JSON.stringify(theirs)) return [];
    if (Array.isArray(mine) && Array.isArray(theirs) && mine.length === theirs.length)
      return mine.flatMap((each: unknown, index) =>
        this.compare(each, theirs[index], `${path}[${index}]`, [
          ...where.slice(0, -1),
          this.called(where.at(-1), each, index),
        ]),
      );
    if (isPlain(mine) && isPlain(theirs)) {
      const fields = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
      return fields.flatMap((field) =>
        this.compare(mine[field], theirs[field], path === '' ? field : `${path}.${field}`, [...where, worded(field)]),
      );
    }
    return [{ path, where: sentence(where), mine: shown(mine), theirs: shown(theirs), value: theirs }];
  }

  /** An entry of a list: by its name or id where it has one, a drawer by its place. */
  private called(list: string | undefined, entry: unknown, index: number): string {
    const one = (list ?? '').replace(/s$/, '');
    if (one === 'case' && isPlain(entry)) return String(entry['name'] ?? index + 1);
    if (one === 'bank' && isPlain(entry)) return this.words.say(said('bank', entry as { id: string; name?: string }));
    if (one === 'material' && isPlain(entry)) return String(entry['name']);
    return `${one} ${index + 1}`;
  }
}

function worded(field: string): string {
  return WORDS[field] ?? field.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`).replaceAll('_', ' ');
}

function sentence(where: readonly string[]): string {
  const text = where.join(', ');
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
}

/** A value in a word or two. */
function shown(value: unknown): string {
  if (value === undefined) return 'nothing';
  if (Array.isArray(value)) {
    const names = value.map((each: unknown) =>
      isPlain(each) ? String(each['name'] ?? each['length'] ?? each['id'] ?? '…') : String(each),
    );
    // Readings and lengths are told as they are, lists of things with how many there are.
    const things = value.some((each: unknown) => isPlain(each) && each['length'] === undefined);
    return things ? `${value.length}: ${names.join(', ')}` : names.join(', ');
  }
  if (isPlain(value) && Array.isArray(value['width']) && Array.isArray(value['height']))
    return ['width', 'height', 'depth'].map((size) => `${size} ${shown(value[size])}`).join('; ');
  if (isPlain(value))
    return Object.entries(value)
      .map(([field, each]) => `${worded(field)} ${shown(each)}`)
      .join(', ');
  return String(value);
}

function isPlain(value: unknown): value is Plain {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
