import { readingLength } from '../job';
import { inMillimetres, nm, ZERO, type Length } from '../length';
import type { BankPlan } from '../plan';
import { said } from '../words';
import { columnsOf, labelOf, levelsOf, middleOf, sorted } from './opening-places';
import type { Drawing, Measure, Outline, Shape } from './shapes';

/** What is out of true is drawn about this part of the width, and no more than so many times what it is. */
const SHOWN = 0.07;
const MOST_TIMES = 60;
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
 * upright in it. A reading stands where it says it was taken, the others evenly spread; only the lean tells its sides
 * apart, so packing is shared.
 */
export function drawOpening({ bank, opening, packing, drawers }: BankPlan): OpeningDrawing {
  const [width, height] = [inMillimetres(opening.width.total), inMillimetres(opening.height.total)];
  const lean = inMillimetres(opening.rack ?? ZERO);
  const over = bank.opening.width.map((each) => inMillimetres(readingLength(each)) - width);
  const rises = bank.opening.height.map((each) => inMillimetres(readingLength(each)) - height);
  const times = exaggeration(width, [lean, ...over, ...rises]);
  const middles = new Map(drawers.map(({ id, dimensions }) => [id, middleOf(dimensions)]));
  const levels = levelsOf(bank.opening.width, height, middles);
  const columns = columnsOf(bank.opening.height, width);
  const widths = sorted(levels, over).reverse();
  const heights = sorted(columns, rises);
  const along = (y: number): number => (times * lean * y) / height;
  const widthAt = (y: number): number => times * between(widths, y);
  const side = (to: 1 | -1, y: number): Point => [
    along(y) + (to > 0 ? width : 0) + (to * widthAt(y)) / 2,
    y === height ? height + times * (heights.at(to > 0 ? -1 : 0)?.[1] ?? 0) : y,
  ];
  const ys = [0, ...[...widths].reverse().map(([at]) => at), height];
  const top = heights.map(([x, rise]): Point => [along(height) + x, height + times * rise]);
  const outline = outlineOf('as-measured', [
    ...ys.map((y) => side(-1, y)),
    ...top,
    ...[...ys].reverse().map((y) => side(1, y)),
  ]);
  const upright = [0, height, height, 0].map((y, index): Point => [along(y) + (index > 1 ? width : 0), y]);
  const shapes: readonly Shape[] = [
    outline,
    outlineOf('governs', upright),
    ...packing.flatMap(({ reading, eachSide }) =>
      packs(levels[reading] ?? 0, eachSide, (to, y) => [side(to, y)[0], along(y) + (to > 0 ? width : 0)]),
    ),
    ...bank.opening.width.map((reading, index) =>
      across(levels[index] ?? 0, readingLength(reading), labelOf('width', reading, index, drawers), side),
    ),
    ...bank.opening.height.map((reading, index) => {
      const x = columns[index] ?? 0;
      const to: Point = [along(height) + x, height + times * (rises[index] ?? 0)];
      return up(to, readingLength(reading), labelOf('height', reading, index, drawers), x);
    }),
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

/** What the readings say between their levels (from the top down): straight lines, and level beyond the last. */
function between(readings: readonly (readonly [level: number, value: number])[], y: number): number {
  const at = readings.findIndex(([level]) => level <= y);
  if (at < 0) return readings.at(-1)?.[1] ?? 0;
  const [below = [0, 0], above] = [readings[at], readings[at - 1]];
  if (!above || above[0] === below[0]) return below[1];
  return below[1] + ((y - below[0]) / (above[0] - below[0])) * (above[1] - below[1]);
}

function outlineOf(role: Outline['role'], points: readonly Point[]): Outline {
  return { kind: 'outline', role, points };
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
    return {
      kind: 'measure',
      role: 'packing',
      label: said('drawn/pack'),
      length: eachSide,
      of: 'packing',
      x1,
      y1: y,
      x2,
      y2: y,
    };
  });
}

function across(y: number, length: Length, label: Measure['label'], side: (to: 1 | -1, y: number) => Point): Measure {
  const [[x1], [x2]] = [side(-1, y), side(1, y)];
  return { kind: 'measure', role: 'reading', label, length: nm(length), of: 'reading', x1, y1: y, x2, y2: y };
}

function up([x2, y2]: Point, length: Length, label: Measure['label'], x1: number): Measure {
  return { kind: 'measure', role: 'reading', label, length: nm(length), of: 'reading', x1, y1: 0, x2, y2 };
}
