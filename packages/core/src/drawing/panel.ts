import type { Run } from '../job';
import { inMillimetres, nm, ZERO, type Length } from '../length';
import { treeSize, type FrontFace, type FrontTree } from '../fronts';
import type { BankPlan, CasePlan, DrawerPlan } from '../plan';
import type { Box, Drawing } from './shapes';

/** The panel a bank's fronts are cut from, in their order, with what the saw takes between them; undefined without a run. */
export function drawPanel({ bank, run, drawers }: BankPlan): Drawing | undefined {
  const own = bank.front.run;
  const width = widest(drawers);
  if (!run || !own || width === 0) return undefined;
  const height = inMillimetres(run.panel.total);
  const panel: Box = { kind: 'box', role: 'panel', x: 0, y: 0, width, height };
  return { x: 0, y: 0, width, height, shapes: [panel, ...column(drawers, own, 0, height)] };
}

/**
 * The panel the fronts of a case are cut from by its run `run`: its banks side by side, each bank's fronts below one
 * another. Undefined where the panel is not known.
 */
export function drawRow({ banks, run: across, fronts: trees = [] }: CasePlan, run: Run): Drawing | undefined {
  const [tree] = trees;
  if (across && tree) return drawTree(tree, banks, run);
  const downs = banks.map((bank) => inMillimetres(bank.run?.panel.total ?? ZERO));
  const height = Math.max(...downs);
  if (!across || height === 0) return undefined;
  const width = inMillimetres(across.panel.total);
  let x = inMillimetres(run.trim) / 2;
  const fronts = banks.flatMap(({ id, drawers }) => {
    const boxes = column(drawers, run, x, height).map((box) => ({ ...box, bank: id }));
    x += widest(drawers) + taken(run);
    return boxes;
  });
  const panel: Box = { kind: 'box', role: 'panel', x: 0, y: 0, width, height };
  return { x: 0, y: 0, width, height, shapes: [panel, ...fronts] };
}

/** All that hangs at the front of a case, doors too, as its cuts part the panel. */
function drawTree(tree: FrontTree, banks: readonly BankPlan[], run: Run): Drawing {
  const lost = nm(run.kerf + (run.strip ?? ZERO));
  const size = treeSize(tree, lost);
  const [width, height] = [size.width, size.height].map((each) => inMillimetres(nm(each + run.trim))) as [
    number,
    number,
  ];
  const half = inMillimetres(run.trim) / 2;
  const panel: Box = { kind: 'box', role: 'panel', x: 0, y: 0, width, height };
  const placed = blanksOf(tree, { x: half, top: height - half, lost });
  const shapes = placed.map(({ face: { of }, ...at }): Box => {
    const base = { kind: 'box', role: 'front', ...at } as const;
    if (!('bank' in of)) return { ...base, drawer: of.leaves > 1 ? `${of.door} ${of.leaf + 1}` : of.door };
    return { ...base, drawer: of.drawer, bank: banks.find(({ path }) => path === of.bank)?.id ?? '' };
  });
  return { x: 0, y: 0, width, height, shapes: [panel, ...shapes] };
}

interface At {
  readonly x: number;
  readonly top: number;
  readonly lost: Length;
}

type Blank = Pick<Box, 'x' | 'y' | 'width' | 'height'> & { readonly face: FrontFace };

/** Blanks as they lie, from the upper left corner of the tree. */
function blanksOf(tree: FrontTree, { x, top, lost }: At): readonly Blank[] {
  if (tree.kind === 'face') {
    const [width, height] = [inMillimetres(tree.face.blank.width), inMillimetres(tree.face.blank.height)];
    return [{ face: tree.face, x, y: top - height, width, height }];
  }
  let [left, high] = [x, top];
  return tree.children.flatMap((child) => {
    const blanks = blanksOf(child, { x: left, top: high, lost });
    const size = treeSize(child, lost);
    if (tree.along === 'x') left += inMillimetres(nm(size.width + lost));
    else high -= inMillimetres(nm(size.height + lost));
    return blanks;
  });
}

/** Fronts below one another from half the trim under the panel's top. */
function column(drawers: readonly DrawerPlan[], run: Run, x: number, height: number): readonly Box[] {
  let top = height - inMillimetres(run.trim) / 2;
  return drawers.flatMap((drawer): readonly Box[] => {
    const blank = blankOf(drawer);
    if (!blank) return [];
    const box: Box = { kind: 'box', role: 'front', drawer: drawer.id, x, y: top - blank.height, ...blank };
    top -= blank.height + taken(run);
    return [box];
  });
}

/** What a cut takes out between two fronts. */
function taken({ kerf, strip }: Run): number {
  return inMillimetres(kerf) + inMillimetres(strip ?? ZERO);
}

function widest(drawers: readonly DrawerPlan[]): number {
  return Math.max(0, ...drawers.map((drawer) => blankOf(drawer)?.width ?? 0));
}

function blankOf({ parts, dimensions }: DrawerPlan) {
  const face = parts.find(({ role }) => role === 'drawer-front');
  const [across, up] = [
    face?.blank?.length ?? dimensions['front.width'],
    face?.blank?.width ?? dimensions['front.height'],
  ];
  return across && up ? { width: inMillimetres(across.total), height: inMillimetres(up.total) } : undefined;
}
