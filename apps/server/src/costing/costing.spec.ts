import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { CostingKept } from '@zabble/contract';
import { costOf, NO_SETTINGS, plan, priceOf, readJobFile } from '@zabble/core';
import type { Express } from 'express';
import type { Pool } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { addDemoPrices } from '../demo/demo';
import { ownDatabase, quietApp } from '../own-server.spec-data';
import { CostingRepository } from './repository';
import { CostingService } from './service';

const glue = { key: 'glue', unit: 'kg', pack: 5, cents: 4250, supplier: 'Made-up chandler', date: '2026-11-01' };

describe('what a shop’s prices are made with', () => {
  let pool: Pool;
  let app: Express;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_costing');
    await migrate(pool, join(__dirname, '../../migrations'));
    app = quietApp(pool);
  });
  afterAll(() => pool.end());
  const read = async () => (await request(app).get('/api/shop/costing').expect(200)).body as CostingKept;
  const keep = (prices: unknown) => request(app).put('/api/shop/costing/prices').send({ prices });
  const say = (settings: unknown, revision: number) =>
    request(app).put('/api/shop/costing').send({ settings, revision });

  it('is nothing to begin with', async () => {
    expect(await read()).toEqual({ settings: {}, revision: 0, prices: [] });
  });

  it('keeps prices by their keys, a new one in place of the old', async () => {
    await keep([glue, { key: 'pin', unit: 'piece', pack: 100, cents: 480 }]).expect(200);
    await keep([{ ...glue, cents: 4400 }]).expect(200);
    expect((await read()).prices).toEqual([
      { ...glue, cents: 4400 },
      { key: 'pin', unit: 'piece', pack: 100, cents: 480 },
    ]);
    await request(app)
      .post('/api/shop/costing/prices/dropped')
      .send({ keys: ['pin'] })
      .expect(200);
    expect((await read()).prices.map(({ key }) => key)).toEqual(['glue']);
  });

  it.each([
    { ...glue, cents: 1.5 },
    { ...glue, cents: -1 },
    { ...glue, pack: 0 },
    { ...glue, key: '' },
    { ...glue, date: '2026-13-01' },
  ])('takes no price %p, nor any with it', async (wrong) => {
    const { body } = await keep([{ key: 'foot', unit: 'piece', pack: 1, cents: 90 }, wrong]).expect(400);
    expect((body as { says: string }).says).toMatch(/\S/);
    expect((await read()).prices.map(({ key }) => key)).toEqual(['glue']);
  });

  it('begins with prices of the demo jobs, made up, by which none of them lacks one', async () => {
    const examples = join(__dirname, '../../../../examples');
    const count = await addDemoPrices(new CostingService(new CostingRepository(pool)), examples);
    const { prices } = await read();
    expect(prices).toHaveLength(count);
    const book = new Map(prices.map((row) => [row.key, priceOf(row)]));
    for (const name of readdirSync(examples).filter((each) => each.endsWith('.json'))) {
      const reading = readJobFile(readFileSync(join(examples, name), 'utf8'));
      if (!reading.ok) throw new Error(name);
      const cost = costOf(reading.job, plan(reading.job), { ...NO_SETTINGS, prices: book });
      expect([name, cost.lines.filter(({ total }) => total === undefined).map(({ key }) => key)]).toEqual([name, []]);
    }
  });

  it('keeps what is said of all prices, unless it was changed in between', async () => {
    const settings = { usual: { margin: { percent: 20, of: 'price' } }, minutes: { box: 18 } };
    expect((await say(settings, 0).expect(200)).body).toMatchObject({ settings, revision: 1 });
    expect(((await say({}, 0).expect(409)).body as { says: string }).says).toContain('changed elsewhere');
    expect((await say({ ...settings, minutes: {} }, 1).expect(200)).body).toMatchObject({ revision: 2 });
    const { body } = await say({ minutes: { box: 'long' } }, 2).expect(422);
    expect((body as { says: string }).says).toContain('settings.minutes.box');
    expect((await read()).revision).toBe(2);
  });

  it('learns from jobs by the middle of them, a job each once', async () => {
    const job = async (): Promise<string> => {
      const document = JSON.parse(
        readFileSync(join(__dirname, '../../../../examples/flag-chest.json'), 'utf8'),
      ) as object;
      return ((await request(app).post('/api/jobs').send({ document }).expect(201)).body as { id: string }).id;
    };
    const settle = (id: string, minutes: number, more: object = {}) =>
      request(app)
        .put(`/api/shop/costing/settled/${id}`)
        .send({ work: [{ operation: 'cut', count: 10, minutes }], ...more });
    const [one, other] = [await job(), await job()];
    await settle(one, 90).expect(200);
    // Said again it takes the place of what was said before.
    await settle(one, 20, { waste: 18.5 }).expect(200);
    expect((await settle(other, 40).expect(200)).body).toEqual({
      minutes: { cut: { value: 3, jobs: 2 } },
      waste: { value: 18.5, jobs: 1 },
    });
    expect((await request(app).get('/api/shop/costing/learned').expect(200)).body).toMatchObject({
      minutes: { cut: { jobs: 2 } },
    });
    await settle('3f1b6c1e-0d7a-4b52-8c55-1f0a52a9f7d1', 20).expect(404);
    await request(app)
      .put(`/api/shop/costing/settled/${one}`)
      .send({ work: [{ operation: 'sleeping', count: 1, minutes: 1 }] })
      .expect(400);
  });
});
