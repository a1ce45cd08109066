import { nm, ZERO, type Unit } from '../length';
import { writePacking } from './packing';
import type { Stack } from './stack';

/** What a build-out is made of, and what of it is missing or too much: `1 of 1/2 in poplar + packing 1/32 in`. */
export function stackWords(
  { pieces, rest, packing = ZERO, off }: Stack,
  named: (material: string) => string,
  unit: Unit,
): string {
  if (rest === 'planed') return 'planed from solid to fit';
  const made = [
    ...pieces.map(({ material, count }) => `${count} of ${named(material)}`),
    ...(packing > 0 ? [`packing ${writePacking(packing, unit)}`] : []),
  ].join(' + ');
  if (off.total === 0) return made;
  const size = writePacking(nm(Math.abs(off.total)), unit);
  if (off.total > 0) return `${made} (${size} too thick)`;
  return `${made === '' ? 'nothing at hand' : made} (${size} missing: pack it)`;
}
