/** Something that can be done on the bench, by its name. */
export interface Action {
  readonly name: string;
  /** The part of the work it belongs to. */
  readonly group: string;
  /** Other words for it, by which it is found too. */
  readonly words?: string;
  /** A single letter that does it where nobody is writing; or, with Alt, from anywhere. */
  readonly key?: string;
  readonly alt?: boolean;
  /** Not to be done just now. */
  readonly off?: boolean;
  readonly run: () => void;
}

/** How a key is told. */
export function keyOf({ key, alt }: Action): string {
  if (key === undefined) return '';
  return alt ? $localize`Alt ${key}` : key;
}

/** The actions whose name, group or other words have every word written, those that begin with the first word first. */
export function found(actions: readonly Action[], written: string): readonly Action[] {
  const words = written.toLowerCase().split(/\s+/).filter(Boolean);
  const text = ({ name, group, words: more = '' }: Action): string => `${name} ${group} ${more}`.toLowerCase();
  const [first = ''] = words;
  return actions
    .filter((action) => !action.off && words.every((word) => text(action).includes(word)))
    .map((action, index) => ({ action, index, rank: action.name.toLowerCase().startsWith(first) ? 0 : 1 }))
    .sort((a, b) => a.rank - b.rank || a.index - b.index)
    .map(({ action }) => action);
}
