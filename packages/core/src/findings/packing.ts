import type { Length } from '../length';

/** Things of one kind lying on a drawer's bottom: across, front to back, and how many. */
export interface Laid {
  readonly across: Length;
  readonly deep: Length;
  readonly count: number;
}

/** More kinds than this are not tried in every turning. */
const MOST_TURNED = 6;

/**
 * Whether things lie in the drawer in rows from side to side, the deepest first: a simple packing, as done by hand.
 * Every kind may be turned.
 */
export function fitRowByRow(things: readonly Laid[], width: Length, length: Length): boolean {
  const needed = things.reduce((sum, { across, deep, count }) => sum + across * deep * count, 0);
  if (needed > width * length) return false;
  const turnings = 2 ** Math.min(things.length, MOST_TURNED);
  for (let turning = 0; turning < turnings; turning += 1) {
    const turned = things.map((thing, index) => ((turning >> index) & 1 && index < MOST_TURNED ? turn(thing) : thing));
    if (rowsFit(turned, width, length)) return true;
  }
  return false;
}

export function turn({ across, deep, count }: Laid): Laid {
  return { across: deep, deep: across, count };
}

function rowsFit(things: readonly Laid[], width: number, length: number): boolean {
  const order = [...things].sort((a, b) => b.deep - a.deep);
  // The row being filled: where it starts, how deep it is, how much of the width is taken.
  let start = 0;
  let depth = 0;
  let taken = width;
  for (const { across, deep, count } of order) {
    const perRow = Math.floor(width / across);
    if (perRow === 0) return false;
    const beside = Math.min(count, Math.floor((width - taken) / across));
    taken += beside * across;
    const left = count - beside;
    if (left === 0) continue;
    const rows = Math.ceil(left / perRow);
    start += depth + (rows - 1) * deep;
    depth = deep;
    taken = (left - (rows - 1) * perRow) * across;
    if (start + depth > length) return false;
  }
  return start + depth <= length;
}
