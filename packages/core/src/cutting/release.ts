import { FRONT_ROLES, type Role } from '../box';
import type { Job } from '../job';
import type { BankPlan, DrawerPlan } from '../plan';

/**
 * What a part waits for (trade: the stage gate): the opening measured as built; what stops it mended; its slides in
 * hand, or their sheet; the real groove or a test joint; the boxes hung and trued. `now`: nothing.
 */
export type Release = 'now' | 'forecast' | 'mend' | 'slides' | 'groove' | 'hung';

/** The releases in the order of the work. */
export const RELEASES: readonly Release[] = ['now', 'forecast', 'mend', 'slides', 'groove', 'hung'];

/** Judgements of the whole case that say nothing of its parts' sizes. */
const NOT_OF_PARTS: ReadonlySet<string> = new Set(['TIPS']);

interface Gate {
  readonly gate: 'slides' | 'groove' | 'hung';
  readonly holds: (role: Role) => boolean;
}

const isBottom = (role: Role): boolean => role === 'bottom' || role === 'muntin';

/** Which parts each gate of a bank holds back, in the order of the work. */
const GATES: readonly Gate[] = [
  { gate: 'slides', holds: (role) => role === 'side' || isBottom(role) },
  { gate: 'groove', holds: isBottom },
  { gate: 'hung', holds: (role) => FRONT_ROLES.has(role) },
];

/** When a part of this role may be cut, as the gates of its bank stand. */
export function releaseOf(job: Job, plan: BankPlan, drawer: DrawerPlan, role: Role): Release {
  const { basis, gates } = plan.bank;
  if (basis === 'planned' || notMeasured(plan)) return 'forecast';
  if (stopped(plan, drawer)) return 'mend';
  const sheetKnown = knownByItself(job, drawer);
  const shut = GATES.find(({ gate, holds }) => holds(role) && !gates?.[gate] && !(gate === 'slides' && sheetKnown));
  return shut?.gate ?? 'now';
}

/** Called as built, with every reading still the planned one. */
function notMeasured({ findings }: BankPlan): boolean {
  return findings.some(({ code }) => code === 'NOT_YET_MEASURED');
}

function stopped({ findings }: BankPlan, { id }: DrawerPlan): boolean {
  return findings.some(
    ({ severity, code, drawer }) =>
      severity === 'stop' && !NOT_OF_PARTS.has(code) && (drawer === undefined || drawer === id),
  );
}

/** A slide entered from its own sheet, or made of wood in the shop, need not be in hand. */
function knownByItself({ slides }: Job, { family }: DrawerPlan): boolean {
  const made = family.cuts?.bearing !== undefined || family.cuts?.batten !== undefined;
  return made || (slides ?? []).some(({ id }) => id === family.id);
}
