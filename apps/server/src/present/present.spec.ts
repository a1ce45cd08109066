import { join } from 'node:path';
import { LARGEST_BODY, type HereAnswer } from '@zabble/contract';
import { readFileSync } from 'node:fs';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { JobRepository } from '../jobs/repository';
import { ownDatabase, quietApp } from '../own-server.spec-data';
import { OWN_SHOP } from '../whose/shop';

const JOB = '22222222-2222-4222-8222-222222222222';
const [ONE, OTHER] = ['11111111-1111-4111-8111-111111111111', '33333333-3333-4333-8333-333333333333'];

describe('who has a job open', () => {
  let pool: Pool;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_present');
    await migrate(pool, join(__dirname, '../../migrations'));
    const file = readFileSync(join(__dirname, '../../../../examples/notions-bank.json'), 'utf8');
    await new JobRepository(pool).insert(OWN_SHOP, JOB, JSON.parse(file) as never, []);
  });
  afterAll(() => pool.end());

  const said = async (what: object, job = JOB) => request(quietApp(pool)).post(`/api/jobs/${job}/here`).send(what);
  const here = async (page: string | undefined, step: string, by?: string, job = JOB) => said({ page, step, by }, job);

  it('is told to the others, with what they are at, and at which revision it stands', async () => {
    expect((await here(ONE, 'measure', 'Runa')).body).toEqual({ revision: 1, others: [] });
    const told = (await here(OTHER, 'fronts')).body as HereAnswer;
    expect(told).toEqual({ revision: 1, others: [{ page: ONE, name: 'Runa', step: 'measure' }] });
    expect((await here(ONE, 'cut', 'Runa')).body).toEqual({
      revision: 1,
      others: [{ page: OTHER, name: '', step: 'fronts' }],
    });
  });

  it('who was not heard of for a while is not there any more, and leaves nothing behind', async () => {
    await pool.query('UPDATE present SET seen_at = seen_at - INTERVAL 20 SECOND WHERE page = ?', [ONE]);
    expect(((await here(OTHER, 'fronts')).body as HereAnswer).others).toEqual([]);
    await pool.query('UPDATE present SET seen_at = seen_at - INTERVAL 2 MINUTE WHERE page = ?', [ONE]);
    await here(OTHER, 'fronts');
    const [rows] = await pool.query<RowDataPacket[]>('SELECT page FROM present');
    expect(rows.map(({ page }) => String(page))).toEqual([OTHER]);
  });

  it('who says that they go is gone at once, and nobody with them', async () => {
    await here(ONE, 'measure', 'Runa');
    await here(OTHER, 'fronts');
    expect((await said({ page: ONE, step: 'measure', gone: true }, OTHER)).status).toBe(404);
    expect(((await here(OTHER, 'fronts')).body as HereAnswer).others).toHaveLength(1);
    expect((await said({ page: ONE, step: 'measure', gone: true })).body).toMatchObject({ others: [{ page: OTHER }] });
    expect(((await here(OTHER, 'fronts')).body as HereAnswer).others).toEqual([]);
    expect((await said({ page: ONE, step: 'measure', gone: 'yes' })).status).toBe(400);
  });

  it('of no job nobody has anything open; what can’t be read is said', async () => {
    expect((await here(ONE, 'cut', '', OTHER)).status).toBe(404);
    expect((await here(undefined, 'cut')).status).toBe(400);
    expect((await here(ONE, 'Cut; DROP')).status).toBe(400);
    // It is little that is said: more is not read to its end.
    expect((await said({ page: ONE, step: 'cut', more: 'x'.repeat(LARGEST_BODY / 100) })).status).toBe(413);
    const [[row]] = await pool.query<RowDataPacket[]>('SELECT COUNT(*) AS many FROM present WHERE job_id = ?', [OTHER]);
    expect(row?.['many']).toBe(0);
  });
});
