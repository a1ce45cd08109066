import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { JobRevisionList, StoredJob } from '@zabble/contract';
import { said, type JobDocument } from '@zabble/core';
import type { Express } from 'express';
import type { Pool } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { ownDatabase, quietApp } from '../own-server.spec-data';

const folder = (path: string): string => join(__dirname, '../..', path);
const document = JSON.parse(readFileSync(folder('../../examples/notions-bank.json'), 'utf8')) as JobDocument;

describe('older versions of a job', () => {
  let pool: Pool;
  let app: Express;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_revisions');
    await migrate(pool, folder('migrations'));
    app = quietApp(pool);
  });
  afterAll(() => pool.end());

  it('are kept as they stood before the work, and looked at', async () => {
    const { body } = await request(app).post('/api/jobs').send({ document }).expect(201);
    const { id } = body as StoredJob;
    const save = (revision: number, name: string) =>
      request(app)
        .put(`/api/jobs/${id}`)
        .send({ revision, document: { ...document, name } });
    expect((await request(app).get(`/api/jobs/${id}/revisions`).expect(200)).body).toEqual({ items: [] });
    for (const revision of [1, 2, 3]) await save(revision, `N${revision}`).expect(200);
    const list = (await request(app).get(`/api/jobs/${id}/revisions`).expect(200)).body as { items: object[] };
    // Of one stretch of work the state before it.
    expect(list.items).toMatchObject([{ revision: 1 }]);
    const old = await request(app).get(`/api/jobs/${id}/revisions/1`).expect(200);
    expect(old.body).toMatchObject({ revision: 1, document });
    // Another process, as after a restart, begins a stretch of its own.
    await request(quietApp(pool))
      .put(`/api/jobs/${id}`)
      .send({ revision: 4, document: { ...document, name: 'N4' } })
      .expect(200);
    const later = (await request(app).get(`/api/jobs/${id}/revisions`).expect(200)).body as { items: object[] };
    expect(later.items).toMatchObject([{ revision: 4 }, { revision: 1 }]);
    const none = await request(app).get(`/api/jobs/${id}/revisions/2`).expect(404);
    expect(none.body).toMatchObject({ said: said('no-such-revision', { revision: 2 }) });
    await request(app).get(`/api/jobs/${id}/revisions/x`).expect(400);
    await request(app).delete(`/api/jobs/${id}`).expect(204);
    await request(app).get(`/api/jobs/${id}/revisions`).expect(404);
    await request(app).get(`/api/jobs/${id}/revisions/1`).expect(404);
  });

  it('a save made from an older revision keeps none', async () => {
    const { body } = await request(app).post('/api/jobs').send({ document }).expect(201);
    const { id } = body as StoredJob;
    const other = quietApp(pool);
    await request(other).put(`/api/jobs/${id}`).send({ revision: 7, document }).expect(409);
    const kept = async () => (await request(app).get(`/api/jobs/${id}/revisions`).expect(200)).body as object;
    expect(await kept()).toEqual({ items: [] });
    // And the save that is made from the right one still keeps what stood there.
    await request(other).put(`/api/jobs/${id}`).send({ revision: 1, document }).expect(200);
    expect(await kept()).toMatchObject({ items: [{ revision: 1 }] });
  });

  it('are kept of each job by itself, and thinned as another is kept', async () => {
    const begun = async () =>
      ((await request(app).post('/api/jobs').send({ document }).expect(201)).body as StoredJob).id;
    const [one, other] = [await begun(), await begun()];
    const fresh = quietApp(pool);
    const save = (id: string, revision: number) =>
      request(fresh)
        .put(`/api/jobs/${id}`)
        .send({ revision, document: { ...document, notes: `${revision}` } })
        .expect(200);
    const kept = async (id: string) =>
      ((await request(app).get(`/api/jobs/${id}/revisions`).expect(200)).body as JobRevisionList).items.map(
        ({ revision }) => revision,
      );
    await save(one, 1);
    await save(other, 1);
    await save(one, 2);
    expect([await kept(one), await kept(other)]).toEqual([[1], [1]]);
    // Of one day long ago, before what stands: the last of it stays.
    await pool.query('UPDATE jobs SET revision = 20 WHERE id = ?', [other]);
    for (const revision of [10, 11, 12])
      await pool.query(
        "INSERT INTO job_revisions SELECT shop, id, ?, '2026-01-05 09:00:00' + INTERVAL ? MINUTE, document FROM jobs WHERE id = ?",
        [revision, revision, other],
      );
    expect(await kept(other)).toEqual([12, 11, 10, 1]);
    await request(quietApp(pool)).put(`/api/jobs/${other}`).send({ revision: 20, document }).expect(200);
    expect(await kept(other)).toEqual([20, 12, 1]);
  });
});
