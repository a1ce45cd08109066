import { once } from 'node:events';
import type { Socket } from 'node:net';
import { join } from 'node:path';
import type { Express } from 'express';
import type { Pool } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { openPool } from '../db/pool';
import { HealthService } from '../health/service';
import { appWith, ownDatabase, quietApp } from '../own-server.spec-data';

const NO_ID = '3f1b6c1e-0d7a-4b52-8c55-1f0a52a9f7d1';

describe('figures for monitors', () => {
  let pool: Pool;
  let app: Express;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_metrics');
    await migrate(pool, join(__dirname, '../../migrations'));
    app = quietApp(pool);
  });
  afterAll(() => pool.end());
  const figures = async (): Promise<string> => (await request(app).get('/api/metrics').expect(200)).text;
  const of = (text: string, line: string): number => {
    const found = text.split('\n').find((each) => each.startsWith(`${line} `));
    return found === undefined ? 0 : Number(found.slice(line.length + 1));
  };

  it('count requests by route and end, without what is theirs alone', async () => {
    const count = 'zabble_request_seconds_count{method="GET",route="/api/jobs/:id",status="404"}';
    const before = of(await figures(), count);
    await request(app).get(`/api/jobs/${NO_ID}`).expect(404);
    await request(app).get(`/api/jobs/${NO_ID}?search=anchor`).expect(404);
    await request(app).get('/api/nowhere/anchor').expect(404);
    await request(app).get(`/api/jobs/${NO_ID}/revisions`);
    const text = await figures();
    expect(of(text, count)).toBe(before + 2);
    expect(text).toContain('route="/api/jobs/:id/revisions"');
    expect(of(text, 'zabble_request_seconds_count{method="GET",route="none",status="404"}')).toBe(1);
    expect(text).not.toContain(NO_ID);
    expect(text).not.toContain('anchor');
  });

  it('tell how many connections there are and how many are used', async () => {
    const free = await figures();
    const taken = await Promise.all([pool.getConnection(), pool.getConnection(), pool.getConnection()]);
    const text = await figures();
    for (const connection of taken) connection.release();
    expect(of(text, 'zabble_database_connections') - of(free, 'zabble_database_connections')).toBe(3);
    // Two were there before; another was made for this.
    expect(of(text, 'zabble_database_connections_made_total')).toBeGreaterThanOrEqual(1);
    const then = await figures();
    expect(of(then, 'zabble_database_connections')).toBe(of(free, 'zabble_database_connections'));
    expect(of(then, 'zabble_following')).toBe(0);
  });

  it('count what waited for a connection; whoever is given one again is known', async () => {
    const waited = 'zabble_database_waited_total';
    const before = of(await figures(), waited);
    const all = [];
    // As many as there may be: the next one waits.
    const next = () => pool.getConnection();
    const most = (pool.pool as unknown as { readonly config: { readonly connectionLimit: number } }).config
      .connectionLimit;
    while (all.length < most) all.push(await next());
    const waiting = next();
    for (const connection of all) connection.release();
    const late = await waiting;
    const { stream } = late.connection as unknown as { readonly stream: Socket };
    const listening = stream.listenerCount('close');
    late.release();
    expect(of(await figures(), waited)).toBeGreaterThan(before);
    for (let turn = 0; turn < most + 1; turn += 1) (await next()).release();
    expect(stream.listenerCount('close')).toBe(listening);
  });

  it('what is broken off while it is in use is in use no more', async () => {
    const before = of(await figures(), 'zabble_database_connections');
    const all = await Promise.all(Array.from({ length: 5 }, () => pool.getConnection()));
    const streams = all.map(({ connection }) => (connection as unknown as { readonly stream: Socket }).stream);
    const closed = streams.map((stream) => once(stream, 'close'));
    for (const connection of all) connection.destroy();
    await Promise.all(closed);
    expect(of(await figures(), 'zabble_database_connections')).toBe(before);
  });
});

describe('what a balancer asks', () => {
  it('a process lives though its database is gone; it is ready only with it, and not while it ends', async () => {
    const pool = await ownDatabase('zabble_ready');
    const health = new HealthService(pool, 'test');
    const app = appWith(pool, { health });
    await request(app).get('/api/health/live').expect(200, { live: true });
    await request(app).get('/api/health/ready').expect(200, { ready: true });
    health.drain();
    await request(app).get('/api/health/ready').expect(503, { ready: false, why: 'ending' });
    await request(app).get('/api/health/live').expect(200);
    await request(app).get('/api/health').expect(200);
    await pool.end();
    const gone = openPool('mysql://nobody:x@127.0.0.1:1/none');
    await request(quietApp(gone)).get('/api/health/live').expect(200);
    await request(quietApp(gone)).get('/api/health/ready').expect(503, { ready: false, why: 'database' });
    await gone.end();
  });
});
