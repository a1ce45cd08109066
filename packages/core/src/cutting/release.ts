import { BOTTOMS, isOfFront, ROLES, type Role } from '../box';
import { drawerSettings, type Bank, type Job } from '../job';
import { isBought } from '../mounting';
import type { BankPlan, DrawerPlan } from '../plan';
import { missingFromSheet } from '../slides';

/**
 * What a part waits for (common practice: the stage gate): the opening measured as built; what stops it mended; its slides in
 * hand, or their sheet; the real groove or a test joint, or where the bottom is applied the glued box; the boxes hung and
 * trued. Of a case: the space surveyed, the case glued, standing; of a door besides its opening measured back and its hinges in hand. `now`: nothing.
 */
export type Release =
  | 'now'
  | 'survey'
  | 'forecast'
  | 'mend'
  | 'case-glued'
  | 'standing'
  | 'door-measured'
  | 'hinges'
  | 'slides'
  | 'groove'
  | 'glued'
  | 'hung';

/** The releases in the order of the work. */
export const RELEASES: readonly Release[] = [
  ...(['now', 'mend', 'survey', 'case-glued', 'standing', 'door-measured', 'hinges'] as const),
  ...(['forecast', 'slides', 'groove', 'glued', 'hung'] as const),
];

type Waits = (typeof ROLES)[Role]['waits'];

interface Gate {
  readonly gate: 'slides' | 'groove' | 'glued' | 'hung';
  readonly holds: (waits: Waits, drawer: DrawerPlan) => boolean;
}

/** A front that is the box's own goes in with the box: it waits for what that waits for. */
function waitsOf({ front }: Bank, role: Role): Waits {
  return front.asBox === true && isOfFront(role) ? 'slides' : ROLES[role].waits;
}

/** Which parts each gate of a bank holds back, in the order of the work: every part of a box hangs on its slide. */
const GATES: readonly Gate[] = [
  { gate: 'slides', holds: (waits) => waits !== 'hung' },
  { gate: 'groove', holds: (waits, { bottomFit }) => waits === 'bottom' && !BOTTOMS[bottomFit].onOutside },
  { gate: 'glued', holds: (waits, { bottomFit }) => waits === 'bottom' && BOTTOMS[bottomFit].onOutside },
  { gate: 'hung', holds: (waits) => waits === 'hung' },
];

/** When a part of this role may be cut, as the gates of its bank stand. */
export function releaseOf(job: Job, plan: BankPlan, drawer: DrawerPlan, role: Role): Release {
  if (notMeasured(plan)) return 'forecast';
  if (stopped(plan, drawer, role)) return 'mend';
  const { gates } = plan.bank;
  const open = (gate: Gate['gate']): boolean =>
    gates?.[gate] !== undefined ||
    (gate === 'slides' && knownByItself(job, plan, drawer)) ||
    // A box that hangs is glued.
    (gate === 'glued' && gates?.hung !== undefined);
  const waits = waitsOf(plan.bank, role);
  return GATES.find(({ gate, holds }) => holds(waits, drawer) && !open(gate))?.gate ?? 'now';
}

/** Wood fixed in the case waits for the case, and for the slides that stand on it. */
export function carrierRelease(job: Job, plan: BankPlan, drawer: DrawerPlan): Release {
  return releaseOf(job, plan, drawer, 'side');
}

/**
 * What keeps a whole bank from being hung, or its fronts from being put on: not measured as built, something to mend, or
 * boxes that don't hang yet; nothing else than that.
 */
export function walkHeld(plan: BankPlan, which: 'hang' | 'fronts'): 'forecast' | 'mend' | 'hung' | undefined {
  if (notMeasured(plan)) return 'forecast';
  const role = which === 'hang' ? 'side' : 'drawer-front';
  if (plan.drawers.some((drawer) => stopped(plan, drawer, role))) return 'mend';
  return which === 'fronts' && !plan.bank.gates?.hung ? 'hung' : undefined;
}

/** Only planned; or called as built, with every reading still the planned one. */
function notMeasured({ bank, findings }: BankPlan): boolean {
  return bank.basis === 'planned' || findings.some(({ code }) => code === 'NOT_YET_MEASURED');
}

function stopped({ findings }: BankPlan, { id }: DrawerPlan, role: Role): boolean {
  return findings.some(
    ({ severity, holds, drawer }) =>
      severity === 'stop' &&
      holds !== 'nothing' &&
      holds !== 'door' &&
      (holds !== 'fronts' || isOfFront(role)) &&
      (drawer === undefined || drawer === id),
  );
}

/** A slide whose own sheet is written down, figure by figure, or that is made of wood in the shop, need not be in hand. */
function knownByItself(job: Job, { bank }: BankPlan, { id, family }: DrawerPlan): boolean {
  if (!isBought(family)) return true;
  const own = job.slides?.find((row) => row.id === family.id);
  const drawer = bank.drawers.find((each) => each.id === id);
  const unit = (drawer && drawerSettings(bank, drawer).slide.lengths) ?? job.unit;
  return own !== undefined && missingFromSheet(own, family, unit).length === 0;
}

/** Whether its size is told on paper: to cut by, or as a forecast, good for buying. */
export function hasSize(release: Release): boolean {
  return release === 'now' || release === 'forecast';
}
