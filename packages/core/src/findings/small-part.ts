import { said } from '../words';
import { millimetres } from '../length';
import { judged, type BoxRule } from './box-facts';

/** Shorter or narrower parts are not held safely at the saw. Common practice. */
const SHORT = millimetres(150);
const NARROW = millimetres(50);

/** Parts to be cut from a longer or wider piece. */
export const smallPart: BoxRule = ({ parts }) => {
  const small = parts.filter(
    ({ length, width }) => (length && length.total < SHORT) || (width && width.total < NARROW),
  );
  const [first] = small;
  if (!first) return undefined;
  const finding = said('SMALL_PART', {
    parts: small.map(({ role }) => said(`parts/${role}`)),
    several: small.length > 1 || first.count > 1,
    short: SHORT,
    narrow: NARROW,
  });
  const because = first.length && first.length.total < SHORT ? first.length : first.width;
  return judged({ ...finding, severity: 'warn', step: 'cut' }, [], because);
};
