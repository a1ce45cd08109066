import type { Length, Said } from '../../length';
import type { Words } from '../words';

const MARKS = {
  'mark/front-top': 'front, top',
  'mark/front-bottom': 'front, bottom',
  'mark/box-top': 'box, top',
  'mark/box-bottom': 'box, bottom',
  'mark/slide': 'slide line',
};

/** What is written on templates and the story stick at full size. */
export const TEMPLATES = {
  ...MARKS,
  'template/pull': 'Pull',
  'template/back': 'Back for its slides',
  'template/screws': ({ family }: { family: Said }, w: Words) => `Screw line, ${w.say(family)}`,
  'template/top-edge': 'top edge of the front',
  'template/pair': ({ in: length }: { in: Length }, w: Words) =>
    `centre line ${w.mark(length, 'spacer')} in from the left edge, and as far from the right`,
  'template/middle': 'centre line on the middle of the front',
  'template/bore-depth': ({ depth }: { depth: Length }, w: Words) => `bore ${w.mark(depth, 'gap')} deep`,
  'template/lower-left': 'back, lower left, seen from behind',
  'template/lower-right': 'lower right',
  'template/case-edge': 'front edge of the case',
  'template/holes': ({ first, pitch }: { first: Length; pitch: Length }, w: Words) =>
    `first ${w.mark(first, 'reading')}, then every ${w.mark(pitch, 'reading')}; slots first`,
  'stick/floor': 'floor of the opening  0',
  'stick/top': ({ height }: { height: Length }, w: Words) => `top of the opening  ${w.mark(height, 'opening')}`,
  'stick/mark': ({ place, mark, height }: { place: number; mark: keyof typeof MARKS; height: Length }, w: Words) =>
    `${place + 1} ${MARKS[mark]}  ${w.mark(height, 'spacer')}`,
};
