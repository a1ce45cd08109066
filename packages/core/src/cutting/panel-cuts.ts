import type { Run } from '../job';
import { nm, ZERO, type Length } from '../length';
import type { Direction, SawnPanel } from '../sheets';

/** One of what a panel is cut into, side by side. */
export type Child = Extract<SawnPanel, { kind: 'cuts' }>['children'][number];

/** What is lost between two fronts: a strip where one is cut out, else what the saw takes. */
export function taken({ kerf, strip }: Run): number {
  return kerf + (strip ?? ZERO);
}

/** Children with what is cut out between them: a strip of its own where it is wider than two cuts of the saw. */
export function inRow(children: readonly Child[], between: number, kerf: Length): readonly Child[] {
  const strip = nm(between - 2 * kerf);
  const lost: readonly Child[] = strip > 0 ? [{ size: strip, panel: { kind: 'rest' } }] : [];
  return children.flatMap((child, index) => (index === 0 ? [child] : [...lost, child]));
}

export function lengthOf(children: readonly Child[], kerf: Length): number {
  return children.reduce((sum, { size }) => sum + size, 0) + kerf * Math.max(0, children.length - 1);
}

/** Cuts, and what is left over after the last: trim. */
export function cutsOf(direction: Direction, children: readonly Child[], whole: Length, kerf: Length): SawnPanel {
  const left = nm(whole - lengthOf(children, kerf) - kerf);
  return {
    kind: 'cuts',
    direction,
    inOrder: true,
    children: left > 0 ? [...children, { size: left, panel: { kind: 'rest' } }] : children,
  };
}

/** A part narrower than its column is cut to its own size. */
export function narrowed(panel: SawnPanel, size: Length, whole: Length, kerf: Length, direction: Direction): SawnPanel {
  return size === whole ? panel : cutsOf(direction, [{ size, panel }], whole, kerf);
}

/** A column that ends before the longest does has more left over. */
export function lengthened(panel: SawnPanel, long: Length, kerf: Length, direction: Direction): SawnPanel {
  if (panel.kind !== 'cuts') return panel;
  const parts = panel.children.filter(
    ({ panel: child }, index) => child.kind !== 'rest' || index < panel.children.length - 1,
  );
  return cutsOf(direction, parts, long, kerf);
}
