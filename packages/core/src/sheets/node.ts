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
  piece?: { readonly id: string; readonly turned: boolean };
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
  if (node.piece) return { kind: 'part', piece: node.piece.id, turned: node.piece.turned };
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

function inRow(node: Node, direction: Direction): readonly Node[] {
  if (node.cut?.direction !== direction) return [node];
  return [...inRow(node.cut.first, direction), ...inRow(node.cut.second, direction)];
}
