import { join } from 'node:path';
import type { Express } from 'express';
import type { Pool } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { ownDatabase, quietApp } from '../own-server.spec-data';

describe('the money of a shop', () => {
  let pool: Pool;
  let app: Express;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_money');
    await migrate(pool, join(__dirname, '../../migrations'));
    app = quietApp(pool);
  });
  afterAll(() => pool.end());
  const keep = (currency: unknown) => request(app).put('/api/shop/money').send({ currency });

  it('is of no currency until one is said, and of that from then on', async () => {
    expect((await request(app).get('/api/shop/money').expect(200)).body).toEqual({ currency: null });
    expect((await keep('EUR').expect(200)).body).toEqual({ currency: 'EUR' });
    expect((await request(app).get('/api/shop/money').expect(200)).body).toEqual({ currency: 'EUR' });
    expect((await keep(null).expect(200)).body).toEqual({ currency: null });
  });

  it('is not overwritten where it no longer is what it was', async () => {
    const put = (currency: string | null, was: string | null) =>
      request(app).put('/api/shop/money').send({ currency, was });
    await put('EUR', null).expect(200);
    await put('EUR', null).expect(200);
    expect(((await put('NOK', null).expect(409)).body as { says: string }).says).toContain('changed elsewhere');
    await put(null, 'EUR').expect(200);
  });

  it.each([
    ['EURO', 400],
    [7, 400],
    ['ZZQ', 422],
  ])('%p is no currency', async (currency, status) => {
    await keep(currency).expect(status);
    expect((await request(app).get('/api/shop/money').expect(200)).body).toEqual({ currency: null });
  });
});
