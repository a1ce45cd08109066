import { addUp, amountOfBoard, pieces, type Amount } from '../costing';
import type { PricePer, StockItemOf } from '../job';
import type { Length } from '../length';
import type { Wanted } from './wanted';

/** What there is: sheets and boards in the rack, and everything else, by its key, in the hardware drawer. */
export interface Store {
  readonly rack: readonly StockItemOf<Length>[];
  readonly drawer: ReadonlyMap<string, Amount>;
}

const BOARDS: readonly string[] = ['m', 'm3', 'bdft'] satisfies readonly PricePer[];
const isBoardUnit = (unit: string): unit is PricePer => BOARDS.includes(unit);

/** How much of a wanted thing lies there. Of sheets only whole ones, either way round; off-cuts are for a layout to find. */
export function onHand({ key, unit, rack: rackable }: Wanted, { rack, drawer }: Store): Amount {
  const kept = drawer.get(key) ?? pieces(0);
  if (!rackable) return kept;
  const own = rack.filter(({ material }) => material === rackable.name);
  const { sheet } = rackable;
  if (sheet) {
    const whole = own.filter((item) => item.kind === 'sheet' && fits(item, sheet));
    return addUp([kept, pieces(whole.reduce((sum, { count }) => sum + count, 0))]);
  }
  if (!isBoardUnit(unit)) return kept;
  const boards = own.filter(({ kind }) => kind === 'board');
  return addUp([kept, ...boards.map((board) => amountOfBoard(unit, board))]);
}

interface Size {
  readonly length: number;
  readonly width: number;
}

const fits = (item: Size, needed: Size): boolean =>
  (item.length >= needed.length && item.width >= needed.width) ||
  (item.length >= needed.width && item.width >= needed.length);
