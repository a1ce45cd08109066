import type { Material, MaterialKind } from '../job';
import { millimetres, type Length } from '../length';

/** How a sheet bears: alike every way, with a stiff way along its face grain, or as strips along the grain only. */
export type Bearing = 'plate' | 'grain-plate' | 'strip';

export interface Stiffness {
  readonly bearing: Bearing;
  /** Modulus of elasticity along the (face) grain, and across it, in pascals. */
  readonly along: number;
  readonly across: number;
  /** What a load that stays makes of a sag: 1 + creep. */
  readonly creep: number;
}

interface StiffnessRow {
  readonly kind: MaterialKind;
  /** Sheets under this thickness; the last row of a kind has none. */
  readonly under?: Length;
  readonly bearing: Bearing;
  readonly along_gpa: number;
  readonly across_gpa: number;
  readonly creep: number;
}

/**
 * From memory. MDF: EN 622-5; hardboard and solid wood: Wood Handbook; creep: EN 1995-1-1, table 3.2, indoors
 * (k_def 0.8 plywood, 0.6 solid, 2.25 the others).
 */
const ROWS: readonly StiffnessRow[] = [
  // Three plies: hardly stiff across the face grain.
  { kind: 'plywood', under: millimetres(5.5), bearing: 'grain-plate', along_gpa: 9, across_gpa: 1.5, creep: 1.8 },
  { kind: 'plywood', bearing: 'grain-plate', along_gpa: 8.5, across_gpa: 6, creep: 1.8 },
  { kind: 'mdf', bearing: 'plate', along_gpa: 2.9, across_gpa: 2.9, creep: 3.25 },
  { kind: 'particleboard', bearing: 'plate', along_gpa: 2.5, across_gpa: 2.5, creep: 3.25 },
  { kind: 'hardboard', bearing: 'plate', along_gpa: 4.5, across_gpa: 4.5, creep: 3.25 },
  { kind: 'solid', bearing: 'strip', along_gpa: 10, across_gpa: 0.8, creep: 1.6 },
];

/** The row of a material; its own stiffness, where the job gives one, in place of the row's, across in proportion. */
export function stiffnessOf({ kind, thickness, stiffness_gpa }: Material): Stiffness {
  const row = ROWS.find(
    (each) => each.kind === kind && (each.under === undefined || thickness < each.under),
  ) as StiffnessRow;
  const scale = (stiffness_gpa ?? row.along_gpa) / row.along_gpa;
  const { bearing, creep } = row;
  return { bearing, creep, along: row.along_gpa * scale * 1e9, across: row.across_gpa * scale * 1e9 };
}
