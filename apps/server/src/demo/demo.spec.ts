import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type CalendarRepository } from '../calendar/repository';
import { type CostingService } from '../costing/service';
import { OWN_SHOP } from '../whose/shop';
import { addDemoDays, addDemoJobs, addDemoPrices, addDemoSuppliers, BY_SERVICE } from './demo';

describe('what a new database begins with', () => {
  const folder = mkdtempSync(join(tmpdir(), 'zabble-demo-'));
  afterAll(() => rmSync(folder, { recursive: true }));

  it('jobs of a folder, in the order of their names', async () => {
    for (const name of ['b.json', 'c.json.json', 'a.json', 'notes.txt'])
      writeFileSync(join(folder, name), `text of ${name}`);
    const brought: string[] = [];
    const importFile = (_shop: string, text: string) => Promise.resolve({ id: `id ${brought.push(text)}` });
    const ids = await addDemoJobs({ importFile } as never, folder);
    expect(brought).toEqual(['text of a.json', 'text of b.json', 'text of c.json.json']);
    expect([...ids]).toEqual([
      ['a', 'id 1'],
      ['b', 'id 2'],
      ['c.json', 'id 3'],
    ]);
  });

  it('two who work, and when what they work on is promised', async () => {
    const calls: unknown[][] = [];
    const heard =
      (what: string) =>
      (...said: unknown[]) =>
        Promise.resolve(void calls.push([what, ...said]));
    const calendar = { keep: heard('keep'), sayAtWork: heard('at work'), sayDue: heard('due') };
    const jobs = new Map([
      ['flag-chest', 'f'],
      ['rope-bench', 'r'],
      ['notions-bank', 'n'],
    ]);
    await addDemoDays(calendar as unknown as CalendarRepository, jobs, Date.UTC(2026, 10, 30, 12));
    expect(calls.slice(1)).toEqual([
      ['at work', OWN_SHOP, 'f', true],
      ['due', OWN_SHOP, 'f', '2026-12-04'],
      ['at work', OWN_SHOP, 'r', true],
      ['due', OWN_SHOP, 'r', '2027-01-14'],
    ]);
    const [what, shop, { people }, revision] = calls[0] as [
      string,
      string,
      { people: { id: string; name: string; week?: object[][] }[] },
      number,
    ];
    expect([what, shop, revision, people.length]).toEqual(['keep', OWN_SHOP, 0, 2]);
    expect(people.map(({ id, name }) => [id, name])).toEqual([
      ['sailmaker', 'Sailmaker'],
      ['apprentice', 'Apprentice'],
    ]);
    // Monday to Thursday, eight to twelve and one to four.
    expect(people[1]?.week?.map((day) => day.length)).toEqual([0, 2, 2, 2, 2, 0, 0]);
    expect(people[1]?.week?.[4]).toEqual([
      { from: 8 * 60, to: 12 * 60 },
      { from: 13 * 60, to: 16 * 60 },
    ]);
  });

  it('prices that can be read, or none and where not', async () => {
    const kept: unknown[] = [];
    const costing = { keep: (_: string, rows: unknown[]) => Promise.resolve(void kept.push(...rows)) };
    const list = (price: string) =>
      writeFileSync(
        join(folder, 'prices.csv'),
        `key,unit,pack,price,supplier,date\ncatch,piece,10,${price},Loft,2026-11-29\n`,
      );
    list('13');
    expect(await addDemoPrices(costing as unknown as CostingService, folder)).toBe(1);
    const row = { key: 'catch', unit: 'piece', pack: 10, cents: 1300, supplier: 'Loft', date: '2026-11-29' };
    expect(kept).toEqual([row]);
    list('dear');
    await expect(addDemoPrices(costing as unknown as CostingService, folder)).rejects.toThrow(
      'prices.csv, line 2: a price that can’t be read',
    );
    expect(kept).toEqual([row]);
  });

  it('two suppliers: one that is asked, one that is written to', async () => {
    const kept: unknown[] = [];
    await addDemoSuppliers({ keep: (_: string, row: unknown) => Promise.resolve(void kept.push(row)) } as never);
    expect(kept).toMatchObject([
      { name: 'Skerry Point hardware', row: { by: 'service', leadDays: 5 }, revision: undefined },
      {
        name: 'Skerry Point timber',
        row: { by: 'hand', leadDays: 3, address: 'The yard behind the sail loft, Skerry Point' },
        revision: undefined,
      },
    ]);
    // By this name the server asks its stand-in.
    expect(BY_SERVICE).toBe('Skerry Point hardware');
  });
});
