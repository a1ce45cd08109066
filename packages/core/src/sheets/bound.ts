import type { LayoutTask } from './types';

/** No layout takes fewer sheets than this; for stock of one kind without end. */
export function fewestSheets({ pieces, stock, rules: { kerf, trim } }: LayoutTask): number {
  const most = Math.max(0, ...stock.map(({ length, width }) => (length - 2 * trim + kerf) * (width - 2 * trim + kerf)));
  if (most === 0 || pieces.length === 0) return 0;
  const area = pieces.reduce((sum, { length, width }) => sum + (length + kerf) * (width + kerf), 0);
  return Math.max(
    Math.ceil(area / most - 1e-12),
    alone({ pieces, stock, rules: { kerf, trim, stages: 0, ripFirst: false } }),
  );
}

/** Pieces over half a sheet both ways: no two of them share one. */
function alone({ pieces, stock, rules: { kerf, trim } }: LayoutTask): number {
  const long = Math.max(...stock.map(({ length, width }) => Math.max(length, width))) - 2 * trim + kerf;
  const wide = Math.max(...stock.map(({ length, width }) => Math.min(length, width))) - 2 * trim + kerf;
  return pieces.filter(({ length, width }) => {
    const [more, less] = [Math.max(length, width) + kerf, Math.min(length, width) + kerf];
    return 2 * less > long && 2 * more > long && 2 * less > wide;
  }).length;
}
