import type { Run } from '../job';
import { nm, ZERO, type Length } from '../length';
import { stagesIn, type Direction, type Piece, type SawnPanel } from '../sheets';
import type { CutPart } from './cut-part';
import { cutsOf, inRow, lengthened, lengthOf, narrowed, taken, type Child } from './panel-cuts';

/** Fronts kept together on a sheet, in their order. */
export interface RunPiece {
  readonly names: readonly string[];
  readonly piece: Omit<Piece, 'mayTurn'>;
}

/** Parts parted from side to side or from the top down, as the fronts hang. */
export type PartTree = CutPart | { readonly along: 'x' | 'y'; readonly children: readonly PartTree[] };

/** How fronts lie on the sheet: which cuts part them from side to side, and which from the top down. */
export interface Lie {
  readonly x: Direction;
  readonly y: Direction;
}
/** Their heights along the sheet and its grain, or across it. */
export const UP: Lie = { x: 'rip', y: 'cross' };
export const ACROSS: Lie = { x: 'cross', y: 'rip' };

/** What a run is cut from; `trim`: as much as comes off each way, both ends together. */
export interface RunLaying {
  readonly run: Run;
  readonly kerf: Length;
  readonly lie: Lie;
  readonly trim: { readonly x: Length; readonly y: Length };
}

interface Laid {
  readonly names: readonly string[];
  /** From side to side, and from the top down. */
  readonly x: Length;
  readonly y: Length;
  readonly panel: SawnPanel;
}

/** The panel a tree of fronts is cut from, in their order, the grain running through; fewer than two are no run. */
export function treeRun(id: string, tree: PartTree, laying: RunLaying): readonly RunPiece[] {
  const { names, x, y, panel } = lay(tree, laying);
  if (names.length < 2) return [];
  const [length, width] = laying.lie === UP ? [y, x] : [x, y];
  return [{ names, piece: { id: `${id}/run`, length, width, made: { panel, stages: stagesIn(panel) } } }];
}

const NO_TRIM = { x: ZERO, y: ZERO };

/** A tree as it lies on the panel, its trim left over at the ends of its rows. */
function lay(tree: PartTree, laying: RunLaying): Laid {
  if (!('children' in tree)) return layPart(tree, laying);
  const { along, children } = tree;
  const [only, ...more] = children;
  if (only && more.length === 0) return lay(only, laying);
  const { kerf, lie, run, trim } = laying;
  const aside = along === 'x' ? 'y' : 'x';
  const all = children.map((child) => lay(child, { ...laying, trim: NO_TRIM }));
  const most = nm(Math.max(0, ...all.map((each) => each[aside])) + trim[aside]);
  const fitted = all.map((each): Child => ({ size: each[along], panel: filled(each, aside, most, laying) }));
  const rowed = inRow(fitted, taken(run), kerf);
  const whole = nm(lengthOf(rowed, kerf) + trim[along]);
  const sizes = along === 'x' ? { x: whole, y: most } : { x: most, y: whole };
  return { names: all.flatMap(({ names }) => names), ...sizes, panel: cutsOf(lie[along], rowed, whole, kerf) };
}

function layPart({ name, length, width }: CutPart, { lie }: RunLaying): Laid {
  const [x, y] = lie === UP ? [width.total, length.total] : [length.total, width.total];
  return { names: [name], x, y, panel: { kind: 'part', piece: name, turned: false } };
}

/** Less than its row is wide: what is left over is cut off, by its own cuts where they part it that way. */
function filled(laid: Laid, aside: 'x' | 'y', most: Length, { kerf, lie }: RunLaying): SawnPanel {
  const { panel } = laid;
  if (panel.kind === 'cuts' && panel.direction === lie[aside]) return lengthened(panel, most, kerf, lie[aside]);
  return narrowed(panel, laid[aside], most, kerf, lie[aside]);
}
