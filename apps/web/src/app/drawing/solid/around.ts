import type { Around } from '@zabble/core';
import {
  BufferGeometry,
  DoubleSide,
  Float32BufferAttribute,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshBasicMaterial,
} from 'three';
import type { Looks } from './looks';

/** Walls, things and neighbours as thin upright sheets with their edges: they are seen through. What is lit is seen less through. */
export function aroundOf(
  around: readonly Around[],
  lit: (name: string) => boolean,
  looks: Looks,
): readonly (Mesh | LineSegments)[] {
  const [bright, plain] = [around.filter(({ name }) => lit(name)), around.filter(({ name }) => !lit(name))];
  return [
    ...sheets(plain, { face: looks.around, edge: looks.soft, opacity: 0.28 }),
    ...sheets(bright, { face: looks.lit, edge: looks.lit, opacity: 0.6 }),
  ];
}

interface Sheets {
  readonly face: string;
  readonly edge: string;
  readonly opacity: number;
}

function sheets(around: readonly Around[], { face: color, edge, opacity }: Sheets): readonly (Mesh | LineSegments)[] {
  if (around.length === 0) return [];
  const [mesh, lines] = [geometry(around.flatMap(facesOf)), geometry(around.flatMap(edgesOf))];
  const material = new MeshBasicMaterial({
    ...{ color, transparent: true, opacity, side: DoubleSide, depthWrite: false },
  });
  return [new Mesh(mesh, material), new LineSegments(lines, new LineBasicMaterial({ color: edge }))];
}

type Spot = readonly [number, number, number];

const geometry = (spots: readonly Spot[]): BufferGeometry =>
  new BufferGeometry().setAttribute('position', new Float32BufferAttribute(spots.flat(), 3));

/** Corner after corner round it; a wall is two. */
function sidesOf({ ring }: Around) {
  const closed = ring.length > 2;
  return ring.slice(0, closed ? ring.length : 1).map((one, at) => [one, ring[(at + 1) % ring.length] ?? one] as const);
}

function facesOf(around: Around): readonly Spot[] {
  const { from, to, ring } = around;
  const upright = sidesOf(around).flatMap(([a, b]): readonly Spot[] => {
    const [p, q, r, s]: readonly Spot[] = [
      [a.x, from, -a.z],
      [b.x, from, -b.z],
      [b.x, to, -b.z],
      [a.x, to, -a.z],
    ];
    return p && q && r && s ? [p, q, r, p, r, s] : [];
  });
  const [first] = ring;
  const top = ring.slice(1, -1).flatMap((one, at): readonly Spot[] => {
    const next = ring[at + 2];
    return first && next
      ? [
          [first.x, to, -first.z],
          [one.x, to, -one.z],
          [next.x, to, -next.z],
        ]
      : [];
  });
  return [...upright, ...top];
}

function edgesOf(around: Around): readonly Spot[] {
  const { from, to } = around;
  return sidesOf(around).flatMap(([a, b]): readonly Spot[] => [
    [a.x, from, -a.z],
    [b.x, from, -b.z],
    [a.x, to, -a.z],
    [b.x, to, -b.z],
    [a.x, from, -a.z],
    [a.x, to, -a.z],
    [b.x, from, -b.z],
    [b.x, to, -b.z],
  ]);
}
