import type { Edge } from '../job';
import { add, nm, subtract, ZERO, type Length } from '../length';

/** A drawer front or a leaf of a door where it hangs: over the case's own lower left corner. */
export interface FrontFace {
  readonly of:
    | { readonly bank: string; readonly place: number; readonly drawer: string }
    | { readonly door: string; readonly leaf: number; readonly leaves: number };
  readonly material: string;
  /** The grain stands up. */
  readonly up: boolean;
  readonly x: { readonly from: Length; readonly to: Length };
  readonly y: { readonly from: Length; readonly to: Length };
  /** As it is cut: before banding; and how thick the band on each edge is. */
  readonly blank: { readonly width: Length; readonly height: Length };
  readonly band: Readonly<Record<Edge, Length>>;
}

/** Faces parted from side to side or from the top down, as saw cuts part a panel; with what stands open between them. */
export type FrontTree =
  | { readonly kind: 'face'; readonly face: FrontFace }
  | {
      readonly kind: 'split';
      readonly along: 'x' | 'y';
      /** From the left, or from the top; between two of them so much stands open before they are banded. */
      readonly children: readonly FrontTree[];
      readonly gaps: readonly Length[];
    };

/** Faces that may come from one panel: of one material, their grain one way; in the order they come. */
export function facesAlike(faces: readonly FrontFace[]): readonly (readonly FrontFace[])[] {
  const groups = new Map<string, FrontFace[]>();
  for (const face of faces) {
    const key = `${face.material} ${String(face.up)}`;
    groups.set(key, [...(groups.get(key) ?? []), face]);
  }
  return [...groups.values()];
}

/**
 * The faces as cuts from edge to edge part them; undefined where none does (they overlap, or go round in a ring). Pure; its
 * depth is bound by their number.
 */
export function frontTree(faces: readonly FrontFace[]): FrontTree | undefined {
  const [only, ...more] = faces;
  if (!only) return undefined;
  if (more.length === 0) return { kind: 'face', face: only };
  return parted(faces, 'x') ?? parted(faces, 'y');
}

function parted(faces: readonly FrontFace[], along: 'x' | 'y'): FrontTree | undefined {
  const sorted = [...faces].sort((a, b) => a[along].from - b[along].from);
  const groups: { faces: FrontFace[]; from: Length; to: Length }[] = [];
  for (const face of sorted) {
    const last = groups.at(-1);
    if (last && face[along].from < last.to) {
      last.faces.push(face);
      last.to = nm(Math.max(last.to, face[along].to));
    } else groups.push({ faces: [face], from: face[along].from, to: face[along].to });
  }
  if (groups.length < 2) return undefined;
  const inOrder = along === 'x' ? groups : [...groups].reverse();
  const children = inOrder.map((group) => frontTree(group.faces));
  if (children.some((child) => child === undefined)) return undefined;
  const gaps = inOrder.slice(1).map((group, index) => between(inOrder[index] ?? group, group, along));
  return { kind: 'split', along, children: children as readonly FrontTree[], gaps };
}

interface Group {
  readonly faces: readonly FrontFace[];
  readonly from: Length;
  readonly to: Length;
}

/** Between the blanks of one group and the next: what stands open, and the bands that are put on there. */
function between(before: Group, after: Group, along: 'x' | 'y'): Length {
  const [one, other] = [before.faces[0]?.band, after.faces[0]?.band];
  return along === 'x'
    ? add(subtract(after.from, before.to), one?.right ?? ZERO, other?.left ?? ZERO)
    : add(subtract(before.from, after.to), one?.bottom ?? ZERO, other?.top ?? ZERO);
}

/** How wide and high the blanks of a tree are together, with so much lost between each two. */
export function treeSize(tree: FrontTree, lost: Length): { readonly width: Length; readonly height: Length } {
  if (tree.kind === 'face') return tree.face.blank;
  const sizes = tree.children.map((child) => treeSize(child, lost));
  const sum = (of: 'width' | 'height'): Length =>
    nm(sizes.reduce((all, size) => all + size[of], 0) + lost * Math.max(0, sizes.length - 1));
  const most = (of: 'width' | 'height'): Length => nm(Math.max(ZERO, ...sizes.map((size) => size[of])));
  return tree.along === 'x'
    ? { width: sum('width'), height: most('height') }
    : { width: most('width'), height: sum('height') };
}

/** What stands open from side to side, wherever two stand beside each other. */
export function gapsAcross(tree: FrontTree): readonly Length[] {
  if (tree.kind === 'face') return [];
  return [...(tree.along === 'x' ? tree.gaps : []), ...tree.children.flatMap(gapsAcross)];
}
