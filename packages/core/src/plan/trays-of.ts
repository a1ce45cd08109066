import type { LookedAtTray, LookedAtTrays, Standing } from '../findings';
import { add, nm, share, subtract, ZERO, type Length } from '../length';
import { packedAsMade } from './making';
import type { BankPlan, DrawerPlan } from './types';

/** Banks that stand behind a door, as its hinges and leaves meet them. */
export function traysOf(banks: readonly BankPlan[]): readonly LookedAtTrays[] {
  return banks.flatMap(({ bank, path, drawers, opening }) => {
    const behind = bank.behind !== undefined || bank.front.mount === 'none';
    if (!behind || bank.compartment === undefined) return [];
    const trays = drawers.map((drawer) => trayOf(bank, drawer, opening.width.total));
    const [left, right] = [packedAsMade(bank, 'left'), packedAsMade(bank, 'right')];
    const packed = { ...(left ? { left } : {}), ...(right ? { right } : {}) };
    return [{ path, compartment: bank.compartment, behind: bank.behind, pack: bank.pack, packed, trays }];
  });
}

function trayOf(bank: BankPlan['bank'], drawer: DrawerPlan, width: Length): LookedAtTray {
  const { place, path, dimensions, family } = drawer;
  const at = (name: keyof DrawerPlan['dimensions']): Length | undefined => dimensions[name]?.total;
  const packing = (side: 'left' | 'right'): Length => packedAsMade(bank, side)?.length ?? bank.pack?.[side] ?? ZERO;
  const [left, right] = [packing('left'), packing('right')];
  const [wide, low, high] = [at('box.width'), at('box.bottomY'), at('box.height')];
  const beside = wide === undefined ? ZERO : share(subtract(width, left, right, wide), 2);
  const box: Standing | undefined =
    low === undefined || high === undefined
      ? undefined
      : { from: low, to: add(low, high), left: add(left, beside), right: add(right, beside) };
  const edge = at('slide.lowerEdgeY');
  const over = bank.front.over ?? ZERO;
  return {
    ...{ place, path, called: family.called, onFloor: family.onFloor === true },
    byHand: bank.drawers[place]?.y !== undefined,
    slide: edge === undefined ? undefined : { from: edge, to: add(edge, family.profile), left, right },
    box,
    edges: { left: nm(left + beside - over), right: nm(right + beside - over) },
    travel: at('slide.travel') ?? ZERO,
  };
}
