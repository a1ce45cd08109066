import { nm, subtract, ZERO, type Length } from '../length';

/** A line carried across: what the fronts below a drawer must come to together. */
export interface CarriedLine {
  /** The drawer whose lower edge is on the line. */
  readonly place: number;
  /** Sum of the heights of the drawers below it. */
  readonly below: Length;
}

/** A line that leaves no room: at which drawer, and by how much. */
export interface LineFailure {
  readonly ok: false;
  readonly fails: 'line';
  readonly by: Length;
  readonly place: number;
}

/** Neighbouring drawers between two lines (or the ends of the bank), with the height they share. */
export interface Stretch {
  readonly places: readonly number[];
  readonly total: Length;
}

/** The bank cut at its lines, from the top down; fails where a line leaves a stretch no height, or misses the bottom. */
export function stretchesOf(
  total: Length,
  count: number,
  lines: readonly CarriedLine[],
): readonly Stretch[] | LineFailure {
  const cuts = [...lines].sort((a, b) => a.place - b.place);
  const stretches: Stretch[] = [];
  let [from, left] = [0, total];
  for (const { place, below } of cuts) {
    const share = subtract(left, below);
    const known = place === from - 1 || place === count - 1;
    if (known && (place === count - 1 ? below : share) !== 0)
      return { ok: false, fails: 'line', by: nm(Math.abs(place === count - 1 ? below : share)), place };
    if (known) continue;
    if (share <= 0 || below <= 0) return { ok: false, fails: 'line', by: nm(Math.max(-share, -below)), place };
    stretches.push({ places: upTo(from, place), total: share });
    [from, left] = [place + 1, below];
  }
  return [...stretches, { places: upTo(from, count - 1), total: from < count ? left : ZERO }];
}

function upTo(from: number, last: number): readonly number[] {
  return Array.from({ length: last - from + 1 }, (_, index) => from + index);
}
