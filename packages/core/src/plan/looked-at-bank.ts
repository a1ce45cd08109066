import type { LookedAtBank } from '../findings';
import { drawerSettings, type Job } from '../job';
import { add, nm, ZERO, type Length } from '../length';
import { fitSlide, lengthListOf } from '../slides';
import { standsBack } from './making';
import type { BankPlan, DrawerPlan } from './types';

/** A bank as what stands in its compartment concerns it. */
export function lookedAtBank(job: Job, { bank, path, drawers }: BankPlan): LookedAtBank {
  return {
    path,
    compartment: bank.compartment,
    screwed: drawers.some(({ family }) => family.seat === 'side'),
    drawers: drawers.map((drawer) => lookedAtDrawer(job, bank, drawer)),
  };
}

function lookedAtDrawer(job: Job, bank: BankPlan['bank'], drawer: DrawerPlan): LookedAtBank['drawers'][number] {
  const { place, path, dimensions, family, nominal, frontThickness } = drawer;
  const own = bank.drawers[place];
  const choice = own ? drawerSettings(bank, own).slide : bank.slide;
  const insetFront = standsBack(bank, family, { thickness: frontThickness });
  const from = dimensions['bay.bottomY']?.total ?? ZERO;
  return {
    ...{ place, path, from },
    to: add(from, dimensions['bay.height']?.total ?? ZERO),
    centre: dimensions['slide.centreY']?.total,
    back: backOf(drawer, nominal),
    slideWithin: (depth) =>
      fitSlide(family, lengthListOf(job, family, choice), { depth, insetFront }, undefined).nominal,
  };
}

/** The box or its slide, whichever reaches farther back. */
function backOf({ dimensions }: DrawerPlan, nominal: Length | undefined): Length | undefined {
  const [setback, length] = [dimensions['slide.setback']?.total, dimensions['box.length']?.total];
  if (setback === undefined || length === undefined) return undefined;
  return add(setback, nm(Math.max(length, nominal ?? 0)));
}
