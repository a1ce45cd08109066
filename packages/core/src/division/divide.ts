import type { TieGroup } from '../job';
import { nm, ZERO, type Length } from '../length';
import { shareAll, type Shares } from './across';
import { contradiction, holdPassed, passed, type Hold } from './holding';
import type { Division, DivisionFailure, DivisionProblem, Held } from './problem';
import { roundedIdeal, sharingOf, type Sharing } from './share-out';
import { stretchesOf, type Stretch } from './stretches';

interface State {
  readonly problem: DivisionProblem;
  readonly stretches: readonly Stretch[];
  /** Height by group where it is held. */
  readonly held: Map<TieGroup, Hold>;
}

/**
 * Divides the height. Locked heights come out first; the scheme goes over the free ones, in every stretch between two
 * lines by itself; a drawer that would be under its least height, or over its most, is held there (in whole
 * increments) and the rest is divided again, until none passes its bounds.
 */
export function divide(problem: DivisionProblem): Division {
  const count = problem.groups.reduce((sum, { members }) => sum + members.length, 0);
  const stretches = stretchesOf(problem.total, count, problem.lines ?? []);
  if ('fails' in stretches) return stretches;
  const wrong = contradiction(problem);
  if (wrong) return wrong;
  const state: State = { problem, stretches, held: new Map() };
  for (const group of problem.groups)
    if (group.locked !== undefined) state.held.set(group, { height: group.locked, why: 'locked' });
  for (;;) {
    const division = divideFree(state);
    if (!division.ok) return division;
    if (!holdPassed(problem, state.held, division.heights, scopesOf(state)))
      return nothingLeft(division) ?? passed(problem, division) ?? division;
  }
}

function nothingLeft({ heights }: Extract<Division, { ok: true }>): DivisionFailure | undefined {
  const place = heights.findIndex((height) => height <= 0);
  return place < 0 ? undefined : { ok: false, fails: 'nothing-left', by: nm(-(heights[place] ?? 0)), place };
}

/** Where bounds are weighed against each other: every stretch by itself, unless drawers are tied across a line. */
function scopesOf({ problem, stretches }: State): readonly Stretch[] {
  const apart = problem.groups.every(({ members }) =>
    stretches.some(({ places }) => members.every((place) => places.includes(place))),
  );
  return apart ? stretches : [{ places: stretches.flatMap(({ places }) => places), total: problem.total }];
}

function divideFree(state: State): Division {
  const { problem } = state;
  holdDetermined(state);
  const sharings = state.stretches.map((stretch) => sharingIn(state, stretch));
  const wrong = sharings.map((sharing) => cantShare(problem, sharing)).find((each) => each !== undefined);
  if (wrong) return wrong;
  const shares = shareAll(sharings, problem.makeup, problem.increment ?? nm(1));
  if (!shares) return { ok: false, fails: 'line', by: ZERO };
  return finished(state, shares, sharings);
}

function sharingIn({ problem, held }: State, stretch: Stretch): Sharing {
  const byPlace = new Map<number, Length>();
  for (const [{ members }, { height }] of held) for (const place of members) byPlace.set(place, height);
  const free = problem.groups.filter((group) => !held.has(group));
  return sharingOf(problem.choice, stretch, free, (place) => byPlace.get(place));
}

/** Drawers tied across a line that are all that is free in a stretch: what is left there decides their height. */
function holdDetermined(state: State): void {
  if (state.stretches.length === 1) return;
  for (let again = true; again;) {
    again = false;
    for (const stretch of state.stretches) {
      const { free, rest } = sharingIn(state, stretch);
      const [only, ...others] = free;
      const inside = only?.members.filter((place) => stretch.places.includes(place)) ?? [];
      const across = only !== undefined && inside.length < only.members.length;
      if (!across || others.length > 0 || rest <= 0 || rest % inside.length !== 0) continue;
      state.held.set(only, { height: nm(rest / inside.length), why: 'line' });
      again = true;
    }
  }
}

function cantShare(problem: DivisionProblem, { rest, free, stretch }: Sharing): DivisionFailure | undefined {
  const place = stretch.places[0] ?? 0;
  if (rest < 0) return { ok: false, fails: 'over', by: nm(-rest), place };
  if (free.length === 0 && rest > 0) return { ok: false, fails: 'under', by: rest, place };
  if (problem.choice.scheme === 'manual' && free.length > 1)
    return { ok: false, fails: 'open', by: nm(free.length), place };
  return undefined;
}

function finished({ problem, held, stretches }: State, shares: Shares, sharings: readonly Sharing[]): Division {
  const count = problem.groups.reduce((sum, { members }) => sum + members.length, 0);
  const heights = Array.from({ length: count }, (_, place) => shares.heights.get(place) ?? ZERO);
  const why: (Held | undefined)[] = heights.map(() => undefined);
  const asked: (Length | undefined)[] = heights.map(() => undefined);
  for (const [group, hold] of held)
    for (const place of group.members) {
      heights[place] = hold.height;
      why[place] = hold.why;
    }
  for (const { ideals } of sharings) for (const [place, ideal] of ideals) asked[place] = roundedIdeal(ideal);
  const proven = shares.proven === false ? { proven: false } : {};
  return { ok: true, heights, held: why, ideals: asked, makeups: shares.makeups, stretches, ...proven };
}
