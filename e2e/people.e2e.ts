import { execFile } from 'node:child_process';
import { once } from 'node:events';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { request } from 'node:http';
import { createServer } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import type { Browser, Page } from '@playwright/test';
import { Secret, TOTP } from 'otpauth';
import { selfSigned } from '../scripts/lib/certificate.mjs';
import { ZabbleServer } from '../scripts/lib/zabble-server.mjs';
import { ownDatabase } from './database';
import { expect, goTo, kept, noWider, soundAccess, test as base } from './app';

const SHARE = join(import.meta.dirname, '../apps/server/dist/share.js');
const PASSWORD = 'sail cloth and wax';
const VIEW = { viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce', serviceWorkers: 'block' } as const;

interface SharedZabble {
  readonly url: string;
  readonly databaseUrl: string;
  /** The link its first owner is invited by. */
  readonly owner: string;
}

/** A Zabble people sign in to, its own shop shared. */
const test = base.extend<object, { shared: SharedZabble }>({
  shared: [
    async ({}, use, { workerIndex }) => {
      const database = await ownDatabase(`shared_${workerIndex}`);
      const server = new ZabbleServer(database.url, { ZABBLE_MODE: 'shared' });
      const url = await server.start();
      const { stdout } = await promisify(execFile)(process.execPath, [SHARE, 'runa@loft.example', 'Skerry Point'], {
        env: { ...process.env, DATABASE_URL: database.url, PORT: new URL(url).port },
      });
      await use({ url, databaseUrl: database.url, owner: /http\S+#\S+/.exec(stdout)?.[0] ?? '' });
      await server.stop();
      await database.end();
    },
    { scope: 'worker', timeout: 60_000 },
  ],
});
test.describe.configure({ mode: 'serial' });

/** What stands before a server on a machine others reach: it speaks TLS, and passes on what is asked for by whom. */
async function tlsProxy(folder: string) {
  const { cert, key } = await selfSigned(folder);
  let behind = new URL('http://127.0.0.1');
  const proxy = createServer({ cert: await readFile(cert), key: await readFile(key) }, (asked, answer) => {
    const headers = { ...asked.headers, 'x-forwarded-for': asked.socket.remoteAddress, 'x-forwarded-proto': 'https' };
    const { method, url: path } = asked;
    const passed = request({ host: behind.hostname, port: behind.port, method, path, headers }, (told) => {
      answer.writeHead(told.statusCode ?? 502, told.headers);
      told.pipe(answer);
    });
    passed.once('error', () => answer.destroy());
    asked.pipe(passed);
  });
  proxy.listen(0, '127.0.0.1');
  await once(proxy, 'listening');
  return {
    url: `https://localhost:${(proxy.address() as AddressInfo).port}`,
    to: (url: string) => (behind = new URL(url)),
    end: () => {
      proxy.closeAllConnections();
      proxy.close();
    },
  };
}

const deviceOf = async (browser: Browser): Promise<Page> => (await browser.newContext(VIEW)).newPage();

async function takeInvitation(page: Page, link: string, name: string): Promise<void> {
  await page.goto(link);
  await page.getByLabel(/^Your name/).fill(name);
  await page.getByLabel(/^A password of ten letters/).fill(PASSWORD);
  await page.getByRole('button', { name: 'Join' }).click();
  await expect(page.getByRole('heading', { name: 'Jobs', exact: true })).toBeVisible();
}

async function signIn(page: Page, email: string, password = PASSWORD): Promise<void> {
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
}

/** The owner’s page, and the page of somebody they invited. */
let [owner, helper] = [] as unknown as [Page, Page];

test('a shop is shared: its owner comes by the link, says who else belongs to it, and as what', async ({
  browser,
  shared,
}) => {
  owner = await deviceOf(browser);
  await owner.goto(shared.url);
  await expect(owner.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await soundAccess(owner, 'signing in');
  await noWider(owner, 'signing in', [390]);
  await owner.goto(shared.owner);
  await expect(owner.getByText('To Skerry Point, as runa@loft.example.')).toBeVisible();
  await soundAccess(owner, 'invited');
  await owner.getByLabel(/^Your name/).fill('Runa');
  await owner.getByLabel(/^A password of ten letters/).fill('password12');
  await owner.getByRole('button', { name: 'Join' }).click();
  await expect(owner.getByRole('alert')).toHaveText(/everybody tries first/);
  await owner.getByLabel(/^A password of ten letters/).fill(PASSWORD);
  await owner.getByRole('button', { name: 'Join' }).click();
  await expect(owner.getByRole('link', { name: 'Runa' })).toBeVisible();
  // The secret stays in no history.
  await owner.goBack();
  expect(owner.url()).not.toContain('#');
  await owner.goto(`${shared.url}/shop`);
  await owner.getByRole('tab', { name: 'People' }).click();
  await owner.getByLabel('E-mail').fill('oli@loft.example');
  await owner.getByLabel(/^As/).selectOption({ label: 'helper' });
  await owner.getByRole('button', { name: 'Invite', exact: true }).click();
  const link = await owner.getByTestId('invitation-link').innerText();
  await soundAccess(owner, 'people');
  await noWider(owner, 'people', [768, 390]);
  helper = await deviceOf(browser);
  await takeInvitation(helper, link, 'Oli');
  await expect(helper.getByText(/You are a helper in this shop/)).toBeVisible();
  // Used up.
  const late = await deviceOf(browser);
  await late.goto(link);
  await expect(late.getByRole('alert')).toHaveText(/good no more/);
  await late.context().close();
});

test('a helper writes to the record; what is not theirs to change is shown, and is not begun', async ({ shared }) => {
  await expect(helper.getByRole('button', { name: 'New job' })).toHaveCount(0);
  await expect(helper.getByRole('button', { name: 'Delete Flag chest' })).toHaveCount(0);
  await helper.getByRole('link', { name: 'Flag chest', exact: true }).click();
  await helper.getByRole('heading', { name: 'Width', exact: true }).waitFor();
  await expect(helper.getByLabel('Width, reading 1')).not.toBeEditable();
  await expect(helper.getByLabel('Job name')).not.toBeEditable();
  await soundAccess(helper, 'a job that is looked at');
  await helper.getByRole('button', { name: 'Add diagonals' }).click();
  await expect(helper.getByRole('status').filter({ hasText: 'Nothing was changed: plans' })).toBeVisible();
  await helper.keyboard.press('a');
  await helper.getByRole('combobox', { name: 'What do you want to do?' }).fill('delete');
  await helper.getByRole('combobox', { name: 'What do you want to do?' }).press('Enter');
  await expect(helper.getByLabel('Width, reading 1')).toBeVisible();
  await goTo(helper, 'Boxes');
  await expect(helper.getByLabel('Corners', { exact: true }).first()).toBeDisabled();
  await goTo(helper, 'Fit');
  await helper.getByRole('tab', { name: 'Record' }).click();
  await helper.getByRole('button', { name: 'Time' }).click();
  await helper.getByLabel('Minutes').fill('45');
  await helper.getByRole('button', { name: 'Write it down' }).click();
  await expect(helper.getByRole('region', { name: 'The record of this job' })).toContainText('45 minutes');
  await kept(helper);
  await helper.goto(`${shared.url}/shop`);
  await expect(helper.getByRole('tab', { name: 'Prices' })).toBeVisible();
  await expect(helper.getByRole('tab', { name: 'People' })).toHaveCount(0);
});

test('signed out elsewhere: the page says so, keeps what was done for that person alone, and goes on', async ({
  shared,
}) => {
  await owner.goto(`${shared.url}/shop`);
  await owner.getByRole('tab', { name: 'People' }).click();
  await owner.getByRole('button', { name: 'Oli leaves the shop' }).click();
  await expect(owner.getByRole('button', { name: 'Oli leaves the shop' })).toHaveCount(0);
  await helper.goto(`${shared.url}/jobs`);
  await expect(helper.getByText('You belong to no shop (any more)')).toBeVisible();
  await owner.getByRole('tab', { name: 'What was done' }).click();
  await expect(owner.getByText('Runa sent away Oli')).toBeVisible();
  await expect(owner.getByText('Oli joined the shop')).toBeVisible();
  await soundAccess(owner, 'what was done');
  await noWider(owner, 'what was done', [390]);
  await helper.getByRole('button', { name: 'Sign out' }).click();
  await expect(helper.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await helper.context().close();
});

test('all of the shop goes out as one file; deleted, it is brought back', async ({ shared }) => {
  await owner.goto(`${shared.url}/shop`);
  await owner.getByRole('tab', { name: 'People' }).click();
  const saved = owner.waitForEvent('download');
  await owner.getByRole('link', { name: 'Take it out' }).click();
  const file = await saved;
  expect(file.suggestedFilename()).toBe('skerry-point.zabble-shop.gz');
  await owner.getByLabel('Bring one in').setInputFiles(await file.path());
  await expect(owner.getByRole('alert')).toHaveText(/There are jobs in this shop already/);
  await owner.getByLabel('Your password').fill(PASSWORD);
  await owner.getByRole('button', { name: 'Delete the shop' }).click();
  await expect(owner.getByText('The shop this device looks at is deleted. It is erased in 30 days.')).toBeVisible();
  await soundAccess(owner, 'a deleted shop');
  await owner.getByRole('button', { name: 'Bring it back' }).click();
  await expect(owner.getByRole('link', { name: 'Flag chest', exact: true })).toBeVisible();
});

test('behind a proxy with TLS people sign in and work as before, at its address alone', async ({ browser, shared }) => {
  const folder = await mkdtemp(join(tmpdir(), 'zabble-proxy-'));
  const proxy = await tlsProxy(folder);
  const server = new ZabbleServer(shared.databaseUrl, {
    ZABBLE_MODE: 'shared',
    ZABBLE_ADDRESS: proxy.url,
    PROXIES: 'loopback',
  });
  proxy.to(await server.start());
  const context = await browser.newContext({ ...VIEW, ignoreHTTPSErrors: true });
  const page = await context.newPage();
  await page.goto(proxy.url);
  await signIn(page, 'runa@loft.example');
  await page.getByRole('link', { name: 'Flag chest', exact: true }).click();
  await page.getByLabel('Job name').fill('Flag chest, second');
  await page.getByLabel('Job name').blur();
  await kept(page);
  const [session] = (await context.cookies()).filter(({ name }) => name.startsWith('__Host-'));
  expect(session).toMatchObject({ secure: true, httpOnly: true, sameSite: 'Strict' });
  const asked = (headers: Record<string, string>) => page.request.get(`${proxy.url}/api/jobs`, { headers });
  expect((await asked({ host: 'elsewhere.example' })).status()).toBeGreaterThanOrEqual(400);
  await page.request
    .delete(`${proxy.url}/api/session`, { headers: { origin: 'https://elsewhere.example', 'x-zabble': '1' } })
    .then((answer) => expect(answer.status()).toBe(403));
  expect((await asked({})).status()).toBe(200);
  await context.close();
  await server.stop();
  proxy.end();
  await rm(folder, { recursive: true });
});

test('a second factor, and a new password by the link of the mailbox', async ({ browser, shared }) => {
  await owner.goto(`${shared.url}/account`);
  await owner.getByLabel('Your password').fill(PASSWORD);
  await owner.getByRole('button', { name: 'Put a second factor on' }).click();
  const totp = new TOTP({ secret: Secret.fromBase32(await owner.getByTestId('factor-secret').innerText()) });
  await soundAccess(owner, 'a second factor');
  await owner.getByLabel('The code it shows now').fill(totp.generate());
  await owner.getByRole('button', { name: 'Put it on' }).click();
  const codes = (await owner.getByTestId('recovery-codes').innerText()).split('\n');
  expect(codes).toHaveLength(10);
  await soundAccess(owner, 'an account');
  await noWider(owner, 'an account', [768, 390]);

  const other = await deviceOf(browser);
  await other.goto(`${shared.url}/weeks`);
  await other.getByRole('link', { name: 'The password is forgotten' }).click();
  await other.getByLabel(/^Your e-mail/).fill('runa@loft.example');
  await other.getByRole('button', { name: 'Send the link' }).click();
  await expect(other.getByRole('status')).toContainText('If that is the e-mail of somebody here');
  await expect(async () => {
    await other.goto(`${shared.url}/mailbox`);
    await expect(other.getByRole('heading', { name: 'A new password for Zabble' })).toBeVisible();
  }).toPass();
  await soundAccess(other, 'the mailbox');
  await other.getByRole('link').first().click();
  await other.getByLabel(/^The new password/).fill('mast and boom');
  await other.getByRole('button', { name: 'Change it' }).click();
  await other.getByRole('link', { name: 'Sign in' }).click();
  await signIn(other, 'runa@loft.example');
  await expect(other.getByRole('alert')).toHaveText(/E-mail, password or code is not right/);
  await signIn(other, 'runa@loft.example', 'mast and boom');
  await other.getByLabel(/^The code your second factor shows/).fill(codes[0] ?? '');
  await other.getByRole('button', { name: 'Sign in' }).click();
  await expect(other.getByRole('heading', { name: 'Jobs', exact: true })).toBeVisible();
  await other.context().close();
  // Whoever was signed in with the old one is out.
  await owner.goto(`${shared.url}/jobs`);
  await expect(owner.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await owner.context().close();
});
