/** A grid of points: whole multiples of the moves, and the point they should come near. */
export interface Grid {
  /** Each move as a vector; all as long as the target. */
  readonly moves: readonly (readonly number[])[];
  readonly target: readonly number[];
}

/** What a search did: whether it looked at everything that could be nearer. */
export interface Searched {
  readonly proven: boolean;
}

/** At most so many steps, and points looked at closely. */
const MOST_STEPS = 20_000;
const MOST_POINTS = 600;

/**
 * Visits the points of a grid from near its target outward, each with the times every move is taken, while their squared
 * distance is not over what `visit` answered last: the most a point may still be off. Source of the way: Schnorr and
 * Euchner, Lattice basis reduction, Mathematical Programming 66, 1994 (from memory). Bounded; `proven` false where the
 * bound ended it.
 */
export function visitNearest(grid: Grid, visit: (times: readonly number[]) => number): Searched {
  const { moves, from } = shortened(grid.moves);
  const { upright, lengths, shares } = uprights(moves);
  const aims = upright.map((each, at) => dot(grid.target, each) / (lengths[at] ?? 1));
  // What no point of the grid comes nearer than.
  const aside = upright.reduce((rest, each, at) => less(rest, each, aims[at] ?? 0), grid.target);
  const state = { steps: 0, points: 0, most: Infinity };
  const chosen = moves.map(() => 0);
  const look = (level: number, spent: number): void => {
    if (state.steps >= MOST_STEPS || state.points >= MOST_POINTS) return;
    if (level < 0) {
      state.points += 1;
      state.most = visit(inOldMoves(chosen, from));
      return;
    }
    const middle =
      (aims[level] ?? 0) -
      chosen.slice(level + 1).reduce((sum, each, at) => sum + each * (shares[level + 1 + at]?.[level] ?? 0), 0);
    for (const times of outward(middle)) {
      state.steps += 1;
      const cost = spent + (times - middle) ** 2 * (lengths[level] ?? 0);
      if (cost > state.most || state.steps >= MOST_STEPS || state.points >= MOST_POINTS) break;
      chosen[level] = times;
      look(level - 1, cost);
    }
    chosen[level] = 0;
  };
  look(moves.length - 1, dot(aside, aside));
  return { proven: state.steps < MOST_STEPS && state.points < MOST_POINTS };
}

/** Whole numbers from the nearest outward, by turns on both sides. */
function* outward(middle: number): Generator<number> {
  let [below, above] = [Math.floor(middle), Math.floor(middle) + 1];
  for (;;) yield middle - below <= above - middle ? below-- : above++;
}

/** The moves made upright one after the other, with their squared lengths and the shares of the earlier in the later ones. */
function uprights(moves: readonly (readonly number[])[]) {
  const upright: (readonly number[])[] = [];
  const lengths: number[] = [];
  const shares: number[][] = [];
  for (const move of moves) {
    let rest = move;
    const own = upright.map((other, at) => {
      const share = dot(move, other) / (lengths[at] ?? 1);
      rest = less(rest, other, share);
      return share;
    });
    shares.push(own);
    upright.push(rest);
    lengths.push(dot(rest, rest));
  }
  return { upright, lengths, shares };
}

function dot(a: readonly number[], b: readonly number[]): number {
  return a.reduce((sum, each, at) => sum + each * (b[at] ?? 0), 0);
}

interface Shortened {
  readonly moves: readonly (readonly number[])[];
  /** Each of them in the old moves. */
  readonly from: readonly (readonly number[])[];
}

/** How often two moves may change places; the search is right with longer ones too, only slower. */
const MOST_SWAPS = 400;

/**
 * Shorter moves that reach the same points. Source of the way: Lenstra, Lenstra, Lovász, Factoring polynomials with
 * rational coefficients, Mathematische Annalen 261, 1982 (from memory).
 */
function shortened(given: readonly (readonly number[])[]): Shortened {
  const work: Work = {
    moves: given.map((move) => [...move]),
    from: given.map((_, at) => given.map((__, other) => (other === at ? 1 : 0))),
  };
  let [at, swaps] = [1, 0];
  while (at < given.length && swaps < MOST_SWAPS) {
    reduced(work, at);
    if (inOrder(work, at)) at += 1;
    else {
      swap(work.moves, at);
      swap(work.from, at);
      swaps += 1;
      at = Math.max(1, at - 1);
    }
  }
  return work;
}

interface Work {
  readonly moves: (readonly number[])[];
  readonly from: (readonly number[])[];
}

/** Takes from a move whole times the ones before it, so that it stands as upright to them as whole times allow. */
function reduced({ moves, from }: Work, at: number): void {
  for (let before = at - 1; before >= 0; before -= 1) {
    const share = Math.round(uprights(moves.slice(0, at + 1)).shares[at]?.[before] ?? 0);
    moves[at] = less(moves[at] ?? [], moves[before] ?? [], share);
    from[at] = less(from[at] ?? [], from[before] ?? [], share);
  }
}

function inOrder({ moves }: Work, at: number): boolean {
  const { lengths, shares } = uprights(moves.slice(0, at + 1));
  const share = shares[at]?.[at - 1] ?? 0;
  return (lengths[at] ?? 0) >= (0.75 - share * share) * (lengths[at - 1] ?? 0);
}

function swap(list: (readonly number[])[], at: number): void {
  [list[at - 1], list[at]] = [list[at] ?? [], list[at - 1] ?? []];
}

function less(a: readonly number[], b: readonly number[], times: number): readonly number[] {
  return a.map((each, at) => each - times * (b[at] ?? 0));
}

function inOldMoves(chosen: readonly number[], from: readonly (readonly number[])[]): readonly number[] {
  return from.map((_, old) => chosen.reduce((sum, times, at) => sum + times * (from[at]?.[old] ?? 0), 0));
}
