import { inMillimetres } from '../length';
import type { Thing, TiltOut } from '../pullouts';
import { said, type Words } from '../words';
import type { Shape } from './shapes';
import { LETTERS, line, note } from './strokes';
import type { Template } from './templates';

const ROUND = 30;

/**
 * Where the block that stops each tilt-out goes, at full size: from its hinge line back and up, as a wall is seen from its left.
 * Those alike once; turned over for the other wall.
 */
export function drawTiltTemplates(things: readonly Thing[], words: Words): readonly Template[] {
  const found = new Map<string, Template>();
  for (const thing of things) {
    if (thing.kind !== 'tilt-out') continue;
    const template = blockOf(thing, words);
    const key = JSON.stringify(template.drawing);
    if (!found.has(key)) found.set(key, template);
  }
  return [...found.values()];
}

/** The corner of the bin's platform comes to where two lines cross: the block's lower edge lies on the one, its front on the other. */
function blockOf({ id, stop, angle }: TiltOut, words: Words): Template {
  const [x, y] = [inMillimetres(stop.back), inMillimetres(stop.up)];
  const [wide, high] = [x + ROUND, y + ROUND];
  const shapes: readonly Shape[] = [
    line('edge', 0, 0, wide, 0),
    line('edge', 0, 0, 0, high),
    line('tick', 0, y, wide, y),
    line('tick', x, 0, x, high),
    note(words.say(said('template/hinge-line')), 2, 4),
    note(words.bare(stop.up, 'reading'), 2, y + 2),
    note(words.bare(stop.back, 'reading'), x + 2, 4 + 2 * LETTERS),
  ];
  return {
    title: said('template/block-of', { thing: id }),
    places: [],
    drawing: { x: 0, y: -2 * LETTERS, width: wide + ROUND, height: high + 3 * LETTERS, shapes },
    says: [said('template/block-at', { up: stop.up, back: stop.back, angle })],
  };
}
