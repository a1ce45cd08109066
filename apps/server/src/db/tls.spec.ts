import { mkdtempSync, rmSync } from 'node:fs';
import { connect, createServer, type AddressInfo, type Socket } from 'node:net';
import { once } from 'node:events';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { execFileSync } from 'node:child_process';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import { letGo, openPool } from './pool';
import { reachedBy } from './reached';

const own = new URL(process.env['TEST_DATABASE_URL'] ?? '');
const ca = process.env['TEST_DATABASE_CA'] ?? '';

/** The database at this host and port, asked over TLS. */
function over(host: string, port: string | number = own.port, file = ca): string {
  const url = new URL(own.href);
  [url.hostname, url.port] = [host, String(port)];
  url.searchParams.set('ca', file);
  return url.href;
}

async function cipherOf(pool: Pool): Promise<string> {
  const [[row]] = await pool.query<RowDataPacket[]>(
    "SELECT variable_value AS value FROM information_schema.session_status WHERE variable_name = 'Ssl_cipher'",
  );
  return String(row?.['value']);
}

async function within<T>(url: string, work: (pool: Pool) => Promise<T>): Promise<T> {
  const pool = openPool(url, { patience: 1000 });
  return work(pool).finally(() => pool.end().catch(() => undefined));
}

/** A way to the database that can be cut. */
async function way() {
  const sockets = new Set<Socket>();
  const server = createServer((near) => {
    const far = connect(Number(own.port), own.hostname);
    for (const socket of [near, far]) sockets.add(socket.on('error', () => undefined));
    near.pipe(far).pipe(near);
  });
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  return {
    port: (server.address() as AddressInfo).port,
    cut: () => {
      server.close();
      for (const socket of sockets) socket.destroy();
    },
  };
}

/** To which port it is asked; the connection is given back with this trouble. */
async function portOf(pool: Pool, trouble?: object): Promise<unknown> {
  const connection = await pool.getConnection();
  const { stream } = connection.connection as unknown as { readonly stream: Socket };
  const port = stream.remotePort;
  letGo(pool, connection, trouble);
  return port;
}

describe('a database over TLS', () => {
  const folder = mkdtempSync(join(tmpdir(), 'zabble-tls-'));
  afterAll(() => rmSync(folder, { recursive: true }));

  it('is asked in the clear where no authority is named, and over TLS where one is', async () => {
    expect(await within(own.href, cipherOf)).toBe('');
    expect(await within(over('127.0.0.1'), cipherOf)).toMatch(/^TLS_|AES|CHACHA/);
  });

  it('goes on being asked when it was quiet for longer than an answer may take', async () => {
    await within(over('127.0.0.1'), async (pool) => {
      expect(await cipherOf(pool)).not.toBe('');
      await new Promise((done) => setTimeout(done, 1300));
      const asked = Array.from({ length: 12 }, async (_, turn) => {
        await new Promise((done) => setTimeout(done, 120 * turn));
        return cipherOf(pool);
      });
      expect(await Promise.all(asked)).not.toContain('');
    });
  });

  it('is not believed with a certificate by another authority', async () => {
    const other = join(folder, 'other.pem');
    const args = ['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '1', '-subj', '/CN=localhost'];
    execFileSync('openssl', [...args, '-keyout', join(folder, 'key.pem'), '-out', other], { stdio: 'ignore' });
    await expect(within(over('127.0.0.1', own.port, other), cipherOf)).rejects.toThrow(/self.signed certificate/);
  });

  it('has to be who it is called where it is called by a name', () => {
    const ssl = (urls: string) => reachedBy(urls).options.ssl;
    expect(ssl(over('db.loft.example'))).toMatchObject({ verifyIdentity: true, rejectUnauthorized: true });
    expect(ssl(over('127.0.0.1'))).toMatchObject({ verifyIdentity: false, rejectUnauthorized: true });
    expect(ssl(own.href)).toBeUndefined();
  });

  it('with several nodes turns to the next when one dies, over TLS too', async () => {
    const first = await way();
    // One and the same stands for both nodes: it has no cluster to wait for.
    await within(`${over('127.0.0.1', first.port)},${own.href}`, async (pool) => {
      expect([await cipherOf(pool), await portOf(pool)]).toEqual([expect.stringMatching(/./), first.port]);
      first.cut();
      expect(await cipherOf(pool)).not.toBe('');
      expect(await portOf(pool)).toBe(Number(own.port));
    });
  });

  it('a node that says over TLS that it is not ready is left for the next', async () => {
    const first = await way();
    await within(`${over('127.0.0.1', first.port)},${own.href}`, async (pool) => {
      expect(await portOf(pool, { errno: 1047 })).toBe(first.port);
      expect(await portOf(pool)).toBe(Number(own.port));
    });
    first.cut();
  });

  it('a file that can’t be read is named', () => {
    expect(() => reachedBy(over('127.0.0.1', own.port, join(folder, 'none.pem')))).toThrow(/none\.pem.* can’t be read/);
  });
});
