import { movedBy } from '@zabble/core';
import { apartOf, FACE_POINTS, isOf, motionOf, NORMALS, poseOf, put, shapeOf, TRIANGLES, type Points } from './shape';
import { splicingBench } from './solid.spec-data';

const { solid, motions, owner } = splicingBench();
type Spot = readonly [number, number, number];
const still = (place: Spot): Spot => place;

function spots({ now, from }: Points, piece: number): readonly Spot[] {
  const all: Spot[] = [];
  for (let at = from[piece]! * 3; at < from[piece + 1]! * 3; at += 3) all.push([now[at]!, now[at + 1]!, now[at + 2]!]);
  return all;
}

describe('what is drawn of a solid', () => {
  const shape = shapeOf(solid);
  solid.pieces.forEach((piece, index) => {
    for (const points of [shape.faces, shape.edges, shape.grain]) put(points, index, poseOf(still, piece.off, 0));
  });

  it('is every piece as large as it is, its edges and its grain on it', () => {
    expect(shape.faces.now).toHaveLength(solid.pieces.length * FACE_POINTS * 3);
    solid.pieces.forEach((piece, index) => {
      for (const points of [shape.faces, shape.edges]) {
        const at = (axis: 0 | 1 | 2) => spots(points, index).map((spot) => spot[axis]);
        expect(Math.min(...at(0))).toBeCloseTo(piece.x.from / 1e6, 3);
        expect(Math.max(...at(0))).toBeCloseTo(piece.x.to / 1e6, 3);
        expect(Math.max(...at(1))).toBeCloseTo(piece.y.to / 1e6, 3);
        // Back from the front edge is away from the eye.
        expect(Math.max(...at(2))).toBeCloseTo(-piece.z.from / 1e6, 3);
      }
      const lines = spots(shape.grain, index);
      const axis = { x: 0, y: 1, z: 2 }[piece.lies.along] as 0 | 1 | 2;
      for (let line = 0; line < lines.length; line += 2) {
        const off = ([0, 1, 2] as const).map((each) => Math.abs(lines[line + 1]![each] - lines[line]![each]));
        expect(off.every((by, each) => each === axis || by < 1e-3)).toBe(true);
        expect(off[axis]).toBeGreaterThan(0);
      }
    });
  });

  it('shows its faces to the outside', () => {
    const [first] = spots(shape.faces, 0);
    expect(first).toBeDefined();
    const all = spots(shape.faces, 0);
    for (let corner = 0; corner < TRIANGLES.length; corner += 3) {
      const [a, b, c] = [0, 1, 2].map((at) => all[TRIANGLES[corner + at]!]!) as [Spot, Spot, Spot];
      const [u, v] = [b, c].map((spot) => spot.map((each, axis) => each - a[axis]!)) as [number[], number[]];
      const out = [u[1]! * v[2]! - u[2]! * v[1]!, u[2]! * v[0]! - u[0]! * v[2]!, u[0]! * v[1]! - u[1]! * v[0]!];
      const [x, y, z] = NORMALS[Math.floor(TRIANGLES[corner]! / 4)]!;
      expect(Math.sign(out[0]! * x + out[1]! * y - out[2]! * z)).toBe(1);
    }
  });

  it('comes to the eye as far as its drawer is open, and turns with its door', () => {
    const index = solid.pieces.findIndex(({ role }) => role === 'drawer-front');
    const drawer = motionOf(motions, solid.pieces[index]!)!;
    const before = spots(shape.faces, index);
    put(
      shape.faces,
      index,
      poseOf((place) => movedBy(drawer, 100, place), solid.pieces[index]!.off, 0),
    );
    spots(shape.faces, index).forEach(([x, y, z], at) => {
      expect(x).toBeCloseTo(before[at]![0], 3);
      expect(y).toBeCloseTo(before[at]![1], 3);
      expect(z).toBeCloseTo(before[at]![2] + 100, 3);
    });
    const leaf = solid.pieces.findIndex(({ role }) => role === 'door');
    const door = motionOf(motions, solid.pieces[leaf]!)!;
    const shut = spots(shape.faces, leaf);
    put(
      shape.faces,
      leaf,
      poseOf((place) => movedBy(door, 80, place), solid.pieces[leaf]!.off, 0),
    );
    spots(shape.faces, leaf).forEach(([x, y, z], at) => {
      const [a, b, c] = shut[at]!;
      const [p, q, r] = movedBy(door, 80, [a, b, -c]);
      expect(Math.hypot(x - p, y - q, z + r)).toBeLessThan(0.01);
    });
  });

  it('is taken apart from the last to go in to the first, each by all of its way', () => {
    const { stages } = solid;
    expect(apartOf({ stage: stages - 1 }, stages, 0)).toBe(0);
    expect(apartOf({ stage: stages - 1 }, stages, 0.5)).toBe(0.5);
    expect(apartOf({ stage: stages - 2 }, stages, 1)).toBe(0);
    expect(apartOf({ stage: 0 }, stages, stages)).toBe(1);
    const door = solid.pieces.find(({ role }) => role === 'door')!;
    expect(door.stage).toBe(stages - 1);
    expect(solid.pieces.find(({ role }) => role === 'case-bottom')!.stage).toBe(0);
  });

  it('lights what an address is of: a drawer by its pull, a case without what moves', () => {
    const of = (address: string): readonly string[] =>
      solid.pieces.filter((piece) => isOf(piece, owner.id, address)).map(({ role }) => role);
    expect(of('c1/b1/d1/pull')).toEqual(expect.arrayContaining(['drawer-front', 'side', 'bottom']));
    expect(of('c1/worktop')).toContain('worktop');
    expect(of('c1/worktop').filter((role) => !role.startsWith('worktop'))).toEqual([]);
    const still = of('c1');
    expect(still).toContain('case-bottom');
    expect(['drawer-front', 'door', 'worktop', 'worktop-trim'].filter((role) => still.includes(role))).toEqual([]);
    // What the cut list calls a part says nothing of what it is.
    const bottom = solid.pieces.find(({ role }) => role === 'case-bottom')!;
    expect(isOf({ ...bottom, name: 'bottom of the worktop stand' }, owner.id, 'c1')).toBe(true);
    expect(of('room/alcove')).toEqual([]);
  });
});
