import type { Bank, Drawer, TieGroup } from '../job';
import { divide, type Division, type DivisionProblem } from '../division';
import { millimetres, type Length, type Tally } from '../length';
import type { Exact, Finding, Remedy, Say } from './finding';

export function drawerName(drawer: Drawer | undefined, place: number): string {
  return drawer?.name ? `${place + 1}, ${drawer.name}` : `${place + 1}`;
}

/** A bank's division as its findings need it. */
export interface DivisionFacts {
  readonly bank: Bank;
  readonly path: string;
  readonly problem: DivisionProblem;
  readonly division: Division;
  /** Height shared out. */
  readonly share: Tally;
}

/** What a division says when it can't be made, and by how much. */
export function divisionImpossible(facts: DivisionFacts, say: Say, exact: Exact): Finding | undefined {
  const { bank, division, share } = facts;
  if (division.ok) return undefined;
  const { fails, by, place } = division;
  const says = {
    over: `The heights held (locked, or asked for by what is stored) come to ${say(by)} more than there is to share out.`,
    under: `Every height is held and together they leave ${say(by)} over. Free one drawer to take it.`,
    'nothing-left': `Drawer ${drawerName(bank.drawers[place ?? 0], place ?? 0)} would come out ${say(by)} under nothing. A smaller step, or fewer drawers, would leave it room.`,
    open: `By hand, every height is given but one, which takes the rest. Here ${by} are open.`,
  }[fails];
  const remedies = [...freedLocks(facts), ...equalHeights(facts, exact)];
  return { code: 'DIVISION_IMPOSSIBLE', severity: 'stop', step: 'divide', says, because: share, remedies };
}

/** Locks that, one of them away, leave a division that can be made; from the bottom up, where it shows least. */
function freedLocks({ bank, path, problem }: DivisionFacts): readonly Remedy[] {
  const helps = (group: TieGroup): boolean =>
    group.locked !== undefined &&
    divide({ ...problem, groups: problem.groups.map((each) => (each === group ? { members: each.members } : each)) })
      .ok;
  return problem.groups
    .filter(helps)
    .reverse()
    .slice(0, 2)
    .map(({ members }) => {
      const locked = members.filter((place) => bank.drawers[place]?.height !== undefined);
      return {
        says: `Free drawer ${locked.map((place) => drawerName(bank.drawers[place], place)).join(' and ')}`,
        patches: locked.map((place) => ({ path: `${path}.drawers[${place}].height`, value: undefined })),
      };
    });
}

/** The free heights made equal, where that can be done and isn't so already. */
function equalHeights({ bank, path, problem }: DivisionFacts, exact: Exact): readonly Remedy[] {
  const increment = problem.increment ?? millimetres(1);
  const alike = problem.choice.scheme === 'equal';
  if (alike || !divide({ ...problem, choice: { scheme: 'equal' }, increment }).ok) return [];
  const needed = bank.division.increment ? [] : [{ path: `${path}.division.increment`, value: exact(increment) }];
  const patches = [{ path: `${path}.division.scheme`, value: 'equal' }, ...needed];
  return [{ says: 'Make the free heights equal', patches }];
}

/** A lower drawer shallower than the one above it, unless ordered by hand. */
export function divisionReversed(bank: Bank, heights: readonly Length[], say: Say): readonly Finding[] {
  if (bank.division.scheme === 'manual') return [];
  return heights.flatMap((height, place) => {
    const [above, drawer] = [heights[place - 1], bank.drawers[place]];
    if (above === undefined || !drawer || height >= above || drawer.height !== undefined) return [];
    return {
      code: 'DIVISION_REVERSED',
      severity: 'note',
      step: 'divide',
      drawer: drawer.id,
      says: `Drawer ${drawerName(drawer, place)} is ${say((above - height) as Length)} shallower than the one above it.`,
    };
  });
}
