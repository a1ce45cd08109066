import { randomUUID } from 'node:crypto';
import type { RowDataPacket } from 'mysql2/promise';
import type { Conflict, JobSaved, JobList, Problem, StoredJob } from '@zabble/contract';
import type { JobDocument } from '@zabble/core';
import type { Express } from 'express';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Pool } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { openPool } from '../db/pool';
import { addDemoJobs } from '../demo/demo';
import { JobRepository } from './repository';
import { bareApp, quietApp } from '../own-server.spec-data';
import { RevisionRepository } from '../revisions/repository';
import { JobService } from './service';

const folder = (path: string): string => join(__dirname, '../..', path);
const document = JSON.parse(readFileSync(folder('../../examples/notions-bank.json'), 'utf8')) as JobDocument;
const named = (name: string, customer = ''): JobDocument => ({ ...document, name, customer });
const NOBODY = '00000000-0000-4000-8000-000000000000';

let pool: Pool;
let app: Express;
let jobs: JobService;

beforeAll(async () => {
  pool = openPool(process.env['TEST_DATABASE_URL'] ?? '');
  jobs = new JobService(new JobRepository(pool), new RevisionRepository(pool));
  app = quietApp(pool);
});
afterAll(() => pool.end());

describe('a new database', () => {
  it('is migrated once, by whoever comes first, and gets the demo jobs', async () => {
    const answers = await Promise.all([migrate(pool, folder('migrations')), migrate(pool, folder('migrations'))]);
    expect(answers.map(({ wasNew }) => wasNew).sort()).toEqual([false, true]);
    expect((await addDemoJobs(jobs, folder('../../examples'))).size).toBe(5);
    const { body } = (await request(app).get('/api/jobs')) as { body: JobList };
    expect(body.items.map((job) => job.name).sort()).toEqual([
      'Flag chest',
      'Notions bank',
      'Rope bench',
      'Signal locker',
      'Splicing bench',
    ]);
  });

  it('answers for its health', async () => {
    const { body } = (await request(app).get('/api/health').expect(200)) as { body: unknown };
    expect(body).toEqual({ status: 'ok', database: 'answers', version: 'test' });
    const gone = openPool('mysql://nobody:x@127.0.0.1:1/none');
    const lost = quietApp(gone);
    await request(lost).get('/api/health').expect(503);
    await gone.end();
  });
});

describe('jobs', () => {
  const create = async (content: object = document): Promise<StoredJob> =>
    ((await request(app).post('/api/jobs').send({ document: content }).expect(201)) as { body: StoredJob }).body;

  it('are kept as they are, byte for byte of their text', async () => {
    const odd = { ...named('Ünïcode ½ “drawer”'), notes: 'emoji 🪵 and\nlines' };
    const { id, revision } = await create(odd);
    expect(revision).toBe(1);
    const { body } = (await request(app).get(`/api/jobs/${id}`).expect(200)) as { body: StoredJob };
    expect(body.document).toEqual(odd);
  });

  it('of a newer Zabble keep the fields this one does not know', async () => {
    const newer = { ...named('From tomorrow'), minor: 999, motto: { of: 'the loft' } };
    const { id } = await create(newer);
    const again = { ...newer, name: 'From tomorrow, renamed' };
    await request(app).put(`/api/jobs/${id}`).send({ revision: 1, document: again }).expect(200);
    const { body } = (await request(app).get(`/api/jobs/${id}`).expect(200)) as { body: StoredJob };
    expect(body.document).toEqual(again);
    const text = JSON.stringify(newer);
    const file = (await request(app).post('/api/jobs/import').type('json').send(text).expect(201)) as {
      body: StoredJob;
    };
    expect(file.body.document).toEqual(newer);
  });

  it('are replaced only from the revision they stand at; else 409 with both', async () => {
    const { id } = await create();
    const first = (await request(app)
      .put(`/api/jobs/${id}`)
      .send({ revision: 1, document: named('First') })
      .expect(200)) as { body: JobSaved };
    expect(first.body.revision).toBe(2);
    const { body } = (await request(app)
      .put(`/api/jobs/${id}`)
      .send({ revision: 1, document: named('Second') })
      .expect(409)) as { body: Conflict };
    expect(body.kept).toMatchObject({ revision: 2, document: { name: 'First' } });
    expect(body.yours.name).toBe('Second');
    expect(body.says).toContain('Nothing was overwritten');
  });

  it('saved once more with the same id are answered as saved, and not saved twice', async () => {
    const { id } = await create();
    const save = randomUUID();
    const send = (revision: number, name: string, by = save) =>
      request(app)
        .put(`/api/jobs/${id}`)
        .send({ revision, document: named(name), save: by });
    const first = (await send(1, 'Once').expect(200)) as { body: JobSaved };
    const again = (await send(1, 'Once').expect(200)) as { body: JobSaved };
    expect(again.body).toEqual(first.body);
    expect(first.body.revision).toBe(2);
    // What another save would have put there was not kept by it.
    await send(1, 'Other', randomUUID()).expect(409);
    await request(app)
      .put(`/api/jobs/${id}`)
      .send({ revision: 1, document: named('Other') })
      .expect(409);
    // Somebody else saved meanwhile: then it is a conflict again, and with what they have.
    await send(2, 'Theirs', randomUUID()).expect(200);
    const { body } = (await send(1, 'Once').expect(409)) as { body: Conflict };
    expect(body.kept).toMatchObject({ revision: 3, document: { name: 'Theirs' } });
  });

  it('made or brought in once more with the same id are the job there is', async () => {
    const [made, brought] = [randomUUID(), randomUUID()];
    const text = JSON.stringify({ ...document, log: [] });
    for (const name of ['First', 'Second']) {
      const { body } = (await request(app)
        .post('/api/jobs')
        .send({ document: named(name), id: made })
        .expect(201)) as { body: StoredJob };
      expect(body).toMatchObject({ id: made, document: { name: 'First' } });
      await request(app).post(`/api/jobs/import?id=${brought}`).type('json').send(text).expect(201);
    }
    const [[row]] = await pool.query<RowDataPacket[]>('SELECT COUNT(*) AS n FROM jobs WHERE id IN (?, ?)', [
      made,
      brought,
    ]);
    expect(Number(row!['n'])).toBe(2);
    await request(app).delete(`/api/jobs/${made}`).expect(204);
    await request(app).post('/api/jobs').send({ document, id: made }).expect(409);
  });

  it('are not replaced from a revision ahead of theirs: the database was put back', async () => {
    const { id } = await create(named('As it was put back'));
    await request(app)
      .put(`/api/jobs/${id}`)
      .send({ revision: 7, document: named('From before') })
      .expect(409);
    const { body } = (await request(app).get(`/api/jobs/${id}`).expect(200)) as { body: StoredJob };
    expect(body).toMatchObject({ revision: 1, document: { name: 'As it was put back' } });
  });

  it('once replaced are found by their new name and customer, and stand first in the list', async () => {
    const list = async (query: string): Promise<JobList> =>
      ((await request(app).get(`/api/jobs?${query}`).expect(200)) as { body: JobList }).body;
    const [old, young] = [await create(named('Selvage rack', 'Marl')), await create(named('Selvage bench'))];
    const order = async () => (await list('search=selvage')).items.map(({ id }) => id);
    expect(await order()).toEqual([young.id, old.id]);
    const { body } = (await request(app)
      .put(`/api/jobs/${old.id}`)
      .send({ revision: 1, document: named('Selvage rack', 'Kedge') })
      .expect(200)) as { body: StoredJob };
    expect(Date.parse(body.updatedAt)).toBeGreaterThan(Date.parse(old.updatedAt));
    expect(await order()).toEqual([old.id, young.id]);
    await request(app)
      .put(`/api/jobs/${old.id}`)
      .send({ revision: 2, document: named('Bolt rope rack', 'Kedge') })
      .expect(200);
    expect((await list('search=bolt%20rope')).items.map(({ id }) => id)).toEqual([old.id]);
    expect((await list('search=kedge')).items).toHaveLength(1);
    expect(await order()).toEqual([young.id]);
  });

  it('one of many writers at once wins, the others are told', async () => {
    const { id } = await create();
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, i) =>
        request(app)
          .put(`/api/jobs/${id}`)
          .send({ revision: 1, document: named(`W${i}`) }),
      ),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409, 409, 409, 409, 409]);
  });

  it('are deleted and brought back', async () => {
    const { id } = await create(named('Brought back'));
    await request(app).delete(`/api/jobs/${id}`).expect(204);
    await request(app).get(`/api/jobs/${id}`).expect(404);
    await request(app).delete(`/api/jobs/${id}`).expect(404);
    await request(app).put(`/api/jobs/${id}`).send({ revision: 1, document }).expect(404);
    const trash = (await request(app).get('/api/jobs?deleted=true').expect(200)) as { body: JobList };
    expect(trash.body.items.map((job) => job.id)[0]).toBe(id);
    await request(app).post(`/api/jobs/${id}/restore`).expect(200);
    await request(app).post(`/api/jobs/${id}/restore`).expect(404);
    await request(app).get(`/api/jobs/${id}`).expect(200);
  });

  it('are searched by name and customer, paged, with no wildcard let through', async () => {
    await create(named('100% cotton', 'Hawser & Co'));
    for (let i = 0; i < 5; i += 1) await create(named(`Paged ${i}`));
    const list = async (query: string): Promise<JobList> =>
      ((await request(app).get(`/api/jobs?${query}`).expect(200)) as { body: JobList }).body;
    expect((await list('search=hawser')).items.map((job) => job.name)).toEqual(['100% cotton']);
    expect((await list('search=100%25%20cot')).items).toHaveLength(1);
    expect((await list('search=%25')).items).toEqual([]);
    expect((await list('search=_aged')).items).toEqual([]);
    for (const search of ['', 'search=Paged&']) {
      const pages = [await list(`${search}size=3`)];
      while (pages.at(-1)!.next !== null) pages.push(await list(`${search}size=3&after=${pages.at(-1)!.next!}`));
      const all = pages.flatMap(({ items }) => items);
      expect(pages.slice(0, -1).every(({ items }) => items.length === 3)).toBe(true);
      expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
      expect(all.filter(({ name }) => name.startsWith('Paged')).map(({ name }) => name)).toEqual([
        'Paged 4',
        'Paged 3',
        'Paged 2',
        'Paged 1',
        'Paged 0',
      ]);
    }
  });

  it('come and go as files', async () => {
    const imported = (await request(app)
      .post('/api/jobs/import')
      .type('json')
      .send(`\uFEFF${JSON.stringify(document)}`)
      .expect(201)) as { body: StoredJob };
    const file = await request(app).get(`/api/jobs/${imported.body.id}/file`).expect(200);
    expect(file.headers['content-disposition']).toBe('attachment; filename=notions-bank.zabble.json');
    expect(JSON.parse(file.text)).toEqual(document);
  });
});

describe('what can’t be taken is refused with a sentence', () => {
  const says = async (answer: Promise<{ status: number; body: unknown }>): Promise<[number, Problem]> => {
    const { status, body } = await answer;
    return [status, body as Problem];
  };

  it.each<[string, () => request.Test, number, string]>([
    ['an unknown field', () => request(app).post('/api/jobs').send({ document, extra: 1 }), 400, 'extra'],
    ['no document', () => request(app).post('/api/jobs').send({}), 400, 'document'],
    ['a list', () => request(app).post('/api/jobs').send([]), 400, 'object'],
    ['no body', () => request(app).post('/api/jobs'), 400, 'object'],
    ['broken JSON', () => request(app).post('/api/jobs').type('json').send('{"document":'), 400, 'not JSON'],
    [
      'a broken job',
      () =>
        request(app)
          .post('/api/jobs')
          .send({ document: { ...document, unit: 'ell' } }),
      422,
      'unit',
    ],
    ['a broken file', () => request(app).post('/api/jobs/import').type('json').send('{"format":'), 422, 'not JSON'],
    ['a file as text', () => request(app).post('/api/jobs/import').type('text').send('{}'), 415, 'application/json'],
    ['no revision', () => request(app).put(`/api/jobs/${NOBODY}`).send({ document }), 400, 'revision'],
    ['an id that is none', () => request(app).get('/api/jobs/1'), 400, 'id'],
    ['a job there isn’t', () => request(app).get(`/api/jobs/${NOBODY}`), 404, 'no job'],
    [
      'a body nested out of all measure',
      () =>
        request(app)
          .post('/api/jobs')
          .type('json')
          .send(`{"document":${'['.repeat(90_000)}${']'.repeat(90_000)}}`),
      400,
      'nested more than',
    ],
    [
      'names a program has for itself',
      () => request(app).post('/api/jobs').type('json').send('{"__proto__":{},"constructor":{},"document":{}}'),
      400,
      'constructor',
    ],
    [
      'such names in a job',
      () =>
        request(app)
          .post('/api/jobs')
          .type('json')
          .send(`{"document":{"__proto__":1,"constructor":{},"toString":2,${JSON.stringify(document).slice(1)}}`),
      422,
      'no field of this name',
    ],
    [
      'a crowd of fields',
      () =>
        request(app)
          .post('/api/jobs')
          .send(Object.fromEntries(Array.from({ length: 120_000 }, (_, n) => [`k${n}`, 1]))),
      400,
      'more that are none',
    ],
    ['a page that is none', () => request(app).get('/api/jobs?after=-1'), 400, 'after'],
    ['a path that is none', () => request(app).get('/api/elsewhere'), 404, '/api/elsewhere'],
    [
      'far too much',
      () =>
        request(app)
          .post('/api/jobs')
          .send({ document, junk: 'x'.repeat(2_100_000) }),
      413,
      'bytes',
    ],
  ])('%s', async (_, ask, status, part) => {
    const [code, problem] = await says(ask());
    expect(code).toBe(status);
    expect(problem.status).toBe(status);
    expect(problem.says).toContain(part);
    expect(JSON.stringify(problem)).not.toMatch(/node_modules|\bat .*:\d+:\d+/);
  });

  it('also when the database is away', async () => {
    const gone = openPool('mysql://nobody:x@127.0.0.1:1/none');
    const lost = quietApp(gone);
    const [code, problem] = await says(request(lost).get('/api/jobs'));
    expect([code, problem.says]).toEqual([
      503,
      'The database does not answer. Nothing was changed; try again in a moment.',
    ]);
    await gone.end();
  });
});

describe('the web application', () => {
  it('sends nothing from outside and keeps others out of its frames', async () => {
    const plain = bareApp(pool);
    const [page, api] = [await request(plain).get('/'), await request(plain).get('/api/health')];
    expect(page.headers['content-security-policy']).toContain("default-src 'self'");
    expect(api.headers).toMatchObject({
      'content-security-policy': "default-src 'none'; frame-ancestors 'none'",
      'x-content-type-options': 'nosniff',
      'cache-control': 'no-store',
    });
    for (const { headers } of [page, api]) expect(headers).not.toHaveProperty('x-powered-by');
  });
});
