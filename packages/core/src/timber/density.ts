import type { Material, MaterialKind } from '../job';
import type { Length } from '../length';
import { speciesOf } from './species';

/** In kg/m³; from memory, within a tenth. Solid wood by its species. */
const DENSITIES: Readonly<Record<Exclude<MaterialKind, 'solid'>, number>> = {
  plywood: 650,
  mdf: 750,
  particleboard: 680,
  hardboard: 950,
};

/** Weight of one cubic metre: as the job gives it, else by kind and species. */
export function densityOf({ kind, species, density_kg_m3 }: Material): number {
  return density_kg_m3 ?? (kind === 'solid' ? speciesOf(species).density : DENSITIES[kind]);
}

/** Weight of a board in kilograms. */
export function weightOf(material: Material, length: Length, width: Length, thickness: Length): number {
  return densityOf(material) * (length / 1e9) * (width / 1e9) * (thickness / 1e9);
}
