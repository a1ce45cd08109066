import { spawn } from 'node:child_process';
import { createReadStream, createWriteStream, existsSync, renameSync, rmSync } from 'node:fs';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { OwnMariaDb } from './mariadb.mjs';
import { DATABASE } from './paths.mjs';
import { Stop } from './say.mjs';

/** The first line of a backup; what follows is SQL. */
const FIRST = '-- Zabble backup 1';
/** How the database's own tool ends what it wrote to its end. */
const LAST = /^-- Dump completed/;

/**
 * Runs `work` with how the database is reached: that of DATABASE_URL, or the own one, which is started for it where it
 * does not run.
 */
export async function withDatabase(work) {
  if (process.env.DATABASE_URL) return work(reachedBy(process.env.DATABASE_URL));
  const own = new OwnMariaDb(DATABASE);
  if (!existsSync(join(own.data, 'mysql'))) throw new Stop('There is no database here yet: npm start makes one.');
  const begun = !own.running;
  if (begun) await own.start();
  try {
    return await work({ args: [`--socket=${own.socket}`], env: {}, name: 'zabble' });
  } finally {
    if (begun) await own.stop();
  }
}

function reachedBy(url) {
  const { hostname, port, username, password, pathname, searchParams } = new URL(url);
  const ca = searchParams.get('ca');
  return {
    args: [
      `--host=${hostname}`,
      `--port=${port || 3306}`,
      `--user=${decodeURIComponent(username)}`,
      '--protocol=tcp',
      ...(ca ? ['--ssl', `--ssl-ca=${ca}`, ...(isIP(hostname) === 0 ? ['--ssl-verify-server-cert'] : [])] : []),
    ],
    env: { MYSQL_PWD: decodeURIComponent(password) },
    name: pathname.slice(1),
  };
}

/** All of the database as it stands at one moment, whatever is written meanwhile; the file is there whole or not at all. */
export async function backUp({ args, env, name }, file) {
  const part = `${file}.part`;
  const dump = tool(
    'mariadb-dump',
    [
      ...args,
      '--single-transaction',
      '--quick',
      '--hex-blob',
      '--no-tablespaces',
      '--default-character-set=utf8mb4',
      name,
    ],
    env,
  );
  try {
    await Promise.all([
      pipeline(dump.stdout, after(`${FIRST}\n`), createGzip(), createWriteStream(part, { mode: 0o600, flush: true })),
      dump.ended,
    ]);
    await assertWhole(part);
    renameSync(part, file);
  } catch (problem) {
    rmSync(part, { force: true });
    throw problem;
  }
}

/** Refuses a file that is no backup, or breaks off. */
export async function assertWhole(file) {
  if (!existsSync(file)) throw new Stop(`There is no file ${file}.`);
  let [first, last] = [undefined, ''];
  const unpacked = createGunzip();
  const read = createReadStream(file).on('error', (problem) => unpacked.destroy(problem));
  try {
    for await (const line of createInterface({ input: read.pipe(unpacked), crlfDelay: Infinity })) {
      first ??= line;
      if (first !== FIRST) break;
      if (line !== '') last = line;
    }
  } catch (problem) {
    throw new Stop(`${file} can’t be read to its end (${problem.code ?? problem.message}). Nothing was changed.`);
  } finally {
    read.destroy();
  }
  if (first !== FIRST) throw new Stop(`${file} is no backup of Zabble: it does not begin as one. Nothing was changed.`);
  if (!LAST.test(last)) throw new Stop(`${file} breaks off before its end. Nothing was changed.`);
}

/** Refuses a database that something is connected to. */
export async function assertFree(database) {
  const others = await ask(
    database,
    `SELECT COUNT(*) FROM information_schema.processlist WHERE db = '${database.name}' AND id <> CONNECTION_ID()`,
  );
  if (others !== '0') throw new Stop('Something is connected to the database: stop Zabble first. Nothing was changed.');
}

/** Puts a whole backup in place of everything the database holds. */
export async function restore(database, file) {
  const { args, env, name } = database;
  const tables = await ask(
    database,
    `SELECT GROUP_CONCAT('\`', table_name, '\`') FROM information_schema.tables WHERE table_schema = '${name}'`,
  );
  const client = tool(
    'mariadb',
    [...args, '--default-character-set=utf8mb4', '--max-allowed-packet=1G', name],
    env,
    'pipe',
  );
  const before = tables === 'NULL' || tables === '' ? '' : `SET FOREIGN_KEY_CHECKS = 0; DROP TABLE ${tables};\n`;
  const sql = createReadStream(file).pipe(createGunzip());
  await Promise.all([pipeline(sql, after(before), client.stdin), client.ended]);
}

/** What the database answers to one question, as text. */
async function ask({ args, env, name }, sql) {
  const client = tool(
    'mariadb',
    [...args, '--batch', '--skip-column-names', name, '-e', `SET SESSION group_concat_max_len = 1000000; ${sql}`],
    env,
  );
  const [text] = await Promise.all([new Response(Readable.toWeb(client.stdout)).text(), client.ended]);
  return text.trim();
}

/** A stream with this text before it. */
function after(text) {
  let begun = false;
  return new Transform({
    transform(chunk, _encoding, done) {
      if (!begun) this.push(text);
      begun = true;
      done(null, chunk);
    },
  });
}

/** One of the database's own tools; `ended` rejects with what it said where it failed. */
function tool(command, args, env, stdin = 'ignore') {
  const child = spawn(command, ['--no-defaults', ...args], {
    env: { ...process.env, ...env },
    stdio: [stdin, 'pipe', 'pipe'],
  });
  let said = '';
  child.stderr.on('data', (chunk) => (said += chunk));
  const ended = new Promise((resolve, reject) => {
    child.once('error', () => reject(new Stop(`${command} is missing: it comes with mariadb-client.`)));
    child.once('close', (code) => {
      if (code === 0) resolve();
      else
        reject(
          new Stop(`The database’s ${command} says: ${said.trim().split('\n').at(-1) || `it ended with ${code}`}`),
        );
    });
  });
  // Whoever reads what it prints hears of it there.
  ended.catch(() => undefined);
  return { stdin: child.stdin, stdout: child.stdout, ended };
}
