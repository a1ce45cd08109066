import { said } from '../words';
import { quoted, type Length } from '../length';
import {
  OPPOSITE_PLACES,
  READING_PLACES,
  type OpeningReading,
  type PlacedReadingOf,
  type ReadingPlace,
} from './opening-readings';
import { length, list, object, oneOf, optional, required, text, type Reader } from './readers';
import type { OpeningOf } from './types';

const some = length('positive');
const fields = object<PlacedReadingOf<Length>>({
  length: required(some),
  place: optional(list<ReadingPlace>(oneOf(...READING_PLACES), 1, 3)),
  drawer: optional(text(40, 1)),
});

/** A length alone, or one with its place; of places that exclude one another one at most. */
const reading: Reader<OpeningReading> = (value, path, report) => {
  if (typeof value !== 'object' || value === null) return some(value, path, report);
  const read = fields(value, path, report);
  for (const places of OPPOSITE_PLACES) {
    const both = read?.place?.filter((each) => (places as readonly string[]).includes(each)) ?? [];
    if (both.length < 2) continue;
    report.add(`${path}.place`, said('places-opposite', { read: both.map(quoted) }));
    return undefined;
  }
  return read;
};

const readings = list(reading, 1, 100);

/** The readings of an opening. */
export const openingShape = object<OpeningOf<Length>>({
  width: required(readings),
  height: required(readings),
  depth: required(readings),
  diagonals: optional(list(some, 2, 2)),
});
