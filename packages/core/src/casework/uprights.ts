import type { Compartment } from '../layout';
import { inches, minus, nm, ofField, plus, plusTimes, tally, unlessZero, type Length } from '../length';
import { materialOf, type Uprights } from './case-stock';
import type { Member } from './member';
import { member, type Casework } from './panels';

/** What an upright is short of its grooves' bottoms, to go in; common practice. */
const GOES_IN = inches(1, 16);

/** Dividers standing in grooves of a compartment's floor and ceiling: `clear + 2·k − 1/16 in` high. Common practice. */
export function uprightMembers(casework: Casework): readonly Member[] {
  const { stock, front, outline } = casework;
  return (stock.uprights ?? []).flatMap(({ compartment, count, material, groove }, index): readonly Member[] => {
    const place = front.compartments.find(({ id }) => id === compartment);
    if (!place) return [];
    const height = tally(
      plus('ceiling-compartment', place.ceiling),
      minus('floor-compartment', place.floor),
      plusTimes('into-groove', 2, groove, ofField(`${stock.path}.uprights[${index}].groove`)),
      minus('goes-in-with', GOES_IN),
    );
    const depth = tally(...outline.inside.terms, unlessZero(minus('face-frame', outline.frame)));
    return [member(casework, 'upright', count, [height, depth], material, compartment)];
  });
}

/**
 * Where the left faces of so many uprights stand, from the outer face of the case's left side: the ways between them are
 * alike, to the nanometre the first ones take what does not part. None where they take more than there is.
 */
export function uprightPlaces(
  { stock }: Pick<Casework, 'stock'>,
  { count, material }: Pick<Uprights, 'count' | 'material'>,
  { left, right }: Pick<Compartment, 'left' | 'right'>,
): readonly Length[] {
  const { thickness } = materialOf(stock, material);
  const ways = uprightWays(stock, { count, material }, { left, right });
  let x: number = left;
  return ways.slice(0, count).map((way, index) => {
    x += way + (index === 0 ? 0 : thickness);
    return nm(x);
  });
}

/** The clear ways between uprights and walls, from the left; none where there is no way left. */
export function uprightWays(
  stock: Casework['stock'],
  { count, material }: Pick<Uprights, 'count' | 'material'>,
  { left, right }: Pick<Compartment, 'left' | 'right'>,
): readonly Length[] {
  const free = right - left - count * materialOf(stock, material).thickness;
  if (free <= count) return [];
  const each = Math.floor(free / (count + 1));
  const more = free - each * (count + 1);
  return Array.from({ length: count + 1 }, (_, index) => nm(each + (index < more ? 1 : 0)));
}
