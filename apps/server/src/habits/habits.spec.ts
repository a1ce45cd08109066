import { join } from 'node:path';
import type { Problem } from '@zabble/contract';
import type { Express } from 'express';
import type { Pool } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { ownDatabase, quietApp } from '../own-server.spec-data';

let pool: Pool;
let app: Express;
beforeAll(async () => {
  pool = await ownDatabase('zabble_habits');
  await migrate(pool, join(__dirname, '../../migrations'));
  app = quietApp(pool);
});
afterAll(() => pool.end());

describe('habits of the shop', () => {
  it('are kept as lengths, and refused as anything else', async () => {
    expect((await request(app).get('/api/shop/habits').expect(200)).body).toEqual({});
    const kept = await request(app).patch('/api/shop/habits').send({ ease: '1/32 in', kerf: '3 mm' }).expect(200);
    expect(kept.body).toEqual({ ease: '1/32 in', kerf: '3 mm' });
    const bad = await request(app).patch('/api/shop/habits').send({ ease: 'a little' }).expect(422);
    expect((bad.body as Problem).says).toContain('ease');
    await request(app).patch('/api/shop/habits').send({ glue: '1 mm' }).expect(400);
    expect((await request(app).get('/api/shop/habits').expect(200)).body).toEqual({ ease: '1/32 in', kerf: '3 mm' });
  });

  it('are said one by one: the others stay as another has said them meanwhile', async () => {
    await request(app).patch('/api/shop/habits').send({ gap: '2 mm' }).expect(200);
    const { body } = await request(app).patch('/api/shop/habits').send({ kerf: '' }).expect(200);
    expect(body).toEqual({ ease: '1/32 in', gap: '2 mm' });
  });

  it('are not overwritten where they no longer stand as they did', async () => {
    const patch = (body: object) => request(app).patch('/api/shop/habits').send(body);
    const { body } = await patch({ gap: '3 mm', ease: '1 mm', was: { gap: '1.5 mm', ease: '1/32 in' } }).expect(409);
    expect((body as Problem).says).toBe(
      'gap: it was changed elsewhere meanwhile and stands at 2 mm. Nothing was changed.',
    );
    const two = await Promise.all(['3 mm', '4 mm'].map((play) => patch({ play, was: {} })));
    expect(two.map(({ status }) => status).sort()).toEqual([200, 409]);
    await patch({ gap: '', was: { gap: '2 mm' } }).expect(200);
    await patch({ gap: '', was: { gap: '2 mm' } }).expect(200);
  });
});
