import { mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { createServer, request as ask } from 'node:http';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import type { Problem } from '@zabble/contract';
import { build } from 'esbuild';
import express from 'express';
import type { Pool } from 'mysql2/promise';
import { pino } from 'pino';
import { migrate } from '../db/migrate';
import { lookingUp } from '../found/look-up';
import { sayErrors } from '../http/errors';
import { logRequests } from '../http/log-requests';
import { ownDatabase } from '../own-server.spec-data';
import { OWN_SHOP } from '../whose/shop';
import { LookingThread } from './thread';

const built = join(__dirname, '../../dist');
mkdirSync(built, { recursive: true });
const folder = mkdtempSync(join(built, 'test-'));
const worker = join(folder, 'looking-worker.mjs');
const { dependencies } = JSON.parse(readFileSync(join(__dirname, '../../package.json'), 'utf8')) as {
  dependencies: Record<string, string>;
};

const statusOf = (problem: unknown): number => {
  const { status, said: why } = (problem as { problem: Problem }).problem;
  return why.code === 'too-busy' ? status : 0;
};

describe('looking things up in a thread', () => {
  let pool: Pool;
  let thread: LookingThread;
  beforeAll(async () => {
    const packages = Object.keys(dependencies).filter((name) => !name.startsWith('@zabble/'));
    await build({
      entryPoints: [join(__dirname, 'worker.ts')],
      outfile: worker,
      bundle: true,
      platform: 'node',
      format: 'esm',
      tsconfig: join(__dirname, '../../tsconfig.json'),
      external: packages.flatMap((name) => [name, `${name}/*`]),
    });
    pool = await ownDatabase('zabble_looking');
    await migrate(pool, join(__dirname, '../../migrations'));
    const url = new URL(process.env['TEST_DATABASE_URL'] ?? '');
    url.pathname = '/zabble_looking';
    thread = new LookingThread(worker, url.href);
  });
  afterAll(async () => {
    await thread.end();
    await pool.end();
    rmSync(folder, { recursive: true, force: true });
  });

  it('answers, and says what the database says', async () => {
    const answer = JSON.parse(await thread.ask({ what: 'made', shop: OWN_SHOP })) as object;
    expect(answer).toEqual({ sums: [], faults: [], settling: false });
    await pool.query('RENAME TABLE shop_sums TO away');
    await expect(thread.ask({ what: 'made', shop: OWN_SHOP })).rejects.toMatchObject({ code: 'ER_NO_SUCH_TABLE' });
    await pool.query('RENAME TABLE away TO shop_sums');
  });

  it('answers others while one takes long', async () => {
    const holder = await pool.getConnection();
    await holder.query('LOCK TABLES shop_sums WRITE');
    let answered = false;
    const long = thread.ask({ what: 'made', shop: OWN_SHOP }).finally(() => (answered = true));
    const query = { search: '', size: 12, deleted: false };
    expect(await thread.ask({ what: 'jobs', shop: OWN_SHOP, query })).toContain('"items":[]');
    expect(answered).toBe(false);
    await holder.query('UNLOCK TABLES');
    holder.release();
    await long;
  });

  it('lets no more wait than anybody may wait for: the rest are told to come again', async () => {
    const all = Array.from({ length: 260 }, () =>
      thread.ask({ what: 'made', shop: OWN_SHOP }).then(() => 200, statusOf),
    );
    const found = await Promise.all(all);
    const [answered, refused] = [200, 503].map((status) => found.filter((each) => each === status).length);
    expect((answered ?? 0) + (refused ?? 0)).toBe(260);
    // Two hundred wait, and three are answered meanwhile.
    expect(answered).toBeGreaterThanOrEqual(200);
    expect(answered).toBeLessThanOrEqual(204);
    expect(await thread.ask({ what: 'made', shop: OWN_SHOP })).toContain('"sums"');
  });

  it('goes on for the others when one who asked is gone', async () => {
    const app = express().use(logRequests(pino({ level: 'silent' })));
    app.get('/', ...lookingUp(thread)(() => ({ what: 'made', shop: OWN_SHOP })));
    app.use(sayErrors);
    const server = createServer(app).listen(0, '127.0.0.1');
    await once(server, 'listening');
    const { port } = server.address() as AddressInfo;
    // Held up, so that all of them are begun and none is answered.
    const holder = await pool.getConnection();
    await holder.query('LOCK TABLES shop_sums WRITE');
    const asked = Array.from({ length: 5 }, () => {
      const one = ask({ port, host: '127.0.0.1', agent: false });
      const status = new Promise<number>((resolve) => {
        one.on('response', (answer) => resolve(answer.resume().statusCode ?? 0));
        one.on('error', () => resolve(0));
      });
      one.end();
      return { one, status };
    });
    await new Promise((done) => setTimeout(done, 300));
    asked[0]!.one.destroy();
    asked[4]!.one.destroy();
    await new Promise((done) => setTimeout(done, 100));
    await holder.query('UNLOCK TABLES');
    holder.release();
    expect(await Promise.all(asked.map(({ status }) => status))).toEqual([0, 200, 200, 200, 0]);
    server.close();
  });
});
