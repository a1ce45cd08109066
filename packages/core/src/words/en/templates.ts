import type { Length, Said } from '../../length';
import type { Words } from '../words';

const MARKS = {
  'mark/front-top': 'front, top',
  'mark/front-bottom': 'front, bottom',
  'mark/box-top': 'box, top',
  'mark/box-bottom': 'box, bottom',
  'mark/slide': 'slide line',
};

const STICK_EDGES = { lower: 'under', upper: 'top', left: 'left', right: 'right' };

/** What is written on templates and the story stick at full size. */
export const TEMPLATES = {
  ...MARKS,
  'template/pull': 'Pull',
  'template/brackets': 'Brackets of the front',
  'template/opening-floor': 'floor of the opening',
  'template/bracket-holes': (p: { in: Length; up: readonly Length[] }, w: Words) =>
    `${w.mark(p.in, 'spacer')} in from the edge, ${w.list(p.up.map((up) => w.mark(up, 'spacer')))} up from the lower edge; from behind, turned over for the other side`,
  'template/back': 'Back for its slides',
  'template/screws': ({ family }: { family: Said }, w: Words) => `Screw line, ${w.say(family)}`,
  'template/top-edge': 'top edge of the front',
  'template/pair': ({ in: length }: { in: Length }, w: Words) =>
    `centre line ${w.mark(length, 'spacer')} in from the left edge, and as far from the right`,
  'template/middle': 'centre line on the middle of the front',
  'template/bores': (p: { down: Length; diameter: Length; apart: Length | undefined }, w: Words) =>
    `bores ${w.mark(p.diameter, 'reading')} across, ${w.mark(p.down, 'spacer')} down from the top edge${p.apart === undefined ? '' : `, ${w.mark(p.apart, 'spacer')} apart`}`,
  'template/notch': (p: { wide: Length; high: Length }, w: Words) =>
    `notch ${w.mark(p.wide, 'reading')} wide, ${w.mark(p.high, 'reading')} high`,
  'template/hook': (p: { diameter: Length; depth: Length | undefined; inwards: Length; up: Length }, w: Words) =>
    `hook bore ${w.mark(p.diameter, 'reading')} across${p.depth === undefined ? '' : `, ${w.mark(p.depth, 'reading')} deep`}, ${w.mark(p.inwards, 'reading')} in from the side, ${w.mark(p.up, 'reading')} up`,
  'template/lower-left': 'back, lower left, seen from behind',
  'template/lower-right': 'lower right',
  'template/case-edge': 'front edge of the case',
  'template/holes': ({ first, pitch }: { first: Length; pitch: Length }, w: Words) =>
    `first ${w.mark(first, 'reading')}, then every ${w.mark(pitch, 'reading')}; slots first`,
  'template/pin-row': ({ node }: { node: string }) => `Pin row of “${node}”`,
  'template/pins': (
    p: { front: Length; back: Length | undefined; diameter: Length; depth: Length; count: number },
    w: Words,
  ) =>
    `${p.count} holes ${w.mark(p.diameter, 'reading')} across, ${w.mark(p.depth, 'reading')} deep, ${w.mark(p.front, 'spacer')} in from the front edge${p.back === undefined ? '' : ` and ${w.mark(p.back, 'spacer')} in from it at the back`}; the same on both walls`,
  'template/hinges-of': ({ door }: { door: string }) => `Hinges of door “${door}”`,
  'template/cups': (p: { diameter: Length; depth: Length; tab: Length; count: number; above: Length }, w: Words) =>
    `${w.count(p.count, { one: 'cup', other: 'cups' })} ${w.mark(p.diameter, 'reading')} across, ${w.mark(p.depth, 'reading')} deep, ${w.mark(p.tab, 'reading')} from the hinged edge; from the leaf’s lower end up, ${w.mark(p.above, 'spacer')} from the last to its upper end; turned over for the other hand`,
  'template/hinge-line': 'hinge line: front edge of the opening, its floor',
  'template/block-of': ({ thing }: { thing: string }) => `Block of tilt-out “${thing}”`,
  'template/block-at': (p: { up: Length; back: Length; angle: number }, w: Words) =>
    `lower edge of the block ${w.mark(p.up, 'spacer')} over the hinge line and ${w.mark(p.back, 'spacer')} behind it: open by ${p.angle}° the lower far corner of the bin comes there; turned over for the other wall`,
  'template/gauge-of': ({ thing }: { thing: string }) => `Gauge for the stay of lid “${thing}”`,
  'template/gauge': ({ opens }: { opens: number }) =>
    `cut out, its corner held at the end of the lid on the line it turns about: shut, the lid lies on the one edge; open by ${opens}°, on the other; the stay is set so, by its maker’s sheet`,
  'template/turns-about': 'it turns about here',
  'template/lid-shut': 'upper face, shut',
  'template/lid-open': ({ opens }: { opens: number }) => `upper face, open by ${opens}°`,
  'template/on-floor': 'floor of the compartment',
  'template/cut-away': 'cut away',
  'template/notch-of': ({ part }: { part: Said }, w: Words) => `Notch, ${w.say(part)}`,
  'template/hole-of': ({ part }: { part: Said }, w: Words) => `Hole, ${w.say(part)}`,
  'template/hole-at': (
    p: { wide: Length; high: Length; up: Length; inwards: Length; radius: Length | undefined },
    w: Words,
  ) =>
    `${w.mark(p.wide, 'reading')} × ${w.mark(p.high, 'reading')}${p.radius ? `, corners round by ${w.mark(p.radius, 'reading')}` : ''}; ${w.mark(p.up, 'spacer')} up from its lower (left) end, ${w.mark(p.inwards, 'spacer')} in from its front (left, lower) edge`,
  'template/notch-at': (p: { wide: Length; high: Length; low: boolean; front: boolean }, w: Words) =>
    `${w.mark(p.wide, 'reading')} deep, ${w.mark(p.high, 'reading')} high, at the ${p.low ? 'lower' : 'upper'} ${p.front ? 'front' : 'back'} corner; turned over for the other hand`,
  'stick/member': (p: { part: Said; edge: 'lower' | 'upper' | 'left' | 'right'; at: Length }, w: Words) =>
    `${w.say(p.part)}, ${STICK_EDGES[p.edge]}  ${w.bare(p.at, 'spacer')}`,
  'stick/room-floor': 'floor  0',
  'stick/case-top': ({ at }: { at: Length }, w: Words) => `top of the case  ${w.mark(at, 'spacer')}`,
  'stick/left-face': 'left face  0',
  'stick/right-face': ({ at }: { at: Length }, w: Words) => `right face  ${w.mark(at, 'spacer')}`,
  'stick/floor': 'floor of the opening  0',
  'stick/top': ({ height }: { height: Length }, w: Words) => `top of the opening  ${w.mark(height, 'opening')}`,
  'stick/mark': ({ place, mark, height }: { place: number; mark: keyof typeof MARKS; height: Length }, w: Words) =>
    `${place + 1} ${MARKS[mark]}  ${w.mark(height, 'spacer')}`,
};
