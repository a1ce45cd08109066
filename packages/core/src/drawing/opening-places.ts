import { readAt, type OpeningReading } from '../job';
import { inMillimetres } from '../length';
import type { BankPlan } from '../plan';
import { said, type SaidAs } from '../words';

/** Readings this far from the edges, as a part of the height or width: a tape is not laid into the corner. */
const INSET = 0.06;
/** Readings at the back are drawn this part of the size off those in front of them. */
const BEHIND = 0.07;

/** Heights of the width readings above the floor: where they say, at a drawer's middle, or spread from the top down. */
export function levelsOf(
  readings: readonly OpeningReading[],
  height: number,
  middles: ReadonlyMap<string, number | undefined>,
): readonly number[] {
  const evenly = [...spread(readings.length, height)].reverse();
  const named = { top: height * (1 - INSET), middle: height / 2, bottom: height * INSET };
  return readings.map((reading, index) => {
    const { place = [], drawer } = typeof reading === 'object' ? reading : {};
    const level = (['top', 'middle', 'bottom'] as const).find((each) => place.includes(each));
    const at = (drawer === undefined ? undefined : middles.get(drawer)) ?? (level && named[level]);
    const shift = place.includes('back') ? (level === 'bottom' ? 1 : -1) * BEHIND * height : 0;
    return at === undefined ? (evenly[index] ?? 0) : Math.min(height, Math.max(0, at + shift));
  });
}

/** Places of the height readings from the left edge. */
export function columnsOf(readings: readonly OpeningReading[], width: number): readonly number[] {
  const evenly = spread(readings.length, width);
  const named = { left: width * INSET, middle: width / 2, right: width * (1 - INSET) };
  return readings.map((reading, index) => {
    const { place = [] } = typeof reading === 'object' ? reading : {};
    const side = (['left', 'middle', 'right'] as const).find((each) => place.includes(each));
    const shift = place.includes('back') ? (side === 'right' ? -1 : 1) * BEHIND * width : 0;
    return side === undefined ? (evenly[index] ?? 0) : named[side] + shift;
  });
}

/** Middle of a drawer's front above the floor. */
export function middleOf(dimensions: BankPlan['drawers'][number]['dimensions']): number | undefined {
  const [bottom, high] = [dimensions['front.bottomY'], dimensions['front.height']];
  return bottom && high ? inMillimetres(bottom.total) + inMillimetres(high.total) / 2 : undefined;
}

export function sorted(places: readonly number[], values: readonly number[]): (readonly [number, number])[] {
  return places.map((at, index) => [at, values[index] ?? 0] as const).sort(([a], [b]) => a - b);
}

export function labelOf(
  size: 'width' | 'height',
  reading: OpeningReading,
  index: number,
  drawers: readonly { readonly id: string }[],
): SaidAs<'drawn/reading'> {
  return said('drawn/reading', { size, index, at: readAt(reading, drawers) });
}

/** Places of so many readings over a size: one in the middle, more evenly from edge to edge. */
function spread(count: number, size: number): readonly number[] {
  if (count === 1) return [size / 2];
  return Array.from({ length: count }, (_, index) => size * (INSET + ((1 - 2 * INSET) * index) / (count - 1)));
}
