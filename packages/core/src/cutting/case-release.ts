import { MEMBERS, type CaseWait, type Member } from '../casework';
import type { Case, CaseGates } from '../job';
import type { CasePlan } from '../plan';
import type { Release } from './release';

/** The gates of a case, in the order of the work: one that is passed has those before it passed. */
const GATES = ['survey', 'glued', 'standing', 'level'] as const;
type CaseGate = (typeof GATES)[number];

/** What a part of a case may be held by, and the gate of its case that releases it. */
const HOLDS = { survey: 'survey', 'case-glued': 'glued', standing: 'standing' } as const satisfies Partial<
  Record<Release, CaseGate>
>;
type CaseHold = keyof typeof HOLDS;

/** Whether a part waits for something of its case. */
export function isHeldByCase(release: Release): release is CaseHold {
  return Object.hasOwn(HOLDS, release);
}

/** The gate that is waited for. */
export function gateOfCase(hold: CaseHold): CaseGate {
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
};

/** When a part of a case may be cut. */
export function memberRelease(owner: Case, plan: CasePlan, { role }: Member): Release {
  if (plan.findings.some(({ severity }) => severity === 'stop')) return 'mend';
  const hold = WAITS[MEMBERS[role].waits](owner);
  return passed(owner.gates, gateOfCase(hold)) ? 'now' : hold;
}

function passed(gates: CaseGates | undefined, gate: CaseGate): boolean {
  return GATES.slice(GATES.indexOf(gate)).some((each) => gates?.[each] !== undefined);
}
