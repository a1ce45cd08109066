import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { ROOT } from '../scripts/lib/paths.mjs';
import { freePort } from '../scripts/lib/ports.mjs';

test.describe.configure({ mode: 'serial' });
test.setTimeout(90_000);

const folder = mkdtempSync(join(tmpdir(), 'zabble-start-'));
const data = join(folder, 'database');
let port = 0;
let npm: ChildProcess | undefined;
let text = '';

test.beforeAll(async () => {
  port = (await freePort()) ?? 0;
});
test.afterAll(async () => {
  await stop();
  for (const pid of all(data)) process.kill(pid, 'SIGKILL');
  rmSync(folder, { recursive: true, force: true });
});

/** `npm start` on a database folder of its own. */
function start(): ChildProcess {
  text = '';
  const networkPort = String((port % 60_000) + 1025);
  const env = { ...process.env, PORT: String(port), NETWORK_PORT: networkPort, ZABBLE_DATA: data };
  const child = spawn('npm', ['start'], { cwd: ROOT, env, detached: true, stdio: ['ignore', 'pipe', 'pipe'] });
  for (const from of [child.stdout, child.stderr]) from.on('data', (chunk: Buffer) => (text += chunk.toString()));
  return child;
}

async function stop(): Promise<number | null | undefined> {
  if (!npm || npm.exitCode !== null || npm.signalCode !== null) return npm?.exitCode;
  const ended = once(npm, 'exit');
  process.kill(-(npm.pid ?? 0), 'SIGTERM');
  await ended;
  return npm.exitCode;
}

const said = (what: RegExp | string) => expect.poll(() => text, { timeout: 40_000 }).toMatch(what);
const ready = () => said(`Zabble is at http://127.0.0.1:${port}`);
const answers = async (): Promise<boolean> =>
  fetch(`http://127.0.0.1:${port}/api/health`).then(
    ({ ok }) => ok,
    () => false,
  );
const jobs = async (): Promise<readonly string[]> => {
  const answer = await fetch(`http://127.0.0.1:${port}/api/jobs?size=50`);
  return ((await answer.json()) as { items: { name: string }[] }).items.map(({ name }) => name).sort();
};

/** Processes whose command line has all of this. */
function all(...words: readonly string[]): readonly number[] {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name) && Number(name) !== process.pid)
    .filter((pid) => {
      try {
        const line = readFileSync(`/proc/${pid}/cmdline`, 'utf8');
        return words.every((word) => line.includes(word));
      } catch {
        return false;
      }
    })
    .map(Number);
}
const statusOf = (pid: number, field: string): string =>
  new RegExp(`^${field}:\\s*(\\S+)`, 'm').exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? '';
/** One that ended and that nobody has heard of yet is none any more. */
const runs = (pid: number): boolean => existsSync(`/proc/${pid}`) && statusOf(pid, 'State') !== 'Z';
const childrenOf = (parent: number, ...words: readonly string[]): readonly number[] =>
  all(...words).filter((pid) => statusOf(pid, 'PPid') === String(parent));
const starter = (): number => childrenOf(npm?.pid ?? 0, 'start.mjs')[0] ?? 0;
const server = (): number => childrenOf(starter(), 'dist/main.js')[0] ?? 0;
const database = (): number => childrenOf(starter(), `--datadir=${data}`)[0] ?? 0;

test('starts with one command; nobody else can look into its folder, and the server is no root', async () => {
  npm = start();
  await ready();
  expect(await answers()).toBe(true);
  expect(await jobs()).toHaveLength(5);
  for (const path of ['data', 'tmp', 'secret'].map((name) => join(data, name)))
    expect(statSync(path).mode & 0o077).toBe(0);
  if (process.getuid?.() === 0 && !text.includes('The server runs as root'))
    expect(statusOf(server(), 'Uid')).not.toBe('0');
});

test('a second one on the same database ends with a sentence', async () => {
  const env = { ...process.env, PORT: String(await freePort()), ZABBLE_DATA: data };
  const second = spawn('npm', ['start'], { cwd: ROOT, env, stdio: ['ignore', 'ignore', 'pipe'] });
  let says = '';
  second.stderr.on('data', (chunk: Buffer) => (says += chunk.toString()));
  const [code] = (await once(second, 'exit')) as [number];
  expect([code, says]).toEqual([1, expect.stringContaining('Zabble already runs on this database')]);
});

test('a server that is killed is started again, and so is a database; nothing kept is lost', async () => {
  const document = JSON.parse(readFileSync(join(ROOT, 'examples/flag-chest.json'), 'utf8')) as object;
  await fetch(`http://127.0.0.1:${port}/api/jobs`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ document: { ...document, name: 'Kept through it all' } }),
  });
  const kept = await jobs();
  expect(kept).toContain('Kept through it all');

  const first = server();
  process.kill(first, 'SIGKILL');
  await said('The server ended unexpectedly; it is started again in 1 s.');
  await expect.poll(answers, { timeout: 20_000 }).toBe(true);
  expect(server()).not.toBe(first);

  process.kill(database(), 'SIGKILL');
  await said('The database ended unexpectedly');
  await expect.poll(answers, { timeout: 30_000 }).toBe(true);
  expect(await jobs()).toEqual(kept);
});

test('whoever started it killed: the server does not stay behind, and a database left behind is ended with a sentence', async () => {
  const kept = await jobs();
  const [left, gone] = [database(), server()];
  process.kill(starter(), 'SIGKILL');
  await expect.poll(() => runs(gone), { timeout: 15_000 }).toBe(false);
  expect(runs(left)).toBe(true);
  npm = start();
  await ready();
  expect(text).toContain('A database that an earlier start left behind is ended first.');
  expect(runs(left)).toBe(false);
  expect(await jobs()).toEqual(kept);
});

test('npm killed: what it started ends by itself', async () => {
  const here = [starter(), server(), database()];
  process.kill(npm?.pid ?? 0, 'SIGKILL');
  await expect.poll(() => here.filter(runs), { timeout: 25_000 }).toEqual([]);
});

test('told to end, it ends with everything it started, and says it went well', async () => {
  npm = start();
  await ready();
  expect(text).not.toContain('left behind');
  const here = [starter(), server(), database()];
  expect(await stop()).toBe(0);
  expect(here.filter(runs)).toEqual([]);
});
