import { BOTTOMS, boxStock } from '../box';
import { boxJoints, frontScrews, slideHardware, type BoxFixing, type CaseHardware } from '../fixing';
import { lap } from '../fronts';
import { drawerSettings, type Job, type Material } from '../job';
import { nm, share, ZERO, type Length } from '../length';
import type { BankPlan, DrawerPlan } from './types';

/** What holds the box of a drawer, and its front on it; what has no size yet is left away. */
export function boxFixings(job: Job, bank: BankPlan, drawer: DrawerPlan): readonly BoxFixing[] {
  const plain = bank.bank.drawers[drawer.place];
  if (!plain) return [];
  const stock = stockOf(job, bank, plain);
  return [...boxJoints({ unit: job.unit, stock, parts: drawer.parts }), ...frontFixing(job, bank, drawer, stock)];
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

function stockOf(job: Job, { bank }: BankPlan, drawer: BankPlan['bank']['drawers'][number]) {
  const material = (id: string): Material => job.materials.find((each) => each.id === id) as Material;
  return boxStock(drawerSettings(bank, drawer).box, material, bank.front);
}

/** From inside the box; where the front is the box's own its corner says what holds it. */
function frontFixing(
  job: Job,
  bank: BankPlan,
  drawer: DrawerPlan,
  stock: ReturnType<typeof stockOf>,
): readonly BoxFixing[] {
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

function onBox(
  job: Job,
  { bank, opening }: BankPlan,
  drawer: DrawerPlan,
  { box, bottom, faced }: ReturnType<typeof stockOf>,
) {
  const at = (name: keyof DrawerPlan['dimensions']): Length | undefined => drawer.dimensions[name]?.total;
  const part = drawer.parts.find(({ role }) => role === 'box-front');
  const [width, height] = [at('front.width'), at('front.height')];
  const [boxWidth, boxBottom, frontBottom, longest] = [
    ...([at('box.width'), at('box.bottomY'), at('front.bottomY'), at('screw.front')] as const),
  ];
  if (faced || bank.front.mount === 'none' || !part?.length || !part.width) return undefined;
  if (width === undefined || height === undefined || boxWidth === undefined || longest === undefined) return undefined;
  const row = BOTTOMS[box.bottomFit];
  const floor = row.raised ? nm((box.groove?.offset ?? 0) + bottom.thickness) : row.onOutside ? ZERO : bottom.thickness;
  const line = drawer.family.seat === 'side' ? at('slide.centreY') : undefined;
  const beside = share(nm(opening.width.total - part.length.total), 2);
  const { frame } = bank.front;
  return {
    ...{ unit: job.unit, width: part.length.total, height: part.width.total, floor, longest },
    ...(line === undefined ? {} : { slideLine: nm(line - (boxBottom ?? 0)) }),
    front: { width, height },
    at: { x: nm(lap(bank.front, 'left') + beside), y: nm((boxBottom ?? 0) - (frontBottom ?? 0)) },
    bores: drawer.bores.map(({ x, y }) => ({ x: x.total, y: y.total })),
    ...(frame ? { frame: { stile: frame.stile, rail: frame.rail ?? frame.stile } } : {}),
  };
}
