import type { Run } from '../job';
import { nm, type Length } from '../length';
import type { FrontFace, FrontTree } from '../fronts';
import { stagesIn, type Direction, type Piece, type SawnPanel } from '../sheets';
import type { CutPart } from './cut-part';
import { cutsOf, inRow, lengthened, lengthOf, narrowed, taken, type Child } from './panel-cuts';

/** Fronts kept together on a sheet, in their order. */
export interface RunPiece {
  readonly names: readonly string[];
  readonly piece: Omit<Piece, 'mayTurn'>;
}

interface Stock {
  /** The parts of its case. */
  readonly parts: readonly CutPart[];
  readonly kerf: Length;
}

interface Laid {
  readonly names: readonly string[];
  /** From side to side, and from the top down. */
  readonly wide: Length;
  readonly high: Length;
  readonly panel: SawnPanel;
}

/** How its grain lies: cuts of the saw from side to side of the front, and from the top down. */
type Lie = Readonly<Record<'x' | 'y', Direction>>;
const UP: Lie = { x: 'rip', y: 'cross' };
const ACROSS: Lie = { x: 'cross', y: 'rip' };

/** The panel a tree of fronts is cut from, in their order, with the grain running through; fewer than two are no run. */
export function treeRun(id: string, tree: FrontTree, run: Run, { parts, kerf }: Stock): readonly RunPiece[] {
  const up = firstOf(tree).up;
  const lie = up ? UP : ACROSS;
  const laid = lay(tree, { parts, kerf, lie, run });
  if (!laid || laid.names.length < 2) return [];
  const [wide, high] = [nm(laid.wide + run.trim), nm(laid.high + run.trim)];
  const along = tree.kind === 'split' && tree.along === 'y' ? 'y' : 'x';
  const [whole, aside] = along === 'x' ? [wide, high] : [high, wide];
  // Trimmed along its own cuts, and across them first.
  const inner = lengthened(laid.panel, whole, kerf, lie[along]);
  const other = along === 'x' ? 'y' : 'x';
  const panel = cutsOf(lie[other], [{ size: along === 'x' ? laid.high : laid.wide, panel: inner }], aside, kerf);
  const made = { panel, stages: stagesIn(panel) };
  const [length, width] = up ? [high, wide] : [wide, high];
  return [{ names: laid.names, piece: { id: `${id}/run`, length, width, made } }];
}

function firstOf(tree: FrontTree): FrontFace {
  let at = tree;
  while (at.kind === 'split') at = at.children[0] as FrontTree;
  return at.face;
}

interface Laying extends Stock {
  readonly lie: Lie;
  readonly run: Run;
}

/** What is still to be cut of a tree, as it lies on the panel; undefined where nothing is. */
function lay(tree: FrontTree, laying: Laying): Laid | undefined {
  if (tree.kind === 'face') return layFace(tree.face, laying);
  const { kerf, lie, run } = laying;
  const { along } = tree;
  const all = tree.children.flatMap((child) => lay(child, laying) ?? []);
  const [only] = all;
  if (!only || all.length === 1) return only;
  const [size, aside] = along === 'x' ? (['wide', 'high'] as const) : (['high', 'wide'] as const);
  const most = nm(Math.max(...all.map((each) => each[aside])));
  const children = all.map((each): Child => ({ size: each[size], panel: fitted(each, aside, most, laying) }));
  const rowed = inRow(children, taken(run), kerf);
  const whole = nm(lengthOf(rowed, kerf));
  const sizes = along === 'x' ? { wide: whole, high: most } : { wide: most, high: whole };
  return { names: all.flatMap(({ names }) => names), ...sizes, panel: cutsOf(lie[along], rowed, whole, kerf) };
}

/** Less than its row is wide (high): what is left over is cut off. */
function fitted(laid: Laid, aside: 'wide' | 'high', most: Length, { kerf, lie }: Laying): SawnPanel {
  const direction = lie[aside === 'wide' ? 'x' : 'y'];
  if (laid[aside] === most) return laid.panel;
  if (laid.panel.kind === 'cuts' && laid.panel.direction === direction)
    return lengthened(laid.panel, most, kerf, direction);
  return narrowed(laid.panel, laid[aside], most, kerf, direction);
}

function layFace(face: FrontFace, { parts }: Laying): Laid | undefined {
  const part = parts.find((each) => isOf(face, each));
  if (!part) return undefined;
  const [wide, high] = face.up ? [part.width.total, part.length.total] : [part.length.total, part.width.total];
  return { names: [part.name], wide, high, panel: { kind: 'part', piece: part.name, turned: false } };
}

function isOf({ of }: FrontFace, { use, name }: CutPart): boolean {
  if ('bank' in of) return use.role === 'drawer-front' && use.path === of.bank && use.place === of.place;
  const number = of.leaves > 1 ? ` ${of.leaf + 1}` : '';
  return use.role === 'door' && use.node === of.door && name.endsWith(`door ${of.door}${number}`);
}
