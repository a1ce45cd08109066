import { chanceFrom, shuffled } from '../chance';
import { fewestSheets } from './bound';
import { fill, HABITS, opened, stripsFor, type Filled, type Habit } from './constructive';
import { joinUp } from './joined';
import { inCuttingOrder } from './order';
import { panelOf, restsOf, settingsOf, type Node } from './node';
import type { Layout, LayoutTask, Likes, Piece } from './types';

/** The best so far of a search that can go on for as long as it is let. */
export interface Found {
  readonly layout: Layout;
  /** No layout of this task has fewer sheets. */
  readonly fewest: number;
  /** No layout has fewer sheets; without likes the search is at its end. */
  readonly proven: boolean;
  /** Different settings of fence and stop it takes. */
  readonly settings: number;
  /** How many layouts were tried. */
  readonly tried: number;
}

interface Try {
  readonly order: readonly Piece[];
  readonly sheets: readonly Filled[];
  readonly left: readonly Piece[];
  readonly cost: number;
}

/** Tries to join without loss for each one that fills, while that can still save a sheet. */
const JOINS = 200;
/** Layouts that were found before are found again: so far from a seed its numbers begin. */
const APART = 0x9e3779b9;

/**
 * Lays pieces out, better and better: every step tries more and gives the best so far, until it is proven or nobody
 * asks on. Constructive orders first, then that of the best is changed here and there and kept where it is no worse.
 * The same task and seed give the same steps.
 */
export function* layOut(task: LayoutTask, seed = 1): Generator<Found, void, undefined> {
  const chance = chanceFrom(seed + APART);
  const fewest = fewestSheets(task);
  const joins = canJoin(task, fewest) ? JOINS : 0;
  const strips = stripsFor(task);
  const telling = new Telling(task, fewest);
  let tried = 0;
  let at: Try = tryOne(task, task.pieces, ANY);
  for (const sorted of ORDERS)
    for (const habit of HABITS) {
      tried += 1;
      at = better(at, tryOne(task, [...task.pieces].sort(sorted), habit));
      yield telling.tell(at, tried);
      if (ended(task, at, fewest)) return;
    }
  for (;;) {
    const tries = proven(at, fewest) ? 0 : joins;
    const joined = firstJoined(task, tries, chance);
    tried += tries + 1;
    const habit = HABITS[Math.floor(chance() * HABITS.length)] ?? ANY;
    const way = withStrip(habit, proven(at, fewest) ? [] : strips, chance);
    at = better(at, joined ?? tryOne(task, changed(at.order, chance), way));
    yield telling.tell(at, tried);
    if (ended(task, at, fewest)) return;
  }
}

/** While a sheet might be saved, every other try begins its sheets with a strip. */
function withStrip(habit: Habit, strips: readonly number[], chance: () => number): Habit {
  const strip = strips.length > 0 && chance() < 0.5 ? strips[Math.floor(chance() * strips.length)] : undefined;
  return strip === undefined ? habit : { ...habit, strip };
}

/** With likes there is always something that may be a little better. */
function ended({ likes }: LayoutTask, best: Try, fewest: number): boolean {
  const liked = likes !== undefined && likes.fewerSettings + likes.biggerOffcuts > 0;
  return proven(best, fewest) && (!liked || best.sheets.length === 0);
}

/** The newer where it is no worse: so the search can walk along what is equal. */
function better(best: Try, found: Try): Try {
  return found.cost <= best.cost ? found : best;
}

/** The first of so many tries to join everything without loss that comes to its end. */
function firstJoined(task: LayoutTask, joins: number, chance: () => number): Try | undefined {
  for (let join = 0; join < joins; join += 1) {
    const nodes = joinUp(task, chance);
    if (nodes) return joinedTry(task, nodes);
  }
  return undefined;
}

/** Where none is chosen: a habit that does well on most. */
const ANY: Habit = { fit: 'short', split: 'shorter' };

/** Orders to begin with: by area, by the longer side, by width, by length; the larger first. */
const ORDERS: readonly ((a: Piece, b: Piece) => number)[] = [
  (a, b) => b.length * b.width - a.length * a.width,
  (a, b) => Math.max(b.length, b.width) - Math.max(a.length, a.width),
  (a, b) => b.width - a.width || b.length - a.length,
  (a, b) => b.length - a.length || b.width - a.width,
];

/** Only what fills its sheets to the last can be joined without loss; that is tried where area says it might be so. */
function canJoin({ pieces, stock, rules: { kerf, trim } }: LayoutTask, fewest: number): boolean {
  const [only] = stock;
  if (!only || stock.length > 1) return false;
  const sheet = (only.length - 2 * trim + kerf) * (only.width - 2 * trim + kerf);
  const area = pieces.reduce((sum, { length, width }) => sum + (length + kerf) * (width + kerf), 0);
  return Math.abs(area - fewest * sheet) < sheet * 1e-9;
}

function tryOne(task: LayoutTask, order: readonly Piece[], habit: Habit): Try {
  const { sheets, left } = fill(task, order, habit);
  return { order, sheets, left, cost: costOf(task, sheets, left) };
}

/** A piece left over weighs more than any number of sheets; how full the emptiest sheet is, less than one. */
const LEFT = 1000;
const EMPTIEST = 0.5;
const UNEVEN = 0.01;

/** Stock that is there already is rather used than a sheet bought. */
const IN_THE_RACK = 0.6;
/** A like of 1 weighs a setting as three minutes of work, a fifteenth of a sheet, and one large off-cut as a third. */
const SETTING = 0.07;
const OFFCUT = 0.3;

/** Pieces left count most, then sheets by their area; among equals the emptier its emptiest sheet the better. */
function costOf(task: LayoutTask, sheets: readonly Filled[], left: readonly Piece[]): number {
  const shares = sheets.map(({ used, stock }) => used / (stock.length * stock.width));
  const largest = Math.max(1, ...task.stock.map(({ length, width }) => length * width));
  const area = sheets.reduce(
    (sum, { stock }) => sum + ((stock.length * stock.width) / largest) * (stock.count === undefined ? 1 : IN_THE_RACK),
    0,
  );
  const uneven = shares.reduce((sum, share) => sum + share * share, 0);
  const liked = task.likes ? likedOf(task.likes, sheets, largest) : 0;
  return LEFT * left.length + area + EMPTIEST * Math.min(1, ...shares) - UNEVEN * uneven + liked;
}

/** What settings cost and large off-cuts save: two halves are less than the whole. */
function likedOf({ fewerSettings, biggerOffcuts }: Likes, sheets: readonly Filled[], largest: number): number {
  const roots = sheets.map(({ root }) => root);
  const settings = fewerSettings === 0 ? 0 : settingsOf(roots).size;
  const offcuts =
    biggerOffcuts === 0 ? 0 : roots.flatMap(restsOf).reduce((sum, area) => sum + (area / largest) ** 2, 0);
  return fewerSettings * SETTING * settings - biggerOffcuts * OFFCUT * offcuts;
}

/** Of whole sheets; what is in the rack is there already. */
function proven({ sheets, left }: Try, fewest: number): boolean {
  return left.length === 0 && sheets.filter(({ stock }) => stock.count === undefined).length <= fewest;
}

function joinedTry(task: LayoutTask, nodes: readonly Node[]): Try {
  const [stock] = task.stock;
  const sheets = stock ? nodes.map((root) => ({ ...opened(task, stock), root, used: stock.length * stock.width })) : [];
  return { order: task.pieces, sheets, left: [], cost: costOf(task, sheets, []) };
}

/** A few pieces elsewhere in the order: one moved, two exchanged, or a stretch of it shuffled. */
function changed(order: readonly Piece[], chance: () => number): readonly Piece[] {
  const next = [...order];
  const place = (): number => Math.floor(chance() * next.length);
  const kind = chance();
  if (kind < 0.4) next.splice(place(), 0, ...next.splice(place(), 1));
  else if (kind < 0.8) {
    const [a, b] = [place(), place()];
    [next[a], next[b]] = [next[b] as Piece, next[a] as Piece];
  } else {
    const from = place();
    const stretch = next.splice(from, 2 + Math.floor(chance() * 6));
    next.splice(from, 0, ...shuffled(stretch, chance));
  }
  return next;
}

/** Costs this near are equal. */
const HAIR = 1e-9;

/** Tells the best so far; its layout is written out once, however long it stays the best. */
class Telling {
  private best: Try | undefined;
  private layout: Layout = { sheets: [], left: [] };
  private settings = 0;

  constructor(
    private readonly task: LayoutTask,
    private readonly fewest: number,
  ) {}

  /** Where the search stands now: told only where it is truly better, so that what is shown rests. */
  tell(at: Try, tried: number): Found {
    if (!this.best || at.cost < this.best.cost - HAIR) {
      this.best = at;
      this.layout = layoutOf(this.task, at);
      this.settings = settingsOf(at.sheets.map(({ root }) => root)).size;
    }
    const { layout, settings, fewest } = this;
    return { layout, fewest, proven: proven(this.best, fewest), settings, tried };
  }
}

function layoutOf({ rules: { kerf } }: LayoutTask, { sheets, left }: Try): Layout {
  return {
    sheets: sheets.map(({ stock, root }) => ({
      stock: stock.id,
      length: stock.length,
      width: stock.width,
      panel: inCuttingOrder(panelOf(root, kerf)),
    })),
    left: left.map(({ id }) => id),
  };
}
