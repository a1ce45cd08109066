import { quoted, type Length } from '../length';
import type { Report } from './report';
import type { Bank, Drawer } from './types';

/** Drawers whose fronts are tied to one height, by their places in the bank; most stand alone. */
export interface TieGroup {
  readonly members: readonly number[];
  /** The height one (or several, alike) of them is locked to. */
  readonly locked?: Length;
  /** The member whose lock it is. */
  readonly lockedBy?: number;
}

/** The tie groups of a bank in the order of their topmost members. Assumes `checkTies` found nothing. */
export function tieGroups(drawers: readonly Drawer[]): readonly TieGroup[] {
  const place = new Map(drawers.map(({ id }, index) => [id, index]));
  const groups = new Map<number, number[]>();
  drawers.forEach((_, index) => {
    const root = rootOf(drawers, place, index) ?? index;
    groups.set(root, [...(groups.get(root) ?? []), index]);
  });
  return [...groups.values()].map((members) => {
    const lockedBy = members.find((index) => drawers[index]?.height !== undefined);
    const locked = lockedBy === undefined ? undefined : drawers[lockedBy]?.height;
    return locked === undefined || lockedBy === undefined ? { members } : { members, locked, lockedBy };
  });
}

/** Says ties to drawers that aren't there, circles, and two different locks in one group. */
export function checkTies(bank: Bank, path: string, report: Report): void {
  const place = new Map(bank.drawers.map(({ id }, index) => [id, index]));
  let sound = true;
  bank.drawers.forEach((drawer, index) => {
    if (drawer.sameAs === undefined) return;
    const at = `${path}.drawers[${index}].sameAs`;
    if (!place.has(drawer.sameAs)) {
      report.add(at, `read ${quoted(drawer.sameAs)}: no drawer of this bank has this id`);
      sound = false;
    } else if (rootOf(bank.drawers, place, index) === undefined) {
      report.add(at, `read ${quoted(drawer.sameAs)}: the ties run in a circle`);
      sound = false;
    }
  });
  if (sound) checkLocks(bank, path, report);
}

function checkLocks(bank: Bank, path: string, report: Report): void {
  for (const { members, locked } of tieGroups(bank.drawers))
    for (const index of members) {
      const own = bank.drawers[index]?.height;
      if (own !== undefined && own !== locked)
        report.add(`${path}.drawers[${index}].height`, 'a drawer tied to this one is locked at another height');
    }
}

/** Follows `sameAs` to its end; undefined in a circle or where a tie leads nowhere. */
function rootOf(drawers: readonly Drawer[], place: ReadonlyMap<string, number>, start: number): number | undefined {
  let at = start;
  for (let steps = 0; steps <= drawers.length; steps += 1) {
    const next = drawers[at]?.sameAs;
    if (next === undefined) return at;
    const index = place.get(next);
    if (index === undefined) return undefined;
    at = index;
  }
  return undefined;
}
