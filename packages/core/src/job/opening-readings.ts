import type { Length } from '../length';

/** Where in an opening a reading is taken. */
export const READING_PLACES = ['top', 'middle', 'bottom', 'front', 'back', 'left', 'right'] as const;
export type ReadingPlace = (typeof READING_PLACES)[number];

/** Places that can't both hold of one reading. */
export const OPPOSITE_PLACES = [
  ['top', 'middle', 'bottom'],
  ['front', 'back'],
  ['left', 'right'],
] as const satisfies readonly (readonly ReadingPlace[])[];

/** A reading with where it was taken: its places, and the drawer at whose level. */
export interface PlacedReadingOf<L> {
  readonly length: L;
  readonly place?: readonly ReadingPlace[];
  readonly drawer?: string;
}

/** A reading of an opening: the length alone, or with its place. */
export type OpeningReadingOf<L> = L | PlacedReadingOf<L>;
export type OpeningReading = OpeningReadingOf<Length>;

/** The sizes of an opening that have readings of their own. */
export const OPENING_SIZES = ['width', 'height', 'depth'] as const;
export type OpeningSize = (typeof OPENING_SIZES)[number];

export function readingLength<L extends Length | string>(reading: OpeningReadingOf<L>): L {
  return isPlaced(reading) ? (reading as PlacedReadingOf<L>).length : reading;
}

export function readingLengths(readings: readonly OpeningReading[]): readonly Length[] {
  return readings.map((each) => readingLength(each));
}

/** Path of a reading's length in the job document; `path` is the bank's. */
export function readingPath(path: string, size: OpeningSize, index: number, reading: unknown): string {
  const at = `${path}.opening.${size}[${index}]`;
  return typeof reading === 'object' ? `${at}.length` : at;
}

/** Where a reading was taken: “top, back” or “drawer 2, front”; empty where nobody said. */
export function readingPlace(reading: unknown, drawers: readonly { readonly id: string }[] = []): string {
  if (!isPlaced(reading)) return '';
  const { place = [], drawer } = reading;
  const level = drawers.findIndex(({ id }) => id === drawer);
  return [...(level < 0 ? [] : [`drawer ${level + 1}`]), ...READING_PLACES.filter((each) => place.includes(each))].join(
    ', ',
  );
}

/** A bank, as far as its readings go. */
interface Read {
  readonly opening: Readonly<Record<OpeningSize, readonly unknown[]>>;
  readonly drawers: readonly { readonly id: string }[];
}

/** The same within a sentence: “at the top, back”, “at drawer 2, front”; “at reading 2” where nobody said. */
export function atReading(bank: Read, size: OpeningSize, index: number): string {
  const place = readingPlace(bank.opening[size][index], bank.drawers);
  if (place === '') return `at reading ${index + 1}`;
  return place.startsWith('drawer') ? `at ${place}` : `at the ${place}`;
}

function isPlaced(reading: unknown): reading is PlacedReadingOf<unknown> {
  return typeof reading === 'object' && reading !== null;
}
