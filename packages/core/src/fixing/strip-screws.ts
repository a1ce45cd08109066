import { nm, share, type Length } from '../length';
import { ACROSS, type FixingMark } from './marks';
import { spacedOnStrip } from './rules';

/** Screws of a strip or block fixed along a wall, in its middle: three up to 500 mm, then one more each 250. Common practice. */
export function stripMarks(length: Length, width: Length): readonly FixingMark[] {
  const middle = share(width, 2);
  return spacedOnStrip(length).places.map((along) => ({
    ...{ kind: 'screw', along: nm(along), in: middle, across: ACROSS.screw },
  }));
}
