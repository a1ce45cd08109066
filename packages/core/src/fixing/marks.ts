import { FACES, lyingOf, type Axis, type Body, type MemberFace } from '../casework';
import type { LaidFixing } from '../job';
import { millimetres, nm, type Length } from '../length';
import { isThroughOne, type Fixing } from './fixings';
import type { Joint } from './joints';

/** Where a fixing stands on a member: `along` from its lower (left, front) end, `in` from its front (lower, left) edge. */
export interface FixingMark {
  readonly kind: Exclude<LaidFixing, 'glue'>;
  /** The face it is set from; none where it goes through, or stands in an end. */
  readonly face?: MemberFace;
  readonly along: Length;
  readonly in: Length;
  /** What is bored, or how wide the mark is. */
  readonly across: Length;
}

/** What is bored for each: pocket, stepped and clearance bores, pegs; from memory. A brad only has its place marked. */
export const ACROSS: Readonly<Record<FixingMark['kind'], Length>> = {
  'pocket-screw': millimetres(9.5),
  'connector-screw': millimetres(7),
  screw: millimetres(4.5),
  dowel: millimetres(8),
  'loose-tenon': millimetres(8),
  biscuit: millimetres(4),
  brad: millimetres(1.5),
};

/** A pocket is bored at fifteen degrees to the face and comes out in the middle of the end; common practice. */
const POCKET_SLOPE = 1 / Math.tan(Math.PI / 12);

/** Where every fixing of a case stands on one of its members. */
export function fixingMarks(fixings: readonly Fixing[], body: Body): readonly FixingMark[] {
  return fixings.flatMap((fixing) => marksOf(fixing, body));
}

function marksOf({ kind, joint, places }: Fixing, body: Body): readonly FixingMark[] {
  if (kind === 'glue' || !bearers(kind, joint).includes(body)) return [];
  const lying = lyingOf(body);
  return places.map((place): FixingMark => {
    const point = pointOf(kind, joint, place);
    const from = (axis: Axis): Length => nm(point[axis] - body[axis].from);
    const face = kind === 'pocket-screw' ? hiddenFace(body) : undefined;
    return {
      ...{ kind, along: from(lying.along), in: from(lying.across), across: ACROSS[kind] },
      ...(face ? { face } : {}),
    };
  });
}

/** Which of the two carry it. */
function bearers(kind: LaidFixing, joint: Joint): readonly Body[] {
  const { one, other } = joint;
  if (kind === 'dowel' || kind === 'loose-tenon' || kind === 'biscuit') return [one, other];
  if (kind === 'pocket-screw') return [one.role === 'worktop' ? other : one];
  return [isThroughOne(joint) ? one : other];
}

function pointOf(kind: LaidFixing, joint: Joint, place: Length): Readonly<Record<Axis, number>> {
  const { axes, across, at } = joint;
  return {
    ...{ x: 0, y: 0, z: 0 },
    [axes.along]: place,
    [axes.across]: Math.round((across.from + across.to) / 2),
    [axes.through]: kind === 'pocket-screw' ? inFromEnd(joint) : at,
  };
}

/** So far back from the end of what butts its pocket begins. */
function inFromEnd({ one, other, axes, at }: Joint): number {
  const { through } = axes;
  const bored = one.role === 'worktop' ? other : one;
  const thin = lyingOf(bored).through;
  const back = pocketInFromEnd(nm(bored[thin].to - bored[thin].from));
  return bored[through].from >= at ? at + back : at - back;
}

/** So far from the end of a part so thick its pocket begins. */
export function pocketInFromEnd(thickness: Length): Length {
  return nm(Math.round((thickness / 2) * POCKET_SLOPE));
}

/** The face that is not seen once the case stands. */
function hiddenFace(body: Body): MemberFace {
  if (body.role === 'case-side-right') return 'left';
  const [low, high] = FACES[lyingOf(body).through];
  return body.role === 'case-bottom' || body.role === 'fixed-shelf' || body.role === 'case-rail' ? low : high;
}
