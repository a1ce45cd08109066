import type { Makeup, TieGroup } from '../job';
import { add, nearest, nm, rational, subtract, upTo, ZERO, type Length } from '../length';
import { idealHeights, type SchemeChoice } from './ideal';
import { nearestIncrements, type Unknown } from './nearest';

/** A height to be shared out among the fronts of one bank. */
export interface DivisionProblem {
  /** Height to share out: the opening's with its laps, less the gaps. */
  readonly total: Length;
  readonly choice: SchemeChoice;
  /** Every drawer's place in the bank is in exactly one group. */
  readonly groups: readonly TieGroup[];
  /** Free heights are multiples of this; without one, of a nanometre. */
  readonly increment?: Length;
  /** The place that takes the odd rest, before it is known to be free. */
  readonly makeup: number;
  /** Least height by place; absent where there is none. */
  readonly least?: readonly (Length | undefined)[];
}

/** Why a height was not the scheme's to give. */
export type Held = 'locked' | 'contents';

export type Division =
  | {
      readonly ok: true;
      /** By place, from the top down; they add up to the total exactly. */
      readonly heights: readonly Length[];
      /** The place that took the rest; absent when every height is held. */
      readonly makeup?: number;
      readonly held: readonly (Held | undefined)[];
      /** What the scheme asked for each free drawer, to the nanometre, before any rounding to the increment or tie. */
      readonly ideals: readonly (Length | undefined)[];
    }
  | {
      readonly ok: false;
      /** What can't be: heights held that don't add up, a height that comes to nothing, too many open by hand. */
      readonly fails: 'over' | 'under' | 'nothing-left' | 'open';
      /** By how much; the number of drawers left open for `open`. */
      readonly by: Length;
      /** The place concerned, where there is one. */
      readonly place?: number;
    };

interface State {
  readonly problem: DivisionProblem;
  /** Height by group where it is held. */
  readonly held: Map<TieGroup, { readonly height: Length; readonly why: Held }>;
}

/** The place asked for by a bank's `makeup`; the bottom one unless said otherwise. */
export function makeupPlace(makeup: Makeup | undefined, ids: readonly string[]): number {
  if (makeup === 'top') return 0;
  if (typeof makeup === 'object') return Math.max(0, ids.indexOf(makeup.drawer));
  return ids.length - 1;
}

/**
 * Divides the height. Locked heights come out first; the scheme goes over the free ones; a drawer that would be under
 * its least height is held at it (rounded up to the increment) and the rest is divided again, until none is short.
 */
export function divide(problem: DivisionProblem): Division {
  const state: State = { problem, held: new Map() };
  for (const group of problem.groups)
    if (group.locked !== undefined) state.held.set(group, { height: group.locked, why: 'locked' });
  for (;;) {
    const division = divideFree(state);
    if (!division.ok || !holdShort(state, division.heights)) return division;
  }
}

function divideFree(state: State): Division {
  const { problem, held } = state;
  const free = problem.groups.filter((group) => !held.has(group));
  const taken = add(...[...held].map(([group, { height }]) => nm(height * group.members.length)));
  const rest = subtract(problem.total, taken);
  if (rest < 0) return { ok: false, fails: 'over', by: nm(-rest) };
  if (free.length === 0 && rest > 0) return { ok: false, fails: 'under', by: rest };
  if (free.length === 0) return finished(state, new Map(), new Map());
  if (problem.choice.scheme === 'manual' && free.length > 1) return { ok: false, fails: 'open', by: nm(free.length) };
  const makeup = nearestFree(problem.makeup, free);
  const ideals = idealsByPlace(problem, free, rest);
  const heights = shareOut(problem, free, rest, makeup, ideals);
  for (const [place, height] of heights)
    if (height <= 0) return { ok: false, fails: 'nothing-left', by: nm(-height), place };
  return finished(state, heights, ideals.rounded, makeup);
}

/** The scheme’s heights of the free drawers by place: exactly, over one denominator, and to the nanometre. */
interface IdealsByPlace {
  readonly numerators: ReadonlyMap<number, bigint>;
  readonly denominator: bigint;
  readonly rounded: ReadonlyMap<number, Length>;
}

function idealsByPlace(problem: DivisionProblem, free: readonly TieGroup[], rest: Length): IdealsByPlace {
  const places = free.flatMap(({ members }) => members);
  const { numerators, denominator } = idealHeights(problem.choice, rest, places);
  const of = (index: number): bigint => numerators[index] ?? 0n;
  return {
    denominator,
    numerators: new Map(places.map((place, index) => [place, of(index)])),
    rounded: new Map(places.map((place, index) => [place, nm(Number(nearest(rational(of(index), denominator))))])),
  };
}

/** Heights of the free drawers by place. */
function shareOut(
  problem: DivisionProblem,
  free: readonly TieGroup[],
  rest: Length,
  makeup: number,
  ideals: IdealsByPlace,
): Map<number, Length> {
  const byPlace = ideals.numerators;
  const scale = free.reduce((product, { members }) => product * BigInt(members.length), 1n);
  const unknowns = free.map(({ members }): Unknown => {
    const sum = members.reduce((total, place) => total + (byPlace.get(place) ?? 0n), 0n);
    return { weight: members.length, ideal: (sum * scale) / BigInt(members.length), lowest: Math.max(...members) };
  });
  const increment = problem.increment ?? nm(1);
  const taker = free.findIndex(({ members }) => members.includes(makeup));
  const counts = nearestIncrements({
    unknowns,
    denominator: ideals.denominator * scale,
    rest: BigInt(rest),
    increment: BigInt(increment),
    makeup: taker,
  });
  return heightsOf(free, counts, increment, rest, makeup);
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

function finished(
  { problem, held }: State,
  free: ReadonlyMap<number, Length>,
  ideals: ReadonlyMap<number, Length>,
  makeup?: number,
): Division {
  const count = problem.groups.reduce((sum, { members }) => sum + members.length, 0);
  const heights = Array.from({ length: count }, (_, place) => free.get(place) ?? ZERO);
  const why: (Held | undefined)[] = heights.map(() => undefined);
  for (const [group, hold] of held)
    for (const place of group.members) {
      heights[place] = hold.height;
      why[place] = hold.why;
    }
  const asked = heights.map((_, place) => ideals.get(place));
  return { ok: true, heights, held: why, ideals: asked, ...(makeup === undefined ? {} : { makeup }) };
}

/** Holds every free group that came out under its least height; true when there was one. */
function holdShort({ problem, held }: State, heights: readonly Length[]): boolean {
  let found = false;
  for (const group of problem.groups) {
    if (held.has(group)) continue;
    const least = Math.max(...group.members.map((place) => problem.least?.[place] ?? 0));
    const short = group.members.some((place) => (heights[place] ?? 0) < least);
    if (!short) continue;
    held.set(group, { height: upTo(nm(least), problem.increment ?? nm(1)), why: 'contents' });
    found = true;
  }
  return found;
}

/** The free place nearest the one wanted; the lower of two as near. */
function nearestFree(wanted: number, free: readonly TieGroup[]): number {
  const places = free.flatMap(({ members }) => members);
  const distance = (place: number): number => Math.abs(place - wanted);
  return places.reduce((best, place) => {
    const closer = distance(place) - distance(best);
    return closer < 0 || (closer === 0 && place > best) ? place : best;
  });
}
