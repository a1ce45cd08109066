import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import type { LogEntryDocument } from '@zabble/core';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { migrate } from '../db/migrate';
import { inTransaction } from '../db/transaction';
import { ownDatabase } from '../own-server.spec-data';
import { OWN_SHOP, type ShopId } from '../whose/shop';
import { addOne, addTo } from './entries';

const OTHER = '00000000-0000-4000-8000-0000000000aa' as ShopId;
const note = (id: string, at = '2026-11-20T09:00:00.5+02:00'): LogEntryDocument => ({ id, kind: 'note', at, note: id });

describe('entries of a log', () => {
  let pool: Pool;
  let job: string;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_entries');
    await migrate(pool, join(__dirname, '../../migrations'));
    await pool.execute('INSERT INTO shops (id, name, created_at) VALUES (?, ?, UTC_TIMESTAMP(3))', [OTHER, 'Ness']);
  });
  afterAll(() => pool.end());
  beforeEach(async () => (job = await newJob()));

  const newJob = async (deleted = false): Promise<string> => {
    const id = randomUUID();
    await pool.execute(
      `INSERT INTO jobs (shop, id, name, customer, document, revision, created_at, updated_at, deleted_at)
       VALUES (?, ?, 'Rope locker', '', '{}', 1, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3), ${deleted ? 'UTC_TIMESTAMP(3)' : 'NULL'})`,
      [OWN_SHOP, id],
    );
    return id;
  };
  const add = (entries: readonly LogEntryDocument[], to = job) =>
    inTransaction(pool, (connection) => addTo(connection, OWN_SHOP, to, entries));
  const rows = async (of = job): Promise<readonly RowDataPacket[]> =>
    (await pool.execute<RowDataPacket[]>('SELECT * FROM log_entries WHERE job_id = ? ORDER BY seq', [of]))[0];

  it('are numbered from one in each job, however they come', async () => {
    expect(await add([note('a'), note('b')])).toEqual([
      { id: 'a', seq: 1 },
      { id: 'b', seq: 2 },
    ]);
    expect(await addOne(pool, OWN_SHOP, job, note('c'))).toBe(3);
    expect(await add([note('d')])).toEqual([{ id: 'd', seq: 4 }]);
    expect(await addOne(pool, OWN_SHOP, await newJob(), note('a'))).toBe(1);
    expect(await add([])).toEqual([]);
  });

  it('known already keep their number, those beside them come after the last', async () => {
    await add([note('a'), note('b'), note('c')]);
    expect(await add([note('b'), note('d'), note('d'), note('a')])).toEqual([
      { id: 'b', seq: 2 },
      { id: 'd', seq: 4 },
      { id: 'd', seq: 4 },
      { id: 'a', seq: 1 },
    ]);
    expect(await addOne(pool, OWN_SHOP, job, note('b'))).toBeUndefined();
    expect((await rows()).map(({ id, seq }) => [id as unknown, seq as unknown])).toEqual([
      ['a', 1],
      ['b', 2],
      ['c', 3],
      ['d', 4],
    ]);
  });

  it('are kept as they came, with when it happened by the same clock and when it was kept', async () => {
    const began = Date.now();
    await addOne(pool, OWN_SHOP, job, note('one'));
    await add([note('two')]);
    for (const [index, row] of (await rows()).entries()) {
      const id = ['one', 'two'][index] ?? '';
      expect(row).toMatchObject({ shop: OWN_SHOP, id, kind: 'note', entry: JSON.stringify(note(id)), settled: 0 });
      expect((row['happened_at'] as Date).toISOString()).toBe('2026-11-20T07:00:00.500Z');
      const kept = (row['kept_at'] as Date).getTime();
      expect(kept).toBeGreaterThanOrEqual(began);
      expect(kept).toBeLessThanOrEqual(Date.now());
    }
  });

  it.each([199, 200, 201, 450])('%i at once are kept without a gap', async (many) => {
    const kept = await add(Array.from({ length: many }, (_, n) => note(`n${n}`)));
    expect(kept.map(({ seq }) => seq)).toEqual(Array.from({ length: many }, (_, n) => n + 1));
    expect((await rows()).map(({ id }) => id as unknown)).toEqual(kept.map(({ id }) => id));
  });

  it('go to no job there isn’t, none that was deleted, and none of another shop', async () => {
    const deleted = await newJob(true);
    expect(await addOne(pool, OWN_SHOP, deleted, note('a'))).toBeUndefined();
    expect(await addOne(pool, OWN_SHOP, randomUUID(), note('a'))).toBeUndefined();
    expect(await addOne(pool, OTHER, job, note('a'))).toBeUndefined();
    expect([...(await rows(deleted)), ...(await rows())]).toEqual([]);
  });

  it('what else is wrong is told', async () => {
    await expect(addOne(pool, OWN_SHOP, job, note('x'.repeat(5000)))).rejects.toMatchObject({
      code: 'ER_DATA_TOO_LONG',
    });
  });

  it('by itself it is not added where another transaction stood in its way; whatever else is wrong is said', async () => {
    const failing = (code: string) => {
      const execute = (...[, , done]: readonly [string, unknown, (problem: unknown) => void]): void =>
        done(Object.assign(new Error(code), { code }));
      return { pool: { execute } } as unknown as Pool;
    };
    expect(await addOne(failing('ER_LOCK_DEADLOCK'), OWN_SHOP, job, note('a'))).toBeUndefined();
    expect(await addOne(failing('ER_DUP_ENTRY'), OWN_SHOP, job, note('a'))).toBeUndefined();
    await expect(addOne(failing('ER_DISK_FULL'), OWN_SHOP, job, note('a'))).rejects.toThrow('ER_DISK_FULL');
  });
});
