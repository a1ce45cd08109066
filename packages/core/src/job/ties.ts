import type { Length } from '../length';
import { said } from '../words';
import { readWrong, type Report } from '../reading';
import type { Drawer, WrittenBank } from './types';

/** Drawers whose fronts are tied to one height, by their places in the bank; most stand alone. */
export interface TieGroup {
  readonly members: readonly number[];
  /** The height one (or several, alike) of them is locked to. */
  readonly locked?: Length;
  /** The member whose lock it is. */
  readonly lockedBy?: number;
}

/** What a drawer may share with another one by naming it: its front height, or its box height. */
type Tie = 'sameAs' | 'boxSameAs';

/** The tie groups of a bank in the order of their topmost members. Assumes `checkTies` found nothing. */
export function tieGroups(drawers: readonly Drawer[]): readonly TieGroup[] {
  return groupedBy(drawers, 'sameAs').map((members) => {
    const lockedBy = members.find((index) => drawers[index]?.height !== undefined);
    const locked = lockedBy === undefined ? undefined : drawers[lockedBy]?.height;
    return locked === undefined || lockedBy === undefined ? { members } : { members, locked, lockedBy };
  });
}

/** Places of the drawers that share one box height, for every such group of two or more. */
export function boxGroups(drawers: readonly Drawer[]): readonly (readonly number[])[] {
  if (drawers.every(({ boxSameAs }) => boxSameAs === undefined)) return [];
  return groupedBy(drawers, 'boxSameAs').filter(({ length }) => length > 1);
}

function groupedBy(drawers: readonly Drawer[], tie: Tie): readonly (readonly number[])[] {
  if (drawers.every((drawer) => drawer[tie] === undefined)) return drawers.map((_, index) => [index]);
  const place = new Map(drawers.map(({ id }, index) => [id, index]));
  const groups = new Map<number, number[]>();
  drawers.forEach((_, index) => {
    const root = rootOf(drawers, place, index, tie) ?? index;
    groups.set(root, [...(groups.get(root) ?? []), index]);
  });
  return [...groups.values()];
}

/** Says ties to drawers that aren't there, circles, and two different locks in one group. */
export function checkTies(bank: WrittenBank, path: string, report: Report): void {
  const sound = soundTies(bank, 'sameAs', path, report);
  soundTies(bank, 'boxSameAs', path, report);
  if (sound) checkLocks(bank, path, report);
}

function soundTies(bank: WrittenBank, tie: Tie, path: string, report: Report): boolean {
  const place = new Map(bank.drawers.map(({ id }, index) => [id, index]));
  let sound = true;
  bank.drawers.forEach((drawer, index) => {
    const other = drawer[tie];
    if (other === undefined) return;
    const at = `${path}.drawers[${index}].${tie}`;
    const wrong = !place.has(other)
      ? said('no-drawer')
      : rootOf(bank.drawers, place, index, tie) === undefined && said('ties-in-circle');
    if (!wrong) return;
    report.add(at, readWrong(other, wrong));
    sound = false;
  });
  return sound;
}

function checkLocks(bank: WrittenBank, path: string, report: Report): void {
  for (const { members, locked } of tieGroups(bank.drawers))
    for (const index of members) {
      const own = bank.drawers[index]?.height;
      if (own !== undefined && own !== locked) report.add(`${path}.drawers[${index}].height`, said('locked-apart'));
    }
}

/** Follows a tie to its end; undefined in a circle or where it leads nowhere. */
function rootOf(
  drawers: readonly Drawer[],
  place: ReadonlyMap<string, number>,
  start: number,
  tie: Tie,
): number | undefined {
  let at = start;
  for (let steps = 0; steps <= drawers.length; steps += 1) {
    const next = drawers[at]?.[tie];
    if (next === undefined) return at;
    const index = place.get(next);
    if (index === undefined) return undefined;
    at = index;
  }
  return undefined;
}
