import { cutNode, stageOf, type Node } from './node';
import type { Direction, LayoutTask, Piece, Stock } from './types';

/** A way of filling: how the place of a piece is judged, and which way a panel is cut first where both will do. */
export interface Habit {
  /** What a place is judged by: the shorter left-over side, the longer, or the left-over area; the less the better. */
  readonly fit: 'short' | 'long' | 'area';
  /** The first of the two cuts that free a piece: along the shorter left-over side, the longer, always rip or cross. */
  readonly split: 'shorter' | 'longer' | Direction;
  /** Every sheet is ripped to this first, the kerf counted: what lies in the strip may then be crosscut. */
  readonly strip?: number;
}

export const HABITS: readonly Habit[] = (['short', 'area', 'long'] as const).flatMap((fit) =>
  (['shorter', 'longer', 'rip', 'cross'] as const).map((split) => ({ fit, split })),
);

/** One sheet being filled: the panels not used yet, and what it is in all. */
export interface Filled {
  readonly stock: Stock;
  readonly root: Node;
  free: Node[];
  /** Area of the pieces in it. */
  used: number;
}

interface Place {
  readonly sheet: Filled;
  readonly node: Node;
  readonly turned: boolean;
  readonly score: number;
}

/** Fills stock with the pieces in this order, each where the habit likes it best; what fits nowhere is left. */
export function fill(
  task: LayoutTask,
  order: readonly Piece[],
  habit: Habit,
): { readonly sheets: readonly Filled[]; readonly left: readonly Piece[] } {
  const sheets: Filled[] = [];
  const left: Piece[] = [];
  const supply = new Supply(task);
  for (const piece of order) {
    const place = bestPlace(task, sheets, piece, habit) ?? supply.open(piece, sheets, habit);
    if (place) put(task, place, piece, habit);
    else left.push(piece);
  }
  return { sheets, left };
}

/** The stock that can still be opened: what there is only so much of first, the smaller first. */
class Supply {
  private readonly taken = new Map<string, number>();
  private readonly stock: readonly Stock[];

  constructor(private readonly task: LayoutTask) {
    this.stock = [...task.stock].sort(
      (a, b) =>
        Number(a.count === undefined) - Number(b.count === undefined) || a.length * a.width - b.length * b.width,
    );
  }

  open(piece: Piece, sheets: Filled[], habit: Habit): Place | undefined {
    for (const stock of this.stock) {
      const taken = this.taken.get(stock.id) ?? 0;
      if (stock.count !== undefined && taken >= stock.count) continue;
      const sheet = opened(this.task, stock, habit.strip);
      const place = bestPlace(this.task, [sheet], piece, habit);
      if (!place) continue;
      this.taken.set(stock.id, taken + 1);
      sheets.push(sheet);
      return place;
    }
    return undefined;
  }
}

/** A sheet inside its trimmed edges, with nothing in it. */
export function opened({ rules: { kerf, trim } }: LayoutTask, stock: Stock, strip?: number): Filled {
  const root: Node = {
    long: stock.length - 2 * trim + kerf,
    wide: stock.width - 2 * trim + kerf,
    stage: 0,
    last: undefined,
  };
  const free = strip === undefined || strip >= root.wide ? [root] : [...cutNode(root, 'rip', strip)];
  return { stock, root, free: free.filter(({ wide }) => wide > kerf), used: 0 };
}

/** So many widths are tried at most. */
const MOST_STRIPS = 60;

/** Widths a first strip may be worth, where the first cut is a rip: pieces side by side, alike or of two kinds. */
export function stripsFor({ pieces, stock, rules: { kerf, trim, ripFirst } }: LayoutTask): readonly number[] {
  if (!ripFirst) return [];
  const widest = Math.max(0, ...stock.map(({ width }) => width)) - 2 * trim + kerf;
  const sizes = [...new Set(pieces.flatMap(({ length, width, mayTurn }) => (mayTurn ? [width, length] : [width])))].map(
    (size) => size + kerf,
  );
  const strips = sizes.flatMap((size, at) => [
    ...[1, 2, 3, 4, 5, 6].map((times) => times * size),
    ...sizes.slice(at + 1).map((other) => size + other),
  ]);
  return [...new Set(strips)].filter((strip) => strip < widest).slice(0, MOST_STRIPS);
}

function bestPlace(task: LayoutTask, sheets: readonly Filled[], piece: Piece, habit: Habit): Place | undefined {
  let best: Place | undefined;
  for (const sheet of sheets)
    for (const node of sheet.free)
      for (const turned of piece.mayTurn && piece.length !== piece.width ? [false, true] : [false]) {
        const score = scoreOf(task, node, piece, turned, habit);
        if (score !== undefined && (!best || score < best.score)) best = { sheet, node, turned, score };
      }
  return best;
}

/** The less the better; undefined where the piece does not fit or could not be cut free in the stages allowed. */
function scoreOf(
  task: LayoutTask,
  node: Node,
  piece: Piece,
  turned: boolean,
  { fit, split }: Habit,
): number | undefined {
  const [long, wide] = sizesOf(task, piece, turned);
  const [overLong, overWide] = [node.long - long, node.wide - wide];
  if (overLong < 0 || overWide < 0 || !cutsFor(task, node, piece, overLong, overWide, split)) return undefined;
  if (fit === 'short') return Math.min(overLong, overWide);
  if (fit === 'long') return Math.max(overLong, overWide);
  return node.long * node.wide - long * wide;
}

/** A piece's sizes, each with the kerf that goes with it. */
function sizesOf(
  { rules: { kerf } }: LayoutTask,
  { length, width }: Piece,
  turned: boolean,
): readonly [number, number] {
  return turned ? [width + kerf, length + kerf] : [length + kerf, width + kerf];
}

/** The directions of the cuts that free a corner of the node, in order; undefined where the stages don't allow them. */
function cutsFor(
  { rules }: LayoutTask,
  node: Node,
  { made }: Piece,
  overLong: number,
  overWide: number,
  split: Habit['split'],
): readonly Direction[] | undefined {
  const needed: readonly Direction[] = [
    ...(overWide > 0 ? (['rip'] as const) : []),
    ...(overLong > 0 ? (['cross'] as const) : []),
  ];
  const liked = likedFirst(split, overLong, overWide);
  const orders =
    needed.length < 2
      ? [needed]
      : [
          [liked, other(liked)],
          [other(liked), liked],
        ];
  return orders.find((order) => allowed(rules, node, order, made?.stages ?? 0));
}

function likedFirst(split: Habit['split'], overLong: number, overWide: number): Direction {
  if (split === 'rip' || split === 'cross') return split;
  const shorter = overLong < overWide ? 'rip' : 'cross';
  return split === 'shorter' ? shorter : other(shorter);
}

function other(direction: Direction): Direction {
  return direction === 'rip' ? 'cross' : 'rip';
}

/** `more`: stages the piece itself is cut up in. */
function allowed(
  { stages, ripFirst }: LayoutTask['rules'],
  node: Node,
  order: readonly Direction[],
  more: number,
): boolean {
  const [first] = order;
  if (first === undefined) return node.stage + more <= stages;
  if (ripFirst && node.stage === 0 && first !== 'rip') return false;
  return stageOf(node, first) + order.length - 1 + more <= stages;
}

/** Cuts the piece out of the corner of its place; what is left of the place is free. */
function put(task: LayoutTask, { sheet, node, turned }: Place, piece: Piece, { split }: Habit): void {
  const [long, wide] = sizesOf(task, piece, turned);
  const order = cutsFor(task, node, piece, node.long - long, node.wide - wide, split) ?? [];
  let at = node;
  const rests: Node[] = [];
  for (const direction of order) {
    const [first, second] = cutNode(at, direction, direction === 'rip' ? wide : long);
    rests.push(second);
    at = first;
  }
  at.piece = { id: piece.id, turned, ...(piece.made ? { made: piece.made.panel } : {}) };
  const { kerf } = task.rules;
  sheet.free = [
    ...sheet.free.filter((each) => each !== node),
    ...rests.filter((rest) => rest.long > kerf && rest.wide > kerf),
  ];
  sheet.used += piece.length * piece.width;
}
