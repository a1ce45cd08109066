import { begun } from '../../words/speech';
import { CHOICE_WORDS, OWN_WORDS } from './choice-words';
import { FIELD_WORDS } from './field-words';
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

/** The fields that are lists of things, and what one of them is called. */
const ONE_OF: Readonly<Record<string, string>> = {
  cases: $localize`case`,
  banks: $localize`bank`,
  drawers: $localize`drawer`,
  materials: $localize`material`,
  slides: $localize`slide`,
};

/** Goes through two versions side by side, with what places are called. */
class Comparison {
  constructor(private readonly words: Speaker) {}

  /** `field` is the one both stand in, or whose list they are of. */
  compare(mine: unknown, theirs: unknown, path: string, where: readonly string[], field = ''): readonly Difference[] {
    if (JSON.stringify(mine) === JSON.stringify(theirs)) return [];
    if (Array.isArray(mine) && Array.isArray(theirs) && mine.length === theirs.length)
      return mine.flatMap((each: unknown, index) => {
        const place = [...where.slice(0, -1), this.called(field, each, index)];
        return this.compare(each, theirs[index], `${path}[${index}]`, place, field);
      });
    if (isPlain(mine) && isPlain(theirs)) {
      const fields = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
      return fields.flatMap((each) =>
        this.compare(mine[each], theirs[each], path === '' ? each : `${path}.${each}`, [...where, worded(each)], each),
      );
    }
    return [
      { path, where: begun(where.join(', ')), mine: shown(mine, field), theirs: shown(theirs, field), value: theirs },
    ];
  }

  /** An entry of a list: by its name or id where it has one, a drawer by its place. */
  private called(list: string, entry: unknown, index: number): string {
    const one = ONE_OF[list] ?? worded(list);
    if (isPlain(entry)) {
      if (list === 'cases') return String(entry['name'] ?? index + 1);
      if (list === 'banks') return this.words.say(said('bank', entry as { id: string; name?: string }));
      if (list === 'materials') return String(entry['name']);
    }
    return `${one} ${index + 1}`;
  }
}

/** What a field is called; one a newer version knows, by its own name. */
function worded(field: string): string {
  return FIELD_WORDS[field] ?? field;
}

/** A value in a word or two. */
function shown(value: unknown, field: string): string {
  if (value === undefined) return $localize`nothing`;
  if (Array.isArray(value)) {
    const names = value.map((each: unknown) =>
      isPlain(each) ? String(each['name'] ?? each['length'] ?? each['id'] ?? '…') : chosen(each, field),
    );
    // Readings and lengths are told as they are, lists of things with how many there are.
    const things = value.some((each: unknown) => isPlain(each) && each['length'] === undefined);
    return things ? `${value.length}: ${names.join(', ')}` : names.join(', ');
  }
  if (isPlain(value) && Array.isArray(value['width']) && Array.isArray(value['height']))
    return ['width', 'height', 'depth'].map((size) => `${worded(size)} ${shown(value[size], size)}`).join('; ');
  if (isPlain(value))
    return Object.entries(value)
      .map(([each, of]) => `${worded(each)} ${shown(of, each)}`)
      .join(', ');
  return chosen(value, field);
}

function chosen(value: unknown, field: string): string {
  const text = String(value);
  if (value === true) return $localize`yes`;
  if (value === false) return $localize`no`;
  return OWN_WORDS.includes(field) ? text : (CHOICE_WORDS[text] ?? text);
}

function isPlain(value: unknown): value is Plain {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
