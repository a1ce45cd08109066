import { backCorner, type Box, type Corner, type Material } from '../job';

/** A box's choices with its materials looked up: what its sums are made from. */
export interface BoxStock {
  readonly box: Box;
  readonly sides: Material;
  readonly ends: Material;
  readonly back: Material;
  readonly bottom: Material;
  readonly muntin?: Material;
  readonly frontCorner: Corner;
  readonly backCorner: Corner;
}

export function boxStock(box: Box, material: (id: string) => Material): BoxStock {
  return {
    box,
    sides: material(box.sides),
    ends: material(box.ends),
    back: material(box.back ?? box.ends),
    bottom: material(box.bottom),
    ...(box.muntin ? { muntin: material(box.muntin.material) } : {}),
    frontCorner: box.corner,
    backCorner: backCorner(box),
  };
}

/** Where the thicknesses come from, as paths of the job document. */
export interface BoxPaths {
  /** Path of a field of the box, the drawer's own where it has one. */
  readonly field: (name: string) => string;
  /** Path of a material's thickness. */
  readonly thickness: (material: Material) => string;
}
