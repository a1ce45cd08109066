import type { Length } from '../../length';
import type { Words } from '../words';

/** What an experienced builder would say of a case. */
export const CASE_FINDINGS = {
  SIZES_DO_NOT_ADD_UP: ({ node, off }: { node: string; off: Length }, w: Words) =>
    off > 0
      ? `The sizes in “${node}” are ${w.size(off)} more than there is: make one of them smaller, or leave one open to take the rest.`
      : `The sizes in “${node}” leave ${w.size(-off as Length)} that is nobody’s: leave one of them open to take the rest.`,
  SHARE_TOO_SMALL: ({ node, size, least }: { node: string; size: Length; least: Length }, w: Words) =>
    `“${node}” is left only ${w.size(size)}: under ${w.size(least)} nothing is kept in it.`,
  NOTHING_TO_STAND_ON: ({ node }: { node: string }) =>
    `The columns of “${node}” have nothing to stand against: the row beside them is parted by nothing. Part it by a shelf or a rail.`,
  FRAME_BEHIND_WALL: ({ node, side, by }: { node: string; side: 'left' | 'right'; by: Length }, w: Words) =>
    `The ${side} stile of “${node}” ends ${w.size(by)} behind the wall there: a drawer would meet it. Make the stile wider, or let the frame stand less past the side.`,
  TENON_TOO_LONG: ({ tenon, most }: { tenon: Length; most: Length }, w: Words) =>
    `Tenons of ${w.size(tenon)} come through: the narrowest member they enter takes ${w.size(most)}.`,
  UNDER_WITH_KICK:
    'A bottom under the sides can’t go with a recess for the toes: the sides have no lower corner to be notched. Put the bottom between them.',
  CASE_RACKS:
    'Nothing keeps this case square: it has no back, and neither cleats at top and bottom nor a face frame. Give it one of them.',
  KICK_LOW: ({ height, deep }: { height: Length; deep: Length }, w: Words) =>
    `There is little room for toes: ${w.size(height)} high and ${w.size(deep)} deep. Where people stand at it, 3 in (75 mm) and 2 in (50 mm) are the least.`,
};
