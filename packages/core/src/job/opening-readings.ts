import type { Length, ReadAt } from '../length';

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

/** Where a reading was taken, as far as anybody said: the level of which drawer, and which ends. */
export function readAt(reading: unknown, drawers: readonly { readonly id: string }[] = []): ReadAt {
  if (!isPlaced(reading)) return { places: [] };
  const { place = [], drawer } = reading;
  const level = drawers.findIndex(({ id }) => id === drawer);
  return {
    ...(level < 0 ? {} : { level }),
    places: READING_PLACES.filter((each) => place.includes(each)),
  };
}

/** A bank, as far as its readings go. */
interface Read {
  readonly opening: Readonly<Record<OpeningSize, readonly unknown[]>>;
  readonly drawers: readonly { readonly id: string }[];
}

/** One reading of a bank’s opening: which one it is, counted from 0, and where it was taken. */
export interface ReadingAt extends ReadAt {
  readonly index: number;
}

export function readingAt(bank: Read, size: OpeningSize, index: number): ReadingAt {
  return { index, ...readAt(bank.opening[size][index], bank.drawers) };
}

function isPlaced(reading: unknown): reading is PlacedReadingOf<unknown> {
  return typeof reading === 'object' && reading !== null;
}
