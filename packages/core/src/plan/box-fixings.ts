import { BOTTOMS, boxStock, type BoxStock } from '../box';
import {
  boxJoints,
  frontScrews,
  slideHardware,
  type BoxFace,
  type BoxFixing,
  type CaseHardware,
  type FrontOnBox,
} from '../fixing';
import { lap } from '../fronts';
import { drawerSettings, type Job, type Material } from '../job';
import { nm, share, subtract, ZERO, type Length } from '../length';
import { BRACKET_PILOT } from '../pullouts';
import { once } from '../reading';
import type { BankPlan, DrawerPlan } from './types';

/** What holds the box of a drawer, and its front on it; what has no size yet is left away. */
export function boxFixings(job: Job, bank: BankPlan, drawer: DrawerPlan): readonly BoxFixing[] {
  return ofBank(job, bank).get(drawer) ?? [];
}

const ofBank = once(
  (job: Job, bank: BankPlan): ReadonlyMap<DrawerPlan, readonly BoxFixing[]> =>
    new Map(bank.drawers.map((drawer) => [drawer, fixingsOf(job, bank, drawer)])),
);

function fixingsOf(job: Job, bank: BankPlan, drawer: DrawerPlan): readonly BoxFixing[] {
  const plain = bank.bank.drawers[drawer.place];
  if (!plain) return [];
  const stock = stockOf(job, bank, plain);
  const face = stock.faced ? faceOf(job, bank, drawer) : undefined;
  const held = { unit: job.unit, stock, parts: drawer.parts, ...(face ? { face } : {}) };
  return [...boxJoints(held), ...frontFixing(job, bank, drawer, stock)];
}

/** Slides, pulls and all their screws for a bank. */
export function bankHardware({ bank, drawers, carriers }: BankPlan): readonly CaseHardware[] {
  const { pull } = bank.front;
  const perPull = pull?.centres === undefined ? 1 : 2;
  const bought = pull?.kind === undefined || pull.kind === 'bought';
  const hung = drawers.map(({ family, nominal, bores }) => ({
    ...{ family, bores: bores.length, pulls: bought ? bores.length / perPull : 0 },
    ...(nominal === undefined ? {} : { nominal }),
  }));
  return slideHardware(hung, carriers);
}

function stockOf(job: Job, { bank }: BankPlan, drawer: BankPlan['bank']['drawers'][number]): BoxStock {
  const material = (id: string): Material => job.materials.find((each) => each.id === id) as Material;
  return boxStock(drawerSettings(bank, drawer).box, material, bank.front);
}

/** The drawer front that is the box's own. */
function faceOf({ materials }: Job, bank: BankPlan, drawer: DrawerPlan): BoxFace | undefined {
  const wood = materials.find(({ id }) => id === drawer.frontMaterial);
  const width = drawer.dimensions['box.width']?.total;
  return wood && width !== undefined ? { wood, width, ...behindFront(bank, drawer, width) } : undefined;
}

/** From inside the box; where the front is the box's own its corner says what holds it. */
function frontFixing(job: Job, bank: BankPlan, drawer: DrawerPlan, stock: BoxStock): readonly BoxFixing[] {
  if (drawer.brackets.length > 0) return [bracketFixing(drawer)];
  const on = onBox(job, bank, drawer, stock);
  if (!on) return [];
  const { count, marks, long } = frontScrews(on);
  return [
    {
      ...{ kind: 'screw', one: 'drawer-front', other: 'box-front', joints: 1, count, glue: false, on: 'box-front' },
      ...{ marks, ...(long === undefined ? {} : { long }) },
    },
  ];
}

/** Screwed to its brackets in place of the box front; their holes are bored from its back. */
function bracketFixing({ brackets }: DrawerPlan): BoxFixing {
  const marks = brackets.map(
    ({ x, y }) => ({ kind: 'screw', along: x.total, in: y.total, across: BRACKET_PILOT }) as const,
  );
  return {
    ...{ kind: 'screw', one: 'drawer-front', other: 'side', joints: 2, count: brackets.length, glue: false },
    ...{ on: 'drawer-front', marks },
  };
}

/** The box front, and where it lies behind its drawer front; nothing where either has no size, or there is only one. */
function onBox(job: Job, plan: BankPlan, drawer: DrawerPlan, stock: BoxStock): FrontOnBox | undefined {
  const { front } = plan.bank;
  const { 'front.width': width, 'front.height': height, 'screw.front': longest } = drawer.dimensions;
  const part = drawer.parts.find(({ role }) => role === 'box-front');
  if (stock.faced || front.mount === 'none' || !part?.length || !part.width) return undefined;
  if (!width || !height || !longest) return undefined;
  const box = { width: part.length.total, height: part.width.total };
  const { frame } = front;
  return {
    ...{ unit: job.unit, ...box, floor: floorOf(stock), longest: longest.total, ...slideOn(drawer) },
    front: { width: width.total, height: height.total },
    at: behindFront(plan, drawer, box.width),
    bores: drawer.bores.map(({ x, y }) => ({ x: x.total, y: y.total })),
    ...(frame ? { frame: { stile: frame.stile, rail: frame.rail ?? frame.stile } } : {}),
  };
}

/** Where the groove of the bottom ends, or the bottom itself; nothing of one below the sides. */
function floorOf({ box, bottom }: BoxStock): Length {
  const { raised, onOutside } = BOTTOMS[box.bottomFit];
  if (raised) return nm((box.groove?.offset ?? 0) + bottom.thickness);
  return onOutside ? ZERO : bottom.thickness;
}

const total = ({ dimensions }: DrawerPlan, name: keyof DrawerPlan['dimensions']): Length =>
  dimensions[name]?.total ?? ZERO;

function slideOn(drawer: DrawerPlan): Pick<FrontOnBox, 'slideLine'> {
  if (drawer.family.seat !== 'side' || !drawer.dimensions['slide.centreY']) return {};
  return { slideLine: subtract(total(drawer, 'slide.centreY'), total(drawer, 'box.bottomY')) };
}

function behindFront({ bank: { front }, opening }: BankPlan, drawer: DrawerPlan, width: Length): FrontOnBox['at'] {
  const beside = share(subtract(opening.width.total, width), 2);
  const up = subtract(total(drawer, 'box.bottomY'), total(drawer, 'front.bottomY'));
  return { x: nm(lap(front, 'left') + beside), y: up };
}
