import type { TieGroup } from '../job';
import { nearest, nm, rational, subtract, type Length } from '../length';
import { idealHeights, type SchemeChoice } from './ideal';
import { nearestIncrements, type Unknown } from './nearest';
import type { Stretch } from './stretches';

/** A drawer's height as its scheme would have it: an exact fraction of nanometres. */
export interface Ideal {
  readonly n: bigint;
  readonly d: bigint;
}

/** One stretch with the heights that are free in it. */
export interface Sharing {
  readonly stretch: Stretch;
  /** What the held heights leave. */
  readonly rest: Length;
  /** Free tied groups with a member in it. */
  readonly free: readonly TieGroup[];
  /** By place, for its free places. */
  readonly ideals: ReadonlyMap<number, Ideal>;
}

/** A stretch's free places and what the scheme asks for each; the scheme goes over the free ones, keeping their places. */
export function sharingOf(
  choice: SchemeChoice,
  stretch: Stretch,
  groups: readonly TieGroup[],
  heldAt: (place: number) => Length | undefined,
): Sharing {
  const taken = stretch.places.map((place) => heldAt(place) ?? 0);
  const rest = subtract(stretch.total, ...(taken as Length[]));
  const places = stretch.places.filter((place) => heldAt(place) === undefined);
  const free = groups.filter(({ members }) => members.some((place) => places.includes(place)));
  const { numerators, denominator } = idealHeights(choice, rest, places);
  const ideals = new Map(places.map((place, index) => [place, { n: numerators[index] ?? 0n, d: denominator }]));
  return { stretch, rest, free, ideals };
}

export function roundedIdeal({ n, d }: Ideal): Length {
  return nm(Number(nearest(rational(n, d))));
}

/** Heights of the free groups of one stretch that lie wholly in it. */
export interface Shared {
  readonly heights: ReadonlyMap<number, Length>;
  /** The place that took the odd rest. */
  readonly makeup?: number;
}

/**
 * Shares `rest` among `free` at the least sum of squared departures from the ideals. A change of all ideals by the same
 * amount changes no answer, so they are first brought to the rest they share (a tie across a line may have changed it).
 */
export function shareOut(
  free: readonly TieGroup[],
  rest: Length,
  ideals: ReadonlyMap<number, Ideal>,
  wanted: number,
  increment: Length,
): Shared {
  if (free.length === 0) return { heights: new Map() };
  const makeup = nearestTo(wanted, free);
  const unknowns = unknownsOf(free, rest, ideals);
  const counts = nearestIncrements({
    unknowns: unknowns.list,
    denominator: unknowns.denominator,
    rest: BigInt(rest),
    increment: BigInt(increment),
    makeup: free.findIndex(({ members }) => members.includes(makeup)),
  });
  return { heights: heightsOf(free, counts, increment, rest, makeup), makeup };
}

/** Every group's ideal (the mean of its members') over one denominator, together just the rest. */
function unknownsOf(free: readonly TieGroup[], rest: Length, ideals: ReadonlyMap<number, Ideal>) {
  const places = free.flatMap(({ members }) => members);
  const d = ideals.get(places[0] ?? 0)?.d ?? 1n;
  const scale = free.reduce((product, { members }) => product * BigInt(members.length), 1n);
  const count = BigInt(places.length);
  const sums = free.map(({ members }) => members.reduce((sum, place) => sum + (ideals.get(place)?.n ?? 0n), 0n));
  // The same for every drawer; nothing at all unless a tie across a line has taken more or less than its ideal.
  const shift = BigInt(rest) * d - sums.reduce((sum, each) => sum + each, 0n);
  const spread = shift === 0n ? 1n : count;
  const list = free.map(({ members }, index): Unknown => ({
    weight: members.length,
    ideal: (((sums[index] ?? 0n) * scale) / BigInt(members.length)) * spread + (shift === 0n ? 0n : shift * scale),
    lowest: Math.max(...members),
  }));
  return { list, denominator: d * scale * spread };
}

/** The makeup's group takes what the others leave; the makeup itself also the nanometre that can't be shared. */
function heightsOf(
  free: readonly TieGroup[],
  counts: readonly bigint[],
  increment: Length,
  rest: Length,
  makeup: number,
): Map<number, Length> {
  const heights = new Map<number, Length>();
  let left: number = rest;
  free.forEach(({ members }, index) => {
    if (members.includes(makeup)) return;
    const height = nm(Number(counts[index] ?? 0n) * increment);
    for (const place of members) heights.set(place, height);
    left -= height * members.length;
  });
  const takers = free.find(({ members }) => members.includes(makeup))?.members ?? [];
  const each = Math.floor(left / takers.length);
  for (const place of takers) heights.set(place, nm(place === makeup ? left - each * (takers.length - 1) : each));
  return heights;
}

/** The free place nearest the one wanted; the lower of two as near. */
function nearestTo(wanted: number, free: readonly TieGroup[]): number {
  const places = free.flatMap(({ members }) => members);
  const distance = (place: number): number => Math.abs(place - wanted);
  return places.reduce((best, place) => {
    const closer = distance(place) - distance(best);
    return closer < 0 || (closer === 0 && place > best) ? place : best;
  });
}
