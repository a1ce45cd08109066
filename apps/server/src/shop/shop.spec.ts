import type { Problem, RowConflict, ShopMaterialList, ShopSlide, ShopSlideList } from '@zabble/contract';
import type { Express } from 'express';
import { join } from 'node:path';
import type { Pool } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { ownDatabase, quietApp } from '../own-server.spec-data';

const row = { id: 'own-1', like: 'side-light', name: 'Loft light', side: '10.2 mm', price: 11 };
let pool: Pool;
let app: Express;

beforeAll(async () => {
  pool = await ownDatabase('zabble_shop');
  await migrate(pool, join(__dirname, '../../migrations'));
  app = quietApp(pool);
});
afterAll(() => pool.end());

const list = async (): Promise<readonly ShopSlide[]> =>
  ((await request(app).get('/api/shop/slides').expect(200)).body as ShopSlideList).items;

describe('the shop’s list of slides', () => {
  it('keeps a row under its name, and the newer in place of the older', async () => {
    expect(await list()).toEqual([]);
    await request(app).put('/api/shop/slides').send({ row }).expect(200);
    await request(app)
      .put('/api/shop/slides')
      .send({ row: { ...row, name: 'Another' } })
      .expect(200);
    const { body } = await request(app)
      .put('/api/shop/slides')
      .send({ row: { ...row, side: '10.4 mm' }, revision: 1 });
    const kept = await list();
    expect(kept.map((each) => each.row.name)).toEqual(['Another', 'Loft light']);
    expect(kept[1]).toEqual(body);
    expect(kept[1]?.row.side).toBe('10.4 mm');
  });

  it('puts nothing in place of a row that was changed elsewhere, but tells it', async () => {
    const put = (side: string, revision?: number) =>
      request(app)
        .put('/api/shop/slides')
        .send({ row: { ...row, side }, revision });
    const stands = (await list()).find((each) => each.row.name === row.name)!;
    for (const revision of [undefined, 1]) {
      const { body } = await put('11 mm', revision).expect(409);
      expect((body as RowConflict).says).toContain('another slide named “Loft light”');
      expect((body as RowConflict).row).toEqual(stands);
    }
    // Kept already just so: there is nothing to tell.
    await put('10.4 mm').expect(200);
    await request(app).delete(`/api/shop/slides/${stands.id}?revision=1`).expect(409);
    expect((await list()).find(({ id }) => id === stands.id)).toEqual(stands);
    const two = await Promise.all([put('11 mm', 2), put('12 mm', 2)]);
    expect(two.map(({ status }) => status).sort()).toEqual([200, 409]);
    await put('10.4 mm', 3).expect(200);
  });

  it('lets one go', async () => {
    const [first] = await list();
    await request(app).delete(`/api/shop/slides/${first!.id}`).expect(204);
    expect((await list()).map(({ id }) => id)).not.toContain(first!.id);
    await request(app).delete(`/api/shop/slides/${first!.id}`).expect(404);
    await request(app).delete("/api/shop/slides/1' OR 1=1").expect(400);
  });

  it.each<[string, unknown, number, string]>([
    ['a row like nothing built in', { row: { ...row, like: 'magnet' } }, 422, 'row.like: read "magnet"'],
    ['a length without its unit', { row: { ...row, side: '10' } }, 422, 'row.side'],
    ['an unknown field', { row: { ...row, colour: 'red' } }, 422, 'colour'],
    ['no name', { row: { ...row, name: undefined } }, 422, 'no name'],
    ['no row', {}, 400, 'row'],
    ['more than a row', { row, other: 1 }, 400, 'other'],
  ])('refuses %s, and keeps what it has', async (_, body, status, says) => {
    const before = await list();
    const answer = await request(app)
      .put('/api/shop/slides')
      .send(body as object)
      .expect(status);
    expect((answer.body as Problem).says).toContain(says);
    expect((answer.body as Problem).says).toContain('Nothing was changed.');
    expect(await list()).toEqual(before);
  });
});

describe('the shop’s list of materials', () => {
  const ash = { id: 'ash', name: 'Ash boards', kind: 'solid', thickness: '19.2 mm', species: 'ash-white', price: 31 };
  const materials = async (): Promise<ShopMaterialList['items']> =>
    ((await request(app).get('/api/shop/materials').expect(200)).body as ShopMaterialList).items;

  it('keeps one under its name beside the slides, and lets it go', async () => {
    const slides = await list();
    await request(app).put('/api/shop/materials').send({ row: ash }).expect(200);
    await request(app)
      .put('/api/shop/materials')
      .send({ row: { ...ash, thickness: '19.4 mm' }, revision: 1 })
      .expect(200);
    const kept = await materials();
    expect(kept.map((each) => each.row)).toEqual([{ ...ash, thickness: '19.4 mm' }]);
    expect(await list()).toEqual(slides);
    await request(app).delete(`/api/shop/materials/${kept[0]!.id}`).expect(204);
    expect(await materials()).toEqual([]);
  });

  it.each<[string, object, string]>([
    [
      'a wood nobody knows',
      { species: 'ashes' },
      'row.species: read "ashes": no wood of this name is known; nearest are',
    ],
    ['a thickness without its unit', { thickness: '19' }, 'row.thickness'],
    ['a blank name', { name: ' ' }, 'row.name'],
  ])('refuses %s', async (_, over, says) => {
    const answer = await request(app)
      .put('/api/shop/materials')
      .send({ row: { ...ash, ...over } })
      .expect(422);
    expect((answer.body as Problem).says).toContain(says);
    expect(await materials()).toEqual([]);
  });
});

describe.each([
  ['suppliers', { name: 'Skerry Point timber', by: 'hand' }, { leadDays: 1.5 }],
  ['customers', { name: 'Harbour office' }, { name: 7 }],
])('the shop’s list of %s', (list, first, wrong) => {
  it('is kept, told and let go of', async () => {
    const of = `/api/shop/${list}`;
    expect((await request(app).get(of).expect(200)).body).toEqual({ items: [] });
    const { body } = (await request(app).put(of).send({ row: first }).expect(200)) as { body: { id: string } };
    expect((await request(app).get(of).expect(200)).body).toEqual({ items: [body] });
    const what = list.slice(0, -1);
    const refused = async (sent: object, status: number) =>
      (await request(app).put(of).send(sent).expect(status)).body as Problem;
    expect((await refused({ row: { ...first, ...wrong } }, 422)).said).toMatchObject({ params: { what } });
    expect((await refused({ row: { ...first, notes: 'other' } }, 409)).said.params).toEqual({ what, name: first.name });
    const gone = (await request(app).delete(`${of}/${body.id}?revision=9`).expect(409)).body as Problem;
    expect(gone.said).toEqual({ code: 'row-changed-since', params: { what } });
    await request(app).delete(`${of}/${body.id}`).expect(204);
    const none = (await request(app).delete(`${of}/${body.id}`).expect(404)).body as Problem;
    expect(none.said).toEqual({ code: 'not-in-shop', params: { what } });
  });
});
