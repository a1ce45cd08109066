import type { Run } from '../job';
import { inMillimetres, ZERO } from '../length';
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
export function drawRow({ banks, run: across }: CasePlan, run: Run): Drawing | undefined {
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
