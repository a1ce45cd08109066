import type { SawnPanel } from './types';

/**
 * A panel with what is cut off it in the order it is cut: the widest first, alike next to alike, what is left over last.
 * Where the pieces lie changes with it; nothing else does. Fronts whose figure runs through keep their order.
 */
export function inCuttingOrder(panel: SawnPanel): SawnPanel {
  if (panel.kind !== 'cuts') return panel;
  const children = panel.children.map(({ size, panel: child }) => ({ size, panel: inCuttingOrder(child) }));
  if (panel.inOrder) return { ...panel, children };
  const rank = ({ panel: { kind } }: (typeof children)[number]): number => (kind === 'rest' ? 1 : 0);
  return { ...panel, children: [...children].sort((a, b) => rank(a) - rank(b) || b.size - a.size) };
}
