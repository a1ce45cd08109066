import { nm, tieGroups, writeExact, type BankPlan, type Length, type Patch, type Unit } from '@zabble/core';
import type { Edge } from './edge-drag';

/** A front is not dragged lower than this. */
const LOWEST = nm(20_000_000);

/** The joint below a drawer, as it stands: the two heights it divides, in whole increments where the bank has them. */
export interface Joint {
  readonly bank: BankPlan;
  /** Place of the drawer above it. */
  readonly place: number;
  readonly above: Length;
  readonly below: Length;
  readonly increment: Length;
}

/** Undefined below the bottom drawer, and where the height is not divided. */
export function jointBelow(bank: BankPlan, place: number, unit: Unit): Joint | undefined {
  const at = (index: number) => bank.drawers[index]?.dimensions['front.height']?.total;
  const [above, below] = [at(place), at(place + 1)];
  if (above === undefined || below === undefined) return undefined;
  const increment = bank.bank.division.increment ?? nm(unit === 'in' ? 1_587_500 : 1_000_000);
  return { bank, place, above, below, increment };
}

/** The joint below a drawer as an edge that is moved by hand. */
export function jointEdge(bank: BankPlan, place: number, unit: Unit): Edge | undefined {
  const joint = jointBelow(bank, place, unit);
  return (
    joint && {
      name: $localize`move the joint below drawer ${place + 1}`,
      key: `${bank.path} ${place}`,
      start: joint.above,
      increment: joint.increment,
      snapped: (down) => snapped(joint, down),
      patches: (height, written) => jointPatches(joint, height, written),
    }
  );
}

/** The height of the front above after the joint went down by so much (up is less), snapped to the increment. */
export function snapped({ above, below, increment }: Joint, down: number): Length {
  const wanted = Math.round((above + down) / increment) * increment;
  const least = Math.min(above, Math.ceil(LOWEST / increment) * increment);
  const most = Math.max(above, above + below - LOWEST);
  const low = Math.ceil(least / increment) * increment;
  const high = Math.floor(most / increment) * increment;
  return nm(Math.min(Math.max(wanted, low), Math.max(low, high)));
}

/**
 * The joint where the front above is so high: both fronts beside it are locked, so every other stays. One is left to
 * take the rest where nothing else could.
 */
export function jointPatches({ bank, place, above, below }: Joint, height: Length, unit: Unit): readonly Patch[] {
  const lockAt = lockPlaces(bank);
  const pair = [place, place + 1].map((each) => lockAt(each));
  const free = bank.drawers.map((drawer) => lockAt(drawer.place)).filter((each) => !isLocked(bank, each));
  const others = free.filter((each) => !pair.includes(each));
  const open = others.length > 0 ? undefined : pair.filter((each) => !isLocked(bank, each)).at(-1);
  const heights = [height, nm(above + below - height)];
  return pair.flatMap((each, index) =>
    each === open
      ? []
      : { path: `${bank.path}.drawers[${each}].height`, value: writeExact(heights[index] ?? height, unit) },
  );
}

function isLocked({ bank }: BankPlan, place: number): boolean {
  return bank.drawers[place]?.height !== undefined;
}

/** Where a drawer's lock stands: on itself, or on the one of its tied group that has it. */
function lockPlaces({ bank }: BankPlan): (place: number) => number {
  const groups = tieGroups(bank.drawers);
  return (place) => groups.find(({ members }) => members.includes(place))?.lockedBy ?? place;
}
