import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { ownDatabase } from '../own-server.spec-data';
import { inTransaction } from './transaction';

let pool: Pool;
beforeAll(async () => {
  pool = await ownDatabase('zabble_transactions');
  await pool.query('CREATE TABLE pairs (id INT PRIMARY KEY, n INT NOT NULL) ENGINE = InnoDB');
  await pool.query('INSERT INTO pairs VALUES (1, 0), (2, 0)');
});
afterAll(() => pool.end());

const sum = async (): Promise<number> => {
  const [[row]] = await pool.query<RowDataPacket[]>('SELECT SUM(n) AS n FROM pairs');
  return Number(row!['n']);
};

describe('a transaction', () => {
  it('that stands in another’s way is begun again: both are done, each once', async () => {
    let meet: (() => void) | undefined;
    const both = new Promise<void>((resolve) => (meet = resolve));
    let here = 0;
    const crossing = (first: number, second: number) =>
      inTransaction(pool, async (connection) => {
        await connection.execute('UPDATE pairs SET n = n + 1 WHERE id = ?', [first]);
        // Each waits until the other has its first row, so that they must lock one another.
        here += 1;
        if (here === 2) meet?.();
        await both;
        await connection.execute('UPDATE pairs SET n = n + 1 WHERE id = ?', [second]);
      });
    await Promise.all([crossing(1, 2), crossing(2, 1)]);
    expect(here).toBeGreaterThan(2);
    expect(await sum()).toBe(4);
  });

  it('that fails leaves nothing, and is not tried again', async () => {
    let tries = 0;
    const failing = inTransaction(pool, async (connection) => {
      tries += 1;
      await connection.execute('UPDATE pairs SET n = n + 100 WHERE id = 1');
      throw new Error('no');
    });
    await expect(failing).rejects.toThrow('no');
    expect([tries, await sum()]).toEqual([1, 4]);
  });
});

describe('what fails', () => {
  const failing = async (of: 'work' | 'commit', level?: 'READ COMMITTED') => {
    const done: string[] = [];
    const step = (name: string) => () => {
      done.push(name);
      return name === of ? Promise.reject(new Error(`no ${name}`)) : Promise.resolve();
    };
    const connection = {
      ...{ beginTransaction: step('begin'), commit: step('commit'), rollback: step('rollback') },
      query: (sql: string) => Promise.resolve(done.push(sql)),
      ...{ release: () => done.push('release'), destroy: () => done.push('destroy') },
    };
    const fake = { getConnection: () => Promise.resolve(connection) } as unknown as Pool;
    const problem = await inTransaction(fake, step('work'), level).catch((thrown: unknown) => thrown);
    return { done, problem };
  };

  it('before it was to be kept left nothing behind, and says so; of what was to be kept nobody knows', async () => {
    const work = await failing('work');
    expect(work.done).toEqual(['begin', 'work', 'rollback', 'release']);
    expect(work.problem).toMatchObject({ message: 'no work', leftNothing: true });
    const commit = await failing('commit');
    expect(commit.done).toEqual(['begin', 'work', 'commit', 'rollback', 'release']);
    expect(commit.problem).toMatchObject({ message: 'no commit' });
    expect(commit.problem).not.toHaveProperty('leftNothing');
  });

  it('is done at the level that was asked for', async () => {
    expect((await failing('work', 'READ COMMITTED')).done[0]).toBe('SET TRANSACTION ISOLATION LEVEL READ COMMITTED');
  });
});

describe('a statement on its own', () => {
  it('that a transaction stood in the way of is done again, and what it changed is changed once', async () => {
    const before = await sum();
    const other = await pool.getConnection();
    await other.beginTransaction();
    // It has done more: of two that lock one another the one that did less is undone.
    await other.query('INSERT INTO pairs SELECT seq, 0 FROM seq_10_to_500');
    await other.query('UPDATE pairs SET n = n + 1 WHERE id = 2');
    const alone = pool.execute<ResultSetHeader>('UPDATE pairs SET n = n + 1 WHERE id < 10 ORDER BY id');
    await held(1);
    await other.query('UPDATE pairs SET n = n + 1 WHERE id = 1');
    await other.commit();
    other.release();
    expect((await alone)[0].affectedRows).toBe(2);
    expect(await sum()).toBe(before + 4);
  });

  /** Waits until somebody has locked the row. */
  async function held(id: number): Promise<void> {
    for (let tries = 0; tries < 200; tries += 1) {
      const [free] = await pool.query<RowDataPacket[]>('SELECT id FROM pairs WHERE id = ? FOR UPDATE SKIP LOCKED', [
        id,
      ]);
      if (free.length === 0) return;
    }
  }
});
