import type { Body, CaseworkPlan, MemberRole } from '../casework';
import { inMillimetres, nm, type Length } from '../length';
import type { Drawing, Outline } from './shapes';

/** Which way a member is moved out of the case, and when it goes in: what goes in last is moved farthest. */
interface Way {
  readonly step: number;
  readonly x?: number;
  readonly y?: number;
  readonly z?: number;
}

/** The order of assembly, common practice: the carcass, what stands in it, the back, the frame, what lies on it. */
const WAYS: Readonly<Record<MemberRole, Way>> = {
  'case-bottom': { step: 1, y: -0.16 },
  'plinth-front': { step: 1, y: -0.36 },
  'plinth-end': { step: 1, y: -0.36 },
  leg: { step: 1, y: -0.36 },
  apron: { step: 1, y: -0.36 },
  divider: { step: 2 },
  'fixed-shelf': { step: 2 },
  'case-rail': { step: 2 },
  'case-top': { step: 3, y: 0.16 },
  stretcher: { step: 3, y: 0.16 },
  'case-side-left': { step: 4, x: -0.28 },
  'case-side-right': { step: 4, x: 0.28 },
  cleat: { step: 5, z: 0.22 },
  'case-back': { step: 6, z: 0.5 },
  'kick-board': { step: 7, y: -0.16, z: -0.3 },
  'frame-stile': { step: 8, z: -0.55 },
  'frame-rail': { step: 8, z: -0.55 },
  'frame-middle-stile': { step: 8, z: -0.55 },
  'frame-middle-rail': { step: 8, z: -0.55 },
  filler: { step: 9, z: -0.75 },
  shelf: { step: 9, z: -0.28 },
  worktop: { step: 10, y: 0.42 },
  'worktop-trim': { step: 10, y: 0.42, z: -0.12 },
};

/** The steps a case is put together in, and what goes in with each. */
export function assembly({ bodies }: CaseworkPlan): readonly (readonly MemberRole[])[] {
  const steps = new Map<number, Set<MemberRole>>();
  for (const { role } of bodies) {
    const { step } = WAYS[role];
    steps.set(step, (steps.get(step) ?? new Set()).add(role));
  }
  return [...steps].sort(([one], [other]) => one - other).map(([, roles]) => [...roles]);
}

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
