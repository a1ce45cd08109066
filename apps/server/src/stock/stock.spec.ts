import { readFileSync } from 'node:fs';
import type { BookingList, Problem, StockEntry, StockList, StoredJob } from '@zabble/contract';
import type { Express } from 'express';
import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import type { Pool } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { ownDatabase, quietApp } from '../own-server.spec-data';

const PLY = {
  material: '12 mm birch plywood',
  kind: 'sheet',
  length: '96 in',
  width: '48 in',
  count: 3,
  place: 'left wall',
};
const REST = {
  material: '12 mm birch plywood',
  kind: 'off-cut',
  length: '600 mm',
  width: '400 mm',
  count: 1,
  from: 'Notions bank',
};
let pool: Pool;
let app: Express;
let job: string;

beforeAll(async () => {
  pool = await ownDatabase('zabble_stock');
  await migrate(pool, join(__dirname, '../../migrations'));
  app = quietApp(pool);
  const document = JSON.parse(
    readFileSync(join(__dirname, '../../../../examples/notions-bank.json'), 'utf8'),
  ) as object;
  job = ((await request(app).post('/api/jobs').send({ document }).expect(201)).body as StoredJob).id;
});
afterAll(() => pool.end());

const list = async (): Promise<readonly StockEntry[]> =>
  ((await request(app).get('/api/shop/stock').expect(200)).body as StockList).items;
const keep = (id: string, item: object, revision?: number) =>
  request(app).put(`/api/shop/stock/${id}`).send({ item, revision });
const book = (wish: object) => request(app).post('/api/shop/bookings').send(wish);

describe('the rack', () => {
  it('keeps, changes and lets go of what stands in it', async () => {
    const id = randomUUID();
    await keep(id, PLY).expect(200);
    await keep(id, { ...PLY, count: 2, price: 71.5 }, 1).expect(200);
    expect(await list()).toEqual([
      { id, item: { ...PLY, count: 2, price: 71.5 }, revision: 2, updatedAt: expect.any(String) as string },
    ]);
    const change = (by: unknown) => request(app).post(`/api/shop/stock/${id}/count`).send({ by });
    expect(((await change(3).expect(200)).body as StockList).items[0]?.item).toEqual({ ...PLY, count: 5, price: 71.5 });
    await change('two').expect(400);
    await request(app).delete(`/api/shop/stock/${id}`).expect(200);
    const gone = await request(app).delete(`/api/shop/stock/${id}`).expect(404);
    expect((gone.body as Problem).said.code).toBe('not-in-rack');
    expect(((await change(1).expect(404)).body as Problem).said.code).toBe('not-in-rack');
    expect(await list()).toEqual([]);
  });

  it('overwrites nothing that was changed elsewhere: the item, its count, its going', async () => {
    const id = randomUUID();
    const stands = async () => (await list()).find((each) => each.id === id);
    await keep(id, PLY).expect(200);
    await keep(id, PLY).expect(200);
    expect((await stands())?.revision).toBe(1);
    await request(app).post(`/api/shop/stock/${id}/count`).send({ by: 2 }).expect(200);
    const { body } = await keep(id, { ...PLY, place: 'loft' }, 1).expect(409);
    expect((body as Problem).says).toContain('changed elsewhere');
    await keep(id, { ...PLY, place: 'loft' }).expect(409);
    await request(app).delete(`/api/shop/stock/${id}?revision=1`).expect(409);
    expect((await stands())?.item).toEqual({ ...PLY, count: PLY.count + 2 });
    const two = await Promise.all(['a', 'b'].map((place) => keep(id, { ...PLY, place }, 2)));
    expect(two.map(({ status }) => status).sort()).toEqual([200, 409]);
    await request(app).delete(`/api/shop/stock/${id}?revision=3`).expect(200);
    await keep(id, PLY, 3).expect(404);
  });

  it('takes a list whole or not at all', async () => {
    const bad = [PLY, { ...PLY, length: '0 in' }];
    const { body } = await request(app).post('/api/shop/stock/list').send({ items: bad }).expect(422);
    expect((body as Problem).says).toMatch(/item.length: .*more than nothing.*Nothing was changed/);
    expect((body as Problem).said.params).toMatchObject({ what: 'stock' });
    expect(await list()).toEqual([]);
    await request(app)
      .post('/api/shop/stock/list')
      .send({ items: [PLY, REST] })
      .expect(200);
    expect((await list()).map(({ item }) => item.kind)).toEqual(['off-cut', 'sheet']);
  });

  it.each([
    ['no id', 'x', PLY, 400],
    ['a field nobody knows', randomUUID(), { ...PLY, colour: 'red' }, 422],
    ['half a sheet', randomUUID(), { ...PLY, count: 0.5 }, 422],
    ['no material', randomUUID(), { ...PLY, material: ' ' }, 422],
  ])('refuses %s', async (_, id, item, status) => {
    await keep(id, item).expect(status);
  });
});

describe('booking a layout', () => {
  it('is of a job there is', async () => {
    const wish = { id: randomUUID(), job: randomUUID(), material: PLY.material, taken: [], brought: [REST] };
    const before = await list();
    const { body } = await book(wish).expect(404);
    expect((body as Problem).says).toContain('no job');
    expect(await list()).toEqual(before);
  });

  it('takes sheets out and puts off-cuts in, once however often it is sent', async () => {
    const sheet = (await list()).find(({ item }) => item.kind === 'sheet')!;
    const wish = {
      id: randomUUID(),
      job,
      material: PLY.material,
      taken: [{ stock: sheet.id, count: 2 }],
      brought: [{ ...REST, length: '700 mm' }],
    };
    await book(wish).expect(200);
    await book(wish).expect(200);
    const after = await list();
    expect(after.find(({ id }) => id === sheet.id)?.item.count).toBe(1);
    expect(after.filter(({ item }) => item.length === '700 mm')).toHaveLength(1);
    const { body } = await request(app).get('/api/shop/bookings').query({ job: wish.job }).expect(200);
    expect((body as BookingList).items).toMatchObject([
      { id: wish.id, undoneAt: null, taken: [{ item: { count: 2 } }] },
    ]);

    await request(app).post(`/api/shop/bookings/${wish.id}/undo`).expect(200);
    await request(app).post(`/api/shop/bookings/${wish.id}/undo`).expect(200);
    const back = await list();
    expect(back.find(({ id }) => id === sheet.id)?.item.count).toBe(3);
    expect(back.filter(({ item }) => item.length === '700 mm')).toEqual([]);
  });

  it('undone gives back as many as it took, and leaves what was changed meanwhile', async () => {
    const sheet = (await list()).find(({ item }) => item.kind === 'sheet')!;
    const id = randomUUID();
    const brought = [{ ...REST, place: 'by the door' }];
    await book({ id, job, material: PLY.material, taken: [{ stock: sheet.id, count: 1 }], brought }).expect(200);
    const now = (await list()).find((each) => each.id === sheet.id)!;
    await keep(sheet.id, { ...now.item, price: 12.5, place: 'moved' }, now.revision).expect(200);
    const offcut = (await list()).find(({ item }) => item.place === 'by the door')!;
    await request(app).post(`/api/shop/stock/${offcut.id}/count`).send({ by: 1 }).expect(200);

    await request(app).post(`/api/shop/bookings/${id}/undo`).expect(200);
    const after = await list();
    // Once more nothing is given back again.
    await request(app).post(`/api/shop/bookings/${id}/undo`).expect(200);
    expect(await list()).toEqual(after);
    expect(after.find((each) => each.id === sheet.id)?.item).toEqual({ ...sheet.item, price: 12.5, place: 'moved' });
    expect(after.find((each) => each.id === offcut.id)?.item.count).toBe(1);
    await request(app).delete(`/api/shop/stock/${offcut.id}`).expect(200);
    const { price: _price, place: _place, ...plain } = sheet.item;
    const last = after.find((each) => each.id === sheet.id)!;
    await keep(sheet.id, plain, last.revision).expect(200);
  });

  it('is refused whole where the rack has less, or an off-cut is used already', async () => {
    const [offcut, sheet] = await list();
    const common = { job, material: PLY.material };
    const taken = [
      { stock: offcut!.id, count: 1 },
      { stock: sheet!.id, count: 9 },
    ];
    const { body } = await book({ ...common, id: randomUUID(), taken, brought: [REST] }).expect(409);
    expect((body as Problem).says).toBe(
      'The rack has 3 of what the layout takes 9 of. Nothing was booked; lay it out again.',
    );
    expect(await list()).toHaveLength(2);

    const id = randomUUID();
    const { body: then } = await book({ ...common, id, taken: [], brought: [{ ...REST, place: 'new' }] }).expect(200);
    const brought = (then as StockList).items.find(({ item }) => item.place === 'new');
    await request(app).delete(`/api/shop/stock/${brought!.id}`).expect(200);
    await request(app).post(`/api/shop/bookings/${id}/undo`).expect(409);
    await request(app).post(`/api/shop/bookings/${randomUUID()}/undo`).expect(404);
  });

  it('is counted once when two ask at the same moment', async () => {
    const sheet = (await list()).find(({ item }) => item.kind === 'sheet')!;
    const wishes = [1, 2, 3].map(() => ({
      id: randomUUID(),
      job,
      material: PLY.material,
      taken: [{ stock: sheet.id, count: 2 }],
      brought: [],
    }));
    const answers = await Promise.all(wishes.map((wish) => book(wish)));
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409]);
    expect((await list()).find(({ id }) => id === sheet.id)?.item.count).toBe(1);
  });
});
