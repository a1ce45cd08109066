import type { Material } from '../job';
import { said, type SaidAs } from '../words';
import type { Stack } from './stack';

/** What a build-out is made of, and what of it is missing or too much, by the names of the job’s materials. */
export function stackSaid({ pieces, rest, packing, off }: Stack, materials: readonly Material[]): SaidAs<'stack'> {
  return said('stack', {
    planed: rest === 'planed',
    pieces: pieces.map(({ material, count }) => ({
      name: materials.find(({ id }) => id === material)?.name ?? material,
      count,
    })),
    packing: packing !== undefined && packing > 0 ? packing : undefined,
    off: off.total,
  });
}
