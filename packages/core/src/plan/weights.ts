import type { Bank, Job } from '../job';
import { add, nm, share, ZERO, type Length } from '../length';
import type { Thing, WorkBoard } from '../pullouts';
import { contentsWeight, usualFill, type Weighed } from '../stability';
import { weightOf } from '../timber';
import type { BankPlan, DrawerPlan } from './types';

/** Everything that comes out of a case: its drawers, and the boards to work on. */
export function weightsOf(job: Job, banks: readonly BankPlan[], things: readonly Thing[]): readonly Weighed[] {
  const drawers = banks.flatMap(({ bank, drawers: all }) => all.flatMap((drawer) => weighed(bank, drawer)));
  const boards = things.flatMap((thing) => (thing.kind === 'board' ? [weighedBoard(job, thing)] : []));
  return [...drawers, ...boards];
}

/** A board as two weights: its own in the middle of its length, and what it bears at its front edge. */
function weighedBoard({ materials }: Job, { id, members, length, out, bears }: WorkBoard): Weighed {
  const own = members
    .filter(({ role }) => role !== 'board-guide')
    .reduce((sum, { count, material: of, length: long, width, thickness }) => {
      const material = materials.find((each) => each.id === of);
      return sum + (material ? count * weightOf(material, long.total, width.total, thickness) : 0);
    }, 0);
  const masses = [
    { weight: own, shut: share(length.total, 2) },
    { weight: bears, shut: ZERO },
  ];
  return { id, masses, travel: out, free: true };
}

/**
 * A drawer as two weights: its box, with what it holds, at the middle of its length, and its front in the middle of its
 * own thickness, before the case or inset in it. What it holds is the published fill where nobody told.
 */
function weighed(bank: Bank, { id, place, dimensions, load, frontThickness }: DrawerPlan): readonly Weighed[] {
  const at = (name: keyof DrawerPlan['dimensions']): Length | undefined => dimensions[name]?.total;
  const [setback, length, travel] = [at('slide.setback'), at('box.length'), at('slide.travel')];
  if (setback === undefined || length === undefined || travel === undefined) return [];
  const drawer = bank.drawers[place];
  const told = drawer && contentsWeight(drawer);
  const fill = usualFill(at('inside.width') ?? ZERO, at('inside.length') ?? ZERO, at('inside.wallHeight') ?? ZERO);
  const box = { weight: load.box + (told ?? fill), shut: add(setback, share(length, 2)) };
  const half = share(frontThickness, 2);
  const front = { weight: load.front, shut: bank.front.mount === 'inset' ? half : nm(-half) };
  return [{ id, masses: [box, front], travel }];
}
