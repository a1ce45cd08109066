import { inMillimetres, nm, ZERO, type Length } from '../length';
import type { BankPlan } from '../plan';
import type { Drawing, Measure, Outline, Shape } from './shapes';

/** What is out of true is drawn about this part of the width, and no more than so many times what it is. */
const SHOWN = 0.07;
const MOST_TIMES = 60;
/** Readings this far from the edges, as a part of the height or width: a tape is not laid into the corner. */
const INSET = 0.06;
/** Packing under this is not drawn. In millimetres. */
const LEAST_PACKING = 0.05;

/** The opening as measured. Shapes are out of true by `times` what the readings say; sizes written are true. */
export interface OpeningDrawing extends Drawing {
  readonly times: number;
}

type Point = readonly [number, number];

/**
 * The opening true to its readings: widths from the top down, heights from the left, leaning as its diagonals say, and
 * beside each width what it has over the one that governs, to be packed half a side. What governs stands dashed
 * upright in it. Readings are taken to be evenly spread; only the lean tells its sides apart, so packing is shared.
 */
export function drawOpening({ bank, opening, packing }: BankPlan): OpeningDrawing {
  const [width, height] = [inMillimetres(opening.width.total), inMillimetres(opening.height.total)];
  const lean = inMillimetres(opening.rack ?? ZERO);
  const over = bank.opening.width.map((each) => inMillimetres(each) - width);
  const rises = bank.opening.height.map((each) => inMillimetres(each) - height);
  const times = exaggeration(width, [lean, ...over, ...rises]);
  const levels = [...spread(bank.opening.width.length, height)].reverse();
  const along = (y: number): number => (times * lean * y) / height;
  const widthAt = (y: number): number => times * between(levels, over, y);
  const side = (to: 1 | -1, y: number): Point => [
    along(y) + (to > 0 ? width : 0) + (to * widthAt(y)) / 2,
    y === height ? height + times * (to > 0 ? (rises.at(-1) ?? 0) : (rises[0] ?? 0)) : y,
  ];
  const ys = [0, ...[...levels].reverse(), height];
  const top = spread(rises.length, width).map((x, index): Point => [
    along(height) + x,
    height + times * (rises[index] ?? 0),
  ]);
  const outline: Outline = {
    kind: 'outline',
    role: 'as-measured',
    points: [...ys.map((y) => side(-1, y)), ...top, ...[...ys].reverse().map((y) => side(1, y))],
  };
  const governs: Outline = {
    kind: 'outline',
    role: 'governs',
    points: [0, height, height, 0].map((y, index): Point => [along(y) + (index > 1 ? width : 0), y]),
  };
  const shapes: readonly Shape[] = [
    outline,
    governs,
    ...packing.flatMap(({ reading, eachSide }) =>
      packs(levels[reading] ?? 0, eachSide, (to, y) => [side(to, y)[0], along(y) + (to > 0 ? width : 0)]),
    ),
    ...bank.opening.width.map((length, index) => across(levels[index] ?? 0, length, index, side)),
    ...bank.opening.height.map((length, index) =>
      up(top[index] ?? [0, height], length, index, spread(rises.length, width)[index] ?? 0),
    ),
  ];
  const xs = outline.points.map(([x]) => x);
  const highest = Math.max(...outline.points.map(([, y]) => y));
  const x = Math.min(0, ...xs);
  return { x, y: 0, width: Math.max(width, ...xs) - x, height: highest, shapes, times };
}

/** So many times that the most out of true shows; a whole number, once where all is true. */
function exaggeration(width: number, departures: readonly number[]): number {
  const most = Math.max(...departures.map(Math.abs));
  return most === 0 ? 1 : Math.max(1, Math.min(MOST_TIMES, Math.floor((SHOWN * width) / most)));
}

/** Places of so many readings over a size: one in the middle, more evenly from edge to edge. */
function spread(count: number, size: number): readonly number[] {
  if (count === 1) return [size / 2];
  return Array.from({ length: count }, (_, index) => size * (INSET + ((1 - 2 * INSET) * index) / (count - 1)));
}

/** What the readings say between their levels (from the top down): straight lines, and level beyond the last. */
function between(levels: readonly number[], values: readonly number[], y: number): number {
  const at = levels.findIndex((level) => level <= y);
  if (at === 0) return values[0] ?? 0;
  if (at < 0) return values.at(-1) ?? 0;
  const [above = 0, below = 0] = [levels[at - 1], levels[at]];
  const part = above === below ? 0 : (y - below) / (above - below);
  return (values[at] ?? 0) + part * ((values[at - 1] ?? 0) - (values[at] ?? 0));
}

/** What is to be packed at one reading, on both sides. */
function packs(
  y: number,
  eachSide: Length,
  edges: (to: 1 | -1, y: number) => readonly [number, number],
): readonly Measure[] {
  if (inMillimetres(eachSide) < LEAST_PACKING) return [];
  return ([-1, 1] as const).map((to) => {
    const [wall, edge] = edges(to, y);
    const [x1, x2] = to < 0 ? [wall, edge] : [edge, wall];
    return { kind: 'measure', role: 'packing', label: 'pack', length: eachSide, x1, y1: y, x2, y2: y };
  });
}

function across(y: number, length: Length, index: number, side: (to: 1 | -1, y: number) => Point): Measure {
  const [[x1], [x2]] = [side(-1, y), side(1, y)];
  return { kind: 'measure', role: 'reading', label: `width ${index + 1}`, length: nm(length), x1, y1: y, x2, y2: y };
}

function up([x2, y2]: Point, length: Length, index: number, x1: number): Measure {
  return { kind: 'measure', role: 'reading', label: `height ${index + 1}`, length: nm(length), x1, y1: 0, x2, y2 };
}
