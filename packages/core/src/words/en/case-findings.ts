import type { Length, Said } from '../../length';
import type { Words } from '../words';
import { DOOR_FINDINGS } from './door-findings';

/** What a hole in a member comes into. */
const MET = {
  edge: 'runs out over its edge',
  dado: 'meets a dado',
  groove: 'meets a groove',
  rabbet: 'meets a rabbet',
  notch: 'meets a notch',
  'pin-hole': 'meets a row of pin holes',
  'cut-out': 'meets another hole',
  cup: 'meets the cup of a hinge',
  plate: 'meets the plate of a hinge',
  pull: 'meets the bore of a pull',
  slide: 'meets a slide',
};

/** What an experienced builder would say of a case. */
export const CASE_FINDINGS = {
  /** `share`: what is left to one of them is too little; `off` is by how much. */
  SIZES_DO_NOT_ADD_UP: (
    p: { node: string; off: Length; share: { size: Length; least: Length } | undefined },
    w: Words,
  ) => {
    if (p.share)
      return `“${p.node}” is left only ${w.size(p.share.size)}, ${w.size(p.off)} too little: under ${w.size(p.share.least)} nothing is kept in it.`;
    return p.off > 0
      ? `The sizes in “${p.node}” are ${w.size(p.off)} more than there is: make one of them smaller, or leave one open to take the rest.`
      : `The sizes in “${p.node}” leave ${w.size(-p.off as Length)} that is nobody’s: leave one of them open to take the rest.`;
  },
  KEEP_OUT_MET: (
    { thing, places, over }: { thing: string; places: readonly number[]; over: Length | undefined },
    w: Words,
  ) =>
    `${w.form(places.length, { one: 'Drawer', other: 'Drawers' })} ${w.list(places.map((place) => String(place + 1)))} ${w.form(places.length, { one: 'comes', other: 'come' })} into “${thing}”${over === undefined ? ': no slide is short enough before it' : `, by ${w.size(over)}`}. Shorter drawers there, or fewer, keep clear of it.`,
  KEEP_OUT_CROSSED: ({ thing, member }: { thing: string; member: Said }, w: Words) =>
    `“${thing}” and ${w.say(member)} want the same place: move one of them, or leave the room it needs.`,
  CUT_OUT_MEETS: ({ member, what }: { member: string; what: keyof typeof MET }) =>
    `A hole in ${member} ${MET[what]}: move it, or make it smaller.`,
  NO_ROOM_TO_WORK: (p: { nodes: readonly string[]; least: Length; need: Length; screws: boolean }, w: Words) =>
    `In ${w.list(p.nodes.map((node) => `“${node}”`))} there is only ${w.size(p.least)} from wall to wall: a ${p.screws ? 'driver' : 'drill'} wants ${w.size(p.need)}. Fix what is screwed there on the bench, before the case is closed.`,
  NOTHING_TO_STAND_ON: ({ node }: { node: string }) =>
    `The columns of “${node}” have nothing to stand against: the row beside them is parted by nothing. Part it by a shelf or a rail.`,
  FRAME_BEHIND_WALL: ({ node, side, by }: { node: string; side: 'left' | 'right'; by: Length }, w: Words) =>
    `The ${side} stile of “${node}” ends ${w.size(by)} behind the wall there: a drawer would meet it. Make the stile wider, or let the frame stand less past the side.`,
  TENON_TOO_LONG: ({ tenon, most }: { tenon: Length; most: Length }, w: Words) =>
    `Tenons of ${w.size(tenon)} come through: the narrowest member they enter takes ${w.size(most)}.`,
  UNDER_WITH_KICK:
    'A bottom under the sides can’t go with a recess for the toes: the sides have no lower corner to be notched. Put the bottom between them.',
  TILT_UP: ({ diagonal, room, over }: { diagonal: Length; room: Length; over: Length }, w: Words) =>
    `Built lying down it does not tilt up: from corner to corner it is ${w.size(diagonal)}, ${w.size(over)} more than the ${w.size(room)} under the ceiling. A loose base made apart, or putting it together upright, would help.`,
  CASE_TOO_BIG_FOR_WAY: ({ over, width, height }: { over: Length; width: Length; height: Length }, w: Words) =>
    `It does not come in: on its two smaller sizes it is ${w.size(over)} more than a way of ${w.size(width)} × ${w.size(height)} lets through. Divide it at a divider, or fix its joints with connector screws, so that it goes in flat.`,
  WALL_HUMP: ({ wall, most, scribe }: { wall: 'left' | 'right' | 'back'; most: Length; scribe: Length }, w: Words) =>
    `The wall ${wall === 'back' ? 'behind it' : `on the ${wall}`} is off straight by ${w.size(most)}: more than the ${w.size(scribe)} left on to be shaped to it.`,
  FEW_STUDS: ({ count }: { count: number }) =>
    `Its cleats meet ${count === 0 ? 'no stud' : 'one stud only'}: the rest wants anchors for the wall as it is. Fixing to a wall defers to local rules.`,
  FEET_OUT_OF_REACH: ({ over, most }: { over: Length; most: Length }, w: Words) =>
    `The floor falls away too far: the lowest foot would have to reach ${w.size(over)} beyond the ${w.size(most)} it has.`,
  PART_OVER_SHEET: ({ part, by }: { part: Said; by: Length }, w: Words) =>
    `No sheet of its material gives its ${w.say(part)}: ${w.size(by)} too large. Divide it at a divider, or take a larger sheet.`,
  JOINT_TOO_DEEP: ({ depth, panel, both }: { depth: Length; panel: Length; both: boolean }, w: Words) =>
    both
      ? `Let in by ${w.size(depth)} from both sides of a panel of ${w.size(panel)}, shelves at one height meet in it.`
      : `Let in by ${w.size(depth)}, a panel of ${w.size(panel)} is cut through more than half.`,
  SHELF_SAGS: ({ node, sag, limit }: { node: string; sag: Length; limit: Length }, w: Words) =>
    `The shelves in “${node}” sag by ${w.size(sag)} in the middle; ${w.size(limit)} is the most. Thicker stuff, a lipping on edge or a support in the middle would hold them.`,
  PIN_HOLES_MEET: ({ left, right, over }: { left: string; right: string; over: Length }, w: Words) =>
    `Pin holes of “${left}” and “${right}” meet in the divider between them, by ${w.size(over)}.`,
  NOTCH_MEETS_BOTTOM: ({ member, over }: { member: string; over: Length }, w: Words) =>
    `What ${member} is notched for stands ${w.size(over)} higher than the bottom’s underside: cut the bottom back there, or lift it.`,
  NOTCH_TOO_DEEP: ({ member, left, least }: { member: string; left: Length; least: Length }, w: Words) =>
    `The notch leaves only ${w.size(left)} of ${member}: ${w.size(least)} is the least.`,
  TOP_MOVES: ({ moves }: { moves: Length }, w: Words) =>
    `A solid worktop moves by ${w.size(moves)} across its grain over the year: trims glued on across it open, or it cracks. It is fixed in slots.`,
  EDGE_SHOWS: ({ count }: { count: number }, w: Words) =>
    `The edges of ${w.form(count, { one: 'one kind of panel show', other: `${count} kinds of panels show` })} in front: they have neither band, trim nor frame.`,
  ...DOOR_FINDINGS,
  CASE_RACKS:
    'Nothing keeps this case square: it has no back, and neither cleats at top and bottom nor a face frame. Give it one of them.',
  KICK_LOW: ({ height, deep }: { height: Length; deep: Length }, w: Words) =>
    `There is little room for toes: ${w.size(height)} high and ${w.size(deep)} deep. Where people stand at it, 3 in (75 mm) and 2 in (50 mm) are the least.`,
};
