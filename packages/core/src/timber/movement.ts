import type { Climate, Material } from '../job';
import { nm, type Length } from '../length';
import { moistureContent } from './moisture';
import { speciesOf, UNLISTED, type Species } from './species';

/** Rise of moisture counted where the job says nothing of its air, in per cent. Common practice. */
export const USUAL_RISE = 4;

/** How a solid board moves across its grain. */
export interface Movement {
  readonly species: Species;
  readonly listed: boolean;
  /** Change per 1 % of moisture. */
  readonly coefficient: number;
}

/** A board whose cut is not told is taken as flat-sawn, which moves more. */
export function movementOf({ species, cut }: Material): Movement {
  const row = speciesOf(species);
  return {
    species: row,
    listed: row !== UNLISTED,
    coefficient: cut === 'quarter-sawn' ? row.radial : row.tangential,
  };
}

/** Moisture still to come from the season of fitting to the wettest, in per cent; never less than nothing. */
export function moistureRise(climate: Climate | undefined): number {
  if (!climate) return USUAL_RISE;
  return Math.max(0, moistureContent(climate.wettest) - moistureContent(climate.fitting));
}

/** `D·C·ΔM`, Wood Handbook, ch. 13: what a width across the grain gains, to the nanometre. */
export function growth(width: Length, coefficient: number, rise: number): Length {
  return nm(Math.round(width * coefficient * rise));
}
