import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Quote, QuoteLink, QuoteList, StoredJob } from '@zabble/contract';
import type { Express } from 'express';
import type { Pool } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { addDemoPrices } from '../demo/demo';
import { CostingRepository } from '../costing/repository';
import { CostingService } from '../costing/service';
import { ownDatabase, quietApp } from '../own-server.spec-data';

const examples = join(__dirname, '../../../../examples');
const demo = (name: string): object => JSON.parse(readFileSync(join(examples, `${name}.json`), 'utf8')) as object;
const NO_ID = '3f1b6c1e-0d7a-4b52-8c55-1f0a52a9f7d1';

describe('quotes', () => {
  const folder = mkdtempSync(join(tmpdir(), 'zabble-quotes-'));
  let pool: Pool;
  let app: Express;
  let job: StoredJob;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_quotes');
    await migrate(pool, join(__dirname, '../../migrations'));
    app = quietApp(pool);
    await addDemoPrices(new CostingService(new CostingRepository(pool)), examples);
    await request(app).put('/api/shop/money').send({ currency: 'EUR' }).expect(200);
    job = await begun('signal-locker');
  });
  afterAll(async () => {
    await pool.end();
    rmSync(folder, { recursive: true });
  });
  const begun = async (name: string): Promise<StoredJob> =>
    (
      await request(app)
        .post('/api/jobs')
        .send({ document: demo(name) })
        .expect(201)
    ).body as StoredJob;
  const make = (of: StoredJob, more: object = {}) =>
    request(app)
      .post(`/api/jobs/${of.id}/quotes`)
      .send({ revision: of.revision, ...more });
  const made = async (of: StoredJob, more: object = {}): Promise<Quote> =>
    ((await make(of, more).expect(201)).body as QuoteList).items[0]!;
  const says = (body: unknown): string => (body as { says: string }).says;
  const linked = async ({ id }: Quote): Promise<string> =>
    ((await request(app).post(`/api/quotes/${id}/link`).send({}).expect(200)).body as QuoteLink).path;

  it('are made of the job of that moment, numbered, and stand as they are when the job goes on', async () => {
    const own = await begun('flag-chest');
    const first = await made(own, {
      detail: 'parts',
      days: 14,
      terms: 'Half when it is begun.',
      excluded: 'Painting the wall',
    });
    expect(first).toMatchObject({
      number: 1,
      state: 'drafted',
      revision: own.revision,
      currency: 'EUR',
      linked: false,
    });
    expect(first.body.lines.reduce((sum, { cents }) => sum + cents, 0)).toBe(first.body.net);
    expect(first.costs.reduce((sum, { cents }) => sum + cents, 0)).toBeLessThan(first.body.net);
    const changed = { ...(own.document as object), survey: 'careful' };
    const { body } = await request(app)
      .put(`/api/jobs/${own.id}`)
      .send({ revision: own.revision, document: changed })
      .expect(200);
    // Of another than was looked at none is made.
    expect(says((await make(own).expect(409)).body)).toContain('No quote was made');
    const second = await made({ ...own, ...(body as StoredJob) });
    expect(second.number).toBe(2);
    expect(second.body.total).toBeLessThan(first.body.total);
    const { items } = (await request(app).get(`/api/jobs/${own.id}/quotes`).expect(200)).body as QuoteList;
    expect(items.map(({ number }) => number)).toEqual([2, 1]);
    expect(items[1]).toEqual(first);
  });

  it('that two make at once get two numbers', async () => {
    const own = await begun('rope-bench');
    await Promise.all([make(own).expect(201), make(own).expect(201), make(own).expect(201)]);
    const { items } = (await request(app).get(`/api/jobs/${own.id}/quotes`).expect(200)).body as QuoteList;
    expect(items.map(({ number }) => number)).toEqual([3, 2, 1]);
  });

  it('go from drafted to sent to accepted, and nowhere else', async () => {
    const { id } = await made(job);
    const move = (state: string, by = '') => request(app).put(`/api/quotes/${id}/state`).send({ state, by });
    expect(says((await move('accepted').expect(409)).body)).toContain('is drafted');
    expect((await move('sent').expect(200)).body).toMatchObject({ state: 'sent' });
    expect((await move('accepted', 'A. Keeper').expect(200)).body).toMatchObject({
      state: 'accepted',
      stateBy: 'A. Keeper',
    });
    expect(says((await move('refused').expect(409)).body)).toContain('is accepted');
    await move('drafted').expect(400);
  });

  it('that were sent lapse when their day is over', async () => {
    const { id } = await made(job);
    await request(app).put(`/api/quotes/${id}/state`).send({ state: 'sent' }).expect(200);
    await pool.execute('UPDATE quotes SET valid_until = ? WHERE id = ?', ['2026-01-31', id]);
    const { items } = (await request(app).get(`/api/jobs/${job.id}/quotes`).expect(200)).body as QuoteList;
    expect(items.find((each) => each.id === id)?.state).toBe('lapsed');
    await request(app).put(`/api/quotes/${id}/state`).send({ state: 'accepted' }).expect(409);
  });

  it.each([
    [{ revision: 0 }, 400],
    [{ detail: 'everything' }, 400],
    [{ days: 0 }, 400],
    [{ terms: 'x'.repeat(4001) }, 400],
  ])('refuse %j', async (more, status) => {
    expect(says((await make(job, more).expect(status)).body)).toMatch(/\S/);
  });

  it('of jobs and by ids there are not are not there', async () => {
    await request(app).get(`/api/jobs/${NO_ID}/quotes`).expect(404);
    await request(app).put(`/api/quotes/${NO_ID}/state`).send({ state: 'sent' }).expect(404);
    await request(app).post(`/api/quotes/${NO_ID}/link`).send({}).expect(404);
  });

  it('are shown by a link nobody guesses, kept nowhere and found by nobody, until it is withdrawn', async () => {
    const quote = await made(job, { detail: 'whole', excluded: 'Painting <the wall>' });
    const path = await linked(quote);
    expect(path).toMatch(/^\/q\/[\w-]{43}$/);
    const shown = await request(app).get(path).expect(200);
    expect(shown.headers).toMatchObject({
      'cache-control': 'no-store',
      'x-robots-tag': expect.stringContaining('noindex') as string,
      'referrer-policy': 'no-referrer',
      'content-security-policy': expect.stringContaining("default-src 'none'") as string,
    });
    expect(shown.text).toContain('Signal locker');
    expect(shown.text).toContain('Painting &#60;the wall&#62;');
    const [, told = ''] = shown.text.split('</style>');
    expect(told).not.toMatch(/margin|overhead|risk|Splicing|Rope bench|minutes|<script/i);
    // Another link in its place, and none.
    const other = await linked(quote);
    expect(other).not.toBe(path);
    const gone = await request(app).get(path).expect(404);
    await request(app).get(other).expect(200);
    expect((await request(app).delete(`/api/quotes/${quote.id}/link`).expect(200)).body).toMatchObject({
      linked: false,
    });
    const withdrawn = await request(app).get(other).expect(404);
    const never = await request(app)
      .get(`/q/${'A'.repeat(43)}`)
      .expect(404);
    expect([gone.text, withdrawn.text]).toEqual([never.text, never.text]);
    // What the database holds opens nothing.
    const kept = await linked(quote);
    const [rows] = await pool.query('SELECT link FROM quotes WHERE id = ?', [quote.id]);
    const [{ link }] = rows as [{ link: string }];
    expect(kept).not.toContain(link);
    await request(app).get(`/q/${link}`).expect(404);
  });

  it('of a deleted job are not shown', async () => {
    const own = await begun('notions-bank');
    const path = await linked(await made(own));
    await request(app)
      .delete(`/api/jobs/${own.id}`)
      .expect((answer) => expect(answer.status).toBeLessThan(300));
    await request(app).get(path).expect(404);
  });

  it.each([
    ['a4', '595.276 x 841.89'],
    ['letter', '612 x 792'],
  ])('are printed on %s: sums that add up, nothing of the shop’s own, the face to its scale', async (paper, size) => {
    const quote = await made(job, { detail: 'parts', terms: 'Half when it is begun.\nThe rest when it stands.' });
    const { body } = await request(app)
      .get(`/api/quotes/${quote.id}/quote.pdf`)
      .query({ paper })
      .responseType('blob')
      .expect(200);
    const file = join(folder, `${paper}.pdf`);
    writeFileSync(file, body as Buffer);
    const info = execFileSync('pdfinfo', [file], { encoding: 'utf8' });
    expect(info).toContain(size);
    const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
    const money = (label: string): number =>
      Math.round(100 * Number(new RegExp(`${label}.*?€([\\d,]+\\.\\d\\d)`).exec(text)?.[1]?.replaceAll(',', '')));
    const parts = ['Wood and sheets', 'Hardware, glue and finish', 'Making', 'Delivery and fitting'].map(money);
    expect(parts.reduce((sum, cents) => sum + cents, 0)).toBe(quote.body.net);
    expect(money('In all')).toBe(quote.body.total);
    expect(text).toContain('Half when it is begun.');
    expect(text).not.toMatch(/margin|overhead|risk|minutes/i);
    // As wide on paper as the case is over its scale: the lines under the face are as long as that.
    const scale = Number(/drawn 1 : (\d+)/.exec(text)?.[1]);
    const wide = quote.body.faces[0]!.face.width / scale;
    expect(wide).toBeGreaterThan(20);
    expect(text).toContain(quote.body.faces[0]!.wide);
  });
});
