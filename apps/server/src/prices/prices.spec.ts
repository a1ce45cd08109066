import { join } from 'node:path';
import type { PriceList, SupplierPrice } from '@zabble/contract';
import { readFileLength } from '@zabble/core';
import type { Express } from 'express';
import type { Pool } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { ownDatabase, quietApp } from '../own-server.spec-data';
import { OWN_SHOP, type ShopId } from '../whose/shop';
import { PriceRepository } from './repository';
import { PriceService } from './service';
import { simulatedSupplier } from './simulated-supplier';

const ON = new Date('2026-11-23T23:59:00Z');
const listOf = (chance: number): Promise<readonly SupplierPrice[]> =>
  simulatedSupplier(
    () => chance,
    () => ON,
  )();

it('all that the made-up supplier carries has a name of its own and sizes that can be read', async () => {
  const list = await listOf(0.5);
  expect(new Set(list.map(({ name }) => name.trim())).size).toBe(list.length);
  for (const { name, length, width, thickness } of list) {
    expect(name).toMatch(/\w/);
    for (const size of [length, width, thickness]) expect(readFileLength(size)).toMatchObject({ ok: true });
  }
  const { length, width } = list.find(({ name }) => name === '12 mm birch plywood')!;
  expect([length, width]).toEqual(['96 in', '48 in']);
});

describe('the supplier’s price list', () => {
  let pool: Pool;
  let app: Express;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_prices');
    await migrate(pool, join(__dirname, '../../migrations'));
    app = quietApp(pool);
  });
  afterAll(() => pool.end());

  it('is empty until asked for, then dated and kept', async () => {
    const prices = async () => (await request(app).get('/api/shop/prices').expect(200)).body as PriceList;
    expect(await prices()).toEqual({ items: [], simulated: true });
    const { body } = await request(app).post('/api/shop/prices/refresh').expect(200);
    const { items } = body as PriceList;
    expect(items).toHaveLength(9);
    for (const { pricedOn } of items) expect(pricedOn).toBe(new Date().toISOString().slice(0, 10));
    expect(await prices()).toEqual(body);
  });

  it('has boards first, each by name, and is all new when it is asked for again', async () => {
    const asked = [0.5, 1];
    const service = new PriceService(new PriceRepository(pool), () => listOf(asked.shift() ?? 0));
    const before = await service.refresh(OWN_SHOP);
    const { items } = await service.refresh(OWN_SHOP);
    expect(items.map(({ kind }) => kind)).toEqual([
      ...Array<string>(2).fill('board'),
      ...Array<string>(7).fill('sheet'),
    ]);
    expect(items.slice(0, 2).map(({ name }) => name)).toEqual(['Black cherry, 4/4', 'Hard maple, 4/4']);
    expect([before.items, items].map((list) => list.find(({ name }) => name === '15 mm birch plywood'))).toEqual(
      [88, 93.28].map((price) => ({
        name: '15 mm birch plywood',
        kind: 'sheet',
        length: '2440 mm',
        width: '1220 mm',
        thickness: '14.8 mm',
        price,
        pricedOn: '2026-11-23',
      })),
    );
  });

  it('is each shop’s own', async () => {
    const other = '00000000-0000-4000-8000-0000000000aa' as ShopId;
    const service = new PriceService(new PriceRepository(pool), () => listOf(0.5));
    await service.refresh(OWN_SHOP);
    await pool.execute('INSERT INTO shops (id, name, created_at) VALUES (?, ?, UTC_TIMESTAMP(3))', [other, 'Ness']);
    expect((await service.list(other)).items).toEqual([]);
    await new PriceRepository(pool).replace(other, []);
    expect((await service.list(OWN_SHOP)).items).toHaveLength(9);
  });

  it('sways by six in a hundred around what it stands in for, to the cent', async () => {
    const [low, middle, high] = await Promise.all([0, 0.5, 1].map(listOf));
    const of = (list: readonly SupplierPrice[] | undefined) => list?.find(({ name }) => name === '1/4 in hardboard');
    expect([low, middle, high].map((list) => of(list)?.price)).toEqual([19.74, 21, 22.26]);
  });
});
