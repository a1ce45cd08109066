import { nm } from '../length';
import type { Direction, SawnPanel } from './types';

/**
 * A panel while it is cut up. Sizes carry one kerf more than the wood has, as do those of pieces and sheets: so a cut
 * takes nothing, and sizes add up.
 */
export interface Node {
  /** Along the sheet's length, and across. */
  readonly long: number;
  readonly wide: number;
  /** Changes of direction so far, and the last direction. */
  readonly stage: number;
  readonly last: Direction | undefined;
  piece?: { readonly id: string; readonly turned: boolean; readonly made?: SawnPanel };
  cut?: { readonly direction: Direction; readonly first: Node; readonly second: Node };
}

/** The stage a cut in this direction would be. */
export function stageOf(node: Node, direction: Direction): number {
  return node.last === direction ? node.stage : node.stage + 1;
}

/** Cuts the node so that its first part has this size; both parts are one stage on where the direction changes. */
export function cutNode(node: Node, direction: Direction, size: number): readonly [Node, Node] {
  const next = { stage: stageOf(node, direction), last: direction };
  const { long, wide } = node;
  const [first, second]: [Node, Node] =
    direction === 'rip'
      ? [
          { long, wide: size, ...next },
          { long, wide: wide - size, ...next },
        ]
      : [
          { long: size, wide, ...next },
          { long: long - size, wide, ...next },
        ];
  node.cut = { direction, first, second };
  return [first, second];
}

/** The node as a panel of true sizes; cuts one after another in the same direction are told together. */
export function panelOf(node: Node, kerf: number): SawnPanel {
  if (node.piece) return pieceOf(node.piece);
  if (!node.cut) return { kind: 'rest' };
  const { direction } = node.cut;
  const size = ({ long, wide }: Node): number => (direction === 'rip' ? wide : long) - kerf;
  const children = inRow(node, direction).filter((child) => size(child) > 0);
  return {
    kind: 'cuts',
    direction,
    children: children.map((child) => ({ size: nm(size(child)), panel: panelOf(child, kerf) })),
  };
}

function pieceOf({ id, turned, made }: NonNullable<Node['piece']>): SawnPanel {
  if (!made) return { kind: 'part', piece: id, turned };
  return turned ? turnedOver(made) : made;
}

/** The panel turned by a quarter: its cuts go the other way, and so do its parts lie. */
function turnedOver(panel: SawnPanel): SawnPanel {
  if (panel.kind === 'part') return { ...panel, turned: !panel.turned };
  if (panel.kind === 'rest') return panel;
  const children = panel.children.map(({ size, panel: child }) => ({ size, panel: turnedOver(child) }));
  return { ...panel, direction: panel.direction === 'rip' ? 'cross' : 'rip', children };
}

function inRow(node: Node, direction: Direction): readonly Node[] {
  if (node.cut?.direction !== direction) return [node];
  return [...inRow(node.cut.first, direction), ...inRow(node.cut.second, direction)];
}

/** Every distance the saw is set to, once: which way the cut goes, and how wide what it takes off is. */
export function settingsOf(roots: readonly Node[], found = new Set<string>()): ReadonlySet<string> {
  for (const { cut } of roots) {
    if (!cut) continue;
    const { direction, first, second } = cut;
    found.add(`${direction} ${direction === 'rip' ? first.wide : first.long}`);
    settingsOf([first, second], found);
  }
  return found;
}

/** Areas of all that is left over. */
export function restsOf({ cut, piece, long, wide }: Node): readonly number[] {
  if (cut) return [...restsOf(cut.first), ...restsOf(cut.second)];
  return piece ? [] : [long * wide];
}

/** How many stages a panel takes to be cut up. */
export function stagesIn(panel: SawnPanel): number {
  return panel.kind === 'cuts' ? 1 + Math.max(0, ...panel.children.map((child) => stagesIn(child.panel))) : 0;
}
