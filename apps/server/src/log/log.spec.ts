import { createServer } from 'node:http';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import type {
  EntriesKept,
  KeptEntry,
  LogPage,
  MadeList,
  MadeReadings,
  Problem,
  RecordPage,
  StoredJob,
} from '@zabble/contract';
import { LARGEST_BODY } from '@zabble/contract';
import type { JobDocument, LogEntryDocument } from '@zabble/core';
import express, { type Express } from 'express';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { pino } from 'pino';
import { pinoHttp } from 'pino-http';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { openPool } from '../db/pool';
import { sayErrors } from '../http/errors';
import { ownDatabase, quietApp } from '../own-server.spec-data';
import { decideWhose } from '../whose/decide';
import { OWN_SHOP } from '../whose/shop';
import { LogRepository } from './repository';
import { logRouter } from './router';

const folder = (path: string): string => join(__dirname, '../..', path);
const document = JSON.parse(readFileSync(folder('../../examples/notions-bank.json'), 'utf8')) as JobDocument;
const NOBODY = '00000000-0000-4000-8000-000000000000';

let pool: Pool;
let app: Express;

beforeAll(async () => {
  pool = await ownDatabase('zabble_log');
  await migrate(pool, folder('migrations'));
  app = quietApp(pool);
});
afterAll(() => pool.end());

let number = 0;
const reading = (more: object = {}): LogEntryDocument => ({
  id: `r${(number += 1)}`,
  kind: 'reading',
  at: '2026-11-20T09:00:00Z',
  by: 'Ada',
  bank: 'c1/b1',
  drawer: 'd3',
  what: 'width',
  place: 'front',
  length: '23 29/32 in',
  against: '24 in',
  ...more,
});
const create = async (content: object = document): Promise<string> =>
  ((await request(app).post('/api/jobs').send({ document: content }).expect(201)) as { body: StoredJob }).body.id;
const add = (job: string, entries: readonly unknown[], to = app) =>
  request(to).post(`/api/jobs/${job}/log`).send({ entries });
const read = async (job: string, after = 0): Promise<LogPage> =>
  ((await request(app).get(`/api/jobs/${job}/log?after=${after}`).expect(200)) as { body: LogPage }).body;

describe('the log of a job', () => {
  it('only grows: numbered in order, once however often an entry is sent', async () => {
    const job = await create();
    const [one, two] = [reading(), reading({ length: '23 15/16 in' })];
    const { body } = (await add(job, [one, two]).expect(201)) as { body: EntriesKept };
    expect(body.kept).toEqual([
      { id: one.id, seq: 1 },
      { id: two.id, seq: 2 },
    ]);
    const again = (await add(job, [two, reading()]).expect(201)) as { body: EntriesKept };
    expect(again.body.kept.map(({ seq }) => seq)).toEqual([2, 3]);
    expect((await read(job)).entries.map(({ seq }) => seq)).toEqual([1, 2, 3]);
    expect((await read(job, 1)).entries[0]).toEqual({ seq: 2, entry: two });
  });

  it('is read page by page to its end, however long', async () => {
    const job = await create();
    const entries = Array.from({ length: 1001 }, () => reading());
    for (let at = 0; at < entries.length; at += 500) await add(job, entries.slice(at, at + 500)).expect(201);
    const first = await read(job);
    expect([first.entries.length, first.more]).toEqual([1000, true]);
    const rest = await read(job, first.entries.at(-1)!.seq);
    expect([rest.entries.map(({ seq }) => seq), rest.more]).toEqual([[1001], false]);
    const { body } = (await request(app).get(`/api/jobs/${job}/file`).expect(200)) as { body: JobDocument };
    expect(body.log).toHaveLength(1001);
  });

  it('numbers the next entry without going through the log', async () => {
    const job = await create();
    await add(
      job,
      Array.from({ length: 400 }, () => reading()),
    ).expect(201);
    const url = new URL(process.env['TEST_DATABASE_URL'] ?? '');
    url.pathname = '/zabble_log';
    const alone = openPool(url.href, { connections: 1 });
    const gone = async (): Promise<number> => {
      const [[row]] = await alone.query<RowDataPacket[]>("SHOW SESSION STATUS LIKE 'Handler_read_next'");
      return Number(row?.['Value']);
    };
    const before = await gone();
    expect(await new LogRepository(alone).add(OWN_SHOP, job, [reading()])).toMatchObject([{ seq: 401 }]);
    expect((await gone()) - before).toBeLessThan(10);
    await alone.end();
  });

  it('takes what many write at once without a gap or a loss', async () => {
    const job = await create();
    const other = quietApp(pool);
    const answers = await Promise.all(
      Array.from({ length: 12 }, (_, index) => add(job, [reading(), reading()], index % 2 ? app : other)),
    );
    expect(answers.every(({ status }) => status === 201)).toBe(true);
    expect((await read(job)).entries.map(({ seq }) => seq)).toEqual(
      Array.from({ length: 24 }, (_, index) => index + 1),
    );
  });

  it('takes one by one what many write at once, for several jobs, some of it twice', async () => {
    const jobs = await Promise.all(Array.from({ length: 4 }, () => create()));
    const other = quietApp(pool);
    const sent = Array.from({ length: 160 }, (_, index) => ({ job: jobs[index % 4]!, entry: reading() }));
    const doubled = [...sent, ...sent.filter((_, index) => index % 5 === 0)];
    const kept = await Promise.all(
      doubled.map(async ({ job, entry }, index) => {
        const { body } = (await add(job, [entry], index % 2 ? app : other).expect(201)) as { body: EntriesKept };
        return { job, ...body.kept[0]! };
      }),
    );
    for (const job of jobs) {
      const { entries } = await read(job);
      expect(entries.map(({ seq }) => seq)).toEqual(Array.from({ length: 40 }, (_, index) => index + 1));
      const numbers = new Map(entries.map(({ seq, entry }) => [entry.id, seq]));
      for (const { id, seq } of kept.filter((each) => each.job === job)) expect(numbers.get(id)).toBe(seq);
    }
  });

  it('goes with the job file, out and in, and is never replaced by a document', async () => {
    const job = await create({ ...document, log: [reading(), reading()] });
    const { body } = (await request(app).get(`/api/jobs/${job}`).expect(200)) as { body: StoredJob };
    expect(body.document).not.toHaveProperty('log');
    const file = JSON.parse((await request(app).get(`/api/jobs/${job}/file`).expect(200)).text) as JobDocument;
    expect(file.log).toHaveLength(2);
    const imported = await request(app).post('/api/jobs/import').type('json').send(JSON.stringify(file)).expect(201);
    expect((await read((imported.body as StoredJob).id)).entries.map(({ entry }) => entry)).toEqual(file.log);
    const refused = await request(app).put(`/api/jobs/${job}`).send({ revision: 1, document: file }).expect(422);
    expect((refused.body as Problem).says).toContain('never replaced');
  });

  it('goes out and in again however long it is', async () => {
    // More entries than are written at once, more text than a request may have.
    const note = 'planed the long edge until it let go of the runner, and waxed it'.repeat(14);
    const long = Array.from({ length: 2500 }, (_, n) => ({
      id: `n${n}`,
      kind: 'note',
      at: '2026-11-20T09:00:00Z',
      note,
    }));
    const text = JSON.stringify({ ...document, log: long });
    expect(text.length).toBeGreaterThan(LARGEST_BODY);
    const first = await request(app).post('/api/jobs/import').type('json').send(text).expect(201);
    const file = (
      await request(app)
        .get(`/api/jobs/${(first.body as StoredJob).id}/file`)
        .expect(200)
    ).text;
    const again = await request(app).post('/api/jobs/import').type('json').send(file).expect(201);
    const back = await request(app)
      .get(`/api/jobs/${(again.body as StoredJob).id}/file`)
      .expect(200);
    expect(back.text).toBe(file);
    expect((JSON.parse(file) as JobDocument).log).toEqual(long);
    for (const { body } of [first, again])
      await request(app)
        .delete(`/api/jobs/${(body as StoredJob).id}`)
        .expect(204);
  });

  it.each<[string, object, string]>([
    ['a size that can’t be read', reading({ length: '24' }), 'entries[0].length'],
    ['a kind there isn’t', { ...reading(), kind: 'rumour' }, 'entries[0].kind'],
    ['a field there isn’t', reading({ colour: 'red' }), 'entries[0].colour'],
    ['what is no entry at all', { id: 7 }, 'entries[0].kind'],
  ])('refuses %s with one sentence, and keeps the others that came with it', async (_, entry, part) => {
    const job = await create();
    const others = [reading(), reading()];
    const { body } = (await add(job, [others[0], entry, others[1]]).expect(201)) as { body: EntriesKept };
    expect(body.kept.map(({ id }) => id)).toEqual(others.map(({ id }) => id));
    expect(body.refused.map(({ index }) => index)).toEqual([1]);
    expect(body.refused[0]!.says).toContain(part.replace('entries[0].', ''));
    expect((await read(job)).entries.map((each) => each.entry)).toEqual(others);
  });

  it('takes nothing but a list', async () => {
    const job = await create();
    const sent = request(app).post(`/api/jobs/${job}/log`).send({ entries: 'x' });
    const { body } = (await sent.expect(400)) as { body: Problem };
    expect(body.says).toContain('entries');
    expect((await read(job)).entries).toEqual([]);
  });

  it('tells ids apart to the letter: in every script, with blanks at their end, by case', async () => {
    const job = await create();
    const ids = ['a', 'a ', 'A', 'ä', 'запись', '記録', '🪵'];
    const entries = ids.map((id) => reading({ id }));
    expect(((await add(job, entries).expect(201)) as { body: EntriesKept }).body.kept).toEqual(
      ids.map((id, index) => ({ id, seq: index + 1 })),
    );
    await add(job, entries).expect(201);
    expect((await read(job)).entries.map(({ entry }) => entry.id)).toEqual(ids);
  });

  it('keeps one of two with the same id sent together', async () => {
    const job = await create();
    const one = reading();
    const { body } = (await add(job, [one, { ...one, length: '1 in' }]).expect(201)) as { body: EntriesKept };
    expect(body.kept.map(({ seq }) => seq)).toEqual([1, 1]);
    expect((await read(job)).entries).toEqual([{ seq: 1, entry: one }]);
  });

  it('is refused for a job there isn’t', async () => {
    await add(NOBODY, [reading()]).expect(404);
  });
});

describe('two at one case', () => {
  const servers: ReturnType<typeof createServer>[] = [];
  const listen = async (): Promise<string> => {
    // Each its own application, as two processes on one database are.
    const server = createServer(quietApp(pool));
    servers.push(server);
    server.listen(0, '127.0.0.1');
    await once(server, 'listening');
    return `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  };
  afterAll(() =>
    servers.forEach((server) => {
      server.closeAllConnections();
      server.close();
    }),
  );

  it('a browser that comes back goes on where it was, and no entry comes twice', async () => {
    const job = await create();
    await add(job, [reading(), reading(), reading()]).expect(201);
    const here = await listen();
    const leave = new AbortController();
    const headers = { 'last-event-id': '2' };
    const answer = await fetch(`${here}/api/jobs/${job}/log/stream?after=0`, { signal: leave.signal, headers });
    const reader = answer.body!.getReader();
    const events: KeptEntry[] = [];
    let text = '';
    const until = async (many: number): Promise<void> => {
      while (events.length < many) {
        text += new TextDecoder().decode((await reader.read()).value);
        const whole = text.split('\n\n');
        text = whole.pop() ?? '';
        events.push(...whole.map((each) => JSON.parse(/data: (.*)/.exec(each)![1]!) as KeptEntry));
      }
    };
    await until(1);
    await add(job, [reading()]).expect(201);
    await until(2);
    await add(job, [reading()]).expect(201);
    await until(3);
    leave.abort();
    expect(events.map(({ seq }) => seq)).toEqual([3, 4, 5]);
  });

  it('are no more than may be', async () => {
    const full = express();
    full.use(pinoHttp({ logger: pino({ level: 'silent' }) }));
    full.use(decideWhose());
    full.use(logRouter({ assertJob: () => Promise.resolve() } as never, { isFull: () => true } as never));
    full.use(sayErrors);
    const { body } = await request(full).get(`/${NOBODY}/log/stream`).expect(503);
    expect(body).toMatchObject({ said: { code: 'too-many-listening' } });
  });

  it('follow no log of a job there is not', async () => {
    await request(app).get(`/api/jobs/${NOBODY}/log/stream`).expect(404);
  });

  it.each(['the same process', 'another process'])(
    'see each other’s steps within two seconds, through %s',
    async (by) => {
      const job = await create();
      await add(job, [reading()]).expect(201);
      const [here, there] = [await listen(), await listen()];
      const leave = new AbortController();
      const answer = await fetch(`${here}/api/jobs/${job}/log/stream?after=1`, { signal: leave.signal });
      const reader = answer.body!.getReader();
      const step = { id: `s-${by.length}`, kind: 'step', at: '2026-11-20T09:05:00Z', bank: 'c1/b1', step: 'd1/left' };
      const sent = Date.now();
      await fetch(`${by === 'the same process' ? here : there}/api/jobs/${job}/log`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ entries: [step] }),
      });
      let text = '';
      while (!text.includes('\n\n')) text += new TextDecoder().decode((await reader.read()).value);
      expect(Date.now() - sent).toBeLessThan(2000);
      leave.abort();
      const event = JSON.parse(/data: (.*)/.exec(text)![1]!) as KeptEntry;
      expect(event).toEqual({ seq: 2, entry: step });
    },
  );
});

describe('the record of all jobs', () => {
  const fault = (more: object): object => ({
    id: `f${(number += 1)}`,
    kind: 'fault',
    at: '2026-11-21T10:00:00Z',
    bank: 'c1/b1',
    drawer: 'd2',
    fault: 'front-tight',
    ...more,
  });
  /** What was just kept by the hundreds takes a moment. */
  const settled = async <T extends { readonly settling: boolean }>(path: string): Promise<T> => {
    for (;;) {
      const { body } = (await request(app).get(path).expect(200)) as { body: T };
      if (!body.settling) return body;
    }
  };
  const find = (query: string): Promise<RecordPage> => settled<RecordPage>(`/api/record?${query}`);

  it('is searched by words and kind, across jobs, deleted ones left out', async () => {
    const [a, b] = [await create({ ...document, name: 'Chart drawers' }), await create({ ...document, name: 'Twine' })];
    await add(a, [fault({ mended: 'planed the 100% swollen edge' })]).expect(201);
    await add(b, [fault({}), fault({ fault: 'split' })]).expect(201);
    const tight = await find('search=front%20tight');
    expect(tight.items.map(({ jobName }) => jobName).sort()).toEqual(['Chart drawers', 'Twine']);
    expect(tight.items[0]).toMatchObject({ kind: 'fault', where: 'Notions bench, drawer 2' });
    expect((await find('search=twine&kind=fault')).items).toHaveLength(2);
    await add(a, [fault({ at: '2026-11-23T10:00:00Z', mended: 'newest' })]).expect(201);
    await add(a, [fault({ at: '2026-11-22T10:00:00Z', mended: 'between' })]).expect(201);
    const moments = (await find('search=chart&kind=fault')).items.map(({ at }) => at);
    expect(moments).toEqual([...moments].sort().reverse());
    expect(moments[0]).toBe('2026-11-23T10:00:00Z');
    expect((await find('search=100%25')).items).toHaveLength(1);
    expect((await find('search=%25zz')).items).toEqual([]);
    await request(app).delete(`/api/jobs/${b}`).expect(204);
    expect((await find('search=front%20tight')).items).toHaveLength(3);
    await request(app).get('/api/record?kind=rumour').expect(400);
  });

  it('is gone through without a word, the newest first, whole or of one kind', async () => {
    const job = await create({ ...document, name: 'Wordless' });
    const note = { id: 'w1', kind: 'note', at: '2027-01-03T08:00:00Z', note: 'looked at' };
    const days = ['2027-01-02', '2027-01-04'].map((day) => fault({ at: `${day}T08:00:00Z` }));
    await add(job, [note, ...days]).expect(201);
    const [first, faults] = [await find('size=2'), await find('kind=fault&size=2')];
    const dayOf = ({ items }: RecordPage) => items.map(({ at, kind }) => `${kind} ${at.slice(0, 10)}`);
    expect(dayOf(first)).toEqual(['fault 2027-01-04', 'note 2027-01-03']);
    expect(dayOf(faults)).toEqual(['fault 2027-01-04', 'fault 2027-01-02']);
    expect(dayOf(await find(`size=1&after=${first.next!}`))).toEqual(['fault 2027-01-02']);
    await request(app).delete(`/api/jobs/${job}`).expect(204);
  });

  it('gives pages that follow one another, each line once', async () => {
    const job = await create({ ...document, name: 'Paged' });
    await add(
      job,
      Array.from({ length: 7 }, (_, n) => fault({ at: `2026-11-2${Math.floor(n / 3)}T08:00:00Z` })),
    ).expect(201);
    const pages = [await find('search=paged&size=3')];
    while (pages.at(-1)!.next !== null) pages.push(await find(`search=paged&size=3&after=${pages.at(-1)!.next!}`));
    expect(pages.map(({ items }) => items.length)).toEqual([3, 3, 1]);
    const moments = pages.flatMap(({ items }) => items.map(({ at }) => at));
    expect(moments).toEqual([...moments].sort().reverse());
    await request(app).delete(`/api/jobs/${job}`).expect(204);
  });

  it('finds a job by its new name at once, and no longer by the old one', async () => {
    const job = await create({ ...document, name: 'Oakum locker' });
    await add(job, [fault({})]).expect(201);
    expect((await find('search=oakum')).items).toHaveLength(1);
    const renamed = { ...document, name: 'Ditty locker' };
    await request(app).put(`/api/jobs/${job}`).send({ revision: 1, document: renamed }).expect(200);
    expect((await find('search=ditty%20tight')).items).toHaveLength(1);
    expect((await find('search=oakum')).items).toEqual([]);
    await request(app).delete(`/api/jobs/${job}`).expect(204);
  });

  it('counts what was measured against the plan and the faults as they come, less those of deleted jobs', async () => {
    const made = () => settled<MadeList>('/api/record/made');
    const before = await made();
    const width = (list: MadeList) => list.sums.find(({ what }) => what === 'width');
    const tight = (list: MadeList) => list.faults.find(({ fault }) => fault === 'front-tight')?.times ?? 0;
    const job = await create();
    await add(job, [reading(), fault({}), reading({ against: undefined })]).expect(201);
    const off = -Math.round((3 * 25_400_000) / 32);
    const after = await made();
    expect(width(after)?.count).toBe((width(before)?.count ?? 0) + 1);
    expect(Number(width(after)!.sum) - Number(width(before)?.sum ?? 0)).toBe(off);
    expect(BigInt(width(after)!.squares) - BigInt(width(before)?.squares ?? 0)).toBe(BigInt(off) ** 2n);
    expect(tight(after)).toBe(tight(before) + 1);
    const { body } = (await request(app).get('/api/record/made/width').expect(200)) as { body: MadeReadings };
    expect(body.made.at(-1)).toMatchObject({ planned: 609_600_000, made: 609_600_000 + off });
    await request(app).delete(`/api/jobs/${job}`).expect(204);
    expect(await made()).toEqual(before);
    await request(app).post(`/api/jobs/${job}/restore`).expect(200);
    expect(await made()).toEqual(after);
  });
});
