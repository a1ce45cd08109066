import { OWN_SHOP } from '../whose/shop';
import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { JobService } from '../jobs/service';

/** Puts the demo jobs of a folder into a new database. */
export async function addDemoJobs(jobs: JobService, folder: string): Promise<number> {
  const names = (await readdir(folder)).filter((name) => name.endsWith('.json')).sort();
  for (const name of names) await jobs.importFile(OWN_SHOP, await readFile(join(folder, name), 'utf8'));
  return names.length;
}
