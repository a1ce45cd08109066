import { backCorner, type Box, type Corner, type Front, type Material } from '../job';
import { ZERO, type Length } from '../length';

/** A box's choices with its materials looked up: what its sums are made from. */
export interface BoxStock {
  readonly box: Box;
  readonly sides: Material;
  readonly ends: Material;
  readonly back: Material;
  readonly bottom: Material;
  readonly muntin?: Material;
  readonly frontCorner: Corner;
  /** The drawer front is the box's own: the sides end at its back. */
  readonly faced?: true;
  /** Of a tray: how much lower its front is, and how much wider than the box, each side. */
  readonly tray?: { readonly dip: Length; readonly over: Length };
  readonly backCorner: Corner;
}

export function boxStock(
  box: Box,
  material: (id: string) => Material,
  front?: Pick<Front, 'mount' | 'asBox' | 'dip' | 'over'>,
): BoxStock {
  return {
    box,
    sides: material(box.sides),
    ends: material(box.ends),
    back: material(box.back ?? box.ends),
    bottom: material(box.bottom),
    ...(box.muntin ? { muntin: material(box.muntin.material) } : {}),
    ...(front?.asBox && front.mount !== 'none' ? { faced: true } : {}),
    ...(front?.mount === 'none' ? { tray: { dip: front.dip ?? ZERO, over: front.over ?? ZERO } } : {}),
    frontCorner: box.corner,
    backCorner: backCorner(box),
  };
}

/** Where the thicknesses come from, as paths of the job document. */
export interface BoxPaths {
  /** Path of a field of the box, the drawer's own where it has one. */
  readonly field: (name: string) => string;
  /** Path of a field of the bank's front. */
  readonly front: (name: string) => string;
  /** Path of a material's thickness. */
  readonly thickness: (material: Material) => string;
}
