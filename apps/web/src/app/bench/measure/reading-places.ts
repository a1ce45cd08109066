import {
  READING_PLACES,
  readingLength,
  type OpeningReadingOf,
  type OpeningSize,
  type ReadingPlace,
} from '@zabble/core';

type Reading = OpeningReadingOf<string>;

/** One question about where a reading was taken, and its answers. */
export interface PlaceQuestion {
  readonly asks: 'level' | 'edge' | 'side';
  readonly answers: readonly ReadingPlace[];
}

/** What is asked of each size: a tape laid across has a level, one laid up has a side. */
export const PLACE_QUESTIONS: Readonly<Record<OpeningSize, readonly [PlaceQuestion, PlaceQuestion]>> = {
  width: [
    { asks: 'level', answers: ['top', 'middle', 'bottom'] },
    { asks: 'edge', answers: ['front', 'back'] },
  ],
  height: [
    { asks: 'side', answers: ['left', 'middle', 'right'] },
    { asks: 'edge', answers: ['front', 'back'] },
  ],
  depth: [
    { asks: 'level', answers: ['top', 'middle', 'bottom'] },
    { asks: 'side', answers: ['left', 'right'] },
  ],
};

export function placesOf(reading: Reading | undefined): readonly ReadingPlace[] {
  return typeof reading === 'object' ? (reading.place ?? []) : [];
}

export function drawerOf(reading: Reading | undefined): string | undefined {
  return typeof reading === 'object' ? reading.drawer : undefined;
}

/** The reading with its places and its drawer; a length alone where it has neither. */
export function placed(length: string, places: readonly ReadingPlace[], drawer?: string): Reading {
  if (places.length === 0 && drawer === undefined) return length;
  return {
    length,
    ...(places.length === 0 ? {} : { place: READING_PLACES.filter((each) => places.includes(each)) }),
    ...(drawer === undefined ? {} : { drawer }),
  };
}

/** The reading with another answer to one question; no answer is ''. A level takes the place of a drawer's. */
export function answered(reading: Reading, { answers }: PlaceQuestion, answer: string): Reading {
  const others = placesOf(reading).filter((each) => !answers.includes(each));
  const chosen = answers.filter((each) => each === answer);
  return placed(
    readingLength(reading),
    [...others, ...chosen],
    answers.includes('top') ? undefined : drawerOf(reading),
  );
}

/** At the level of a drawer: that says more than top or bottom. */
export function atLevelOf(reading: Reading, drawer: string): Reading {
  const places = placesOf(reading).filter((each) => !['top', 'middle', 'bottom'].includes(each));
  return placed(readingLength(reading), places, drawer);
}

/** The place to measure next: the first of all that no reading has; none once all are read. */
export function nextPlace(size: OpeningSize, readings: readonly Reading[]): readonly ReadingPlace[] {
  const [first, second] = PLACE_QUESTIONS[size];
  const read = readings.map((each) => placesOf(each));
  const all = second.answers.flatMap((b) => first.answers.map((a) => [a, b]));
  return all.find((place) => !read.some((each) => place.every((one) => each.includes(one)))) ?? [];
}
