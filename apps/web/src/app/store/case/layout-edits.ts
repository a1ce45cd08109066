import type { Patch } from '@zabble/core';
import { findNode, freeNode, isLeaf, type FoundNode, type Way, type WrittenCase, type WrittenNode } from './nodes';

/** What is to be written, and the node that is worked on then; or why it can't be done. */
export type LayoutEdit = { readonly patches: readonly Patch[]; readonly node: string } | { readonly says: string };

/** What stands in a compartment. */
export function holds(owner: WrittenCase, id: string): 'drawers' | 'shelves' | undefined {
  if (owner.banks.some(({ compartment }) => compartment === id)) return 'drawers';
  return owner.shelves?.some(({ compartment }) => compartment === id) ? 'shelves' : undefined;
}

/** Whether the place of a door is over it. */
export function hasDoor(owner: WrittenCase, id: string): boolean {
  return owner.doors?.some(({ over }) => over === id) ?? false;
}

/**
 * A compartment in two: beside its neighbours where it shares with them, else within its own place. What stood in it
 * stays in the first of the two.
 */
export function splitNode(owner: WrittenCase, path: string, id: string, way: Way): LayoutEdit | undefined {
  const found = findNode(owner, path, id);
  if (!found || !isLeaf(found.node)) return undefined;
  const { node, parent } = found;
  const added: WrittenNode = { id: freeNode(owner) };
  if (parent?.way === way && node.size === undefined && node.fit === undefined) {
    const children = parent.node[way] ?? [];
    const value = [...children.slice(0, parent.place + 1), added, ...children.slice(parent.place + 1)];
    return { patches: [{ path: `${parent.path}.${way}`, value }], node: added.id };
  }
  const around = { ...node, id: freeNode({ ...owner, layout: { id: 'x', across: [owner.layout ?? node, added] } }) };
  const between = owner.build?.frame ? 'rail' : 'shelf';
  const value: WrittenNode = {
    ...around,
    [way]: [{ id: node.id }, added],
    ...(way === 'down' ? { between } : {}),
  };
  return { patches: [{ path: found.path, value }], node: added.id };
}

/** A compartment and the one after it as one; the second must be empty. */
export function mergeNode(owner: WrittenCase, path: string, id: string): LayoutEdit | undefined {
  const found = findNode(owner, path, id);
  const { parent } = found ?? {};
  const after = parent && parent.node[parent.way]?.[parent.place + 1];
  if (!found || !parent || !after) return undefined;
  if (!isLeaf(found.node) || !isLeaf(after))
    return { says: $localize`Only two compartments that are not divided themselves become one.` };
  const held = [found.node.id, after.id].filter((each) => holds(owner, each) !== undefined || hasDoor(owner, each));
  if (held.length > 1) return { says: $localize`Something stands in both: make ${after.id} open first.` };
  const kept = held[0] ?? found.node.id;
  return { patches: [joined(parent, kept)], node: kept };
}

/** The children of a split with two of them as one that shares what is left. */
function joined({ node, path, way, place }: NonNullable<FoundNode['parent']>, kept: string): Patch {
  const children = node[way] ?? [];
  const rest = [...children.slice(0, place), { id: kept }, ...children.slice(place + 2)];
  if (rest.length > 1) return { path: `${path}.${way}`, value: rest };
  // Alone it takes the place of the split itself.
  const { across: _across, down: _down, between: _between, ...own } = node;
  return { path, value: { ...own, id: kept } };
}

/** All children of its split share alike. */
export function alikeNodes(owner: WrittenCase, path: string, id: string): LayoutEdit | undefined {
  const { parent } = findNode(owner, path, id) ?? {};
  if (!parent) return undefined;
  const value = (parent.node[parent.way] ?? []).map(({ size: _size, share: _share, fit: _fit, ...rest }) => rest);
  return { patches: [{ path: `${parent.path}.${parent.way}`, value }], node: id };
}
