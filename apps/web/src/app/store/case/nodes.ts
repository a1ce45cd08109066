import type { CaseOf, NodeOf } from '@zabble/core';

export type WrittenCase = CaseOf<string>;
export type WrittenNode = NodeOf<string>;
export type Way = 'across' | 'down';

/** A node of a layout with where it stands, and the split it is a child of. */
export interface FoundNode {
  readonly node: WrittenNode;
  /** Path in the job document. */
  readonly path: string;
  readonly parent?: { readonly node: WrittenNode; readonly path: string; readonly way: Way; readonly place: number };
}

/** Every node of a layout, its root first; `path` is the layout's in the job document. */
export function nodesOf(node: WrittenNode, path: string, parent?: FoundNode['parent']): readonly FoundNode[] {
  const own = { node, path, ...(parent ? { parent } : {}) };
  const within = (['across', 'down'] as const).flatMap((way) =>
    (node[way] ?? []).flatMap((child, place) => nodesOf(child, `${path}.${way}[${place}]`, { node, path, way, place })),
  );
  return [own, ...within];
}

export function findNode(owner: WrittenCase | undefined, path: string, id: string): FoundNode | undefined {
  return owner?.layout && nodesOf(owner.layout, `${path}.layout`).find(({ node }) => node.id === id);
}

export const isLeaf = ({ across, down }: WrittenNode): boolean => across === undefined && down === undefined;

/** Ids of compartments are read on the drawing: a letter, the first that is free in the case, or a letter and a number. */
export function freeNode(owner: WrittenCase): string {
  const nodes = owner.layout ? nodesOf(owner.layout, '').map(({ node }) => node.id) : [];
  const others = [...owner.banks, ...(owner.doors ?? [])].map(({ id }) => id);
  const taken = new Set([...nodes, ...others].map((id) => id.toLowerCase()));
  for (let number = 1; ; number += 1)
    for (const letter of 'ABCDEFGHIJKLMNOPQRSTUVWXYZ') {
      const id = number === 1 ? letter : `${letter}${number}`;
      if (!taken.has(id.toLowerCase())) return id;
    }
}
