import { stagesIn, type Node } from './node';
import type { Direction, LayoutTask, Piece } from './types';

/** Pieces joined without loss: a block that one panel of just its size is cut into. Sizes with their kerf. */
interface Block {
  readonly long: number;
  readonly wide: number;
  /** All its pieces may be turned, so it may be too. */
  readonly free: boolean;
  readonly piece?: Piece;
  readonly joined?: { readonly direction: Direction; readonly first: Laid; readonly second: Laid };
}

/** A block as it lies. */
interface Laid {
  readonly block: Block;
  readonly turned: boolean;
}

interface Whole {
  readonly long: number;
  readonly wide: number;
}

/** How much likelier a join is no accident when what it makes has a side of its own to go on by. */
const GOES_ON = 0.12;
/** Of a side that more share, so many are looked at. */
const MOST_ALIKE = 7;

/**
 * Tries to join all pieces, two and two by a side they have alike, into panels of just the stock's size: where a sheet
 * was cut up without waste its pieces go together again like this. One try, led by chance; undefined where it ends
 * with pieces over. Sides few share are joined first, and before others those that make a block with a partner of its
 * own: they are least likely alike by accident.
 */
export function joinUp(task: LayoutTask, chance: () => number): readonly Node[] | undefined {
  const { kerf, trim } = task.rules;
  const [stock] = task.stock;
  if (!stock) return undefined;
  const whole = { long: stock.length - 2 * trim + kerf, wide: stock.width - 2 * trim + kerf };
  const bench = new Bench(whole);
  const done: Laid[] = [];
  // Some tries go by likelihood nearly always, others mostly by chance.
  const daring = 0.15 + 1.6 * chance();
  const lay = (block: Block): void => {
    const full = [false, block.free].find(
      (turned) => longOf({ block, turned }) === whole.long && wideOf({ block, turned }) === whole.wide,
    );
    if (full === undefined) bench.lay(block);
    else done.push({ block, turned: full });
  };
  for (const piece of task.pieces) lay(blockOf(piece, kerf));
  for (;;) {
    const pair = bench.likeliest(chance, daring);
    if (!pair) return bench.empty ? staged(task, done) : undefined;
    const [first, second, direction] = pair;
    bench.take(first.block);
    bench.take(second.block);
    lay(joinedOf(first, second, direction));
  }
}

type Pair = readonly [Laid, Laid, Direction];

/** The blocks there are, by their sides as they may lie. */
class Bench {
  private readonly byLong = new Map<number, Laid[]>();
  private readonly byWide = new Map<number, Laid[]>();
  private count = 0;

  constructor(private readonly whole: Whole) {}

  get empty(): boolean {
    return this.count === 0;
  }

  lay(block: Block): void {
    this.count += 1;
    for (const laid of waysOf(block)) {
      into(this.byLong, longOf(laid), laid);
      into(this.byWide, wideOf(laid), laid);
    }
  }

  take(block: Block): void {
    this.count -= 1;
    for (const laid of waysOf(block)) {
      outOf(this.byLong, longOf(laid), block);
      outOf(this.byWide, wideOf(laid), block);
    }
  }

  /** The pair that belongs together most likely; chance decides among those about as likely. */
  likeliest(chance: () => number, daring: number): Pair | undefined {
    let best: Pair | undefined;
    let least = Infinity;
    const look = (alike: readonly Laid[], direction: Direction): void => {
      if (alike.length < 2) return;
      const skip = alike.length > MOST_ALIKE ? Math.floor(chance() * (alike.length - MOST_ALIKE + 1)) : 0;
      const looked = alike.slice(skip, skip + MOST_ALIKE);
      for (const [index, first] of looked.entries())
        for (const second of looked.slice(index + 1)) {
          const rank = this.rankOf(first, second, direction, alike.length) * Math.pow(-Math.log(1 - chance()), daring);
          if (rank < least) [best, least] = [[first, second, direction], rank];
        }
    };
    for (const alike of this.byLong.values()) look(alike, 'rip');
    for (const alike of this.byWide.values()) look(alike, 'cross');
    return best;
  }

  /** The less the likelier; without end where the two are too large together. */
  private rankOf(first: Laid, second: Laid, direction: Direction, alike: number): number {
    const rip = direction === 'rip';
    const sum = rip ? wideOf(first) + wideOf(second) : longOf(first) + longOf(second);
    const most = rip ? this.whole.wide : this.whole.long;
    if (sum > most) return Infinity;
    const partners = (rip ? this.byWide : this.byLong).get(sum);
    return sum === most || partners ? alike * GOES_ON : alike;
  }
}

function longOf({ block, turned }: Laid): number {
  return turned ? block.wide : block.long;
}

function wideOf({ block, turned }: Laid): number {
  return turned ? block.long : block.wide;
}

function waysOf(block: Block): readonly Laid[] {
  const straight = { block, turned: false };
  return block.free && block.long !== block.wide ? [straight, { block, turned: true }] : [straight];
}

function into(map: Map<number, Laid[]>, side: number, laid: Laid): void {
  const alike = map.get(side);
  if (alike) alike.push(laid);
  else map.set(side, [laid]);
}

function outOf(map: Map<number, Laid[]>, side: number, block: Block): void {
  const others = (map.get(side) ?? []).filter((laid) => laid.block !== block);
  if (others.length === 0) map.delete(side);
  else map.set(side, others);
}

function blockOf(piece: Piece, kerf: number): Block {
  return { long: piece.length + kerf, wide: piece.width + kerf, free: piece.mayTurn, piece };
}

function joinedOf(first: Laid, second: Laid, direction: Direction): Block {
  const rest = { free: first.block.free && second.block.free, joined: { direction, first, second } };
  return direction === 'rip'
    ? { long: longOf(first), wide: wideOf(first) + wideOf(second), ...rest }
    : { long: longOf(first) + longOf(second), wide: wideOf(first), ...rest };
}

/** The blocks as panels to be cut; undefined where that takes more stages than are allowed. */
function staged({ rules }: LayoutTask, blocks: readonly Laid[]): readonly Node[] | undefined {
  const nodes = blocks.map((laid) => nodeOf(laid, 0, undefined));
  const fine = nodes.every((node) => deepest(node) <= rules.stages && startsWell(node, rules.ripFirst));
  return fine ? nodes : undefined;
}

/** A turned block has all it is made of turned, and its cuts the other way. */
function nodeOf(laid: Laid, stage: number, last: Direction | undefined): Node {
  const { block, turned } = laid;
  const { piece, joined } = block;
  const node: Node = { long: longOf(laid), wide: wideOf(laid), stage, last };
  if (piece) node.piece = { id: piece.id, turned, ...(piece.made ? { made: piece.made.panel } : {}) };
  if (joined) {
    const direction = turned ? across(joined.direction) : joined.direction;
    const next = direction === last ? stage : stage + 1;
    const part = (each: Laid): Node => nodeOf({ ...each, turned: each.turned !== turned }, next, direction);
    node.cut = { direction, first: part(joined.first), second: part(joined.second) };
  }
  return node;
}

function across(direction: Direction): Direction {
  return direction === 'rip' ? 'cross' : 'rip';
}

function deepest({ stage, cut, piece }: Node): number {
  if (piece?.made) return stage + stagesIn(piece.made);
  return cut ? Math.max(deepest(cut.first), deepest(cut.second)) : stage;
}

function startsWell({ cut }: Node, ripFirst: boolean): boolean {
  return !ripFirst || !cut || cut.direction === 'rip';
}
