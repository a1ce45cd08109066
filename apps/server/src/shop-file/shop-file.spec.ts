import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { randomUUID } from 'node:crypto';
import { gunzipSync, gzipSync } from 'node:zlib';
import { ROUTES } from '@zabble/contract';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { ownDatabase } from '../own-server.spec-data';
import { newShop, person, sharedOn, type Shared } from '../people/shared.spec-data';
import { INSTEAD, LEFT, TAKEN } from './tables';

const DATABASE = 'zabble_shop_file';
const document = JSON.parse(readFileSync(join(__dirname, '../../../../examples/notions-bank.json'), 'utf8')) as Record<
  string,
  unknown
>;
const PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==',
  'base64',
);

describe('all of a shop as one file', () => {
  let pool: Pool;
  let shared: Shared;
  let [from, to] = ['', ''];
  let job = '';

  const ask = (method: 'get' | 'post' | 'put' | 'patch', path: string, cookie: string) =>
    request(shared.app)[method](path).set('cookie', cookie);
  /** The lines of the file a shop comes to. */
  async function out(cookie: string): Promise<readonly string[]> {
    const answer = await ask('get', ROUTES.shopFile, cookie).buffer(true).parse(bytes).expect(200);
    return gunzipSync(answer.body as Buffer)
      .toString()
      .trim()
      .split('\n');
  }
  const bring = (cookie: string, lines: readonly string[]) =>
    ask('post', ROUTES.shopFile, cookie)
      .type('application/gzip')
      .send(gzipSync(lines.join('\n')));

  beforeAll(async () => {
    pool = await ownDatabase(DATABASE);
    await migrate(pool, join(__dirname, '../../migrations'));
    shared = sharedOn(pool, DATABASE);
    const [one, other] = [await newShop(pool, 'Skerry Point'), await newShop(pool, 'Tern Rock')];
    from = await person(shared, pool, { shop: one, role: 'owner', email: 'runa@loft.example' });
    to = await person(shared, pool, { shop: other, role: 'owner', email: 'oli@rock.example' });
    const send = async (method: 'post' | 'put' | 'patch', path: string, sent: object) => {
      const answer = await ask(method, path, from).send(sent);
      if (answer.status >= 300) throw new Error(`${method} ${path}: ${answer.text}`);
      return answer.body as { id: string; revision: number };
    };
    const photo = randomUUID();
    job = (await send('post', ROUTES.jobs, { id: randomUUID(), document })).id;
    await send('put', ROUTES.job(job), { revision: 1, document: { ...document, name: 'Sails' } });
    await ask('put', ROUTES.photo(job, photo), from).type('image/png').send(PIXEL).expect(201);
    await send('post', ROUTES.log(job), {
      entries: [{ id: 'n1', kind: 'note', at: '2026-11-29T09:00:00Z', note: `Ölfarbe ${photo}` }],
    });
    const item = { material: 'ply', kind: 'sheet', length: '96 in', width: '48 in', count: 3 };
    await send('put', ROUTES.stockItem(randomUUID()), { item });
    await send('patch', ROUTES.habits, { ease: '1 mm' });
    await send('put', ROUTES.money, { currency: 'NOK' });
    await send('put', ROUTES.suppliers, { row: { name: 'Hooks', leadDays: 2, by: 'hand' } });
    await send('put', ROUTES.drawer, { key: 'pin', what: 'pin', unit: 'piece', was: 0, count: 9.5 });
    await send('put', ROUTES.calendarJob(job), { atWork: true, due: '2026-12-24' });
    const { revision } = (await ask('get', ROUTES.buying, from)).body as { revision: number };
    const line = { key: 'hook', what: 'hook', unit: 'piece', pack: 10, packs: 1, for: [{ job, count: 4 }] };
    await send('post', ROUTES.orders, { id: randomUUID(), revision, supplier: 'Hooks', lines: [line] });
  });
  afterAll(() => pool.end());

  it('every table that is a shop’s is taken out, or left for a reason', async () => {
    const [tables] = await pool.query<RowDataPacket[]>(
      "SELECT table_name AS name FROM information_schema.columns WHERE table_schema = DATABASE() AND column_name = 'shop'",
    );
    expect(tables.map(({ name }) => String(name)).sort()).toEqual([...TAKEN, ...LEFT].sort());
  });

  it('is brought in elsewhere row by row, under ids of its own, and found there', async () => {
    const foundOf = async (cookie: string): Promise<number> => {
      const { body } = await ask('get', `${ROUTES.record}?search=${encodeURIComponent('Ölfarbe')}`, cookie).expect(200);
      return (body as { items: object[] }).items.length;
    };
    expect(await foundOf(from)).toBe(1);
    const file = await out(from);
    expect(file.length).toBeGreaterThan(12);
    const answer = await bring(to, file).expect(201);
    expect(answer.body).toEqual({ rows: file.length - 1 });
    const there = await out(to);
    const plain = (lines: readonly string[]) => lines.slice(1).map(withoutIds).sort();
    expect(plain(there)).toEqual(plain(file));
    expect(there[0]).toContain('"currency":"NOK"');
    // Ids that belong together still do, and none is that of the other shop.
    const ids = (lines: readonly string[]) => new Set(lines.join('\n').match(UUID));
    expect(ids(there).size).toBe(ids(file).size);
    expect([...ids(there)].filter((id) => ids(file).has(id))).toEqual([]);
    const { items } = (await ask('get', `${ROUTES.jobs}?search=sails`, to).expect(200)).body as {
      items: { id: string }[];
    };
    expect(items).toHaveLength(1);
    const log = (await ask('get', ROUTES.log(items[0]?.id ?? ''), to).expect(200)).text;
    // It is found by its words there too: they are made anew.
    expect(await foundOf(to)).toBe(1);
    const photo = new RegExp(`Ölfarbe (${UUID.source})`).exec(log)?.[1] ?? '';
    await ask('get', ROUTES.photo(items[0]?.id ?? '', photo), to).expect(200);
    await ask('get', ROUTES.job(job), to).expect(404);
  });

  it('is not brought in over jobs, and what can’t be read changes nothing', async () => {
    const file = await out(from);
    expect((await bring(to, file).expect(409)).body).toMatchObject({ said: { code: 'shop-file/not-empty' } });
    const empty = await newShop(pool, 'Empty');
    const owner = await person(shared, pool, { shop: empty, role: 'owner', email: 'una@empty.example' });
    const says = async (lines: readonly string[]) =>
      ((await bring(owner, lines).expect(422)).body as { says: string }).says;
    expect(await says(['{"zabble":"job"}'])).toMatch(/line 1: it is no file of a shop/);
    expect((await bring(owner, ['{"zabble":"shop","version":2}']).expect(422)).body).toMatchObject({
      said: { params: { line: 1, why: { code: 'shop-file/newer' } } },
    });
    expect(await says(['{"zabble":"shop"}'])).toMatch(/line 1/);
    expect(await says([file[0] ?? '', '{"table":"people","row":{"id":"x"}}'])).toMatch(
      /line 2: it is no row of a shop/,
    );
    for (const row of ['[]', 'null', '"x"', '{"id":{}}', '{"id":true}'])
      expect(await says([file[0] ?? '', `{"table":"stock","row":${row}}`])).toMatch(/line 2: it is no row of a shop/);
    const job2 = file.find((line) => line.startsWith('{"table":"jobs"')) ?? '';
    expect(await says([file[0] ?? '', job2.replaceAll('Sails', '')])).toMatch(/line 2: .*Nothing was changed/);
    expect(await says([file[0] ?? '', job2, job2])).toMatch(/line [23]: it is no row/);
    const packed = gzipSync(file.join('\n'));
    const broken = await ask('post', ROUTES.shopFile, owner).type('application/gzip').send(packed.subarray(0, 900));
    expect([broken.status, (broken.body as { says: string }).says]).toEqual([
      422,
      expect.stringContaining('breaks off'),
    ]);
    expect(await out(owner)).toHaveLength(1);
  });

  it('has prices in a currency by its three letters, or in none', async () => {
    const currencyOf = async (currency: unknown) => {
      const shop = await newShop(pool, `Of ${JSON.stringify(currency)}`);
      const owner = await person(shared, pool, { shop, role: 'owner', email: `${randomUUID()}@loft.example` });
      await bring(owner, [JSON.stringify({ zabble: 'shop', version: 1, currency })]).expect(201);
      return (JSON.parse((await out(owner))[0] ?? '') as { currency: string | null }).currency;
    };
    for (const [sent, kept] of [
      ['EUR', 'EUR'],
      ['EURO', null],
      ['xEUR', null],
      ['eur', null],
      [7, null],
      [null, null],
    ])
      expect([sent, await currencyOf(sent)]).toEqual([sent, kept]);
  });

  it('has as many rows as there are, in goes of two hundred; links of quotes are not those of the other shop', async () => {
    const shop = await newShop(pool, 'Long Ness');
    const owner = await person(shared, pool, { shop, role: 'owner', email: 'ada@ness.example' });
    const rows = Array.from({ length: 450 }, (_, n) => ({
      ...{ price_key: `pin-${n}`, what: 'pin', unit: 'piece', count: n + 1 },
    }));
    const lines = rows.map((row) => JSON.stringify({ table: 'hardware_drawer', row }));
    const [first = ''] = await out(owner);
    expect((await bring(owner, [first, ...lines]).expect(201)).body).toEqual({ rows: 450 });
    const there = await out(owner);
    expect(there.slice(1).map(withoutIds).sort()).toHaveLength(450);
    for (const n of [0, 199, 200, 399, 400, 449])
      expect(there.some((line) => line.includes(`"pin-${n}"`) && line.includes(String(n + 1)))).toBe(true);
    expect(INSTEAD.quotes).toEqual({ link: null });
    const named = await ask('get', ROUTES.shopFile, owner).buffer(true).parse(bytes).expect(200);
    expect(named.headers['content-disposition']).toBe('attachment; filename="long-ness.zabble-shop.gz"');
  });

  it('is for owners alone', async () => {
    const [[{ id }]] = (await pool.query<RowDataPacket[]>("SELECT id FROM shops WHERE name = 'Skerry Point'")) as [
      [{ id: never }],
      unknown,
    ];
    const maker = await person(shared, pool, { shop: id, role: 'maker', email: 'cy@loft.example' });
    await ask('get', ROUTES.shopFile, maker).expect(403);
    await ask('post', ROUTES.shopFile, maker).expect(403);
  });
});

const UUID = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g;

/** A row without ids, and without what is made again. */
function withoutIds(line: string): string {
  const { table, row } = JSON.parse(line.replaceAll(UUID, 'id')) as { table: string; row: Record<string, unknown> };
  const { words: _, settled: __, summary: ___, summary_of: ____, link: _____, ...rest } = row;
  return `${table} ${JSON.stringify(rest)}`;
}

function bytes(response: unknown, done: (problem: Error | null, body: Buffer) => void): void {
  const parts: Buffer[] = [];
  const stream = response as NodeJS.ReadableStream;
  stream.on('data', (part: Buffer) => parts.push(part)).on('end', () => done(null, Buffer.concat(parts)));
}
