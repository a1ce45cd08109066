import type { Motion, SolidCase, SolidPiece } from '@zabble/core';

/** Every piece of a case as triangles, edges and grain, in millimetres: x to the right, y up, z to the eye. */
export interface Shape {
  readonly pieces: readonly SolidPiece[];
  readonly faces: Points;
  readonly edges: Points;
  readonly grain: Points;
}

/** Points of all pieces behind one another: where they are shut, where they are now, and from where on each piece's are. */
export interface Points {
  readonly shut: Float32Array;
  readonly now: Float32Array;
  readonly from: readonly number[];
}

const MM = 1e6;
const AXES = ['x', 'y', 'z'] as const;
/** Corners of a box, and which of them each face and each edge has. */
const CORNERS = Array.from({ length: 8 }, (_, at) => [at & 1, (at >> 1) & 1, (at >> 2) & 1] as const);
/** Seen from outside, against the clock; z runs away from the eye, so what is least in z faces it. */
const FACES = [
  [0, 1, 3, 2],
  [5, 4, 6, 7],
  [4, 0, 2, 6],
  [1, 5, 7, 3],
  [2, 3, 7, 6],
  [4, 5, 1, 0],
] as const;
export const NORMALS: readonly (readonly [number, number, number])[] = [
  [0, 0, -1],
  [0, 0, 1],
  [-1, 0, 0],
  [1, 0, 0],
  [0, 1, 0],
  [0, -1, 0],
];
const EDGES = [
  ...[0, 2, 4, 6].map((at) => [at, at + 1] as const),
  ...[0, 1, 4, 5].map((at) => [at, at + 2] as const),
  ...[0, 1, 2, 3].map((at) => [at, at + 4] as const),
];

export const FACE_POINTS = 24;
/** Two triangles a face. */
export const TRIANGLES = FACES.flatMap((_, face) => [0, 1, 2, 0, 2, 3].map((corner) => face * 4 + corner));

type Spot = readonly [number, number, number];

/** What is drawn of a case; everything shut. */
export function shapeOf({ pieces }: Pick<SolidCase, 'pieces'>): Shape {
  const boxes = pieces.map(cornersOf);
  return {
    pieces,
    faces: points(boxes.map((corners) => FACES.flat().map((at) => corners[at] ?? ORIGIN))),
    edges: points(boxes.map((corners) => EDGES.flat().map((at) => corners[at] ?? ORIGIN))),
    grain: points(pieces.map(grainOf)),
  };
}

const ORIGIN: Spot = [0, 0, 0];

function cornersOf(piece: SolidPiece): readonly Spot[] {
  return CORNERS.map((corner) => {
    const [x, y, z] = AXES.map((axis, at) => (corner[at] ? piece[axis].to : piece[axis].from) / MM);
    return [x ?? 0, y ?? 0, z ?? 0];
  });
}

function points(pieces: readonly (readonly Spot[])[]): Points {
  const from: number[] = [];
  let count = 0;
  for (const piece of pieces) {
    from.push(count);
    count += piece.length;
  }
  from.push(count);
  const shut = new Float32Array(pieces.flat(2));
  return { shut, now: new Float32Array(shut.length), from };
}

/** Lines of the grain lie so far apart, in millimetres, and no more of them on a face than this. */
const APART = 34;
const MOST = 9;
/** Not evenly: as grain is. Parts of the way from one line to the next. */
const UNEVEN = [0, 0.28, -0.2, 0.12, -0.3, 0.2, -0.1, 0.3, -0.22];
/** Over the face, so that lines are before it. */
const OVER = 0.3;

/** Lines along its length on both of its broad faces. */
function grainOf(piece: SolidPiece): readonly Spot[] {
  const { along, across, through } = piece.lies;
  const at = (axis: (typeof AXES)[number]): readonly [number, number] => [piece[axis].from / MM, piece[axis].to / MM];
  const [[a, b], [c, d], [e, f]] = [at(along), at(across), at(through)];
  const count = Math.min(MOST, Math.max(1, Math.floor((d - c) / APART)));
  const step = (d - c) / (count + 1);
  const inset = Math.min(6, (b - a) / 10);
  return [e - OVER, f + OVER].flatMap((face) =>
    Array.from({ length: count }, (_, index) => c + step * (index + 1 + (UNEVEN[index] ?? 0))).flatMap(
      (line, index) => {
        // Every other one ends short, at one end or the other.
        const short = ((b - a) * (index % 3)) / 9;
        const [start, end] = index % 2 === 0 ? [a + inset, b - inset - short] : [a + inset + short, b - inset];
        return [start, end].map((place) => spot({ [along]: place, [across]: line, [through]: face }));
      },
    ),
  );
}

const spot = ({ x = 0, y = 0, z = 0 }: Readonly<Partial<Record<'x' | 'y' | 'z', number>>>): Spot => [x, y, z];

/** How a piece lies now: where its case's three axes point, one after the other, and where its case's corner is. */
export type Pose = readonly [Spot, Spot, Spot, Spot];

/** Where a piece lies with what it moves with open by an amount, and taken apart by a part of its way. */
export function poseOf(moved: (place: Spot) => Spot, { x, y, z }: SolidPiece['off'], apart: number): Pose {
  const zero = moved(ORIGIN);
  const axis = (unit: Spot): Spot => {
    const at = moved(unit);
    return [at[0] - zero[0], at[1] - zero[1], at[2] - zero[2]];
  };
  const k = apart / MM;
  return [axis([1, 0, 0]), axis([0, 1, 0]), axis([0, 0, 1]), [zero[0] + x * k, zero[1] + y * k, zero[2] + z * k]];
}

/** Puts the points of one piece where its pose has them, as the eye sees them: z to it. */
export function put({ shut, now, from }: Points, piece: number, [a, b, c, d]: Pose): void {
  const end = (from[piece + 1] ?? 0) * 3;
  for (let at = (from[piece] ?? 0) * 3; at < end; at += 3) {
    const [p, q, r] = [shut[at] ?? 0, shut[at + 1] ?? 0, shut[at + 2] ?? 0];
    now[at] = a[0] * p + b[0] * q + c[0] * r + d[0];
    now[at + 1] = a[1] * p + b[1] * q + c[1] * r + d[1];
    now[at + 2] = -(a[2] * p + b[2] * q + c[2] * r + d[2]);
  }
}

/** How far a piece is taken apart while so many stages are: the last to go in comes out first. From 0 to 1. */
export function apartOf({ stage }: Pick<SolidPiece, 'stage'>, stages: number, taken: number): number {
  return Math.min(1, Math.max(0, taken - (stages - 1 - stage)));
}

/** What a lit address is of: the pieces of what moves, of a whole case, of its worktop. */
export function isOf(piece: SolidPiece, owner: string, address: string): boolean {
  const isWorktop = piece.role === 'worktop' || piece.role === 'worktop-trim';
  if (address === owner) return piece.moves === undefined && !isWorktop;
  if (address === `${owner}/worktop`) return isWorktop;
  const of = address.replace(/\/(pull|handle)$/, '');
  return piece.moves === of;
}

/** The motion a piece goes with. */
export function motionOf(motions: readonly Motion[], { moves }: SolidPiece): Motion | undefined {
  return moves === undefined ? undefined : motions.find(({ name }) => name === moves);
}
