import { execFile } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { selfSigned } from './certificate.mjs';
import { OwnMariaDb } from './mariadb.mjs';

const SIGNALS = ['SIGINT', 'SIGTERM', 'SIGHUP'];

/**
 * A MariaDB in a folder of its own that is gone when it is stopped: for tests and pictures. With `tls` it can be reached over
 * TLS too; `ca` is the file of the authority its certificate is by.
 */
export async function throwawayDatabase({ tls = false } = {}) {
  const folder = mkdtempSync(join(tmpdir(), 'zabble-test-'));
  const certificate = tls ? await selfSigned(folder) : undefined;
  const args = certificate ? [`--ssl-cert=${certificate.cert}`, `--ssl-key=${certificate.key}`] : [];
  const database = new OwnMariaDb(folder, args);
  const url = await database.start();
  // A run that is ended in between leaves none behind: nothing of it is wanted any more.
  const ended = (signal) => {
    database.kill();
    rmSync(folder, { recursive: true, force: true });
    // Nobody else hears it: then it ends this process too, as it would have.
    if (process.listenerCount(signal) === 0) process.kill(process.pid, signal);
  };
  for (const signal of SIGNALS) process.once(signal, ended);
  const end = async () => {
    for (const signal of SIGNALS) process.off(signal, ended);
    await database.stop();
    rmSync(folder, { recursive: true, force: true });
  };
  return { url, ca: certificate?.cert, end };
}

/** A new, empty database beside the one of this URL, on the same MariaDB; `name` begins with `zabble_`. */
export async function databaseBeside(url, name) {
  const beside = new URL(url);
  const ask = (sql) =>
    promisify(execFile)(
      'mariadb',
      ['--no-defaults', `--host=${beside.hostname}`, `--port=${beside.port}`, `--user=${beside.username}`, '-e', sql],
      { env: { ...process.env, MYSQL_PWD: beside.password } },
    );
  await ask(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  beside.pathname = `/${name}`;
  return { url: beside.href, end: () => ask(`DROP DATABASE ${name}`) };
}
