import { asTold, UNLISTED, unitOf, type Species, type Unit } from '@zabble/core';

/** How a wood moves and what it weighs, in a sentence; of one that nobody named, what is counted instead. */
export function speciesWords(species: Species | undefined, unit: Unit): string {
  const { tangential, radial, density } = species ?? UNLISTED;
  const percent = (share: number): string => `${(share * 100).toFixed(2)} %`;
  const weight = `${asTold(density, 'density', unit).toFixed(0)} ${unitOf('density', unit)}`;
  const moves = $localize`for each per cent of moisture a flat-sawn board gains ${percent(tangential)} of its width, a quarter-sawn one ${percent(radial)}; about ${weight}`;
  return species ? `${species.name}: ${moves}.` : $localize`Without a species: ${moves}.`;
}
