import { hostname } from 'node:os';
import { browserProgram } from '../scripts/lib/browser.mjs';
import { chromium, type Browser, type Page } from '@playwright/test';
import { expect, kept, noWider, photograph, PIXEL, soundAccess, test, type Zabble } from './app';

test.describe.configure({ mode: 'serial' });
// The network is let in to a server, not to what is kept.
test.use({ alone: true });

/** By its own name, as another machine of the network calls this one: nothing a browser keeps for secure pages is there. */
const CALLED = `${hostname().toLowerCase()}`;

let phones: Browser;
test.beforeAll(async () => {
  const args = ['--no-sandbox', '--disable-dev-shm-usage', `--host-resolver-rules=MAP ${CALLED} 127.0.0.1`];
  phones = await chromium.launch({ executablePath: browserProgram(), args });
});
test.afterAll(() => phones.close());

/** A phone of its own, at the door for the network. */
async function phone(): Promise<Page> {
  const context = await phones.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  return context.newPage();
}

const doorOf = ({ server }: Zabble): string => `http://${CALLED}:${server.networkPort}`;

async function letIn(page: Page, zabble: Zabble): Promise<Page> {
  await page.goto('/phones');
  await page.getByRole('button', { name: 'Show a code' }).click();
  const code = await page.getByTestId('let-in-code').innerText();
  const other = await phone();
  await other.goto(`${doorOf(zabble)}/jobs`);
  await expect(other.getByRole('heading', { name: 'This device is not let in yet' })).toBeVisible();
  await other.getByLabel('The six digits of the code').fill(code);
  await other.getByLabel('What to call this device').fill('Phone at the saw');
  await other.getByRole('button', { name: 'Let this device in' }).click();
  await expect(other.getByRole('heading', { name: 'Jobs', exact: true })).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: 'Phone at the saw is let in.' })).toBeVisible();
  return other;
}

test('the network is let in, a phone by its code; a wrong code lets nobody in', async ({ page, zabble }) => {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Phones and tablets' }).click();
  await expect(page.getByText('Only this machine reaches Zabble now.')).toBeVisible();
  await soundAccess(page, 'closed');
  await page.getByRole('button', { name: 'Let the network in' }).click();
  await expect(page.getByRole('heading', { name: 'Where it is reached' })).toBeVisible();

  const other = await phone();
  await other.goto(`${doorOf(zabble)}/jobs`);
  await other.getByLabel('The six digits of the code').fill('123 456');
  await other.getByRole('button', { name: 'Let this device in' }).click();
  await expect(other.getByRole('alert')).toContainText('That code lets nobody in');
  await soundAccess(other, 'not let in');
  await noWider(other, 'not let in', [390]);
  await letIn(page, zabble);
  await page.getByRole('button', { name: 'Show a code' }).click();
  await soundAccess(page, 'a code');
  await noWider(page, 'a code', [768, 390]);
});

test('a phone over plain HTTP, without what only secure pages have, measures a case; the page at the machine hears', async ({
  page,
  zabble,
}) => {
  const other = await letIn(page, zabble);
  expect(
    await other.evaluate(() => [
      isSecureContext,
      'serviceWorker' in navigator,
      'randomUUID' in crypto,
      'mediaDevices' in navigator,
    ]),
  ).toEqual([false, false, false, false]);
  const wrong: string[] = [];
  other.on('pageerror', (problem) => wrong.push(problem.message));
  await other.getByRole('link', { name: 'Flag chest', exact: true }).click();
  await other.getByLabel('Width, reading 1').fill('871');
  await kept(other);
  // A photograph is taken by the phone's own camera, through a field for files.
  await other.getByRole('link', { name: /^Fit/ }).click();
  await other.getByRole('tab', { name: 'Record' }).click();
  await other.getByRole('button', { name: 'A photograph' }).click();
  await photograph(other, 'front.png', 'image/png', PIXEL);
  await expect(other.getByRole('region', { name: 'The record of this job' }).getByRole('img')).toBeVisible();
  await other.getByRole('link', { name: 'Zabble, all jobs' }).click();
  await other.getByRole('button', { name: 'Duplicate Flag chest' }).click();
  await expect(other.getByLabel('Job name')).toHaveValue('Flag chest, again');
  expect(wrong).toEqual([]);
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Flag chest', exact: true }).click();
  await expect(page.getByLabel('Width, reading 1')).toHaveValue('871');
});

test('the codes on labels lead to where phones reach it', async ({ page, zabble }) => {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Notions bank', exact: true }).click();
  await page.getByRole('link', { name: 'Print', exact: true }).click();
  const [sent] = await Promise.all([
    page.waitForRequest((request) => request.url().endsWith('/labels.pdf')),
    page.getByRole('button', { name: /^Labels/ }).click(),
  ]);
  const { address } = (await (await page.request.get(`${zabble.url}/api/network`)).json()) as { address: string };
  expect((sent.postDataJSON() as { address: string }).address).toBe(address);
  await expect(page.getByText(`The code on a label opens its part at ${address}.`)).toBeVisible();
});

test('a phone that is sent away is told so, and loses nothing of what it was doing', async ({ page, zabble }) => {
  const other = await letIn(page, zabble);
  await other.getByRole('link', { name: 'Flag chest', exact: true }).click();
  await other.getByLabel('Width, reading 1').waitFor();
  const away = page.getByRole('button', { name: 'Send it away: Phone at the saw' });
  await expect(away.first()).toBeVisible();
  for (let left = await away.count(); left > 0; left -= 1) {
    await away.first().click();
    await expect(away).toHaveCount(left - 1);
  }
  await other.getByLabel('Width, reading 1').fill('869');
  const told = other.getByRole('alert').filter({ hasText: 'This device is not let in (any more).' });
  await expect(told).toBeVisible();

  await page.getByRole('button', { name: 'Show a code' }).click();
  const code = await page.getByTestId('let-in-code').innerText();
  await told.getByRole('link', { name: 'Say its code' }).click();
  await other.getByLabel('The six digits of the code').fill(code);
  await other.getByRole('button', { name: 'Let this device in' }).click();
  await expect(other.getByLabel('Width, reading 1')).toHaveValue('869');
  await kept(other);
});

test('closed again, the network reaches nothing', async ({ page, zabble }) => {
  await page.goto('/phones');
  await page.getByRole('button', { name: 'Close it to the network' }).click();
  await expect(page.getByText('Only this machine reaches Zabble now.')).toBeVisible();
  const other = await phone();
  await expect(other.goto(doorOf(zabble))).rejects.toThrow('ERR_CONNECTION_REFUSED');
});
