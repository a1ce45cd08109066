import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Writable } from 'node:stream';
import { pino } from 'pino';
import request from 'supertest';
import { openPool } from './db/pool';
import { appWith } from './own-server.spec-data';

const webRoot = mkdtempSync(join(tmpdir(), 'zabble-web-'));
writeFileSync(join(webRoot, 'index.html'), '<title>Zabble</title>');
writeFileSync(join(webRoot, 'main-ABC.js'), '1');
const pool = openPool(process.env['TEST_DATABASE_URL'] ?? '');
const lines: string[] = [];
const logger = pino(new Writable({ write: (line, _, done) => (lines.push(String(line)), done()) }));
const app = appWith(pool, { logger, webRoot });
afterAll(async () => {
  rmSync(webRoot, { recursive: true });
  await pool.end();
});

describe('the application on one address', () => {
  it.each([
    ['/', 200, /^no-cache$/],
    ['/index.html', 200, /^no-cache$/],
    ['/jobs/1/boxes', 200, /^no-cache$/],
    ['/main-ABC.js', 200, /immutable/],
  ])('%s answers %i, kept as %p', async (path, status, kept) => {
    const { headers } = await request(app).get(path).expect(status);
    expect(headers['cache-control']).toMatch(kept);
  });

  it.each([
    ['/main-OLD.js', 404, 'nothing at'],
    ['/no-such.css', 404, 'nothing at'],
    ['/%', 400, 'address'],
    ['/api/jobs/%E0%A4%A', 400, 'address'],
    ['/api/elsewhere', 404, 'nothing at'],
  ])('%s answers %i with a sentence', async (path, status, says) => {
    const { body } = (await request(app).get(path).expect(status)) as { body: { says: string } };
    expect(body.says).toContain(says);
  });

  it('is kept nowhere where it is of this moment', async () => {
    const { headers } = await request(app).get('/api/health');
    expect(headers['cache-control']).toBe('no-store');
  });

  it('writes down neither who asks nor what is looked for', async () => {
    lines.length = 0;
    await request(app)
      .get('/api/jobs?search=secret-customer')
      .set({ cookie: 'session=biscuit', authorization: 'Bearer token-of-mine' });
    const written = lines.join('');
    expect(written).toContain('/api/jobs');
    for (const secret of ['secret-customer', 'biscuit', 'token-of-mine']) expect(written).not.toContain(secret);
  });

  it('shows and changes nothing for pages from elsewhere', async () => {
    await request(app).get('/api/jobs').set('host', 'attacker.example').expect(403);
    await request(app).post('/api/shop/prices/refresh').type('form').send('').expect(403);
  });
});
