import { inMillimetres, ZERO } from '../length';
import type { BankPlan, DrawerPlan } from '../plan';
import type { Box, Drawing } from './shapes';

/** The panel a bank's fronts are cut from, in their order, with what the saw takes between them; undefined without a run. */
export function drawPanel({ bank, run, drawers }: BankPlan): Drawing | undefined {
  const own = bank.front.run;
  const width = Math.max(0, ...drawers.map((drawer) => blankOf(drawer)?.width ?? 0));
  if (!run || !own || width === 0) return undefined;
  const height = inMillimetres(run.panel.total);
  const cut = inMillimetres(own.kerf) + inMillimetres(own.strip ?? ZERO);
  let top = height - inMillimetres(own.trim) / 2;
  const fronts = drawers.flatMap((drawer): readonly Box[] => {
    const blank = blankOf(drawer);
    if (!blank) return [];
    const box: Box = { kind: 'box', role: 'front', drawer: drawer.id, x: 0, y: top - blank.height, ...blank };
    top -= blank.height + cut;
    return [box];
  });
  const panel: Box = { kind: 'box', role: 'panel', x: 0, y: 0, width, height };
  return { x: 0, y: 0, width, height, shapes: [panel, ...fronts] };
}

function blankOf({ parts, dimensions }: DrawerPlan) {
  const face = parts.find(({ role }) => role === 'face');
  const [across, up] = [
    face?.blank?.length ?? dimensions['front.width'],
    face?.blank?.width ?? dimensions['front.height'],
  ];
  return across && up ? { width: inMillimetres(across.total), height: inMillimetres(up.total) } : undefined;
}
