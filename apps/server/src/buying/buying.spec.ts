import { randomUUID } from 'node:crypto';
import { execFileSync } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  OWN_HEADER,
  type Arrived,
  type BuyingKept,
  type MakeOrder,
  type Order,
  type StoredJob,
  type SupplierMood,
} from '@zabble/contract';
import { ENGLISH, millimetres, plan, readJobDocument, slideKey, wordsIn } from '@zabble/core';
import type { Express } from 'express';
import type { Pool } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { addDemoSuppliers, BY_SERVICE } from '../demo/demo';
import { appWith, ownDatabase } from '../own-server.spec-data';
import { ShopRepository } from '../shop/repository';
import { SupplierClient } from '../supplier/client';

const examples = join(__dirname, '../../../../examples');
const demo = (name: string): object => JSON.parse(readFileSync(join(examples, `${name}.json`), 'utf8')) as object;
const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(1) });

/** What a supplier answers, as its service would: the stand-in itself has tests of its own. */
class Counter {
  mood: SupplierMood | 'gibberish' = 'well';
  readonly taken = new Map<string, number>();
  private readonly server: Server = createServer((request, response) => {
    let sent = '';
    request.on('data', (chunk: Buffer) => (sent += chunk.toString()));
    request.on('end', () => this.answer(request.method === 'POST', request.url ?? '', sent, response));
  });

  async begin(): Promise<void> {
    this.server.listen(0, '127.0.0.1');
    await once(this.server, 'listening');
  }
  end(): void {
    this.server.closeAllConnections();
    this.server.close();
  }
  get address(): string {
    return `http://127.0.0.1:${(this.server.address() as AddressInfo).port}`;
  }

  private answer(post: boolean, path: string, sent: string, response: ServerResponse): void {
    const tell = (status: number, body: object | string): void => {
      response.writeHead(status, { 'content-type': 'application/json' });
      response.end(typeof body === 'string' ? body : JSON.stringify(body));
    };
    const day = this.mood === 'late' ? '2099-01-31' : '2026-12-01';
    if (this.mood === 'gibberish') return tell(500, '<html>');
    if (path === '/prices.csv')
      return tell(200, `key,unit,pack,price,supplier,date\r\ncatch,piece,10,13,${BY_SERVICE},2026-11-29`);
    if (!post) {
      const known = this.taken.has(path.slice('/orders/'.length));
      if (this.mood !== 'silent') tell(known ? 200 : 404, known ? { expectedOn: day, delivered: false } : {});
      return;
    }
    const { id, lines } = JSON.parse(sent) as Pick<Order, 'id' | 'lines'>;
    const first = lines[0]!.key;
    if (this.mood === 'out-of-stock') return tell(409, { why: this.mood, keys: [first] });
    if (this.mood === 'wrong-price') return tell(409, { why: this.mood, prices: [{ key: first, cents: 999 }] });
    this.taken.set(id, (this.taken.get(id) ?? 0) + 1);
    if (this.mood !== 'silent') tell(200, { expectedOn: day, delivered: false });
  }
}

describe('buying', () => {
  const folder = mkdtempSync(join(tmpdir(), 'zabble-buying-'));
  const counter = new Counter();
  let pool: Pool;
  let app: Express;
  let job: StoredJob;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_buying');
    await migrate(pool, join(__dirname, '../../migrations'));
    await counter.begin();
    app = appWith(pool, { supplier: new SupplierClient(() => counter.address, 300) });
    await addDemoSuppliers(new ShopRepository(pool, 'suppliers'));
    job = (await ask('post', '/api/jobs', { document: demo('flag-chest') })).body as StoredJob;
  });
  afterAll(async () => {
    counter.end();
    await pool.end();
    rmSync(folder, { recursive: true });
  });
  beforeEach(() => (counter.mood = 'well'));

  const ask = (how: 'get' | 'post' | 'put' | 'delete', path: string, body?: object) =>
    request(app)[how](path).set(OWN_HEADER, '1').send(body);
  const kept = async (): Promise<BuyingKept> => (await ask('get', '/api/shop/buying').expect(200)).body as BuyingKept;
  const line = (key: string, count: number, more: object = {}) => ({
    ...{ key, what: `what ${key} is`, unit: 'piece', pack: 10, packs: Math.ceil(count / 10), cents: 1200 },
    ...{ for: [{ job: job.id, count }], ...more },
  });
  const wish = async (more: Partial<MakeOrder> = {}): Promise<MakeOrder> => ({
    ...{
      id: randomUUID(),
      revision: (await kept()).revision,
      supplier: BY_SERVICE,
      lines: [line('catch', 24)],
      ...more,
    },
  });
  const place = (order: MakeOrder) => ask('post', '/api/shop/buying/orders', order);
  const placed = async (more: Partial<MakeOrder> = {}): Promise<Order> => {
    const order = await wish(more);
    const { orders } = (await place(order).expect(201)).body as BuyingKept;
    return orders.find(({ id }) => id === order.id)!;
  };
  const says = ({ answer }: Order): string => (answer ? words.say(answer) : '');
  const again = async (order: Order, what: string): Promise<Order> => {
    const { orders } = (await ask('post', `/api/shop/buying/orders/${order.id}/${what}`).expect(200))
      .body as BuyingKept;
    return orders.find(({ id }) => id === order.id)!;
  };

  it('orders of a supplier by hand: it stands as ordered, numbered, with whom it is for', async () => {
    const order = await placed({ supplier: 'Skerry Point timber', by: 'Ada' });
    expect(order).toMatchObject({ state: 'ordered', byService: false, madeBy: 'Ada', supplier: 'Skerry Point timber' });
    expect(order.lines).toEqual([{ line: 1, ...line('catch', 24) }]);
    const next = await placed({ supplier: 'Skerry Point timber' });
    expect(next.number).toBe(order.number + 1);
  });

  it('asks one by its service, and tells what it promised', async () => {
    const order = await placed();
    expect(order).toMatchObject({ state: 'ordered', byService: true, expectedOn: '2026-12-01' });
    expect(says(order)).toBe('Skerry Point hardware took the order and promises it for 2026-12-01.');
  });

  it('makes an order once, however often it is sent, and none by a list that is out of date', async () => {
    const order = await wish();
    await place(order).expect(201);
    await place(order).expect(201);
    expect(counter.taken.get(order.id)).toBe(1);
    expect((await kept()).orders.filter(({ id }) => id === order.id)).toHaveLength(1);
    const { body } = await place({ ...order, id: randomUUID() }).expect(409);
    expect((body as { says: string }).says).toMatch(
      /^Something was ordered or laid aside elsewhere meanwhile\. Nothing/,
    );
    const both = await wish();
    const [one, other] = await Promise.all([place(both), place({ ...both, id: randomUUID() })]);
    expect([one.status, other.status].sort()).toEqual([201, 409]);
  });

  it.each([
    ['out-of-stock', 'refused', /has no what catch is: nothing was ordered\./],
    ['wrong-price', 'refused', /asks another price for what catch is \(9\.99, not 12\.00\): nothing was ordered\./],
    ['late', 'ordered', /took the order, but for 2099-01-31: later than the /],
    ['gibberish', 'asked', /answered with what can’t be read \(500\): nothing is known to be ordered\./],
    ['silent', 'asked', /did not answer: whether it has the order is not known\./],
  ] as const)('a supplier that is %s: one sentence, and the order is %s', async (mood, state, sentence) => {
    counter.mood = mood;
    const order = await placed();
    expect(order.state).toBe(state);
    expect(says(order)).toMatch(sentence);
  });

  it('what was refused is called off too; what nobody answered for may be here all the same', async () => {
    counter.mood = 'out-of-stock';
    const refused = await placed();
    expect([refused.state, (await again(refused, 'off')).state]).toEqual(['refused', 'off']);
    counter.mood = 'gibberish';
    const unsure = await placed();
    expect(unsure.state).toBe('asked');
    await ask('post', `/api/shop/buying/orders/${unsure.id}/arrived`, {}).expect(200);
    const now = (await kept()).orders.find(({ id }) => id === unsure.id);
    expect([now?.state, now?.lines.every(({ arrivedOn }) => arrivedOn !== undefined)]).toEqual(['ordered', true]);
    await ask('post', `/api/shop/buying/orders/${unsure.id}/not-arrived`, {}).expect(200);
    counter.mood = 'well';
  });

  it('that took an order without a word is asked again, and nothing is ordered twice', async () => {
    counter.mood = 'silent';
    const order = await placed();
    expect(counter.taken.get(order.id)).toBe(1);
    expect((await again(order, 'asked')).state).toBe('asked');
    counter.mood = 'well';
    expect(await again(order, 'asked')).toMatchObject({ state: 'ordered', expectedOn: '2026-12-01' });
    expect(counter.taken.get(order.id)).toBe(1);
  });

  it('that never heard of it gets it when it is asked again; called off it is not asked any more', async () => {
    counter.mood = 'gibberish';
    const [order, other] = [await placed(), await placed()];
    counter.mood = 'well';
    expect((await again(order, 'asked')).state).toBe('ordered');
    expect((await again(other, 'off')).state).toBe('off');
    await ask('post', `/api/shop/buying/orders/${other.id}/asked`).expect(409);
    await ask('post', `/api/shop/buying/orders/${other.id}/arrived`, {}).expect(409);
    expect(counter.taken.has(other.id)).toBe(false);
    await ask('post', `/api/shop/buying/orders/${randomUUID()}/off`).expect(404);
  });

  it('what arrives opens the slides’ gate; what comes beyond what jobs want lies in the drawer', async () => {
    const { document } = (await ask('get', `/api/jobs/${job.id}`)).body as StoredJob;
    const keys = slidesOf(document);
    const lines = [...keys.map((key) => line(key, 6, { pack: 1, packs: 6, unit: 'pair' })), line('spare', 24)];
    const order = await placed({ supplier: 'Skerry Point timber', lines });
    const arrive = (of: object) => ask('post', `/api/shop/buying/orders/${order.id}/arrived`, of).expect(200);
    if (keys.length > 1) expect(((await arrive({ lines: [1] })).body as Arrived).opened).toEqual([]);
    const { opened, notOpened, kept: now } = (await arrive({ by: 'Ada' })).body as Arrived;
    expect(opened).toEqual([{ job: job.id, name: job.document.name, gate: 'slides' }]);
    expect(notOpened).toEqual([]);
    expect(now.drawer).toEqual([{ key: 'spare', what: 'what spare is', unit: 'piece', count: 6 }]);
    expect(now.orders.find(({ id }) => id === order.id)!.lines.every(({ arrivedOn }) => arrivedOn)).toBe(true);
    const stands = (await ask('get', `/api/jobs/${job.id}`)).body as StoredJob;
    expect(stands.document.cases[0]!.banks[0]!.gates?.slides).toMatchObject({ by: 'Ada' });
    // Pressed again nothing is done twice.
    expect(((await arrive({})).body as Arrived).opened).toEqual([]);
    expect((await kept()).drawer[0]!.count).toBe(6);
    await ask('post', `/api/shop/buying/orders/${order.id}/off`).expect(409);
  });

  it('what was marked by mistake is awaited again, unless what came with it was used', async () => {
    const order = await placed({ supplier: 'Skerry Point timber', lines: [line('hook', 24)] });
    const at = (what: string) => ask('post', `/api/shop/buying/orders/${order.id}/${what}`, {});
    const hooks = async () => (await kept()).drawer.find(({ key }) => key === 'hook')?.count;
    await at('arrived').expect(200);
    expect(await hooks()).toBe(6);
    await at('not-arrived').expect(200);
    expect(await hooks()).toBeUndefined();
    await at('arrived').expect(200);
    await ask('put', '/api/shop/buying/drawer', { key: 'hook', what: 'hook', unit: 'piece', was: 6, count: 2 }).expect(
      200,
    );
    await at('not-arrived').expect(409);
    expect(await hooks()).toBe(2);
    await ask('put', '/api/shop/buying/drawer', { key: 'hook', what: 'hook', unit: 'piece', was: 2, count: 7 }).expect(
      200,
    );
    await at('not-arrived').expect(200);
    expect(await hooks()).toBe(1);
    // Marked once more as not here nothing is taken from the drawer again.
    await at('not-arrived').expect(200);
    expect(await hooks()).toBe(1);
  });

  it('the drawer is counted by one at a time, laid aside of once, and put back', async () => {
    const count = (was: number, many: number) =>
      ask('put', '/api/shop/buying/drawer', { key: 'pin', what: 'pin', unit: 'piece', was, count: many });
    const pins = async () => (await kept()).drawer.find(({ key }) => key === 'pin')?.count ?? 0;
    await count(0, 20).expect(200);
    await count(5, 30).expect(409);
    const aside = { id: randomUUID(), of: [{ job: job.id, key: 'pin', count: 8 }] };
    await ask('post', '/api/shop/buying/aside', aside).expect(200);
    await ask('post', '/api/shop/buying/aside', aside).expect(200);
    expect(await pins()).toBe(12);
    const more = {
      id: randomUUID(),
      of: [
        { job: job.id, key: 'pin', count: 2 },
        { job: job.id, key: 'none', count: 1 },
      ],
    };
    const { body } = await ask('post', '/api/shop/buying/aside', more).expect(409);
    expect((body as { says: string }).says).toBe(
      'The drawer has 0 of none, 1 are wanted of it. Nothing was laid aside.',
    );
    expect(await pins()).toBe(12);
    await ask('delete', `/api/shop/buying/aside/${aside.id}`).expect(200);
    await ask('delete', `/api/shop/buying/aside/${aside.id}`).expect(200);
    expect(await pins()).toBe(20);
  });

  it('prices are asked for; silence and nonsense are told', async () => {
    const { body } = await ask('get', '/api/shop/supplier/prices').expect(200);
    expect((body as { prices: object[] }).prices).toEqual([
      { key: 'catch', unit: 'piece', pack: 10, cents: 1300, supplier: BY_SERVICE, date: '2026-11-29' },
    ]);
    counter.mood = 'gibberish';
    await ask('get', '/api/shop/supplier/prices').expect(502);
    const away = appWith(pool, { supplier: new SupplierClient(() => undefined) });
    const answer = await request(away).get('/api/shop/supplier').expect(504);
    expect((answer.body as { says: string }).says).toMatch(
      /^The supplier’s service does not answer\. Nothing was changed/,
    );
  });

  it('an order is printed, with nothing of what jobs it is for', async () => {
    const order = await placed({ supplier: 'Skerry Point timber' });
    const { body } = await ask('get', `/api/shop/buying/orders/${order.id}/order.pdf?paper=letter`).expect(200);
    expect((body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
    const text = printedText(body as Buffer, folder);
    expect(text).toContain(`Order ${order.number} to Skerry Point timber`);
    expect(text).toMatch(
      new RegExp(`${order.number}-1\\s+what catch is \\(catch\\)\\s+3\\s+10 piece\\s+12\\.00\\s+36\\.00`),
    );
    expect(text).not.toContain(job.document.name);
  });

  it.each([
    [{ supplier: 'Nobody known' }, 404],
    [{ lines: [] }, 400],
    [{ id: 'x' }, 400],
  ])('refuses %j', async (more, status) => {
    const { body } = await place(await wish(more as Partial<MakeOrder>)).expect(status);
    expect((body as { says: string }).says).toMatch(/Nothing was (ordered|changed)\.$/);
  });
});

function slidesOf(document: unknown): string[] {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error('unread');
  const drawers = plan(reading.job).cases.flatMap(({ banks }) => banks.flatMap((bank) => bank.drawers));
  return [...new Set(drawers.flatMap((drawer) => slideKey(drawer) ?? []))];
}

function printedText(pdf: Buffer, folder: string): string {
  const file = join(folder, 'order.pdf');
  writeFileSync(file, pdf);
  return execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
}
