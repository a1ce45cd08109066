import { join } from 'node:path';
import type { Pool } from 'mysql2/promise';
import { migrate } from '../db/migrate';
import { ownDatabase } from '../own-server.spec-data';
import { OWN_SHOP } from '../whose/shop';
import { Answers } from './answers';

describe('what is asked of a shop that is empty', () => {
  let pool: Pool;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_answers');
    await migrate(pool, join(__dirname, '../../migrations'));
  });
  afterAll(() => pool.end());

  it('is answered by its kind, as text', async () => {
    const ask = async (question: object): Promise<unknown> =>
      JSON.parse(await new Answers(pool).ask({ shop: OWN_SHOP, ...question } as never));
    const jobs = await ask({ what: 'jobs', query: { search: '', size: 5, deleted: false } });
    expect(jobs).toEqual({ items: [], next: null, settling: false });
    expect(await ask({ what: 'made' })).toEqual({ sums: [], faults: [], settling: false });
    const record = (await ask({ what: 'record', query: { search: '', size: 5 } })) as object;
    expect(record).toMatchObject({ items: [], next: null });
    const readings = (await ask({ what: 'readings', kind: 'width' })) as object;
    expect(readings).not.toHaveProperty('sums');
    expect(Object.values(readings)).toContainEqual([]);
  });
});
