import { memberCuts, memberName, MEMBERS, type Member, type MemberCut } from '../casework';
import type { Material, WorktopEdge } from '../job';
import { add, inches, millimetres, nm, share, subtract, ZERO, type Length } from '../length';
import { said, type SaidAs } from '../words';
import { growth, moistureRise, movementOf, shelfSag } from '../timber';
import { remedy, type Finding, type Remedy } from './finding';
import type { LookedAtCase } from './looked-at-case';

/** Common practice, every figure here. */
const LEFT_OF_NOTCH = { in: inches(3), mm: millimetres(75) } as const;
const TOP_MOVES_OVER = millimetres(1.5);
const BETWEEN_PINS = millimetres(2);

const of = (severity: Finding['severity']) => ({ severity, step: 'case' as const });

/** Whether the members of a case can be made, carry what they are to, and are seen as they should be. */
export function lookOverMembers(looked: LookedAtCase): readonly Finding[] {
  return [
    ...overSheets(looked),
    ...deepJoints(looked),
    ...saggingShelves(looked),
    ...pinsMeet(looked),
    ...notches(looked),
    ...topMoves(looked),
    ...edgesShow(looked),
  ];
}

function materialOf({ job }: LookedAtCase, id: string): Material | undefined {
  return job.materials.find((each) => each.id === id);
}

/** A part longer or wider than the sheet it is to come from; along the grain where there is one. */
function overSheets(looked: LookedAtCase): readonly Finding[] {
  return looked.casework.members.flatMap((member): readonly Finding[] => {
    const sheet = materialOf(looked, member.material)?.sheet;
    if (!sheet) return [];
    const { length, width } = member.blank ?? member;
    const over = (long: Length, wide: Length): number => Math.max(long - sheet.length, wide - sheet.width);
    const grain = materialOf(looked, member.material)?.grain === true && !MEMBERS[member.role].anyGrain;
    const turned = grain ? Infinity : over(width.total, length.total);
    const by = Math.min(over(length.total, width.total), turned);
    return by > 0 ? [{ ...said('PART_OVER_SHEET', { part: partSaid(member), by: nm(by) }), ...of('stop') }] : [];
  });
}

function partSaid({ role, count }: Member): SaidAs<`part/${Member['role']}`> {
  return said(`part/${role}`, { count });
}

/** Let in by more than half of what takes it; or from both sides by what leaves nothing between. */
function deepJoints({ casework: { outline, front }, path, exact }: LookedAtCase): readonly Finding[] {
  const { letIn, panel } = outline;
  if (letIn <= 0) return [];
  const half = share(panel, 2);
  const both = front.dividers.some(({ x }) => shelvesMeet(front.shelves, x, panel));
  const most = both ? nm(Math.floor((panel - 1) / 2)) : half;
  if (letIn <= most) return [];
  const value = exact(share(panel, 3));
  return [
    {
      ...said('JOINT_TOO_DEEP', { depth: letIn, panel, both }),
      ...of('warn'),
      remedies: [remedy('let-in-a-third', { depth: share(panel, 3) }, [{ path: `${path}.build.joint.depth`, value }])],
    },
  ];
}

/** Shelves end at the same height on both faces of a divider. */
function shelvesMeet(
  shelves: readonly { y: Length; left: Length; right: Length }[],
  x: Length,
  panel: Length,
): boolean {
  const left = shelves.filter(({ right }) => right === x);
  const right = shelves.filter(({ left: from }) => from === x + panel);
  return left.some(({ y }) => right.some((each) => Math.abs(each.y - y) < panel));
}

/** Shelves on pins bear at their ends; with a load that is told, over the years. */
function saggingShelves(looked: LookedAtCase): readonly Finding[] {
  const { owner, casework, path, job } = looked;
  return (owner.shelves ?? []).flatMap(({ compartment, load_kg: load, material: own }, place): readonly Finding[] => {
    const member = casework.members.find(({ role, node }) => role === 'shelf' && node === compartment);
    const material = member && materialOf(looked, member.material);
    if (!member || !material) return [];
    const size = { material, span: member.length.total, deep: member.width.total };
    const { sag, limit } = shelfSag({ ...size, ...(load === undefined ? {} : { weight: load }) });
    if (sag <= limit) return [];
    const thicker = job.materials
      .filter(({ id, thickness, kind }) => id !== own && thickness > material.thickness && kind === material.kind)
      .find((each) => {
        const tried = shelfSag({ ...size, material: each, ...(load === undefined ? {} : { weight: load }) });
        return tried.sag <= tried.limit;
      });
    const made = thicker && [
      remedy('shelves-of', { material: thicker.name }, [
        { path: `${path}.shelves[${place}].material`, value: thicker.id },
      ]),
    ];
    return [
      { ...said('SHELF_SAGS', { node: compartment, sag, limit }), ...of('warn'), ...(made ? { remedies: made } : {}) },
    ];
  });
}

/** Holes bored into both faces of a divider at one place leave something between. */
function pinsMeet({ stock, casework, path, exact }: LookedAtCase): readonly Finding[] {
  if (stock.shelves.length < 2) return [];
  return casework.bodies.flatMap((body): readonly Finding[] => {
    const holes = body.role === 'divider' ? memberCuts({ stock, ...casework }, body).filter(isHole) : [];
    const panel = subtract(body.x.to, body.x.from);
    const over = holes.flatMap((left) =>
      holes
        .filter((right) => left.face === 'left' && right.face === 'right' && isAt(left, right))
        .map((right) => add(depthOf(left), depthOf(right), BETWEEN_PINS) - panel),
    );
    const most = nm(Math.max(0, ...over));
    return most > 0 ? [meeting({ stock, casework, path, exact }, memberName(body), panel, most)] : [];
  });
}

const isHole = ({ kind }: MemberCut): boolean => kind === 'pin-hole';
const isAt = (one: MemberCut, other: MemberCut): boolean =>
  one.along.total === other.along.total && one.in.total === other.in.total;
const depthOf = ({ depth }: MemberCut): Length => depth?.total ?? ZERO;

function meeting(
  { stock, casework, path, exact }: Pick<LookedAtCase, 'stock' | 'casework' | 'path' | 'exact'>,
  divider: string,
  panel: Length,
  over: Length,
): Finding {
  const beside = (side: 0 | 1) =>
    stock.shelves.flatMap(({ compartment }, place) =>
      casework.front.compartments.some((each) => each.id === compartment && each.beside[side] === divider)
        ? [{ compartment, place }]
        : [],
    );
  const [left, right] = [beside(1), beside(0)];
  const depth = share(nm(panel - BETWEEN_PINS), 2);
  const patches = [...left, ...right].map(({ place }) => ({
    path: `${path}.shelves[${place}].pins.depth`,
    value: exact(depth),
  }));
  const called = { left: left[0]?.compartment ?? '', right: right[0]?.compartment ?? '' };
  return {
    ...said('PIN_HOLES_MEET', { ...called, over }),
    ...of('stop'),
    remedies: [remedy('bore-pins', { depth }, patches)],
  };
}

/** What a member is notched for stays under the bottom, and leaves enough of the member. */
function notches({ owner, casework, job: { unit } }: LookedAtCase): readonly Finding[] {
  const { outline, bodies } = casework;
  const floor = nm(outline.floor - outline.bottom);
  return (owner.build?.notches ?? []).flatMap(({ member, steps }): readonly Finding[] => {
    const body = bodies.find((each) => memberName(each) === member);
    const top = Math.max(ZERO, ...steps.map(({ height }) => height));
    const deepest = Math.max(ZERO, ...steps.map(({ depth }) => depth));
    const over = nm(top - floor);
    const meets =
      over > 0 && outline.bottom > 0 && member !== 'case-back'
        ? [{ ...said('NOTCH_MEETS_BOTTOM', { member, over }), ...of('stop') } as Finding]
        : [];
    const left = body ? nm(body.z.to - body.z.from - deepest) : undefined;
    const deep =
      left !== undefined && member !== 'case-back' && left < LEFT_OF_NOTCH[unit]
        ? [{ ...said('NOTCH_TOO_DEEP', { member, left, least: LEFT_OF_NOTCH[unit] }), ...of('stop') } as Finding]
        : [];
    return [...meets, ...deep];
  });
}

/** Trims glued across the grain of a solid top hold what wants to move. */
function topMoves(looked: LookedAtCase): readonly Finding[] {
  const { owner, casework, job } = looked;
  const { worktop } = owner.build ?? {};
  const top = casework.members.find(({ role }) => role === 'worktop');
  const material = worktop && materialOf(looked, worktop.material);
  const edges = worktop?.trim?.edges ?? [];
  if (!top || material?.kind !== 'solid' || edges.every(isAlong)) return [];
  const moves = growth(top.width.total, movementOf(material).coefficient, moistureRise(job.climate));
  if (moves <= TOP_MOVES_OVER) return [];
  return [{ ...said('TOP_MOVES', { moves }), ...of('warn'), remedies: [withoutAcross(looked, edges.filter(isAlong))] }];
}

const isAlong = (edge: WorktopEdge): boolean => edge === 'front' || edge === 'back';

function withoutAcross({ path }: LookedAtCase, along: readonly WorktopEdge[]): Remedy {
  const trim = `${path}.build.worktop.trim`;
  return remedy('no-trim-across', {}, [
    along.length > 0 ? { path: `${trim}.edges`, value: along } : { path: trim, value: undefined },
  ]);
}

/** Members whose front edges are seen where no frame, band or trim covers them. */
const SEEN = ['case-side-left', 'case-side-right', 'divider', 'fixed-shelf', 'case-bottom', 'case-top'] as const;

function edgesShow(looked: LookedAtCase): readonly Finding[] {
  const { owner, casework, path, job } = looked;
  const { build } = owner;
  if (!build || build.frame) return [];
  const bare = SEEN.filter(
    (role) =>
      !build.band?.members[role]?.includes('front') &&
      casework.members.some((each) => each.role === role && materialOf(looked, each.material)?.kind !== 'solid'),
  );
  if (bare.length === 0) return [];
  const members = Object.fromEntries(bare.map((role) => [role, [...(build.band?.members[role] ?? []), 'front']]));
  const patches = build.band
    ? Object.entries(members).map(([role, value]) => ({ path: `${path}.build.band.members.${role}`, value }))
    : [{ path: `${path}.build.band`, value: { thickness: job.unit === 'in' ? '1/32 in' : '1 mm', members } }];
  return [
    { ...said('EDGE_SHOWS', { count: bare.length }), ...of('note'), remedies: [remedy('band-edges', {}, patches)] },
  ];
}
