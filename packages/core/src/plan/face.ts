import type { Part } from '../box';
import type { Material } from '../job';
import type { DrawerDimensions } from './types';

/** The drawer front as a part: across, then up. */
export function faceOf(front: Material, dimensions: DrawerDimensions): Part {
  const [across, up] = [dimensions['front.width'], dimensions['front.height']];
  return {
    role: 'face',
    count: 1,
    thickness: front.thickness,
    material: front.id,
    ...(across && across.total > 0 ? { length: across } : {}),
    ...(up && up.total > 0 ? { width: up } : {}),
  };
}
