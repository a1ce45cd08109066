import { INCH, inches, millimetres, type Length, type Unit } from './length';

/**
 * What a size is decides how it is rounded for showing, wherever it stands. Openings, parts and packing go down: nothing is
 * ever cut or packed over. Gaps and spacers go to the nearest step; where the step would hide much of one, it is told finer.
 * A reading stays as it was read.
 */
export type SizeKind = 'opening' | 'part' | 'packing' | 'gap' | 'spacer' | 'reading';

/** How a size is rounded for showing: to which step, and which way. */
export interface Rounding {
  readonly step: Length;
  readonly way: 'down' | 'nearest';
}

/** Finer than any step of a job: thousandths of an inch, hundredths of a millimetre. */
export const FINE: Readonly<Record<Unit, Length>> = { in: (INCH / 1000) as Length, mm: millimetres(0.01) };

/** The finest step that can be read off a rule or a gauge: a sixty-fourth; a tenth of a millimetre. */
export const ON_A_RULE: Readonly<Record<Unit, Length>> = { in: inches(1, 64), mm: millimetres(0.1) };

/** Coarser than this part of a size, the step no longer says it. */
const COARSE = 0.1;

/** How a size of this kind is rounded in a job of this unit and step. */
export function roundingOf(kind: SizeKind, length: Length, unit: Unit, step: Length): Rounding {
  if (kind === 'opening' || kind === 'part') return { step, way: 'down' };
  if (kind === 'packing') return { step: ON_A_RULE[unit], way: 'down' };
  if (kind === 'reading') return { step: asRead(length, unit), way: 'nearest' };
  const size = Math.abs(length);
  const off = Math.abs(Math.round(size / step) * step - size);
  return { step: off > COARSE * size ? FINE[unit] : step, way: 'nearest' };
}

/** Sixty-fourths where it was read off a rule in them, else as fine as an instrument reads. */
function asRead(length: Length, unit: Unit): Length {
  const rule = ON_A_RULE[unit];
  return length % rule === 0 ? rule : FINE[unit];
}
