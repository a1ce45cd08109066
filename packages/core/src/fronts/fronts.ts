import type { Bank, Front } from '../job';
import {
  label,
  minusTimes,
  nm,
  plus,
  tally,
  type Length,
  type Tally,
  type Term,
  ofField,
  ofDimension,
} from '../length';

type Edge = 'top' | 'bottom' | 'left' | 'right';

/** How far the front passes the opening at an edge: an overlay laps it, an inset front stands back by its gap. */
export function lap(front: Front, edge: Edge): Length {
  return front.mount === 'overlay' ? front[edge] : nm(-front[edge]);
}

function lapTerm(front: Front, edge: Edge, path: string): Term {
  const called = label(front.mount === 'overlay' ? 'lap-at' : 'gap-at', { edge });
  return plus(called, lap(front, edge), ofField(`${path}.front.${edge}`));
}

/** Front width = W + lap left + lap right. */
export function frontWidth(bank: Bank, width: Tally, path: string): Tally {
  return tally(
    plus('width-opening', width.total, ofDimension('opening.width')),
    lapTerm(bank.front, 'left', path),
    lapTerm(bank.front, 'right', path),
  );
}

/** Height to share out = H + lap top + lap bottom − (n − 1)·gap. */
export function heightToShare(bank: Bank, height: Tally, path: string): Tally {
  const gaps = bank.drawers.length - 1;
  const gap = bank.front.gap;
  const from = ofField(`${path}.front.gap`);
  return tally(
    plus('height-opening', height.total, ofDimension('opening.height')),
    lapTerm(bank.front, 'top', path),
    lapTerm(bank.front, 'bottom', path),
    gaps === 0 ? undefined : minusTimes('gap-between-fronts', gaps, gap, from),
  );
}
