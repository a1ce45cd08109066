import { createServer, connect, type Socket } from 'node:net';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import request from 'supertest';
import { ownDatabase, quietApp } from '../own-server.spec-data';
import { migrate } from './migrate';
import { answers, openPatientPool, openPool, type PoolLimits } from './pool';
import { join } from 'node:path';

const own = new URL(process.env['TEST_DATABASE_URL'] ?? '');

/** The database behind a wire that can be held: what is sent then is not passed on, and nothing is closed. */
async function heldWire() {
  const sockets = new Set<Socket>();
  let held = false;
  const server = createServer((near) => {
    const far = connect(Number(own.port), own.hostname);
    for (const [from, to] of [
      [near, far],
      [far, near],
    ] as const) {
      sockets.add(from);
      from.on('data', (data) => held || to.write(data));
      from.on('error', () => undefined);
      from.on('close', () => to.destroy());
    }
  });
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  const url = new URL(own.href);
  url.port = String((server.address() as AddressInfo).port);
  return {
    url: url.href,
    hold: (now: boolean) => (held = now),
    end: () => {
      for (const socket of sockets) socket.destroy();
      server.close();
    },
  };
}

async function through(name: string, limits: PoolLimits) {
  await (await ownDatabase(name)).end();
  own.pathname = `/${name}`;
  const wire = await heldWire();
  const pool = openPool(wire.url, limits);
  return {
    ...wire,
    pool,
    end: async () => {
      wire.hold(false);
      await pool.end().catch(() => undefined);
      wire.end();
    },
  };
}

describe('a database that is stopped in its tracks', () => {
  it('is told not to answer, and answers again when it goes on', async () => {
    const { url, pool, hold, end } = await through('zabble_wire', { connections: 2, patience: 700 });
    // Tables are made as slowly as the disk is.
    const patient = openPool(url, { connections: 2, patience: 60_000 });
    await migrate(patient, join(__dirname, '../../migrations'));
    await patient.end();
    const app = quietApp(pool);
    await request(app).get('/api/jobs').expect(200);
    hold(true);
    const { body } = (await request(app).get('/api/jobs').expect(503)) as { body: { says: string } };
    expect(body.says).toContain('The database does not answer. Nothing was changed');
    const changed = (await request(app).delete('/api/jobs/00000000-0000-4000-8000-000000000000').expect(503)) as {
      body: { says: string };
    };
    expect(changed.body.says).toMatch(/not known|Nothing was changed/);
    expect(await answers(pool, 100)).toBe(false);
    hold(false);
    await request(app).get('/api/jobs').expect(200);
    await end();
  });

  it('has only so many wait for it', async () => {
    const { pool, hold, end } = await through('zabble_queue', { connections: 1, waiting: 2, patience: 900 });
    const app = quietApp(pool);
    await pool.query('SELECT 1');
    hold(true);
    // What is looked up takes turns before it comes to the database; one job is asked for at once.
    const one = '/api/jobs/00000000-0000-4000-8000-000000000000';
    const told = await Promise.all(
      Array.from({ length: 6 }, async () => ((await request(app).get(one)).body as { says: string }).says),
    );
    expect(told.filter((says) => says.startsWith('Too much is asked')).length).toBeGreaterThanOrEqual(3);
    await end();
  });
});

it('changes of tables may take as long as they take, requests not', async () => {
  const longest = async (pool: Pool): Promise<number> => {
    const [[row]] = await pool.query<RowDataPacket[]>('SELECT @@max_statement_time AS longest');
    await pool.end();
    return Number(row!['longest']);
  };
  const url = process.env['TEST_DATABASE_URL'] ?? '';
  expect([await longest(openPatientPool(url)), await longest(openPool(url))]).toEqual([0, 8]);
});
