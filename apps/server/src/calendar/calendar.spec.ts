import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { CalendarKept, QuoteList, StoredJob } from '@zabble/contract';
import { atWork, momentOf, said, schedule, type Seen } from '@zabble/core';
import type { Express } from 'express';
import ICAL from 'ical.js';
import type { Pool } from 'mysql2/promise';
import Papa from 'papaparse';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { refuse } from '../http/refusal';
import { JobFileService } from '../job-file/service';
import { ownDatabase, quietApp } from '../own-server.spec-data';

const demo = (name: string): object =>
  JSON.parse(readFileSync(join(__dirname, `../../../../examples/${name}.json`), 'utf8')) as object;
const WEEK = 7 * 1440;
const MONTH = 4 * WEEK;
const NO_ID = '3f1b6c1e-0d7a-4b52-8c55-1f0a52a9f7d1';

describe('the days of a shop', () => {
  let pool: Pool;
  let app: Express;
  let job: StoredJob;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_calendar');
    await migrate(pool, join(__dirname, '../../migrations'));
    app = quietApp(pool);
    job = await begun('flag-chest');
  });
  afterAll(() => pool.end());
  const begun = async (name: string): Promise<StoredJob> =>
    (
      await request(app)
        .post('/api/jobs')
        .send({ document: demo(name) })
        .expect(201)
    ).body as StoredJob;
  const read = async (): Promise<CalendarKept> =>
    (await request(app).get('/api/calendar').expect(200)).body as CalendarKept;
  const sayJob = (id: string, what: object) => request(app).put(`/api/calendar/jobs/${id}`).send(what);

  it('of one job and no settings are that job’s', async () => {
    const kept = await read();
    expect(kept).toMatchObject({ revision: 0, calendar: {}, by: { [job.id]: 'only' } });
    expect(kept.read.jobs.map(({ id, fixed }) => ({ id, fixed }))).toEqual([{ id: job.id, fixed: {} }]);
    expect(kept.feed).toBeUndefined();
  });

  it('of several are those that were put in, and those whose quote was accepted and that were not taken out', async () => {
    const other = await begun('signal-locker');
    expect((await read()).by).toEqual({});
    await sayJob(other.id, { atWork: true, due: '2027-01-15' }).expect(200);
    const { items } = (
      await request(app).post(`/api/jobs/${job.id}/quotes`).send({ revision: job.revision }).expect(201)
    ).body as QuoteList;
    for (const state of ['sent', 'accepted'])
      await request(app).put(`/api/quotes/${items[0]?.id}/state`).send({ state }).expect(200);
    const kept = await read();
    expect(kept.by).toEqual({ [job.id]: 'quote', [other.id]: 'put' });
    expect(kept.read.jobs.find(({ id }) => id === other.id)?.due).toBe('2027-01-15');
    await sayJob(job.id, { atWork: false }).expect(200);
    expect((await read()).by).toEqual({ [other.id]: 'put' });
    await sayJob(job.id, { atWork: true }).expect(200);
    await sayJob(other.id, { due: null }).expect(200);
    expect((await read()).read.jobs.every(({ due }) => due === undefined)).toBe(true);
    await sayJob(other.id, { due: 'soon' }).expect(400);
    await sayJob(NO_ID, { atWork: true }).expect(404);
  });

  it('keep hours and people at their revision, and refuse what is no time of a day', async () => {
    const people = [{ id: 'a', name: 'Sailmaker', off: [{ from: '2026-12-24', to: '2027-01-02' }] }];
    const put = (calendar: object, revision: number) => request(app).put('/api/calendar').send({ calendar, revision });
    await put({ people, temperature: 17 }, 0).expect(200);
    expect((await read()).calendar).toEqual({ people, temperature: 17 });
    expect(((await put({ people }, 0).expect(409)).body as { says: string }).says).toContain('changed elsewhere');
    const week = Array.from({ length: 7 }, () => [{ from: 700, to: 600 }]);
    const refused = (await put({ week }, 1).expect(422)).body as { says: string };
    expect(refused.says).toContain('calendar.week[0][0]');
    expect(
      ((await put({ closed: [{ from: '2026-02-30', to: '2026-03-01' }] }, 1).expect(422)).body as { says: string })
        .says,
    ).toContain('2026-02-30');
    expect(
      ((await put({ closed: [{ from: '2026-02-30', to: '2026-03-01' }] }, 1).expect(422)).body as { says: string })
        .says,
    ).toContain('Nothing was kept');
    expect((await read()).revision).toBe(1);
  });

  it('are there though a job goes while they are put together, and are kept once where two say them at once', async () => {
    const gone = await begun('notions-bank');
    await sayJob(gone.id, { atWork: true }).expect(200);
    const parts = { jobs: jest.spyOn(JobFileService.prototype, 'whole') };
    parts.jobs.mockRejectedValueOnce(refuse(404, said('no-such-job')));
    const { read: kept } = await read();
    expect(kept.jobs).toHaveLength(2);
    // What is no job that is gone is said: nobody takes the days of some for those of all.
    parts.jobs.mockRejectedValueOnce(refuse(503, said('too-busy')));
    await request(app).get('/api/calendar').expect(503);
    parts.jobs.mockRejectedValueOnce(Object.assign(new Error('odd'), { problem: { status: 404 } }));
    await request(app).get('/api/calendar').expect(500);
    parts.jobs.mockRestore();
    await request(app).delete(`/api/jobs/${gone.id}`).expect(204);
    // One job alone from here on: its order of work is soon found.
    for (const id of Object.keys((await read()).by)) if (id !== job.id) await sayJob(id, { atWork: false }).expect(200);
    await pool.query('DELETE FROM shop_calendar');
    const put = () =>
      request(app)
        .put('/api/calendar')
        .send({ calendar: { temperature: 15 }, revision: 0 });
    const both = await Promise.all([put(), put(), put(), put()]);
    expect(both.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409]);
  });

  it('are said in place of what stood, and not of what another has said since', async () => {
    const put = (temperature: number, revision: number) =>
      request(app).put('/api/calendar').send({ calendar: { temperature }, revision });
    await pool.query('DELETE FROM shop_calendar');
    await put(15, 0).expect(200);
    expect(((await put(16, 1).expect(200)).body as { revision: number }).revision).toBe(2);
    await put(17, 1).expect(409);
    await put(17, 3).expect(409);
    const { body } = await request(app).get('/api/calendar').expect(200);
    expect(body).toMatchObject({ revision: 2, read: { calendar: { temperature: 16 } } });
  });

  it('keep what is fixed one by one, and let go of it', async () => {
    const fix = (what: object) => request(app).put(`/api/calendar/jobs/${job.id}/fixed`).send(what);
    await fix({ task: 'hang', at: '2026-12-21T09:00' }).expect(200);
    await fix({ task: 'front', at: '2026-12-22T09:00' }).expect(200);
    await fix({ task: 'hang', at: null }).expect(200);
    expect((await read()).read.jobs.find(({ id }) => id === job.id)?.fixed).toEqual({ front: '2026-12-22T09:00' });
    await fix({ task: 'hang', at: 'Tuesday' }).expect(400);
    // Days no calendar has, and nothing said of when.
    await fix({ task: 'hang', at: '2026-02-30T08:00' }).expect(400);
    const refused = (await sayJob(job.id, { due: '2026-02-30' }).expect(400)).body as { says: string };
    expect(refused.says).toBe('due: a day is wanted, as 2026-12-24. Nothing was changed.');
    await fix({ task: 'front' }).expect(200);
    expect((await read()).read.jobs.find(({ id }) => id === job.id)?.fixed).toEqual({});
  });

  it('go out as iCalendar that a parser reads back, as a table and on paper', async () => {
    const made = async (file: string, seen?: readonly Seen[]) =>
      request(app)
        .post(`/api/calendar/${file}`)
        .send({ zone: 60, ...(seen ? { seen } : {}) })
        .buffer(true)
        .parse((response, done) => {
          const chunks: Buffer[] = [];
          response.on('data', (chunk: Buffer) => chunks.push(chunk));
          response.on('end', () => done(null, Buffer.concat(chunks)));
        })
        .expect(200);
    const text = ((await made('week.ics')).body as Buffer).toString();
    const events = new ICAL.Component(ICAL.parse(text) as unknown[])
      .getAllSubcomponents('vevent')
      .map((each) => new ICAL.Event(each));
    const rows = Papa.parse<string[]>(((await made('week.csv')).body as Buffer).toString()).data;
    const timed = events.filter(({ startDate }) => !startDate.isDate);
    expect(timed).toHaveLength(rows.length - 1);
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
    // On the clock of the shop, wherever it is read.
    expect(timed.every(({ startDate }) => startDate.zone?.tzid === 'floating')).toBe(true);
    const [, first = []] = rows;
    expect(timed.map(({ summary, startDate }) => [summary, startDate.toString().slice(0, 16)])).toContainEqual([
      `${first[0]}: ${first[1]}`,
      `${first[2]}T${first[3]}`,
    ]);
    expect(timed.every(({ startDate, endDate }) => startDate.compare(endDate) < 0)).toBe(true);
    expect(momentOf(first[2] ?? '')).toBeGreaterThan(0);
    expect(((await made('week.pdf')).body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
    // What somebody sees is what they get: here everything a month further on.
    const work = atWork((await read()).read, { now: momentOf(first[2] ?? ''), zone: 60 });
    const seen = schedule(work.problem).placed.map(({ id, start, people }) => ({ id, start: start + MONTH, people }));
    const later = Papa.parse<string[]>(((await made('week.csv', seen)).body as Buffer).toString()).data;
    expect(later).toHaveLength(rows.length);
    expect(momentOf(later[1]?.[2] ?? '')).toBeGreaterThanOrEqual(momentOf(first[2] ?? '') + MONTH - WEEK);
    await request(app)
      .post('/api/calendar/week.csv')
      .send({ seen: [{ id: 'hang', start: 'soon', people: [] }] })
      .expect(400);
  });

  it('are followed at a link nobody guesses, until another takes its place or it is withdrawn', async () => {
    const link = async (): Promise<string> =>
      ((await request(app).put('/api/calendar/feed').send({}).expect(200)).body as CalendarKept).feed ?? '';
    const first = await link();
    expect(first).toMatch(/^[\w-]{43}$/u);
    const followed = await request(app).get(`/c/${first}.ics`).expect(200);
    expect(followed.headers['content-type']).toContain('text/calendar');
    expect(followed.headers['cache-control']).toBe('no-store');
    expect(followed.text).toContain('BEGIN:VEVENT');
    const second = await link();
    await request(app).get(`/c/${first}.ics`).expect(404);
    await request(app).get(`/c/${second}.ics`).expect(200);
    await request(app).delete('/api/calendar/feed').expect(200);
    await request(app).get(`/c/${second}.ics`).expect(404);
    await request(app).get('/c/short.ics').expect(404);
    expect((await read()).feed).toBeUndefined();
  });
});
