import type { Part } from '../box';
import type { Drawer, Material } from '../job';
import type { Length } from '../length';
import { weightOf } from '../timber';

/** Clothes in a drawer, kg per cubic metre: 8.5 lb/ft³ (ASTM F2057; from memory). Taken where nothing is known. */
const USUAL_FILL = 136.2;

/** What a drawer weighs, in kilograms. */
export interface Load {
  readonly box: number;
  readonly front: number;
  /** Absent where nothing stored has a weight. */
  readonly contents?: number;
}

/** Weight of all parts that have a size. */
export function partsWeight(parts: readonly Part[], material: (id: string) => Material): number {
  return parts.reduce((sum, { count, length, width, thickness, material: id }) => {
    if (!length || !width) return sum;
    return sum + count * weightOf(material(id), length.total, width.total, thickness);
  }, 0);
}

/** Weight of what is stored; undefined where none of it is told. */
export function contentsWeight({ contents }: Drawer): number | undefined {
  const told = (contents ?? []).filter(({ weight_kg }) => weight_kg !== undefined);
  if (told.length === 0) return undefined;
  return told.reduce((sum, { weight_kg, count }) => sum + (weight_kg ?? 0) * (count ?? 1), 0);
}

/** What a drawer of this inside might hold where nobody told: the published figure for clothes. */
export function usualFill(width: Length, length: Length, height: Length): number {
  return USUAL_FILL * (width / 1e9) * (length / 1e9) * (Math.max(0, height) / 1e9);
}

export function totalLoad({ box, front, contents }: Load): number {
  return box + front + (contents ?? 0);
}
