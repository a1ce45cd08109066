import { CORNERS, type Corner } from '../job';
import { nm, ZERO, type Length } from '../length';

/** How far the ends reach into a side of this thickness. */
export function reachOf(corner: Corner, side: Length): Length {
  const { reach } = CORNERS[corner.joint];
  return nm(reach.sides * side + reach.depth * (corner.depth ?? ZERO));
}

/** What a side loses in length where it meets an end of this thickness. */
export function lossOf(corner: Corner, end: Length): Length {
  const { loss } = CORNERS[corner.joint];
  return nm(loss.end * end + loss.depth * (corner.depth ?? ZERO));
}
