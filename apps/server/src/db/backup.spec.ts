import { execFile } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import request from 'supertest';
import { ownDatabase, quietApp } from '../own-server.spec-data';
import { migrate } from './migrate';
import { openPool } from './pool';

const root = join(__dirname, '../../../..');
const document = JSON.parse(readFileSync(join(root, 'examples/notions-bank.json'), 'utf8')) as object;
const folder = mkdtempSync(join(tmpdir(), 'zabble-backup-'));
const file = join(folder, 'shop.gz');
const url = new URL(process.env['TEST_DATABASE_URL'] ?? '');
url.pathname = '/zabble_backup';
let pool: Pool;

beforeAll(async () => {
  pool = await ownDatabase('zabble_backup');
  await migrate(pool, join(root, 'apps/server/migrations'));
});
afterAll(async () => {
  await pool.end();
  rmSync(folder, { recursive: true });
});

const run = (script: string, of: string) =>
  new Promise<{ code: number; says: string }>((resolve) => {
    execFile(
      process.execPath,
      [join(root, `scripts/${script}.mjs`), of],
      { env: { ...process.env, DATABASE_URL: url.href } },
      (problem, out, err) => resolve({ code: problem ? Number(problem.code ?? 1) : 0, says: `${out}${err}` }),
    );
  });

/** Every row of every table, in the order of its columns. */
async function everyRow(): Promise<Record<string, readonly string[]>> {
  const [tables] = await pool.query<RowDataPacket[]>(
    "SELECT table_name AS name FROM information_schema.tables WHERE table_schema = 'zabble_backup' ORDER BY 1",
  );
  const all: Record<string, readonly string[]> = {};
  for (const { name } of tables) {
    const [rows] = await pool.query<RowDataPacket[]>(`SELECT * FROM ${String(name)}`);
    all[String(name)] = rows.map((row) => JSON.stringify(row)).sort();
  }
  return all;
}

describe('a backup', () => {
  it('holds every row of every table, and puts it back', async () => {
    const app = quietApp(pool);
    const { body } = await request(app).post('/api/jobs').send({ document }).expect(201);
    const { id } = body as { id: string };
    const note = { id: 'ü ', kind: 'note', at: '2026-11-20T09:00:00Z', note: '“½ in”; DROP TABLE jobs; -- 帆\n\\' };
    await request(app)
      .post(`/api/jobs/${id}/log`)
      .send({ entries: [note] })
      .expect(201);
    await request(app).put(`/api/jobs/${id}`).send({ revision: 1, document }).expect(200);
    const picture = Buffer.from([0, 1, 10, 13, 26, 39, 92, 200, 255]);
    await pool.query(
      'INSERT INTO photos (shop, job_id, id, width, height, picture, kept_at) SELECT shop, id, ?, 1, 1, ?, NOW(3) FROM jobs',
      [randomUUID(), picture],
    );
    const item = { material: 'ply', kind: 'sheet', length: '96 in', width: '48 in', count: 3, price: 71.25 };
    await request(app).put(`/api/shop/stock/${randomUUID()}`).send({ item }).expect(200);
    await request(app).patch('/api/shop/habits').send({ ease: '1/32 in' }).expect(200);
    await request(app).post('/api/shop/prices/refresh').expect(200);
    await request(app).get('/api/record').expect(200);
    const before = await everyRow();
    expect(Object.values(before).filter((rows) => rows.length > 0).length).toBeGreaterThan(10);

    expect(await run('backup', file)).toMatchObject({ code: 0 });
    expect(await run('backup', file)).toMatchObject({
      code: 1,
      says: expect.stringContaining('is there already') as string,
    });
    await request(app).delete(`/api/jobs/${id}`).expect(204);
    await pool.query('DELETE FROM photos');
    await pool.query('CREATE TABLE of_a_newer_zabble (n INT)');
    expect(await run('restore', file)).toMatchObject({
      code: 1,
      says: expect.stringContaining('stop Zabble first') as string,
    });
    await pool.end();
    expect(await run('restore', file)).toMatchObject({ code: 0 });
    pool = openPool(url.href);
    expect(await everyRow()).toEqual(before);
    // What there was is kept.
    expect(readdirSync(folder).filter((name) => name.includes('.before-'))).toHaveLength(1);
  });

  it.each<[string, (whole: Buffer) => Buffer, string]>([
    ['breaks off', (whole) => gzipSync(gunzipSync(whole).subarray(0, -400)), 'breaks off before its end'],
    ['is damaged', (whole) => whole.subarray(0, whole.length / 2), 'can’t be read to its end'],
    ['is something else', () => gzipSync('SELECT 1;'), 'is no backup of Zabble'],
    ['is no archive', () => Buffer.from('hello'), 'can’t be read to its end'],
  ])('that %s changes nothing', async (_, made, says) => {
    const wrong = join(folder, 'wrong.gz');
    writeFileSync(wrong, made(readFileSync(file)));
    const before = await everyRow();
    expect(await run('restore', wrong)).toMatchObject({ code: 1, says: expect.stringContaining(says) as string });
    expect(await everyRow()).toEqual(before);
    expect(await run('restore', join(folder, 'nowhere.gz'))).toMatchObject({ code: 1 });
    expect(existsSync(join(folder, 'nowhere.gz.part'))).toBe(false);
  });

  it('of a moment: what is written meanwhile is in it whole or not at all', async () => {
    const app = quietApp(pool);
    const { body } = await request(app).post('/api/jobs').send({ document }).expect(201);
    const { id } = body as { id: string };
    let [ended, written] = [false, 0];
    const writing = (async () => {
      for (; !ended; written += 1) {
        const pair = [0, 1].map((half) => ({
          id: `${written}-${half}`,
          kind: 'note',
          at: '2026-11-20T09:00:00Z',
          note: 'n',
        }));
        await request(app).post(`/api/jobs/${id}/log`).send({ entries: pair }).expect(201);
      }
    })();
    const moment = join(folder, 'moment.gz');
    expect(await run('backup', moment)).toMatchObject({ code: 0 });
    ended = true;
    await writing;
    const text = gunzipSync(readFileSync(moment)).toString();
    const halves = [0, 1].map((half) =>
      [...text.matchAll(new RegExp(`'(\\d+)-${half}','note'`, 'g'))].map(([, n]) => n).sort(),
    );
    expect(halves[0]).toEqual(halves[1]);
    expect(written).toBeGreaterThan(halves[0]!.length);
  });
});
