import { said } from '../words';
import { quoted, type Length } from '../length';
import {
  OPPOSITE_PLACES,
  READING_PLACES,
  type OpeningReading,
  type PlacedReadingOf,
  type ReadingPlace,
} from './opening-readings';
import { apart, length, list, named, object, oneOf, optional, orObject, required, text, type Reader } from '../reading';
import type { OpeningOf } from './types';

const some = length('positive');
const fields = object<PlacedReadingOf<Length>>({
  length: required(some),
  place: optional(
    apart<ReadingPlace>(list(oneOf(...READING_PLACES), 1, 3), OPPOSITE_PLACES, (both) =>
      said('places-opposite', { read: both.map(quoted) }),
    ),
  ),
  drawer: optional(text(40, 1)),
});

/** A length alone, or one with its place; of places that exclude one another one at most. */
const reading: Reader<OpeningReading> = named('reading', orObject(some, fields));

const readings = list(reading, 1, 100);

/** The readings of an opening. */
export const openingShape = object<OpeningOf<Length>>({
  width: required(readings),
  height: required(readings),
  depth: required(readings),
  diagonals: optional(list(some, 2, 2)),
});
