import type { RowDataPacket } from 'mysql2/promise';
import { ownDatabase } from '../own-server.spec-data';

describe('a database of the project’s own', () => {
  // A server that starts clears away the temporary tables it finds: in a common folder, those of another.
  it('has its temporary tables in a folder of its own', async () => {
    const pool = await ownDatabase('zabble_own');
    try {
      const [rows] = await pool.query<RowDataPacket[]>('SELECT @@tmpdir AS folder');
      expect(rows[0]?.['folder']).toMatch(/zabble-test-[^/]+\/tmp$/);
    } finally {
      await pool.end();
    }
  });
});
