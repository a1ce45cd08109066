import type { ReadAt } from '../../length';
import type { CalledBank, CalledDrawer } from '../called';
import type { Words } from '../words';

/** “3, chisels”: the number counted from one. */
export function drawerName({ place, name }: CalledDrawer): string {
  return name ? `${place + 1}, ${name}` : `${place + 1}`;
}

export function bankName({ id, name, door }: CalledBank): string {
  if (door) return `door “${id}”`;
  return name === undefined || name.trim() === '' ? `bank ${id}` : name;
}

/** “drawer 2, front”, “top, back”; empty where nobody said. */
export function whereRead({ level, places }: ReadAt): string {
  return [...(level === undefined ? [] : [`drawer ${level + 1}`]), ...places].join(', ');
}

/** “at the top, back”, “at drawer 2, front”, or “at reading 2” where nobody said. */
export function atReading({ index, ...at }: ReadAt & { readonly index: number }): string {
  const where = whereRead(at);
  if (where === '') return `at reading ${index + 1}`;
  return at.level === undefined ? `at the ${where}` : `at ${where}`;
}

/** The same without its first capital: a name within a sentence. */
export function inSentence(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

/** “1, 2 and 5”: places counted from one. */
export function numbers(places: readonly number[], { list }: Words): string {
  return list(places.map((place) => String(place + 1)));
}
