import { createServer, request, type Server } from 'node:http';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import express from 'express';
import { sayErrors } from './errors';
import { pino } from 'pino';
import { few } from './few';
import { logRequests } from './log-requests';

describe('requests of a heavy kind', () => {
  let server: Server;
  let port: number;
  const going: (() => void)[] = [];
  const seen: string[] = [];
  let most = 0;
  let now = 0;
  beforeAll(async () => {
    const app = express().use(logRequests(pino({ level: 'silent' })));
    app.put('/:name', few(2, 3), express.raw({ type: () => true }), async (asked, response) => {
      seen.push(`${asked.params['name']} ${(asked.body as Buffer).toString()}`);
      most = Math.max(most, (now += 1));
      await new Promise<void>((done) => going.push(done));
      now -= 1;
      response.status(201).end();
    });
    app.use(sayErrors);
    server = createServer(app).listen(0, '127.0.0.1');
    await once(server, 'listening');
    port = (server.address() as AddressInfo).port;
  });
  afterAll(() => server.close());

  const put = (name: string) => {
    const asked = request({ port, host: '127.0.0.1', method: 'PUT', path: `/${name}`, agent: false });
    const status = new Promise<number>((resolve) => {
      asked.on('response', (answer) => {
        answer.resume();
        resolve(answer.statusCode ?? 0);
      });
      asked.on('error', () => resolve(0));
    });
    asked.end('body');
    return { asked, status };
  };
  const until = async (is: () => boolean): Promise<void> => {
    while (!is()) await new Promise((done) => setTimeout(done, 5));
  };

  it('are let in a few at a time, wait for their turn, and are told to come again where too many wait', async () => {
    const first = [put('a'), put('b')];
    await until(() => going.length === 2);
    const waiting = [];
    for (const name of ['c', 'd', 'e']) {
      waiting.push(put(name));
      await new Promise((done) => setTimeout(done, 30));
    }
    expect(await put('f').status).toBe(503);
    // Nobody waits for it any more: it is never begun, and its place is free.
    waiting[1]!.asked.destroy();
    await waiting[1]!.status;
    await new Promise((done) => setTimeout(done, 30));
    const last = put('g');
    for (let n = 0; n < 5; n += 1) {
      await until(() => going.length > 0);
      going.shift()!();
    }
    expect(await Promise.all([...first, waiting[0]!, waiting[2]!, last].map(({ status }) => status))).toEqual([
      201, 201, 201, 201, 201,
    ]);
    expect(seen.map((each) => each[0]).sort()).toEqual(['a', 'b', 'c', 'e', 'g']);
    expect(seen.every((each) => each.endsWith(' body'))).toBe(true);
    expect(most).toBe(2);
  });
});
