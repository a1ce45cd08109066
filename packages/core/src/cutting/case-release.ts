import { MEMBERS, type CaseWait, type Member } from '../casework';
import type { DoorPlan } from '../doors';
import type { Finding } from '../findings';
import type { Case, CaseGates, Job } from '../job';
import type { CasePlan } from '../plan';
import type { Release } from './release';

/** The gates of a case, in the order of the work: one that is passed has those before it passed. */
const GATES = ['survey', 'glued', 'standing', 'level'] as const;

/** What a part of a case may be held by, and the gate of its case that releases it. */
const HOLDS = {
  survey: 'survey',
  'case-glued': 'glued',
  standing: 'standing',
  hinges: 'hinges',
} as const satisfies Partial<Record<Release, keyof CaseGates>>;
type CaseHold = keyof typeof HOLDS;

/** Whether a part waits for something of its case. */
export function isHeldByCase(release: Release): release is CaseHold {
  return Object.hasOwn(HOLDS, release);
}

/** The gate that is waited for. */
export function gateOfCase(hold: CaseHold): keyof CaseGates {
  return HOLDS[hold];
}

/** What each kind of part of a case waits for; common practice. */
const WAITS: Readonly<Record<CaseWait, (owner: Case) => CaseHold>> = {
  survey: () => 'survey',
  // The second school measures them off the case as it came out.
  inner: ({ build }) => (build?.dividersLast ? 'case-glued' : 'survey'),
  // Let in it goes into the case as that is; on the back edges it is cut with the case.
  back: ({ build }) => (build?.back?.kind === 'applied' ? 'survey' : 'case-glued'),
  // Made first, it fixes every line.
  frame: ({ build }) => (build?.frameFirst ? 'survey' : 'case-glued'),
  standing: () => 'standing',
  door: () => 'standing',
};

/** When a part of a case may be cut. */
export function memberRelease(job: Job, owner: Case, plan: CasePlan, { role, node }: Member): Release {
  const isDoor = MEMBERS[role].waits === 'door';
  // Of a door, a tilt-out or a board: all that is its own.
  const held = ({ severity, holds, door }: Finding): boolean =>
    severity === 'stop' && holds !== 'nothing' && (holds !== 'door' || door === node);
  if (plan.findings.some(held)) return 'mend';
  const hold = WAITS[MEMBERS[role].waits](owner);
  if (!passed(owner.gates, HOLDS[hold])) return hold;
  const door = isDoor ? plan.doors.find(({ id }) => id === node) : undefined;
  return door ? doorRelease(job, owner, door) : 'now';
}

/** A door is sized from its opening as it stands, at both ends, and bored for the hinge in hand or by its own sheet. */
function doorRelease({ hinges = [] }: Job, { gates }: Case, { door, hinge }: DoorPlan): Release {
  const { basis, opening, trial } = door;
  if (basis !== 'as-built' || !opening || opening.width.length < 2 || opening.height.length < 2) return 'door-measured';
  const ownSheet = hinges.some(({ id }) => id === hinge.id);
  return gates?.hinges || ownSheet || trial ? 'now' : 'hinges';
}

function passed(gates: CaseGates | undefined, gate: keyof CaseGates): boolean {
  const from = GATES.findIndex((each) => each === gate);
  return from < 0 ? gates?.[gate] !== undefined : GATES.slice(from).some((each) => gates?.[each] !== undefined);
}
