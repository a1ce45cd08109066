import {
  frontsCollide,
  frontsPastEnds,
  grainJumpsAcross,
  lookOverCase,
  lookOverTrays,
  neighboursUnequal,
  present,
  tips,
  type CaseFacts,
  type Exact,
  type Finding,
  type LookedAtCase,
  type Neighbour,
  type SharedMember,
} from '../findings';
import type { CaseworkPlan } from '../casework';
import { doorLap, planDoors, type DoorPlan, type DoorStock } from '../doors';
import { meetings, type Compartment } from '../layout';
import { dividerLap, equalFronts, equalOpenings, lap } from '../fronts';
import { inLineOrder, type Edge, type Bank, type Case, type Job } from '../job';
import { add, nm, plus, tally, ZERO, type Length, ofField } from '../length';
import { planThings, type Thing } from '../pullouts';
import type { SlideFamily } from '../slides';
import { tipping } from '../stability';
import type { Surroundings } from './facts';
import { caseStockOf, caseworkOf } from './in-compartments';
import { frontTrees } from './front-faces';
import { rowRun, wholeRun } from './runs';
import { lookedAtBank } from './looked-at-bank';
import { traysOf } from './trays-of';
import { standOf } from './stand';
import type { BankPlan, CasePlan } from './types';
import { weightsOf } from './weights';

/** What all cases of a job share. */
export interface Shop {
  readonly job: Job;
  readonly table: ReadonlyMap<string, SlideFamily>;
  readonly exact: Exact;
  /** The plan of one bank in its surroundings. */
  readonly bankPlan: (around: Surroundings, bank: Bank, path: string) => BankPlan;
}

/** One case: its banks, those that others carry lines across from first, and what they have to do with each other. */
export function planCase(shop: Shop, owner: Case, path: string): CasePlan {
  const planned = new Map<Bank, BankPlan>();
  const levelOf = (bank: string, drawer: string): Length | undefined =>
    [...planned.values()].find(({ id }) => id === bank)?.drawers.find(({ id }) => id === drawer)?.dimensions[
      'front.bottomY'
    ]?.total;
  const around: Surroundings = { ...shop, owner, casePath: path, levelOf };
  for (const bank of inLineOrder(owner.banks))
    planned.set(bank, shop.bankPlan(around, bank, `${path}.banks[${owner.banks.indexOf(bank)}]`));
  const banks = owner.banks.map((bank) => planned.get(bank) as BankPlan);
  const casework = caseworkOf(shop.job, owner, path);
  const stand = standOf(owner, casework, shop.job.materials);
  const doorStock = casework && doorStockOf(shop, owner, casework, path, banks);
  const doors = doorStock ? planDoors(doorStock) : [];
  const things = thingsOf(shop, owner, path, doorStock);
  const weights = weightsOf(shop.job, banks, things);
  const balance = stand && tipping(stand, weights);
  const looked = lookedAt(shop, owner, path, { ...(casework ? { casework } : {}), banks, doors, things });
  const over = looked ? { case: lookOverCase(looked), trays: lookOverTrays(looked) } : { case: [], trays: [] };
  const whole: CasePlan = {
    doors,
    things,
    ...(casework ? { casework } : {}),
    findings: over.case,
    id: owner.id,
    name: owner.name,
    path,
    banks,
    ...panelsOf(owner, path, casework, { banks, doors }),
    ...sharedWidths(owner, path, banks),
    ...(stand ? { stand } : {}),
    ...(balance ? { balance } : {}),
  };
  const plain = caseFacts(owner, path, banks);
  const facts: CaseFacts = casework ? { ...plain, shared: sharedMembers(plain, casework, doors) } : plain;
  const collisions = [...frontsCollide(facts, shop.exact), ...frontsPastEnds(facts, shop.exact)];
  const ofDoors = collisions.flatMap(([, finding]) => (finding.door === undefined ? [] : [finding]));
  const findings = [...whole.findings, ...ofDoors];
  const ofCase = [...findings, ...caseFindings(shop, facts, whole)];
  const ofBanks = [...collisions, ...over.trays];
  return { ...whole, findings: tellsItself(banks) ? ofCase : findings, banks: withFindings(banks, ofCase, ofBanks) };
}

/** Without a bank there is nothing else its findings could stand at. */
const tellsItself = (banks: readonly BankPlan[]): boolean => banks.length === 0;

/** What comes from one panel: all that hangs at the front of a case that is told how it is made, else its banks in a row. */
function panelsOf(
  owner: Case,
  path: string,
  casework: CaseworkPlan | undefined,
  { banks, doors }: Pick<CasePlan, 'banks' | 'doors'>,
): Pick<CasePlan, 'run' | 'fronts'> {
  const fronts = casework && owner.run ? frontTrees(casework, banks, doors) : [];
  const run = casework ? wholeRun(owner, path, fronts[0]) : rowRun(owner, path, banks);
  return { ...(run ? { run } : {}), ...(fronts.length > 0 ? { fronts } : {}) };
}

function doorStockOf(
  { job }: Shop,
  owner: Case,
  casework: CaseworkPlan,
  path: string,
  banks: readonly BankPlan[],
): DoorStock {
  const { doors = [], build, at, asHung } = owner;
  const lineOf = lineIn(casework, banks);
  const framed = build?.frame !== undefined;
  return { job, casework, doors, asHung, lineOf, framed, path, raised: at?.y ?? ZERO };
}

/** What else stands in the compartments of a case that is told how it is made. */
function thingsOf({ job }: Shop, owner: Case, path: string, doors: DoorStock | undefined): readonly Thing[] {
  const stock = caseStockOf(job, owner, path);
  return stock && doors ? planThings({ owner, stock, casework: doors.casework, doors }) : [];
}

/** Where an edge of a drawer's front lies over the case's floor. */
function lineIn({ front }: CaseworkPlan, banks: readonly BankPlan[]) {
  return (line: string, edge: 'top' | 'bottom'): Length | undefined => {
    for (const { id, bank, drawers } of banks) {
      const drawer = drawers.find((each) => line === `${id}/${each.id}`);
      const place = front.compartments.find((each) => each.id === bank.compartment);
      const [low, high] = [drawer?.dimensions['front.bottomY'], drawer?.dimensions['front.height']];
      if (drawer && place && low && high) return add(place.y, low.total, edge === 'top' ? high.total : ZERO);
    }
    return undefined;
  };
}

/** A case that is told how it is made, as it is looked over. */
function lookedAt(
  { job, exact }: Shop,
  owner: Case,
  path: string,
  planned: Pick<CasePlan, 'casework' | 'banks' | 'doors' | 'things'>,
): LookedAtCase | undefined {
  const { casework, banks, doors, things } = planned;
  const stock = caseStockOf(job, owner, path);
  if (!stock || !casework) return undefined;
  const { limits } = job.saw ?? {};
  return {
    ...{ owner, casework, stock, job, path, exact, doors, things, limits },
    board: boardOf(job, owner),
    banks: banks.map((bank) => lookedAtBank(job, bank)),
    trays: traysOf(banks),
  };
}

/** The board in the recess of a case stands in the room for toes. */
function boardOf({ materials }: Job, { build }: Case): Length {
  const id = build?.base?.board?.material ?? build?.panel;
  return materials.find((material) => material.id === id)?.thickness ?? ZERO;
}

/** What concerns the whole case stands with its first bank; what concerns one of its banks, with that. */
function withFindings(
  banks: readonly BankPlan[],
  findings: readonly Finding[],
  ofBanks: readonly (readonly [string, Finding])[],
): readonly BankPlan[] {
  return banks.map((bank, index) => {
    const own = ofBanks.flatMap(([path, finding]) => (path === bank.path ? [finding] : []));
    const more = index === 0 ? [...own, ...findings] : own;
    return more.length === 0 ? bank : { ...bank, findings: [...bank.findings, ...more] };
  });
}

function caseFacts(owner: Case, path: string, banks: readonly BankPlan[]): CaseFacts {
  return {
    owner,
    path,
    banks: banks.map(({ bank, path: at, opening, drawers }) => ({
      path: at,
      at: `${at}.front`,
      instead: fieldsOf(bank.front.reveals, `${at}.front.reveals`),
      planned: bank.basis === 'planned',
      inset: bank.front.mount === 'inset',
      opening: opening.width.total,
      front: drawers[0]?.dimensions['front.width']?.total ?? ZERO,
      called: { id: bank.id, ...(bank.name === undefined ? {} : { name: bank.name }) },
      laps: {
        ...{ left: lap(bank.front, 'left'), right: lap(bank.front, 'right') },
        ...{ top: lap(bank.front, 'top'), bottom: lap(bank.front, 'bottom') },
      },
      gap: bank.front.gap,
      divider: dividerOf(owner, path, bank, at),
    })),
  };
}

/** Which banks meet on one member of a case, by the compartments they stand in. */
function sharedMembers(
  { owner, path, banks }: CaseFacts,
  { front }: CaseworkPlan,
  doors: readonly DoorPlan[],
): readonly SharedMember[] {
  const closing = doors.map(neighbourOf);
  // What is behind a door meets nobody in front of the case.
  const standing = ({ id, within }: Compartment) =>
    closing[doors.findIndex(({ door }) => within.includes(door.over))] ??
    banks[owner.banks.findIndex(({ compartment }) => compartment === id)];
  const told = new Set<string>();
  return meetings(front).flatMap(({ boundary: { kind, thick, path: split }, first, second }) => {
    const [one, other] = [standing(first), standing(second)];
    const pair = `${kind} ${one?.path ?? ''} ${other?.path ?? ''}`;
    // A door over several compartments meets its neighbour once, and itself never.
    if (!one || !other || one === other || told.has(pair)) return [];
    if (one.door !== undefined || other.door !== undefined) told.add(pair);
    const member = { thickness: thick, path: memberPath(owner, path, kind, split) };
    return [{ kind, first: one, second: other, member }];
  });
}

/** The field of every edge that is told. */
function fieldsOf(told: Readonly<Partial<Record<Edge, unknown>>> = {}, path: string): Neighbour['instead'] & object {
  return Object.fromEntries(Object.keys(told).map((edge) => [edge, `${path}.${edge}`]));
}

function neighbourOf({ id, path, door, opening, leaves }: DoorPlan): Neighbour {
  return {
    instead: fieldsOf(door.lines, `${path}.lines`),
    ...{ path, at: path, door: id, called: { id, door: true }, gap: door.gap, divider: undefined },
    planned: door.basis !== 'as-built',
    inset: door.mount === 'inset',
    opening: opening.width.total,
    front: leaves[0]?.width.total ?? ZERO,
    laps: {
      ...{ left: doorLap(door, 'left'), right: doorLap(door, 'right') },
      ...{ top: doorLap(door, 'top'), bottom: doorLap(door, 'bottom') },
    },
  };
}

/** Where it is written how thick what stands between is. */
function memberPath({ build }: Case, path: string, kind: 'column' | 'row', split: string): string {
  if (!build?.frame) return kind === 'row' ? split : `${path}.build.panel`;
  return `${path}.build.frame.${kind === 'column' ? 'middle' : 'rail'}`;
}

/** The divider to the right of a bank: its own, or the case's. */
function dividerOf(owner: Case, path: string, bank: Bank, at: string) {
  if (bank.divider !== undefined) return { thickness: bank.divider, path: `${at}.divider` };
  return owner.divider === undefined ? undefined : { thickness: owner.divider, path: `${path}.divider` };
}

function caseFindings(
  shop: Shop,
  facts: CaseFacts,
  { banks, things, run, balance, stand }: CasePlan,
): readonly Finding[] {
  const { owner } = facts;
  const { exact } = shop;
  const interlocked = stand && tipping({ ...stand, interlock: true }, weightsOf(shop.job, banks, things));
  return present(
    neighboursUnequal(facts, exact),
    run && grainJumpsAcross(facts, run, owner.run?.strip ?? ZERO, exact),
    balance && tips(facts, balance, interlocked),
  );
}

/** What a divider asks for: laps of half what it leaves, and both ways of sharing the width. */
function sharedWidths({ divider, banks: jobs }: Case, path: string, banks: readonly BankPlan[]) {
  const [first, last] = [jobs[0], jobs.at(-1)];
  const apart = jobs.slice(0, -1).some((bank) => bank.divider !== undefined && bank.divider !== divider);
  // Dividers that differ leave no one lap, and no one way to share the width.
  if (divider === undefined || apart || jobs.length < 2 || !first || !last) return {};
  const shared = {
    inside: add(...banks.map(({ opening }) => opening.width.total), nm((banks.length - 1) * divider)),
    count: banks.length,
    divider,
    gap: first.front.gap,
    lapLeft: lap(first.front, 'left'),
    lapRight: lap(last.front, 'right'),
  };
  const half = dividerLap(divider, shared.gap);
  const from = ofField(`${path}.divider`);
  return {
    dividerLap: tally(plus('half-divider-less-gap', half, from)),
    widths: { fronts: equalFronts(shared), openings: equalOpenings(shared) },
  };
}
