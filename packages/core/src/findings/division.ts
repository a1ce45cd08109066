import type { Bank, Drawer } from '../job';
import type { Division } from '../division';
import type { Length, Tally } from '../length';
import type { Finding, Say } from './finding';

export function drawerName(drawer: Drawer | undefined, place: number): string {
  return drawer?.name ? `${place + 1}, ${drawer.name}` : `${place + 1}`;
}

/** What a division says when it can't be made, and by how much. */
export function divisionImpossible(bank: Bank, division: Division, total: Tally, say: Say): Finding | undefined {
  if (division.ok) return undefined;
  const { fails, by, place } = division;
  const says = {
    over: `The heights held (locked, or asked for by what is stored) come to ${say(by)} more than there is to share out.`,
    under: `Every height is held and together they leave ${say(by)} over. Free one drawer to take it.`,
    'nothing-left': `Drawer ${drawerName(bank.drawers[place ?? 0], place ?? 0)} would come out ${say(by)} under nothing. A smaller step, or fewer drawers, would leave it room.`,
    open: `By hand, every height is given but one, which takes the rest. Here ${by} are open.`,
  }[fails];
  return { code: 'DIVISION_IMPOSSIBLE', severity: 'stop', step: 'divide', says, because: total };
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
