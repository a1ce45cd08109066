import type { TieGroup } from '../job';
import { downTo, nm, upTo, type Length } from '../length';
import type { Division, DivisionFailure, DivisionProblem, Held } from './problem';
import type { Stretch } from './stretches';

export interface Hold {
  readonly height: Length;
  readonly why: Held;
}

/** Least and most height of a tied group, and whose asking they are. */
export interface Bounds {
  readonly least: Length;
  readonly leastBy: 'contents' | 'least';
  readonly most: Length;
}

function boundsOf({ needs, least, most }: DivisionProblem, { members }: TieGroup): Bounds {
  const highest = (list: readonly (Length | undefined)[] | undefined): number =>
    list ? members.reduce((found, place) => Math.max(found, list[place] ?? 0), 0) : 0;
  const [need, asked] = [highest(needs), highest(least)];
  const lowest = most ? members.reduce((found, place) => Math.min(found, most[place] ?? Infinity), Infinity) : Infinity;
  return { least: nm(Math.max(need, asked)), leastBy: need > asked ? 'contents' : 'least', most: lowest as Length };
}

/** A lock past what was asked for it, or a least over a most: no division can serve both. */
export function contradiction(problem: DivisionProblem): DivisionFailure | undefined {
  if (!problem.least && !problem.most) return undefined;
  for (const group of problem.groups) {
    const { locked, members } = group;
    // What is stored does not stop a lock: the finding for it says what is too tall.
    const { least, most } = boundsOf(locked === undefined ? problem : { ...problem, needs: [] }, group);
    const by = locked === undefined ? least - most : Math.max(least - locked, locked - most);
    if (by > 0) return { ok: false, fails: 'bounds', by: nm(by), place: members[0] ?? 0 };
  }
  return undefined;
}

/**
 * Holds free groups that came out under their least (at it, rounded up to the increment) or over their most (rounded
 * down); true when there was one. Where some are under and some over, only those are held whose sum is the more: held
 * first, they decide which way the others go. With leasts alone every short one is held at once.
 */
export function holdPassed(
  problem: DivisionProblem,
  held: Map<TieGroup, Hold>,
  heights: readonly Length[],
  scopes: readonly Stretch[],
): boolean {
  let found = false;
  for (const { places } of scopes) {
    const passed = problem.groups.flatMap((group) => {
      const inScope = !held.has(group) && group.members.some((place) => places.includes(place));
      const hold = inScope && holdOf(problem, group, heights);
      return hold ? [{ group, ...hold }] : [];
    });
    const change = passed.reduce((sum: number, { by }) => sum + by, 0);
    for (const { group, by, hold } of passed)
      if (by * change > 0 || change === 0) {
        held.set(group, hold);
        found = true;
      }
  }
  return found;
}

/** What a group is held at and by how much that changes its heights, where they pass its bounds. */
function holdOf(problem: DivisionProblem, group: TieGroup, heights: readonly Length[]) {
  const { least, leastBy, most } = boundsOf(problem, group);
  const own = group.members.map((place) => heights[place] ?? 0);
  const step = problem.increment ?? nm(1);
  const sum = own.reduce((total: number, each) => total + each, 0);
  const at = (height: Length, why: Held) => ({ hold: { height, why }, by: height * own.length - sum });
  // Where no whole increment lies between the two, the bound itself is kept: it was asked for, the increment only serves.
  if (least > 0 && own.some((height) => height < least)) {
    const whole = upTo(least, step);
    return at(whole > most ? least : whole, leastBy);
  }
  if (!own.some((height) => height > most)) return undefined;
  const whole = downTo(most, step);
  return at(whole < least || whole <= 0 ? most : whole, 'most');
}

/** A height that a line leaves no choice, past what was asked for it. What is stored stops no line, as it stops no lock. */
export function passed(
  problem: DivisionProblem,
  { heights, held }: Extract<Division, { ok: true }>,
): DivisionFailure | undefined {
  for (const group of problem.groups) {
    if (group.locked !== undefined) continue;
    const { least, most } = boundsOf({ ...problem, needs: [] }, group);
    for (const place of group.members) {
      const height = heights[place] ?? 0;
      const by = Math.max(least - height, height - most);
      if (held[place] === 'line' && by > 0) return { ok: false, fails: 'bounds', by: nm(by), place };
    }
  }
  return undefined;
}
