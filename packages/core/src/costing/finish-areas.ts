import { ROLES, type PartRole } from '../box';
import { isMember, MEMBERS, type Axis, type Body, type CaseworkPlan, type MemberRole } from '../casework';
import type { CutPart } from '../cutting';
import type { Case, FinishGroup } from '../job';
import { ZERO, type Said } from '../length';
import type { CasePlan, Plan } from '../plan';
import { said } from '../words';
import { addUp, area, pieces, type Amount } from './amount';
import type { Costed } from './costed';

/** As a plan file writes a role. */
export const writtenRole = (role: PartRole | MemberRole | 'extra'): string => {
  if (role === 'extra') return role;
  return isMember(role) ? MEMBERS[role].written : ROLES[role].written;
};

/** How many faces of a piece show: of what stands in a case that is told face by face, by where it stands. Common practice. */
const SHOWN: Readonly<Partial<Record<PartRole | MemberRole, number>>> = {
  ...{
    door: 2,
    'door-panel': 2,
    'door-stile': 2,
    'door-rail': 2,
    'door-middle-stile': 2,
    'door-middle-rail': 2,
    lid: 2,
  },
  ...{ side: 0, 'box-front': 0, back: 0, bottom: 0, muntin: 0 },
  ...{ 'build-out': 0, runner: 0, batten: 0, kicker: 0, strip: 0, blocking: 0, guide: 0 },
  ...{ cleat: 0, stretcher: 0, platform: 0, gusset: 0, 'lid-strip': 0, 'board-guide': 0 },
};

/** Square metres of the faces of one group of a finish plan, edges left out; of each piece as it is when it is done. */
export function areaOf(of: Costed, { parts: roles, faces }: FinishGroup): Amount {
  const inGroup = new Set(roles);
  const own = of.parts.filter(({ use }) => inGroup.has(writtenRole(use.role)));
  if (faces === 'both') return addUp(own.map((part) => faceOf(part, 2)));
  const plain = own.filter(({ use }) => use.role !== 'extra' && !BY_PLACE.has(use.role));
  const placed = of.plan.cases.flatMap((owner, index) => shownInCase(of.job.cases[index], owner, inGroup));
  return addUp([...plain.map((part) => faceOf(part, shownOf(part))), ...placed]);
}

const shownOf = ({ use }: CutPart): number => (use.role === 'extra' ? 1 : (SHOWN[use.role] ?? 1));

function faceOf({ length, width, finished }: CutPart, count: number): Amount {
  const { length: long, width: wide } = finished ?? { length, width };
  return area(long.total, wide.total, count);
}

/** What shows of these is told by what they bound: the outside of sides, and the insides of open compartments. */
const BY_PLACE: ReadonlySet<string> = new Set<MemberRole>([
  ...(['case-side-left', 'case-side-right', 'divider', 'case-bottom', 'case-top'] as const),
  ...(['fixed-shelf', 'case-rail', 'case-back', 'shelf'] as const),
]);

function shownInCase(owner: Case | undefined, plan: CasePlan, roles: ReadonlySet<string>): readonly Amount[] {
  const { casework } = plan;
  if (!owner || !casework) return [];
  const bodies = casework.bodies.filter(({ role }) => BY_PLACE.has(role) && roles.has(MEMBERS[role].written));
  const open = openRooms(owner, plan, casework);
  return bodies.flatMap((body) => [
    outside(owner, casework, body),
    ...open.map(({ id, room }) =>
      body.role === 'shelf' ? bothOf(body, id) : addUp(AXES.map((axis) => touching(body, room, axis))),
    ),
  ]);
}

type Room = Pick<Body, Axis>;
const AXES: readonly Axis[] = ['x', 'y', 'z'];
const OTHERS: Readonly<Record<Axis, readonly [Axis, Axis]>> = { x: ['y', 'z'], y: ['x', 'z'], z: ['x', 'y'] };

/** Compartments with nothing before them and nothing in them but shelves. */
function openRooms(owner: Case, { things, doors }: CasePlan, { openings, front, outline }: CaseworkPlan) {
  const taken = new Set([
    ...owner.banks.flatMap(({ compartment }) => compartment ?? []),
    ...things.flatMap((thing) => (thing.kind === 'lid' ? [] : [thing.compartment])),
  ]);
  const closed = new Set(doors.map(({ door }) => door.over));
  return openings.flatMap(({ compartment: { id } }) => {
    const place = front.compartments.find((each) => each.id === id);
    if (!place || taken.has(id) || place.within.some((node) => closed.has(node))) return [];
    const { left, right, floor, ceiling } = place;
    const room: Room = {
      x: { from: left, to: right },
      y: { from: floor, to: ceiling },
      z: { from: ZERO, to: outline.inside.total },
    };
    return [{ id, room }];
  });
}

/** What two share of a face at which the one ends and the other begins. */
function touching(body: Room, room: Room, axis: Axis): Amount {
  if (body[axis].to !== room[axis].from && body[axis].from !== room[axis].to) return pieces(0);
  const [one, other] = OTHERS[axis].map((each) =>
    Math.max(0, Math.min(body[each].to, room[each].to) - Math.max(body[each].from, room[each].from)),
  );
  return area((one ?? 0) as typeof ZERO, (other ?? 0) as typeof ZERO);
}

const long = ({ from, to }: Body['x']): typeof ZERO => (to - from) as typeof ZERO;

function bothOf(shelf: Body, compartment: string): Amount {
  return shelf.node === compartment ? area(long(shelf.x), long(shelf.z), 2) : pieces(0);
}

/** The outer face of a side that no wall stands at. */
function outside({ build, ends }: Case, { outline }: CaseworkPlan, { role, y, z }: Body): Amount {
  if (role !== 'case-side-left' && role !== 'case-side-right') return pieces(0);
  const end = ends?.[role === 'case-side-left' ? 'left' : 'right'];
  const free = !build?.place && (end === undefined || end >= outline.panel);
  return free ? area(long(y), long(z)) : pieces(0);
}

/** The roles a plan has parts of that can be finished, as a file writes them, and what they are called. */
export function rolesToFinish({ cases }: Plan): readonly { readonly written: string; readonly called: Said }[] {
  const roles = cases.flatMap(({ casework, doors, things, banks }) => [
    ...[...(casework?.members ?? []), ...[...doors, ...things].flatMap(({ members }) => members)].map(
      ({ role }) => role,
    ),
    ...banks.flatMap(({ drawers }) => drawers.flatMap(({ parts }) => parts.map(({ role }) => role))),
  ]);
  return [...new Set(roles)].map((role) => ({
    written: writtenRole(role),
    called: said(`part/${role}`, { count: 2 }),
  }));
}
