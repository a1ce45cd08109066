import type { Length, Unit } from './length';
import { ON_A_RULE } from './size-kind';
import { shownLength } from './write';

/**
 * What a side is packed out by, as it is told: down to the last whole sixty-fourth (or tenth of a millimetre), so that
 * the opening is never packed narrower than its narrowest place. Nothing where it is less than one.
 */
export function toPack(eachSide: Length, unit: Unit): Length {
  return shownLength(eachSide, 'packing', { unit, step: ON_A_RULE[unit] });
}
