import { once } from 'node:events';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import express from 'express';
import { pino } from 'pino';
import request from 'supertest';
import { sayErrors } from '../http/errors';
import { logRequests } from '../http/log-requests';
import { SupplierClient } from './client';
import { supplierRouter } from './router';
import { SupplierStandIn } from './stand-in';

const ORDER = { id: 'o1', lines: [{ key: 'catch', pack: 10, packs: 3, cents: 1200 }] } as never;

describe('a supplier that is asked', () => {
  let answer: { status: number; text: string } | undefined;
  const asked: { method: string | undefined; url: string | undefined; text: string; type: string | undefined }[] = [];
  const server: Server = createServer((incoming, response) => {
    let text = '';
    incoming.on('data', (chunk: Buffer) => (text += chunk.toString()));
    incoming.on('end', () => {
      asked.push({ method: incoming.method, url: incoming.url, text, type: incoming.headers['content-type'] });
      if (answer) response.writeHead(answer.status).end(answer.text);
    });
  });
  const address = (): string => `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  let supplier: SupplierClient;
  beforeAll(async () => {
    await once(server.listen(0, '127.0.0.1'), 'listening');
    // What answers is waited for, however busy the machine is.
    supplier = new SupplierClient(address, 30_000);
  });
  beforeEach(() => (asked.length = 0));
  afterAll(() => {
    server.closeAllConnections();
    server.close();
  });
  const answers = (status: number, body: unknown): void => {
    answer = { status, text: typeof body === 'string' ? body : JSON.stringify(body) };
  };

  it.each<[number, unknown, object]>([
    [200, { expectedOn: '2026-12-01', delivered: false }, { is: 'taken', expectedOn: '2026-12-01', delivered: false }],
    [200, { expectedOn: '2026-12-01', delivered: true }, { is: 'taken', expectedOn: '2026-12-01', delivered: true }],
    [200, { expectedOn: '2026-12-01', delivered: 1 }, { is: 'taken', expectedOn: '2026-12-01', delivered: false }],
    [200, { expectedOn: 'on 2026-12-01' }, { is: 'unread', status: 200 }],
    [200, { expectedOn: '2026-12-011' }, { is: 'unread', status: 200 }],
    [201, { expectedOn: '2026-12-01' }, { is: 'unread', status: 201 }],
    [409, { why: 'out-of-stock', keys: ['catch', 7] }, { is: 'out-of-stock', keys: ['catch', '7'] }],
    [409, { why: 'out-of-stock', keys: 'catch' }, { is: 'unread', status: 409 }],
    [200, { why: 'out-of-stock', keys: ['catch'] }, { is: 'unread', status: 200 }],
    [
      409,
      { why: 'wrong-price', prices: [{ key: 'catch', cents: 999 }, { key: 'hook', cents: 9.5 }, { cents: 1 }, null] },
      { is: 'wrong-price', prices: [{ key: 'catch', cents: 999 }] },
    ],
    [409, { why: 'wrong-price' }, { is: 'unread', status: 409 }],
    [
      409,
      {
        why: 'wrong-price',
        prices: [
          { key: 'pin', cents: '7' },
          { key: 7, cents: 7 },
        ],
      },
      { is: 'wrong-price', prices: [] },
    ],
    [409, { why: 'wrong-price', keys: ['catch'] }, { is: 'unread', status: 409 }],
    [409, { why: 'closed', keys: ['catch'], prices: [] }, { is: 'unread', status: 409 }],
    [409, { why: 'closed' }, { is: 'unread', status: 409 }],
    [404, '', { is: 'unknown' }],
    [500, '<html>', { is: 'unread', status: 500 }],
    [200, 'null', { is: 'unread', status: 200 }],
    [200, '"2026-12-01"', { is: 'unread', status: 200 }],
  ])('answers %i %j: %j', async (status, body, read) => {
    answers(status, body);
    expect(await supplier.order(ORDER)).toEqual(read);
  });

  it('hears of an order what it wants, and of one that stands by its number', async () => {
    answers(200, { expectedOn: '2026-12-01' });
    await supplier.order(ORDER);
    await supplier.orderStands('o1');
    expect(asked).toEqual([
      { method: 'POST', url: '/orders', text: JSON.stringify(ORDER), type: 'application/json' },
      { method: 'GET', url: '/orders/o1', text: '', type: 'application/json' },
    ]);
  });

  it('is silent where it takes too long, refuses, or is not there', async () => {
    answer = undefined;
    expect(await new SupplierClient(address, 200).order(ORDER)).toEqual({ is: 'silent' });
    expect(await new SupplierClient(() => undefined).orderStands('o1')).toEqual({ is: 'silent' });
    expect(await new SupplierClient(() => 'http://127.0.0.1:1').orderStands('o1')).toEqual({ is: 'silent' });
  });

  describe('over the API', () => {
    const app = express().use(logRequests(pino({ level: 'silent' })));
    beforeAll(() => app.use(supplierRouter(supplier)).use(sayErrors));
    const prices = () => request(app).get('/prices');

    it('tells its prices, all of them or none', async () => {
      answers(200, 'key,unit,pack,price,supplier,date\r\ncatch,piece,10,13,Loft,2026-11-29');
      expect((await prices().expect(200)).body).toEqual({
        prices: [{ key: 'catch', unit: 'piece', pack: 10, cents: 1300, supplier: 'Loft', date: '2026-11-29' }],
      });
      for (const text of ['key,unit,pack,price,supplier,date\r\ncatch,piece,10,dear,Loft,2026-11-29', '']) {
        answers(200, text);
        expect(((await prices().expect(502)).body as { says: string }).says).toMatch(/200/);
      }
      answers(503, '');
      expect(((await prices().expect(502)).body as { says: string }).says).toMatch(/503/);
      answer = undefined;
      const hasty = express().use(
        logRequests(pino({ level: 'silent' })),
        supplierRouter(new SupplierClient(address, 200)),
        sayErrors,
      );
      const silent = (await request(hasty).get('/prices').expect(504)).body as { says: string };
      expect(silent.says).toMatch(/does not answer/);
    });

    it('its clock and its moods are turned, as far as they go', async () => {
      answers(200, { today: '2026-12-03', mood: 'late' });
      const turned = await request(app).post('/').send({ mood: 'late', forward: 2 }).expect(200);
      expect(turned.body).toEqual({ today: '2026-12-03', mood: 'late' });
      expect(asked[0]).toMatchObject({ method: 'POST', url: '/day', text: '{"mood":"late","forward":2}' });
      await request(app).post('/').send({ mood: 'cross' }).expect(400);
      expect((await request(app).get('/').expect(200)).body).toEqual({ today: '2026-12-03', mood: 'late' });
      expect(asked.map(({ url }) => url)).toEqual(['/day', '/day']);
    });
  });
});

describe('the supplier that ships', () => {
  const folder = mkdtempSync(join(tmpdir(), 'zabble-supplier-'));
  const program = join(folder, 'supplier.cjs');
  // Tells where it listens as the program does, and ends when it is asked for anything.
  writeFileSync(
    program,
    `const server = require('node:http').createServer(() => process.exit());
     server.listen(0, '127.0.0.1', () => process.send({ port: server.address().port, with: process.argv.slice(2) }));`,
  );
  afterAll(() => rmSync(folder, { recursive: true }));

  it('is found once it listens, begun again where it ended, and gone with the server', async () => {
    const standIn = new SupplierStandIn({ program, list: 'list.csv', supplier: 'Loft' });
    const found = async (): Promise<string> => {
      for (let address = standIn.address(); ; address = standIn.address()) {
        if (address !== undefined) return address;
        await new Promise((done) => setTimeout(done, 20));
      }
    };
    expect(standIn.address()).toBeUndefined();
    const first = await found();
    expect(first).toMatch(/^http:\/\/127\.0\.0\.1:\d+$/);
    expect(standIn.address()).toBe(first);
    expect(await new SupplierClient(standIn.address).orderStands('o1')).toEqual({ is: 'silent' });
    while (standIn.address() === first) await new Promise((done) => setTimeout(done, 20));
    const second = await found();
    expect(second).not.toBe(first);
    standIn.end();
    await expect(
      (async () => {
        for (;;) {
          await fetch(second);
        }
      })(),
    ).rejects.toThrow();
  });
});
