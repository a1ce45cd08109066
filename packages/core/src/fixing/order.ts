import type { Role } from '../box';
import type { CaseworkPlan, MemberRole } from '../casework';
import type { LaidFixing } from '../job';
import type { Length } from '../length';
import { said } from '../words';
import type { BoxFixing } from './box-joints';
import type { Fixing } from './fixings';
import type { CaseHardware } from './hardware';

/** When each member goes in, common practice: the carcass, what stands in it, the back, the frame, what lies on it. */
const STEPS: Readonly<Record<MemberRole, number>> = {
  'case-bottom': 1,
  'plinth-front': 1,
  'plinth-end': 1,
  leg: 1,
  apron: 1,
  divider: 2,
  'fixed-shelf': 2,
  'case-rail': 2,
  'case-top': 3,
  stretcher: 3,
  'case-side-left': 4,
  'case-side-right': 4,
  cleat: 5,
  'case-back': 6,
  'kick-board': 7,
  'frame-stile': 8,
  'frame-rail': 8,
  'frame-middle-stile': 8,
  'frame-middle-rail': 8,
  filler: 9,
  shelf: 9,
  upright: 9,
  'board-guide': 9,
  lid: 11,
  'lid-strip': 10,
  'work-board': 10,
  'board-edging': 10,
  platform: 11,
  gusset: 11,
  worktop: 10,
  'worktop-trim': 10,
  door: 11,
  'door-panel': 11,
  'door-stile': 11,
  'door-rail': 11,
  'door-middle-stile': 11,
  'door-middle-rail': 11,
};

/** When a kind of member goes in: the lower the sooner, as many at once as have the same. */
export const assemblyStep = (role: MemberRole): number => STEPS[role];

export type JoinedRole = Role | Exclude<MemberRole, 'case-side-left' | 'case-side-right'> | 'case-side';

/** Fixings alike: of one kind and length between the same two kinds of members. */
export interface FixingRow {
  readonly kind: LaidFixing;
  readonly one: JoinedRole;
  readonly other: JoinedRole;
  readonly joints: number;
  readonly count: number;
  readonly glue: boolean;
  readonly long?: Length;
  readonly thread?: 'coarse' | 'fine';
  readonly slotted?: true;
}

/** One step of putting a case together: what goes in, and what is fixed then. */
export interface AssemblyStep {
  readonly roles: readonly { readonly role: MemberRole; readonly count: number }[];
  readonly fixings: readonly FixingRow[];
}

/** The steps a case is put together in; a joint is made when the later of its members goes in. */
export function assembly(
  { bodies }: Pick<CaseworkPlan, 'bodies'>,
  fixings: readonly Fixing[],
): readonly AssemblyStep[] {
  const steps = [...new Set(bodies.map(({ role }) => STEPS[role]))].sort((one, other) => one - other);
  return steps.map((step) => {
    const roles = [...new Set(bodies.flatMap(({ role }) => (STEPS[role] === step ? [role] : [])))];
    return {
      roles: roles.map((role) => ({ role, count: bodies.filter((body) => body.role === role).length })),
      fixings: fixingRows(fixings.filter((fixing) => stepOfJoint(fixing) === step)),
    };
  });
}

function stepOfJoint({ joint: { one, other } }: Fixing): number {
  return Math.max(STEPS[one.role], STEPS[other.role]);
}

/** Left and right are fixed alike. */
function either(role: MemberRole): JoinedRole {
  return role === 'case-side-left' || role === 'case-side-right' ? 'case-side' : role;
}

/** Of the drawers of a bank alike ones counted together. */
export function boxFixingRows(fixings: readonly BoxFixing[]): readonly FixingRow[] {
  const rows = new Map<string, FixingRow>();
  for (const { marks: _marks, on: _on, joints, count, ...rest } of fixings) {
    const key = JSON.stringify(rest);
    const known = rows.get(key);
    rows.set(key, { ...rest, joints: (known?.joints ?? 0) + joints, count: (known?.count ?? 0) + count });
  }
  return [...rows.values()];
}

/** Alike fixings counted together. */
export function fixingRows(fixings: readonly Fixing[]): readonly FixingRow[] {
  const rows = new Map<string, FixingRow>();
  for (const fixing of fixings) {
    const { joint, places, ...rest } = fixing;
    const [one, other] = [either(joint.one.role), either(joint.other.role)];
    const key = JSON.stringify([one, other, rest]);
    const known = rows.get(key);
    rows.set(key, {
      ...{ ...rest, one, other },
      joints: (known?.joints ?? 0) + 1,
      count: (known?.count ?? 0) + places.length,
    });
  }
  return [...rows.values()];
}

/** What is to be bought for a case's joints: alike fixings over all of them. */
export function fixingTotals(
  fixings: readonly Fixing[],
): readonly Pick<FixingRow, 'kind' | 'count' | 'long' | 'thread'>[] {
  const totals = new Map<string, Pick<FixingRow, 'kind' | 'count' | 'long' | 'thread'>>();
  for (const { kind, long, thread, places } of fixings) {
    if (kind === 'glue') continue;
    const key = JSON.stringify([kind, long, thread]);
    const count = (totals.get(key)?.count ?? 0) + places.length;
    totals.set(key, { kind, count, ...(long === undefined ? {} : { long }), ...(thread ? { thread } : {}) });
  }
  return [...totals.values()];
}

/** A row of alike fixings, in words. */
export function fixingSaid({ one, other, joints, glue, slotted, kind, count, long, thread }: FixingRow) {
  return said('fixing/joint', {
    ...{ kind, count, long, thread, joints, glue, slotted: slotted === true },
    one: said(`part/${one}`, { count: 1 }),
    other: said(`part/${other}`, { count: 1 }),
  });
}

/** What is to be bought for a case, in words: fixings of a kind and length over all joints, then its hardware. */
export function neededSaid(fixings: readonly Fixing[], hardware: readonly CaseHardware[]) {
  return [
    ...fixingTotals(fixings).map((row) => said('fixing', { ...row, long: row.long, thread: row.thread })),
    ...hardwareSaid(hardware),
  ];
}

export function hardwareSaid(hardware: readonly CaseHardware[]) {
  return hardware.map((row) => said('fixing/hardware', row));
}
