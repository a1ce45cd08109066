import type { Part } from '../box';
import { millimetres } from '../length';
import { judged, type BoxRule } from './box-facts';

/** Shorter or narrower parts are not held safely at the saw. Common practice. */
const SHORT = millimetres(150);
const NARROW = millimetres(50);

const NAMES: Readonly<Record<Part['role'], string>> = {
  side: 'sides',
  front: 'box front',
  back: 'back',
  bottom: 'bottom',
  muntin: 'muntin',
  face: 'drawer front',
  stile: 'stiles',
  rail: 'rails',
  panel: 'panel',
};

/** Parts to be cut from a longer or wider piece. */
export const smallPart: BoxRule = ({ parts }) => {
  const small = parts.filter(
    ({ length, width }) => (length && length.total < SHORT) || (width && width.total < NARROW),
  );
  const [first] = small;
  if (!first) return undefined;
  const names = small.map(({ role }) => NAMES[role]).join(' and ');
  const says = `the ${names} ${small.length > 1 || first.count > 1 ? 'are' : 'is'} under 150 mm (6 in) long or 50 mm (2 in) wide: cut from a longer strip, with a sled or push stick.`;
  const because = first.length && first.length.total < SHORT ? first.length : first.width;
  return judged({ code: 'SMALL_PART', severity: 'warn', step: 'cut', says }, [], because);
};
