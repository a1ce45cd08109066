import type { WrittenJob } from '../job';
import { readWrong, type Report } from '../reading';
import type { Said } from '../length';
import { said } from '../words';
import { isListed, SPECIES, type Species } from './species';

/** How many names are offered for one nobody knows. */
const OFFERED = 3;

/** Says every wood of the job’s materials that the table does not hold, with the nearest it does. */
export function checkSpecies(job: WrittenJob, report: Report): void {
  job.materials.forEach(({ species }, index) => {
    if (species !== undefined && !isListed(species)) report.add(`materials[${index}].species`, unknownSpecies(species));
  });
}

/** What is said of a wood that is not in the table. */
export function unknownSpecies(name: string): Said {
  return readWrong(
    name,
    said('no-species', { nearest: nearestSpecies(name).map(({ id, name: wood }) => ({ id, name: wood })) }),
  );
}

/** The woods whose names are nearest to what was written, nearest first. */
export function nearestSpecies(name: string): readonly Species[] {
  const written = wordsOf(name);
  return SPECIES.map((species, index) => ({ species, index, off: distance(written, wordsOf(species.name)) }))
    .sort((a, b) => a.off - b.off || a.index - b.index)
    .slice(0, OFFERED)
    .map(({ species }) => species);
}

function wordsOf(name: string): readonly string[] {
  return (
    name
      .toLowerCase()
      .slice(0, 80)
      .match(/[a-z]+/g) ?? ['']
  ).slice(0, 6);
}

/** Every word written goes to its nearest in the name; words of the name that are not written count little. */
function distance(written: readonly string[], name: readonly string[]): number {
  const off = written.map((word) => Math.min(...name.map((other) => edits(word, other) / Math.max(word.length, 1))));
  return off.reduce((sum, each) => sum + each, 0) / written.length + Math.max(0, name.length - written.length) * 0.05;
}

/** Letters to put in, take out or change to make one word the other. */
function edits(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, index) => index);
  for (let i = 1; i <= a.length; i += 1) {
    const next = [i];
    for (let j = 1; j <= b.length; j += 1) {
      const changed = (row[j - 1] ?? 0) + (a[i - 1] === b[j - 1] ? 0 : 1);
      next[j] = Math.min(changed, (row[j] ?? 0) + 1, (next[j - 1] ?? 0) + 1);
    }
    row = next;
  }
  return row[b.length] ?? 0;
}
