import { ROLES } from '../box';
import { isMember, type Body } from '../casework';
import { boardList, sawCuts, sawOf, sawSettings, takenSheets, type CutPart } from '../cutting';
import { fixingTotals } from '../fixing';
import type { Material, OperationId } from '../job';
import { millimetres, type Length } from '../length';
import { boxFixings, caseFixings, type CasePlan } from '../plan';
import { everyDoor } from '../pullouts';
import { movesOf, stepsOf } from '../sheets';
import { weightOf } from '../timber';
import { addUp, decimal, metres, pieces, times, type Amount } from './amount';
import { bandedEdgesOf } from './band-needs';
import type { Costed } from './costed';
import type { FinishWork } from './finish-needs';
import { OPERATIONS, SHORT_HANDED } from './operations';
import { holdsAll, sheetsUsed } from './sheet-needs';
import { isBoards } from './wood-needs';
import { boresFor, boresIn, CASE_MEMBERS, groovesIn } from './worked';

/** So much of one operation, done by so many at once. */
export interface Work {
  readonly id: OperationId;
  readonly count: Amount;
  readonly people: 1 | 2;
  /** Each, as the shop has it. */
  readonly each: number;
  /** All of it: elapsed. */
  readonly minutes: Amount;
  /** It asks for two and there is one: with aids. */
  readonly lift?: true;
}

/** Minutes of a shop in place of those made up. */
export type Minutes = Readonly<Partial<Record<OperationId, number>>>;

/** So much of an operation: where some pieces take two, of those apart; where it is of one case, of which. */
export type Counts = readonly { readonly count: Amount; readonly people?: 1 | 2; readonly case?: string }[];

/** Every operation a job takes, counted by its plan, in the order of the table; of one that some pieces take two for, two. */
export function workOf(
  of: Costed,
  finish: readonly FinishWork[],
  minutes: Minutes = {},
  usual?: number,
): readonly Work[] {
  const counts = countsOf(of, finish);
  const { travel = 0, demolish = 0, people: hands = usual } = of.job.pricing ?? {};
  const byHand: Minutes = { travel, demolish };
  return OPERATIONS.flatMap((row) => {
    const each = byHand[row.id] ?? minutes[row.id] ?? row.minutes ?? 0;
    const byPeople = ([1, 2] as const).map((people) => ({
      people,
      count: addUp(counts[row.id].filter((one) => (one.people ?? row.people) === people).map(({ count }) => count)),
    }));
    return byPeople.filter(({ count }) => count.n > 0n).map((one) => rowOf(row.id, one, each, hands));
  });
}

function rowOf(
  id: OperationId,
  { count, people }: { readonly count: Amount; readonly people: 1 | 2 },
  each: number,
  hands: number | undefined,
): Work {
  const all = times(count, decimal(each));
  if (people === 1 || hands === undefined || hands > 1) return { id, count, people, each, minutes: all };
  return { id, count, people: 1, each, minutes: times(all, decimal(SHORT_HANDED)), lift: true };
}

const one = (count: number, people?: 1 | 2): Counts => [{ count: pieces(count), ...(people ? { people } : {}) }];
const sumOf = <T>(all: readonly T[], of: (each: T) => number): number => all.reduce((sum, each) => sum + of(each), 0);

/** Every operation counted by the plan, as `workOf` adds it up. */
export function countsOf(of: Costed, finish: readonly FinishWork[]): Readonly<Record<OperationId, Counts>> {
  return { ...sawWork(of), ...benchWork(of), ...caseWork(of), ...finishWork(of, finish), ...siteWork(of) };
}

/** What two carry: common practice, every figure here. */
const HEAVY_SHEET = 25;
const HEAVY_SIDE = 15;
const HEAVY_TOP = 20;
const LONG_FRAME = millimetres(1200);

function sawWork(of: Costed) {
  const { job, parts } = of;
  const { kerf } = sawOf(job);
  const broken = sheetsUsed(of).map(({ material, sheets }) => ({ count: pieces(sheets), people: peopleFor(material) }));
  const grooves = parts
    .flatMap((part) => groovesIn(part, kerf))
    .map(({ long, runs, passes }) => metres(long, runs * passes));
  return {
    'break-down': broken,
    setting: one(settings(of, kerf)),
    cut: one(parts.length),
    groove: [{ count: addUp(grooves) }],
    plane: one(parts.filter(isBoards).length),
  };
}

function peopleFor(material: Material): 1 | 2 {
  const { sheet, thickness } = material;
  return sheet && weightOf(material, sheet.length, sheet.width, thickness) > HEAVY_SHEET ? 2 : 1;
}

/**
 * Changes of fence or stop: of sheets that are laid out as they follow one another, else one for every length and every
 * width of a material; and the first and the last of every groove.
 */
function settings({ job, parts }: Costed, kerf: Length): number {
  const taken = takenSheets(job, parts);
  const materials = [...new Set(parts.map(({ material }) => material.id))];
  const sizes = sumOf(materials, (id) => {
    const own = parts.filter(({ material }) => material.id === id);
    const laid = taken.filter(({ material }) => material === id);
    if (laid.length > 0 && holdsAll(laid, own))
      return sumOf(laid, ({ sheet, blade }) => movesOf(stepsOf(sheet, blade)));
    const { fences, stops } = sawSettings(own);
    return fences.length + stops.length;
  });
  return sizes + sumOf(sawCuts(parts, kerf), ({ first, last }) => (first === last ? 1 : 2));
}

function benchWork(of: Costed) {
  const { job, plan, parts } = of;
  const fixings = plan.cases.flatMap((owner) => [
    ...fixingTotals(caseFixings(job, owner).fixings),
    ...owner.banks.flatMap((bank) => bank.drawers.flatMap((drawer) => boxFixings(job, bank, drawer))),
  ]);
  const framed = plan.cases.filter(({ casework }) => casework?.bodies.some(({ role }) => role === 'frame-stile'));
  const panels = sumOf(boardList(job, plan), ({ glueUps }) => glueUps.length);
  const drawers = plan.cases.flatMap(({ banks }) => banks.flatMap((bank) => bank.drawers));
  return {
    bore: one(sumOf(parts, boresIn) + boresFor(fixings)),
    band: [{ count: addUp(bandedEdgesOf(of).map(({ length }) => length)) }],
    'glue-up': one(panels + framed.length),
    box: one(drawers.filter(hasBox).length),
    door: one(framedLeaves(of)),
    frame: framed.map(({ id, casework }) => ({ count: pieces(1), people: reaches(casework?.bodies ?? []), case: id })),
  };
}

const hasBox = ({ parts }: { readonly parts: readonly { readonly role: string }[] }): boolean =>
  parts.some(({ role }) => role === 'side');

function reaches(bodies: readonly Body[]): 1 | 2 {
  const frame = bodies.filter(({ role }) => role.startsWith('frame-'));
  return frame.some(({ x, y }) => Math.max(x.to - x.from, y.to - y.from) > LONG_FRAME) ? 2 : 1;
}

/** Leaves of doors and drawer fronts of stiles and rails. */
function framedLeaves({ plan }: Costed): number {
  return sumOf(plan.cases, ({ doors, things, banks }) => {
    const leaves = everyDoor(doors, things).filter(({ door }) => door.frame);
    const fronts = banks
      .flatMap(({ drawers }) => drawers)
      .filter(({ parts }) => parts.some(({ role }) => role === 'stile'));
    return sumOf(leaves, (door) => door.leaves.length) + fronts.length;
  });
}

function caseWork(of: Costed) {
  const { job, plan, parts } = of;
  const drawers = plan.cases.flatMap(({ banks }) =>
    banks.flatMap(({ bank, drawers: all }) => all.map((drawer) => ({ bank, drawer }))),
  );
  const fronts = drawers.filter(
    ({ bank, drawer }) =>
      bank.front.asBox !== true && drawer.parts.some(({ role }) => role === 'drawer-front' || role === 'stile'),
  );
  const leaves = leavesOf(of);
  const made = parts.filter(({ use }) => use.role === 'pull').length;
  return {
    case: plan.cases.flatMap((owner) => membersOf(of, owner)),
    top: parts
      .filter(({ use }) => use.role === 'worktop')
      .map((part) => ({ count: pieces(1), people: isHeavy(part, HEAVY_TOP) ? (2 as const) : (1 as const) })),
    feet: one(sumOf(plan.cases, ({ casework }) => casework?.feet ?? 0)),
    'build-out': one(parts.filter(isFixedInCase).length),
    hang: one(drawers.length),
    hinge: one(leaves + sumOf(plan.cases, ({ things }) => things.filter(({ kind }) => kind === 'lid').length)),
    front: one(fronts.length),
    refit: one((job.finish ?? []).some(({ when }) => when === 'after') ? fronts.length + leaves : 0),
    pull: one(made + pullsOf(of)),
  };
}

const leavesOf = ({ plan }: Costed): number =>
  sumOf(plan.cases, ({ doors, things }) => sumOf(everyDoor(doors, things), (door) => door.leaves.length));

/** Those that are bought, of drawers and doors. */
function pullsOf({ plan }: Costed): number {
  return sumOf(plan.cases, ({ banks, doors, things }) => {
    const onDoors = everyDoor(doors, things).flatMap((door) => door.leaves.filter(({ pull }) => pull));
    const onFronts = sumOf(banks, ({ bank, drawers }) => {
      const { pull } = bank.front;
      const bought = pull !== undefined && (pull.kind ?? 'bought') === 'bought';
      return bought ? sumOf(drawers, ({ bores }) => bores.length) / (pull.centres === undefined ? 1 : 2) : 0;
    });
    return onDoors.length + onFronts;
  });
}

/** Its members; two put it together where one of its sides is heavy. */
function membersOf({ parts }: Costed, { id }: CasePlan): Counts {
  const own = parts.filter(({ use }) => use.case === id && CASE_MEMBERS.has(use.role));
  const heavy = own.some((part) => part.use.role.startsWith('case-side') && isHeavy(part, HEAVY_SIDE));
  return own.length === 0 ? [] : [{ count: pieces(own.length), people: heavy ? 2 : 1, case: id }];
}

function isHeavy({ material, length, width }: CutPart, most: number): boolean {
  return weightOf(material, length.total, width.total, material.thickness) > most;
}

function isFixedInCase({ use: { role } }: CutPart): boolean {
  if (role === 'extra') return false;
  return isMember(role) ? role === 'board-guide' : ROLES[role].of === 'carrier';
}

function finishWork(_: Costed, finish: readonly FinishWork[]) {
  const each = (of: (row: NonNullable<FinishWork['row']>) => number): Counts => [
    { count: addUp(finish.flatMap(({ row, area }) => (row ? [times(area, pieces(of(row)))] : []))) },
  ];
  return { sand: each(({ grits }) => grits), coat: each(({ coats }) => coats) };
}

function siteWork({ job, plan }: Costed) {
  const { visits = 0, demolish = 0 } = job.pricing ?? {};
  const compartments = sumOf(plan.cases, ({ casework, banks }) => casework?.openings.length ?? banks.length);
  return {
    measure: one(compartments),
    demolish: one(demolish > 0 ? 1 : 0),
    pack: plan.cases.map(({ id }) => ({ count: pieces(1), case: id })),
    travel: one(visits),
    install: plan.cases.map(({ id }) => ({ count: pieces(1), case: id })),
    record: one(1),
  };
}

/** Minutes of hands: of two at once twice as many. */
export const handsOf = ({ minutes, people }: Work): Amount => times(minutes, pieces(people));
