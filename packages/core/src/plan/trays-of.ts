import { add, share, subtract, ZERO, type Length } from '../length';
import type { Standing, Tray, Trays } from '../pullouts';
import { packedAsMade } from './making';
import type { BankPlan, DrawerPlan } from './types';

/** Banks that stand behind a door, as its hinges and leaves meet them. */
export function traysOf(banks: readonly BankPlan[]): readonly Trays[] {
  return banks.flatMap(({ bank, path, drawers, opening }) => {
    const behind = bank.behind !== undefined || bank.front.mount === 'none';
    if (!behind || bank.compartment === undefined) return [];
    const trays = drawers.map((drawer) => trayOf(bank, drawer, opening.width.total));
    const [left, right] = [packedAsMade(bank, 'left'), packedAsMade(bank, 'right')];
    const packed = { ...(left ? { left } : {}), ...(right ? { right } : {}) };
    return [{ path, compartment: bank.compartment, behind: bank.behind, pack: bank.pack, packed, trays }];
  });
}

/** What is packed on a side of an opening: as it was made, else as it is told. */
const packing = (bank: BankPlan['bank'], side: 'left' | 'right'): Length =>
  packedAsMade(bank, side)?.length ?? bank.pack?.[side] ?? ZERO;

/** How far a box stands from the edges of its opening: behind what is packed, in the middle of what is left. */
export function besideBox(
  bank: BankPlan['bank'],
  width: Length,
  box: Length | undefined,
): { readonly left: Length; readonly right: Length } {
  const [left, right] = [packing(bank, 'left'), packing(bank, 'right')];
  const beside = box === undefined ? ZERO : share(subtract(width, left, right, box), 2);
  return { left: add(left, beside), right: add(right, beside) };
}

function trayOf(bank: BankPlan['bank'], drawer: DrawerPlan, width: Length): Tray {
  const { place, path, dimensions, family } = drawer;
  const at = (name: keyof DrawerPlan['dimensions']): Length | undefined => dimensions[name]?.total;
  const [left, right] = [packing(bank, 'left'), packing(bank, 'right')];
  const [low, high] = [at('box.bottomY'), at('box.height')];
  const beside = besideBox(bank, width, at('box.width'));
  const box: Standing | undefined =
    low === undefined || high === undefined ? undefined : { from: low, to: add(low, high), ...beside };
  const edge = at('slide.lowerEdgeY');
  const over = bank.front.over ?? ZERO;
  return {
    ...{ place, path, called: family.called, onFloor: family.onFloor === true },
    byHand: bank.drawers[place]?.y !== undefined,
    slide: edge === undefined ? undefined : { from: edge, to: add(edge, family.profile), left, right },
    box,
    edges: { left: subtract(beside.left, over), right: subtract(beside.right, over) },
    travel: at('slide.travel') ?? ZERO,
  };
}
