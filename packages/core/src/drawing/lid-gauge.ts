import { inMillimetres } from '../length';
import type { Lid, Thing } from '../pullouts';
import { said, type Words } from '../words';
import type { Shape } from './shapes';
import { LETTERS, line, note } from './strokes';
import type { Template } from './templates';

/** So long are the arms of a gauge, and so much is free round it, in millimetres. */
const ARM = 120;
const ROUND = 12;

/**
 * A gauge for every lid, at full size, seen from its right end: its corner on the line the lid turns about, the one arm along the
 * upper face of the lid shut, the other along it open as far as it may. Those alike once.
 */
export function drawLidGauges(things: readonly Thing[], words: Words): readonly Template[] {
  const found = new Map<string, Template>();
  for (const thing of things) {
    if (thing.kind !== 'lid') continue;
    const gauge = gaugeOf(thing, words);
    const key = JSON.stringify(gauge.drawing);
    if (!found.has(key)) found.set(key, gauge);
  }
  return [...found.values()];
}

/** Shut it lies to the left of its line; it turns up and over. */
function gaugeOf({ id, opens, thickness }: Lid, words: Words): Template {
  const turn = ((180 - opens) * Math.PI) / 180;
  const [x, y] = [ARM * Math.cos(turn), ARM * Math.sin(turn)];
  const thick = inMillimetres(thickness);
  const [left, right] = [-ARM - ROUND, Math.max(0, x) + ROUND];
  const shapes: readonly Shape[] = [
    line('edge', 0, 0, -ARM, 0),
    line('edge', 0, 0, x, y),
    line('tick', -ARM, -thick, 0, -thick),
    line('tick', 0, -thick, 0, 0),
    note(words.say(said('template/turns-about')), 2, -LETTERS),
    note(words.say(said('template/lid-shut')), -ARM, 2),
    note(words.say(said('template/lid-open', { opens })), x - (x > 0 ? ARM / 2 : 0), y - LETTERS),
  ];
  return {
    title: said('template/gauge-of', { thing: id }),
    places: [],
    drawing: {
      x: left,
      y: -thick - 2 * LETTERS,
      width: right - left + ARM / 2,
      height: y + thick + 4 * LETTERS,
      shapes,
    },
    says: [said('template/gauge', { opens })],
  };
}
