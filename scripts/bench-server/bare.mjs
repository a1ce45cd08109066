import { createHash } from 'node:crypto';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { ROOT } from '../lib/paths.mjs';

/**
 * What the server's answers are held against: Express and mysql2 and nothing else, doing the same statements. Its port is
 * told to whoever started it.
 */
const from = createRequire(join(ROOT, 'apps/server/package.json'));
const express = from('express');
const { createPool } = from('mysql2/promise');

const pool = createPool({ uri: process.env.DATABASE_URL, charset: 'utf8mb4', timezone: 'Z', connectionLimit: 10 });
const app = express();
app.use(express.json({ limit: '10mb' }));

/** Reads its session, where the one it is held against does: whose it is and what they may do, by one look. */
if (process.env.BARE_SESSION)
  app.use(async (request, response, next) => {
    const secret = /__Host-zabble=([\w-]+)/.exec(request.headers.cookie ?? '')?.[1] ?? '';
    const token = createHash('sha256').update(secret).digest('hex');
    const [[session]] = await pool.execute(
      `SELECT s.id, s.seen_at, s.person_id, p.name, m.shop, m.role FROM sessions s JOIN people p ON p.id = s.person_id
       JOIN members m ON m.person_id = s.person_id AND m.shop = s.at_shop WHERE s.token = ?`,
      [token],
    );
    if (session) next();
    else response.status(401).end();
  });

app.put('/jobs/:id', async (request, response) => {
  const { revision, document } = request.body;
  const [{ affectedRows }] = await pool.execute(
    `UPDATE bare_jobs SET name = ?, customer = ?, document = ?, revision = revision + 1, updated_at = UTC_TIMESTAMP(3)
     WHERE id = ? AND revision = ? AND deleted_at IS NULL`,
    [document.name, document.customer ?? '', JSON.stringify(document), request.params.id, revision],
  );
  response.status(affectedRows === 1 ? 200 : 409).json({ id: request.params.id, revision: revision + 1 });
});

app.post('/jobs', async (request, response) => {
  const { id, document } = request.body;
  await pool.execute(
    `INSERT INTO bare_jobs (id, name, customer, document, revision, created_at, updated_at)
     VALUES (?, ?, ?, ?, 1, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3))`,
    [id, document.name, document.customer ?? '', JSON.stringify(document)],
  );
  response.status(201).json({ id, revision: 1 });
});

/** Numbered under the lock of the job's row, as a log must be. */
app.post('/jobs/:id/log', async (request, response) => {
  const { entries } = request.body;
  const connection = await pool.getConnection();
  try {
    await connection.beginTransaction();
    await connection.execute('SELECT id FROM bare_jobs WHERE id = ? FOR UPDATE', [request.params.id]);
    const [[{ last }]] = await connection.execute(
      'SELECT COALESCE(MAX(seq), 0) AS last FROM bare_log WHERE job_id = ?',
      [request.params.id],
    );
    const rows = entries.map((entry, index) => [
      request.params.id,
      Number(last) + index + 1,
      entry.id,
      JSON.stringify(entry),
    ]);
    await connection.query('INSERT INTO bare_log (job_id, seq, id, entry) VALUES ?', [rows]);
    await connection.commit();
    response.status(201).json({ kept: rows.map(([, seq, id]) => ({ id, seq })) });
  } finally {
    connection.release();
  }
});

await pool.query(`CREATE TABLE IF NOT EXISTS bare_jobs (
  id CHAR(36) CHARACTER SET ascii NOT NULL PRIMARY KEY, name VARCHAR(200) NOT NULL, customer VARCHAR(200) NOT NULL,
  document LONGTEXT NOT NULL, revision INT UNSIGNED NOT NULL, created_at DATETIME(3) NOT NULL,
  updated_at DATETIME(3) NOT NULL, deleted_at DATETIME(3) NULL, KEY bare_by_update (deleted_at, updated_at))`);
await pool.query(`CREATE TABLE IF NOT EXISTS bare_log (
  job_id CHAR(36) CHARACTER SET ascii NOT NULL, seq INT UNSIGNED NOT NULL, id VARCHAR(200) NOT NULL,
  entry LONGTEXT NOT NULL, PRIMARY KEY (job_id, seq), UNIQUE KEY bare_once (job_id, id))`);
const server = app.listen(0, '127.0.0.1', () => process.send({ port: server.address().port }));
process.once('disconnect', () => process.exit());
