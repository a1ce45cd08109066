import { add, nm, share, subtract, type Length } from '../length';

/** Banks side by side under one top: what they share. */
export interface SharedWidth {
  /** Clear width from the first opening's left edge to the last one's right edge, dividers counted. */
  readonly inside: Length;
  readonly count: number;
  readonly divider: Length;
  /** Between neighbouring fronts. */
  readonly gap: Length;
  /** Laps at the outer ends; negative for gaps inside. */
  readonly lapLeft: Length;
  readonly lapRight: Length;
}

export interface WidthShare {
  readonly openings: readonly Length[];
  readonly fronts: readonly Length[];
}

/** What each of two neighbours laps their divider by: `(t − g)/2`. Common practice. */
export function dividerLap(divider: Length, gap: Length): Length {
  return share(nm(divider - gap), 2);
}

/** Openings alike: the fronts at the ends come out as the outer laps leave them. The last takes what can't be shared. */
export function equalOpenings(shared: SharedWidth): WidthShare {
  const { inside, count, divider } = shared;
  const openings = shareAlike(nm(inside - (count - 1) * divider), count);
  return { openings, fronts: openings.map((opening, place) => nm(opening + lapsOf(shared, place))) };
}

/** Fronts alike: the openings at the ends come out different from those between. */
export function equalFronts(shared: SharedWidth): WidthShare {
  const { inside, count, gap, lapLeft, lapRight } = shared;
  const fronts = shareAlike(nm(add(inside, lapLeft, lapRight) - (count - 1) * gap), count);
  return { fronts, openings: fronts.map((front, place) => nm(front - lapsOf(shared, place))) };
}

/** Both laps of the front at a place: the outer ones at the ends, else the divider's. */
function lapsOf({ count, divider, gap, lapLeft, lapRight }: SharedWidth, place: number): Length {
  const left = dividerLap(divider, gap);
  const right = subtract(nm(divider - gap), left);
  return add(place === 0 ? lapLeft : right, place === count - 1 ? lapRight : left);
}

function shareAlike(total: Length, count: number): readonly Length[] {
  const each = nm(Math.floor(total / count));
  return Array.from({ length: count }, (_, place) => (place === count - 1 ? nm(total - each * (count - 1)) : each));
}
