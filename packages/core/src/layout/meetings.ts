import type { Edge } from '../job';
import type { Boundary, Compartment, Front } from './front';

/** Two compartments that face each other across what parts them: a column and the one right of it, a row and the one below it. */
export interface Meeting {
  readonly boundary: Boundary;
  readonly first: Compartment;
  readonly second: Compartment;
  /** The edge each has there. */
  readonly edges: readonly [of: Edge, other: Edge];
}

/** Every two compartments that meet on one member, boundary by boundary. */
export function meetings({ boundaries, compartments }: Pick<Front, 'boundaries' | 'compartments'>): readonly Meeting[] {
  return boundaries.flatMap((boundary): readonly Meeting[] => {
    const edges = boundary.kind === 'column' ? (['right', 'left'] as const) : (['bottom', 'top'] as const);
    const [firsts, seconds] = edges.map((edge) => compartments.filter((each) => lies(each, edge, boundary)));
    return (firsts ?? []).flatMap((first) =>
      (seconds ?? [])
        .filter((second) => face(first, second, boundary.kind))
        .map((second) => ({ boundary, first, second, edges })),
    );
  });
}

/** The edges of a compartment that lie on what parts it from others, each with that. */
export function sharedEdges(
  front: Pick<Front, 'boundaries'>,
  compartment: Compartment,
): Partial<Record<Edge, Boundary>> {
  const found: Partial<Record<Edge, Boundary>> = {};
  for (const boundary of front.boundaries)
    for (const edge of EDGES) if (lies(compartment, edge, boundary)) found[edge] = boundary;
  return found;
}

const EDGES: readonly Edge[] = ['left', 'right', 'top', 'bottom'];

function lies(compartment: Compartment, edge: Edge, { kind, x, y, long, thick }: Boundary): boolean {
  if ((edge === 'left' || edge === 'right') !== (kind === 'column')) return false;
  const { x: left, y: low, width, height } = compartment;
  const [from, size, at, along] = kind === 'column' ? [low, height.total, y, x] : [left, width.total, x, y];
  if (from >= at + long || from + size <= at) return false;
  const ends: Readonly<Record<Edge, number>> = {
    left,
    right: left + width.total,
    bottom: low,
    top: low + height.total,
  };
  return ends[edge] === along + (edge === 'left' || edge === 'bottom' ? thick : 0);
}

function face(one: Compartment, other: Compartment, kind: Boundary['kind']): boolean {
  return kind === 'column'
    ? one.y < other.y + other.height.total && other.y < one.y + one.height.total
    : one.x < other.x + other.width.total && other.x < one.x + one.width.total;
}
