import { join } from 'node:path';
import { ROUTES, type SessionState } from '@zabble/contract';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { ErasingRepository } from '../erasing/repository';
import { ownDatabase } from '../own-server.spec-data';
import type { ShopId } from '../whose/shop';
import { newShop, PASSWORD, person, sharedOn, type Shared } from './shared.spec-data';

const DATABASE = 'zabble_deleted_shop';
const DAY = 86_400_000;

describe('a shop that is deleted', () => {
  let pool: Pool;
  let shared: Shared;
  let shop: ShopId;
  let [owner, maker] = ['', ''];
  let link = '';

  const ask = (method: 'get' | 'post' | 'put', path: string, cookie: string) =>
    request(shared.app)[method](path).set('cookie', cookie);
  const rowsOf = async (table: string): Promise<number> => {
    const [[row]] = await pool.query<RowDataPacket[]>(`SELECT COUNT(*) AS many FROM ${table} WHERE shop = ?`, [shop]);
    return Number(row?.['many']);
  };

  beforeAll(async () => {
    pool = await ownDatabase(DATABASE);
    await migrate(pool, join(__dirname, '../../migrations'));
    shared = sharedOn(pool, DATABASE);
    shop = await newShop(pool, 'Skerry Point');
    owner = await person(shared, pool, { shop, role: 'owner', email: 'runa@loft.example' });
    maker = await person(shared, pool, { shop, role: 'maker', email: 'oli@loft.example' });
    const item = { material: 'ply', kind: 'sheet', length: '96 in', width: '48 in', count: 3 };
    await ask('put', ROUTES.stockItem('44444444-4444-4444-8444-444444444444'), maker).send({ item }).expect(200);
    const feed = await ask('put', ROUTES.calendarFeed, maker).send({}).expect(200);
    link = `/c/${/[\w-]{43}/.exec((feed.body as { feed: string }).feed)?.[0] ?? ''}.ics`;
    await request(shared.app).get(link).expect(200);
  });
  afterAll(() => pool.end());

  it('takes its owner’s password, and nobody gets at it from then on', async () => {
    await ask('post', ROUTES.deleteShop, maker).send({ password: PASSWORD }).expect(403);
    await ask('post', ROUTES.deleteShop, owner).send({ password: 'another one' }).expect(422);
    await ask('post', ROUTES.deleteShop, owner).send({ password: PASSWORD }).expect(204);
    for (const cookie of [owner, maker]) {
      const { body } = await ask('get', ROUTES.stock, cookie).expect(403);
      expect((body as { says: string }).says).toContain('An owner can bring it back for 30 days more');
    }
    const state = (await ask('get', ROUTES.session, maker).expect(200)).body as SessionState;
    expect(state.person?.deletedFor).toBe(30);
    await request(shared.app).get(link).expect(404);
  });

  it('is brought back by an owner, as it was', async () => {
    await ask('post', ROUTES.restoreShop, maker).expect(403);
    await ask('post', ROUTES.restoreShop, owner).expect(200);
    expect((await ask('get', ROUTES.stock, maker).expect(200)).text).toContain('ply');
    await request(shared.app).get(link).expect(200);
  });

  it('is erased after thirty days, whole, and its people stay', async () => {
    await ask('post', ROUTES.deleteShop, owner).send({ password: PASSWORD }).expect(204);
    const erasing = new ErasingRepository(pool);
    expect(await erasing.dueShops(new Date(Date.now() + 29 * DAY))).toBe(0);
    expect(await rowsOf('stock')).toBe(1);
    expect(await erasing.dueShops(new Date(Date.now() + 31 * DAY))).toBe(1);
    const [tables] = await pool.query<RowDataPacket[]>(
      "SELECT table_name AS name FROM information_schema.columns WHERE table_schema = DATABASE() AND column_name = 'shop'",
    );
    for (const { name } of tables) expect([name, await rowsOf(String(name))]).toEqual([name, 0]);
    const state = (await ask('get', ROUTES.session, owner).expect(200)).body as SessionState;
    expect([state.person?.name, state.person?.shops]).toEqual(['runa', []]);
    await ask('post', ROUTES.restoreShop, owner).expect(403);
  });
});
