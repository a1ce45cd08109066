import { randomUUID } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { readPriceRows, shown, type Supplier } from '@zabble/core';
import Papa from 'papaparse';
import type { CalendarRepository } from '../calendar/repository';
import type { CostingService } from '../costing/service';
import type { JobService } from '../jobs/service';
import type { ShopRepository } from '../shop/repository';
import { OWN_SHOP } from '../whose/shop';

/** Puts the demo jobs of a folder into a new database. */
export async function addDemoJobs(jobs: JobService, folder: string): Promise<ReadonlyMap<string, string>> {
  const names = (await readdir(folder)).filter((name) => name.endsWith('.json')).sort();
  const ids = new Map<string, string>();
  for (const name of names) {
    const { id } = await jobs.importFile(OWN_SHOP, await readFile(join(folder, name), 'utf8'));
    ids.set(name.replace(/\.json$/u, ''), id);
  }
  return ids;
}

/** Which demo jobs are worked on, and in how many days from today each is promised: the chest sooner than it can be done. */
const PROMISED: Readonly<Record<string, number>> = { 'flag-chest': 4, 'signal-locker': 24, 'rope-bench': 45 };
const DAY = 86_400_000;

/** Two who work in the shop, and what they work on. */
export async function addDemoDays(
  calendar: CalendarRepository,
  jobs: ReadonlyMap<string, string>,
  today: number,
): Promise<void> {
  const people = [
    { id: 'sailmaker', name: 'Sailmaker' },
    {
      id: 'apprentice',
      name: 'Apprentice',
      week: [
        [],
        ...Array.from({ length: 4 }, () => [
          { from: 480, to: 720 },
          { from: 780, to: 960 },
        ]),
        [],
        [],
      ],
    },
  ];
  await calendar.keep(OWN_SHOP, { people, temperature: 18 }, 0);
  for (const [name, days] of Object.entries(PROMISED)) {
    const id = jobs.get(name);
    if (id === undefined) continue;
    await calendar.sayAtWork(OWN_SHOP, id, true);
    await calendar.sayDue(OWN_SHOP, id, new Date(today + days * DAY).toISOString().slice(0, 10));
  }
}

/** Puts the prices that go with them, made up, into the price book. */
export async function addDemoPrices(costing: CostingService, folder: string): Promise<number> {
  const { data } = Papa.parse<string[]>(await readFile(join(folder, 'prices.csv'), 'utf8'));
  const { prices, wrong } = readPriceRows(data);
  if (wrong.length > 0) throw new Error(`prices.csv, line ${wrong[0]?.line}: a price that can’t be read`);
  const rows = prices.map(({ pack, ...price }) => ({ ...price, pack: shown(pack) }));
  await costing.keep(OWN_SHOP, rows);
  return rows.length;
}

/** The supplier of the demo that is asked over HTTP: its stand-in ships with the program. */
export const BY_SERVICE = 'Skerry Point hardware';

const SUPPLIERS: readonly Supplier[] = [
  { name: BY_SERVICE, by: 'service', leadDays: 5 },
  { name: 'Skerry Point timber', by: 'hand', leadDays: 3, address: 'The yard behind the sail loft, Skerry Point' },
];

/** Puts in who sells what the demo prices are of, made up as they are. */
export async function addDemoSuppliers(suppliers: ShopRepository<Supplier>): Promise<void> {
  for (const row of SUPPLIERS)
    await suppliers.keep(OWN_SHOP, { id: randomUUID(), name: row.name, row, revision: undefined });
}
