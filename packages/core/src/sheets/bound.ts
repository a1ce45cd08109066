import type { LayoutTask, Piece, Stock } from './types';

/** A part of a whole, from 0 to 1, as a dual feasible function sees it: parts that fit together never sum to over 1. */
type Seen = (share: number) => number;

/** Shares this near are the same. */
const HAIR = 1e-9;

/**
 * No layout takes fewer whole sheets than this. By area; and seen through dual feasible functions (published: Fekete
 * and Schepers, "New classes of fast lower bounds for bin packing problems", 2001), which also see that a piece just
 * over half a sheet keeps it to itself, one just over a third shares it with one other, and so on. What stock there is
 * only so much of is taken to be filled to the last.
 */
export function fewestSheets(task: LayoutTask): number {
  const { stock, rules } = task;
  const { kerf, trim } = rules;
  // What fits nowhere takes no sheet.
  const pieces = task.pieces.filter((piece) => fitsSomewhere(piece, task));
  const whole = ({ length, width }: Stock) => ({ long: length - 2 * trim + kerf, wide: width - 2 * trim + kerf });
  const endless = stock.filter(({ count }) => count === undefined).map(whole);
  const most = Math.max(0, ...endless.map(({ long, wide }) => long * wide));
  if (most === 0 || pieces.length === 0) return 0;
  const area = pieces.reduce((sum, { length, width }) => sum + (length + kerf) * (width + kerf), 0);
  const had = stock
    .filter(({ count }) => count !== undefined)
    .reduce((sum, each) => sum + (each.count ?? 0) * whole(each).long * whole(each).wide, 0);
  const byArea = Math.max(0, Math.ceil((area - had) / most - HAIR));
  const [only] = endless;
  return only && endless.length === 1 && had === 0 ? Math.max(byArea, seenFewest(pieces, kerf, only)) : byArea;
}

function fitsSomewhere({ length, width, mayTurn }: Piece, { stock, rules: { trim } }: LayoutTask): boolean {
  return stock.some((each) => {
    const [long, wide] = [each.length - 2 * trim, each.width - 2 * trim];
    return (length <= long && width <= wide) || (mayTurn && width <= long && length <= wide);
  });
}

/** The best of the bounds all pairs of functions give, one along the sheet and one across it. */
function seenFewest(pieces: readonly Piece[], kerf: number, { long, wide }: { long: number; wide: number }): number {
  const alike = new Map<string, { piece: Piece; count: number }>();
  for (const piece of pieces) {
    const key = `${piece.length}/${piece.width}/${piece.mayTurn}`;
    const known = alike.get(key);
    if (known) known.count += 1;
    else alike.set(key, { piece, count: 1 });
  }
  const kinds = [...alike.values()].map(({ piece: { length, width, mayTurn }, count }) => ({
    straight: [(length + kerf) / long, (width + kerf) / wide] as const,
    turned: mayTurn ? ([(width + kerf) / long, (length + kerf) / wide] as const) : undefined,
    count,
  }));
  const fits = ([along, across]: readonly [number, number]): boolean => along <= 1 + HAIR && across <= 1 + HAIR;
  const shares = kinds.flatMap(({ straight, turned }) => [straight, ...(turned ? [turned] : [])]);
  const along = functionsFor(shares.map(([share]) => share));
  const across = functionsFor(shares.map(([, share]) => share));
  let best = 0;
  for (const one of along)
    for (const other of across) {
      const seen = ([a, b]: readonly [number, number]): number => one(a) * other(b);
      const least = ({ straight, turned }: (typeof kinds)[number]): number => {
        const ways = [straight, ...(turned ? [turned] : [])].filter(fits);
        return ways.length === 0 ? 0 : Math.min(...ways.map(seen));
      };
      best = Math.max(
        best,
        kinds.reduce((sum, kind) => sum + kind.count * least(kind), 0),
      );
    }
  return Math.ceil(best - 1e-6);
}

/** Steps of so many parts, and a threshold under which nothing counts and over whose rest all does. */
const STEPS = [1, 2, 3, 4, 5, 7, 9, 11];
const MOST_THRESHOLDS = 12;

function functionsFor(shares: readonly number[]): readonly Seen[] {
  const small = [...new Set(shares.filter((share) => share <= 0.5).map((share) => Math.round(share * 1e9) / 1e9))];
  const step = Math.max(1, Math.ceil(small.length / MOST_THRESHOLDS));
  const thresholds = small.sort((a, b) => a - b).filter((_, index) => index % step === 0);
  return [(share) => share, ...STEPS.map(inSteps), ...thresholds.map(overThreshold)];
}

/** `⌊(k + 1)·x⌋/k`, or x itself where (k + 1)·x is whole. */
function inSteps(k: number): Seen {
  return (share) => {
    const many = (k + 1) * share;
    const whole = Math.round(many);
    return Math.abs(many - whole) < HAIR * (k + 1) ? share : Math.floor(many) / k;
  };
}

/** 1 over 1 − e, x itself from e to that, nothing under e. */
function overThreshold(e: number): Seen {
  return (share) => (share > 1 - e + HAIR ? 1 : share < e - HAIR ? 0 : share);
}
