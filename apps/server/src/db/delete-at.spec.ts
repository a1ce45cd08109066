import type { Pool, RowDataPacket } from 'mysql2/promise';
import { ownDatabase } from '../own-server.spec-data';
import { deleteAt } from './delete-at';

describe('a row that is deleted', () => {
  let pool: Pool;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_delete_at');
    await pool.query('CREATE TABLE stock (shop CHAR(1), id CHAR(1), revision INT, PRIMARY KEY (shop, id))');
    await pool.query("INSERT INTO stock VALUES ('a', '1', 3), ('a', '2', 1), ('b', '1', 3)");
  });
  afterAll(() => pool.end());

  const gone = (shop: string, id: string, revision?: number) => deleteAt(pool, 'stock', { shop, id, revision });
  const left = async () =>
    (await pool.query<RowDataPacket[]>('SELECT shop, id FROM stock ORDER BY shop, id'))[0].map(
      ({ shop, id }) => `${String(shop)}${String(id)}`,
    );

  it('goes at the revision that is said, or at any; of one that changed or is not there it is told', async () => {
    expect(await gone('a', '1', 2)).toBe('changed');
    expect(await gone('a', '9', 2)).toBe('unknown');
    expect(await gone('c', '1')).toBe('unknown');
    expect(await left()).toEqual(['a1', 'a2', 'b1']);
    expect(await gone('a', '1', 3)).toBe('deleted');
    expect(await gone('a', '2')).toBe('deleted');
    expect(await left()).toEqual(['b1']);
    expect(await gone('a', '1', 3)).toBe('unknown');
  });
});
