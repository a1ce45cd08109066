import type { Body, CaseworkPlan, MemberRole } from '../casework';
import { inMillimetres, nm, type Length } from '../length';
import type { Drawing, Outline } from './shapes';

/** Which way a member is moved out of the case, in parts of the case's size: what goes in last is moved farthest. */
export interface Way {
  readonly x?: number;
  readonly y?: number;
  readonly z?: number;
}

const WAYS: Readonly<Record<MemberRole, Way>> = {
  'case-bottom': { y: -0.16 },
  'plinth-front': { y: -0.36 },
  'plinth-end': { y: -0.36 },
  leg: { y: -0.36 },
  apron: { y: -0.36 },
  divider: {},
  'fixed-shelf': {},
  'case-rail': {},
  'case-top': { y: 0.16 },
  stretcher: { y: 0.16 },
  'case-side-left': { x: -0.28 },
  'case-side-right': { x: 0.28 },
  cleat: { z: 0.22 },
  'case-back': { z: 0.5 },
  'kick-board': { y: -0.16, z: -0.3 },
  'frame-stile': { z: -0.55 },
  'frame-rail': { z: -0.55 },
  'frame-middle-stile': { z: -0.55 },
  'frame-middle-rail': { z: -0.55 },
  filler: { z: -0.75 },
  shelf: { z: -0.28 },
  upright: { z: -0.34 },
  lid: { y: 0.36 },
  'lid-strip': { y: 0.36, z: 0.12 },
  'work-board': { z: -0.6 },
  'board-edging': { z: -0.66 },
  'board-guide': { z: -0.3 },
  platform: { z: -0.8 },
  gusset: { z: -0.8 },
  door: { z: -0.9 },
  'door-panel': { z: -0.9 },
  'door-stile': { z: -0.9 },
  'door-rail': { z: -0.9 },
  'door-middle-stile': { z: -0.9 },
  'door-middle-rail': { z: -0.9 },
  worktop: { y: 0.42 },
  'worktop-trim': { y: 0.42, z: -0.12 },
};

/** Which way a kind of member is taken out of its case. */
export const wayApart = (role: MemberRole): Way => WAYS[role];

/** What both diagonals of the carcass come to when it is square, over its outer corners. */
export function squareDiagonal({ outline }: CaseworkPlan): Length {
  return nm(Math.round(Math.hypot(outline.width.total, outline.height - outline.sidesFrom)));
}

/** Back from the eye things go to the right and up by so much: a cabinet-maker's oblique drawing. */
const BACK = { x: 0.42, y: 0.3 };

/** The case taken apart along the ways its members go together, drawn obliquely: front, right and upper faces. */
export function drawExploded({ bodies, outline }: CaseworkPlan): Drawing {
  const size = {
    x: inMillimetres(outline.width.total),
    y: inMillimetres(outline.height),
    z: inMillimetres(outline.depth),
  };
  const apart = bodies.map((body) => {
    const { x = 0, y = 0, z = 0 } = WAYS[body.role];
    return { body, off: { x: x * size.x, y: y * size.y, z: z * size.z } };
  });
  // From the back to the front, from the left to the right, from below up.
  const order = apart.sort(
    (one, other) =>
      place(other, 'z') - place(one, 'z') || place(one, 'x') - place(other, 'x') || place(one, 'y') - place(other, 'y'),
  );
  const shapes = order.flatMap(({ body, off }) => faces(body, off));
  const points = shapes.flatMap((shape) => shape.points);
  const x = Math.min(...points.map(([at]) => at));
  const y = Math.min(...points.map(([, at]) => at));
  const right = Math.max(...points.map(([at]) => at));
  const top = Math.max(...points.map(([, at]) => at));
  return { x, y, width: right - x, height: top - y, shapes };
}

interface Apart {
  readonly body: Body;
  readonly off: { readonly x: number; readonly y: number; readonly z: number };
}

function place({ body, off }: Apart, axis: 'x' | 'y' | 'z'): number {
  return inMillimetres(body[axis].from) + off[axis];
}

function faces(body: Body, off: Apart['off']): readonly Outline[] {
  const [x1, x2] = [inMillimetres(body.x.from) + off.x, inMillimetres(body.x.to) + off.x];
  const [y1, y2] = [inMillimetres(body.y.from) + off.y, inMillimetres(body.y.to) + off.y];
  const [z1, z2] = [inMillimetres(body.z.from) + off.z, inMillimetres(body.z.to) + off.z];
  const at = (x: number, y: number, z: number): readonly [number, number] => [x + z * BACK.x, y + z * BACK.y];
  const face = (role: Outline['role'], points: Outline['points']): Outline => ({
    kind: 'outline',
    role,
    member: body.role,
    points,
  });
  return [
    face('side-face', [at(x2, y1, z1), at(x2, y1, z2), at(x2, y2, z2), at(x2, y2, z1)]),
    face('upper-face', [at(x1, y2, z1), at(x2, y2, z1), at(x2, y2, z2), at(x1, y2, z2)]),
    face('face', [at(x1, y1, z1), at(x2, y1, z1), at(x2, y2, z1), at(x1, y2, z1)]),
  ];
}
