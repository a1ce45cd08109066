import { UNLISTED, type Species } from '@zabble/core';

/** How a wood moves and what it weighs, in a sentence; of one that nobody named, what is counted instead. */
export function speciesWords(species: Species | undefined): string {
  const { tangential, radial, density } = species ?? UNLISTED;
  const percent = (share: number): string => `${(share * 100).toFixed(2)} %`;
  const moves = `for each per cent of moisture a flat-sawn board gains ${percent(tangential)} of its width, a quarter-sawn one ${percent(radial)}; about ${density} kg a cubic metre`;
  return species ? `${species.name}: ${moves}.` : `Without a species: ${moves}.`;
}
