import { nm, type Length } from '../length';
import type { Drawing, Shape } from './shapes';

/** How far edges and holes of what is worked into a part lie from its left end and from its lower edge. */
export interface Ordinates {
  readonly across: readonly Length[];
  readonly up: readonly Length[];
}

/** Nearer than this two are one, in millimetres. */
const SAME = 0.05;

/**
 * Where everything worked into a drawn part lies, each place once, the part's own end and edge left out: of a row of holes
 * the first and the last, of what is only marked nothing.
 */
export function ordinatesOf({ shapes, width, height }: Drawing): Ordinates {
  const boxes = shapes.flatMap(edgesOf);
  const holes = shapes.flatMap((shape) =>
    shape.kind === 'circle' && shape.role !== 'brad' ? [{ x: shape.x, y: shape.y, role: shape.role }] : [],
  );
  const rows = (axis: 'x' | 'y'): readonly number[] => {
    const other = axis === 'x' ? 'y' : 'x';
    const byRow = new Map<string, number[]>();
    for (const hole of holes) {
      const key = `${hole.role} ${Math.round(hole[other] / SAME)}`;
      byRow.set(key, [...(byRow.get(key) ?? []), hole[axis]]);
    }
    return [...byRow.values()].flatMap((row) => [Math.min(...row), Math.max(...row)]);
  };
  return {
    across: distinct([...boxes.flatMap(({ x }) => x), ...rows('x')], width),
    up: distinct([...boxes.flatMap(({ y }) => y), ...rows('y')], height),
  };
}

function edgesOf(shape: Shape): readonly { readonly x: readonly number[]; readonly y: readonly number[] }[] {
  if (shape.kind === 'box' && shape.role !== 'part')
    return [{ x: [shape.x, shape.x + shape.width], y: [shape.y, shape.y + shape.height] }];
  if (shape.kind !== 'outline') return [];
  const [xs, ys] = [shape.points.map(([x]) => x), shape.points.map(([, y]) => y)];
  return [{ x: [Math.min(...xs), Math.max(...xs)], y: [Math.min(...ys), Math.max(...ys)] }];
}

function distinct(places: readonly number[], whole: number): readonly Length[] {
  const inside = places.filter((place) => place > SAME && place < whole - SAME).sort((a, b) => a - b);
  return inside
    .filter((place, index) => index === 0 || place - (inside[index - 1] ?? 0) > SAME)
    .map((place) => nm(Math.round(place * 1e6)));
}
