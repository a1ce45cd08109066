import { MEMBERS, type CaseWait, type Member } from '../casework';
import type { Case, CaseGates } from '../job';
import type { CasePlan } from '../plan';
import type { Release } from './release';

/** The gates of a case, in the order of the work: one that is passed has those before it passed. */
const GATES = ['survey', 'glued', 'standing', 'level'] as const;
export type CaseGate = (typeof GATES)[number];

/** What a part that waits for a gate is held by. */
export const HELD_BY: Readonly<Record<CaseGate, Release>> = {
  survey: 'survey',
  glued: 'case-glued',
  standing: 'standing',
  level: 'level',
};

/** Which gate each kind of part of a case waits for; common practice. */
const WAITS: Readonly<Record<CaseWait, (owner: Case) => CaseGate>> = {
  survey: () => 'survey',
  inside: () => 'survey',
  // Let in it goes into the case as that is; on the back edges it is cut with the case.
  back: ({ build }) => (build?.back?.kind === 'applied' ? 'survey' : 'glued'),
  // Made first, it fixes every line.
  frame: ({ build }) => (build?.frameFirst ? 'survey' : 'glued'),
  standing: () => 'standing',
  worktop: () => 'standing',
};

/** When a part of a case may be cut. */
export function memberRelease(owner: Case, plan: CasePlan, { role }: Member): Release {
  if (plan.findings.some(({ severity }) => severity === 'stop')) return 'mend';
  const gate = WAITS[MEMBERS[role].waits](owner);
  return passed(owner.gates, gate) ? 'now' : HELD_BY[gate];
}

function passed(gates: CaseGates | undefined, gate: CaseGate): boolean {
  return GATES.slice(GATES.indexOf(gate)).some((each) => gates?.[each] !== undefined);
}
