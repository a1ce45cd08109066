import { inches, millimetres, nm, type Length, type Unit } from './length';
import { writeExact } from './write';

/** The thinnest packing that is told: a sixty-fourth, or a tenth of a millimetre. */
const FINEST = { in: inches(1, 64), mm: millimetres(0.1) } as const;

/**
 * What a side is packed out by, as it is told: down to the last whole sixty-fourth (or tenth of a millimetre), so that
 * the opening is never packed narrower than its narrowest place. Nothing where it is less than one.
 */
export function toPack(eachSide: Length, unit: Unit): Length {
  const step = FINEST[unit];
  return nm(Math.floor(eachSide / step) * step);
}

/** The same as it is written, with its unit. */
export function writePacking(eachSide: Length, unit: Unit): string {
  return writeExact(toPack(eachSide, unit), unit);
}
