import { fork } from 'node:child_process';
import { once } from 'node:events';
import { join } from 'node:path';
import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { migrate } from './migrate';
import { openPatientPool, openPool } from './pool';
import { inTransaction } from './transaction';

const MIGRATIONS = join(__dirname, '../../migrations');
const CLUSTER = join(__dirname, '../../../../scripts/lib/galera-process.mjs');

describe('one database on three nodes', () => {
  const cluster = fork(CLUSTER);
  let urls: readonly string[] = [];
  let pools: Pool[] = [];
  const tell = async (what: 'start' | 'kill' | 'back' | 'stop', at?: number): Promise<void> => {
    cluster.send([what, at]);
    const [[said, known]] = (await once(cluster, 'message')) as [[string, readonly string[]]];
    if (said !== what) throw new Error(String(known));
    urls = known;
  };
  /** All nodes, beginning with this one. */
  const from = (at: number): string => [...urls.slice(at), ...urls.slice(0, at)].join(',');

  beforeAll(async () => {
    await tell('start');
    pools = [0, 1, 2].map((at) => openPool(from(at)));
  }, 120_000);
  afterAll(async () => {
    await Promise.all(pools.map((pool) => pool.end()));
    await tell('stop');
  }, 60_000);

  const valueOn = async (pool: Pool | undefined): Promise<number> => {
    const [[row]] = (await pool?.query<RowDataPacket[]>('SELECT value FROM counted WHERE id = 1')) ?? [[]];
    return Number(row?.['value']);
  };

  it('is brought up to date once, by whichever server comes first', async () => {
    const patient = [0, 1, 2].map((at) => openPatientPool(from(at)));
    const told = await Promise.all(patient.map((pool) => migrate(pool, MIGRATIONS)));
    expect(told.filter(({ wasNew }) => wasNew)).toHaveLength(1);
    await Promise.all(patient.map((pool) => pool.end()));
    await pools[0]?.query('CREATE TABLE counted (id INT NOT NULL PRIMARY KEY, value INT NOT NULL) ENGINE = InnoDB');
    await pools[0]?.query('INSERT INTO counted VALUES (1, 0)');
  }, 60_000);

  it('what was kept by way of one is seen by way of any other', async () => {
    for (let turn = 1; turn <= 60; turn += 1) {
      await pools[turn % 3]?.execute('UPDATE counted SET value = ? WHERE id = 1', [turn]);
      expect(await valueOn(pools[(turn + 1) % 3])).toBe(turn);
    }
  });

  it('what is done at once on several counts each time: in one statement, and in transactions', async () => {
    await pools[0]?.query('UPDATE counted SET value = 0');
    const one = (pool: Pool) => pool.execute<ResultSetHeader>('UPDATE counted SET value = value + 1 WHERE id = 1');
    const read = (pool: Pool) =>
      inTransaction(pool, async (connection) => {
        const [[row]] = await connection.query<RowDataPacket[]>('SELECT value FROM counted WHERE id = 1 FOR UPDATE');
        await connection.execute('UPDATE counted SET value = ? WHERE id = 1', [Number(row?.['value']) + 1]);
      });
    for (let turn = 0; turn < 10; turn += 1) await Promise.all(pools.flatMap((pool) => [one(pool), read(pool)]));
    expect(await valueOn(pools[1])).toBe(60);
  });

  it('goes on where a node is killed, which comes back with what it missed', async () => {
    await tell('kill', 0);
    // The first pool likes that node best.
    await pools[0]?.execute('UPDATE counted SET value = 100 WHERE id = 1');
    expect(await Promise.all(pools.map(valueOn))).toEqual([100, 100, 100]);
    await tell('back', 0);
    const back = openPool(urls[0] ?? '');
    expect(await valueOn(back)).toBe(100);
    await back.end();
  }, 60_000);
});
