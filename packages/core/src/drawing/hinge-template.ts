import { cupLine, type DoorPlan, type Leaf } from '../doors';
import { inMillimetres, nm, subtract } from '../length';
import { said, type Words } from '../words';
import type { Shape } from './shapes';
import { LETTERS, line, note } from './strokes';
import type { Template } from './templates';

const ROUND = 20;

/**
 * The boring of a leaf's hinged edge at full size, from its lower end to over the last cup; leaves alike once, turned over for
 * the other hand. Nothing for hinges without cups.
 */
export function drawHingeTemplates(doors: readonly DoorPlan[], words: Words): readonly Template[] {
  const found = new Map<string, Template>();
  for (const door of doors)
    for (const leaf of door.leaves) {
      const template = boring(door, leaf, words);
      const key = JSON.stringify(template?.drawing);
      if (template && !found.has(key)) found.set(key, template);
    }
  return [...found.values()];
}

function boring({ id, hinge }: DoorPlan, leaf: Leaf, words: Words): Template | undefined {
  const across = leaf.cup && cupLine(leaf.cup, hinge);
  const last = leaf.hinges.at(-1);
  const { bore } = hinge;
  if (!across || !bore || !last || !leaf.cup?.tab) return undefined;
  const x = inMillimetres(across.total);
  const [wide, high] = [x + inMillimetres(bore.diameter) / 2 + ROUND, inMillimetres(last.total) + 2 * ROUND];
  const shapes: readonly Shape[] = [
    line('edge', 0, 0, wide, 0),
    line('edge', 0, 0, 0, high),
    line('centre-line', x, 0, x, high),
    ...leaf.hinges.flatMap(({ total }): readonly Shape[] => {
      const y = inMillimetres(total);
      return [
        { kind: 'circle', role: 'bore', x, y, diameter: inMillimetres(bore.diameter) },
        line('centre-line', 0, y, wide, y),
        note(words.bare(total, 'reading'), 2, y + 2),
      ];
    }),
  ];
  return {
    title: said('template/hinges-of', { door: id }),
    places: [],
    drawing: { x: 0, y: -2 * LETTERS, width: wide + ROUND, height: high + 3 * LETTERS, shapes },
    says: [
      said('template/cups', {
        ...{ diameter: bore.diameter, depth: bore.depth, tab: leaf.cup.tab.total, count: leaf.hinges.length },
        above: nm(subtract(leaf.height.total, last.total)),
      }),
    ],
  };
}
