import { expect, test as base, type BrowserContext, type CDPSession, type Locator, type Page } from '@playwright/test';
import { ZabbleServer } from '../scripts/lib/zabble-server.mjs';
import { begunDatabase } from './database';

/** A Zabble of the test's own: the built application on a new database with the demo jobs. */
export interface Zabble {
  readonly url: string;
  readonly server: ZabbleServer;
}

const CONTEXT = {
  viewport: { width: 1280, height: 800 },
  colorScheme: 'light',
  locale: 'en-GB',
  reducedMotion: 'reduce',
  serviceWorkers: 'block',
} as const;

/** What of a device a story finds bare. */
const KEPT = 'cookies,indexeddb,local_storage,cache_storage,service_workers';

export const test = base.extend<object, { zabble: Zabble; device: BrowserContext; keeper: CDPSession }>({
  zabble: [
    async ({}, use, { workerIndex }) => {
      const database = await begunDatabase(`file_${workerIndex}`);
      const server = new ZabbleServer(database.url);
      const url = await server.start();
      await use({ url, server });
      await server.stop();
      await database.end();
    },
    { scope: 'worker', timeout: 60_000 },
  ],
  baseURL: async ({ zabble }, use) => use(zabble.url),
  // One for all stories of a file, so the application is fetched and compiled once.
  device: [
    async ({ browser, zabble }, use) => {
      const context = await browser.newContext({ ...CONTEXT, baseURL: zabble.url });
      await use(context);
      await context.close();
    },
    { scope: 'worker' },
  ],
  // Of a page that stays: what a story left on the device is taken away without another.
  keeper: [
    async ({ device }, use) => {
      await use(await device.newCDPSession(await device.newPage()));
    },
    { scope: 'worker' },
  ],
  page: async ({ browser, device, keeper, zabble, serviceWorkers }, use) => {
    if (serviceWorkers === 'allow') {
      const own = await browser.newContext();
      await use(await own.newPage());
      await own.close();
      return;
    }
    const page = await device.newPage();
    await use(page);
    await page.close();
    await keeper.send('Storage.clearDataForOrigin', { origin: zabble.url, storageTypes: KEPT });
  },
});

export { expect } from '@playwright/test';
export { soundAccess } from './access';

/** Opens a job by its address at a step; by its link in the list it is opened in stories of the list. */
export async function openJob(page: Page, name: string, step = 'Measure'): Promise<void> {
  await page.goto(`/jobs/${await idOf(page, name)}/${step.toLowerCase()}`);
  await at(page, step);
  if (step === 'Measure') await page.getByRole('heading', { name: 'Width', exact: true }).waitFor();
}

/** Of a job by its name, as soon as it is found. */
async function idOf(page: Page, name: string): Promise<string> {
  let id: string | undefined;
  await expect(async () => {
    // Not kept for later requests of the story: a server lets go of what is idle, whoever is about to ask again.
    const answer = await page.request.get('/api/jobs', { headers: { connection: 'close' } });
    const { items } = (await answer.json()) as JobsFound;
    id = items.find((each) => each.name === name)?.id;
    expect(id, `a job named ${name}`).toBeDefined();
  }).toPass();
  return id ?? '';
}

interface JobsFound {
  readonly items: readonly { readonly id: string; readonly name: string }[];
}

/** Goes to a step of the work by its tab. */
export async function goTo(page: Page, step: string): Promise<void> {
  const steps = page.getByRole('navigation', { name: 'Steps of the work' });
  await steps.getByRole('link', { name: new RegExp(`^${step}`) }).click();
  await at(page, step);
}

function at(page: Page, step: string): Promise<void> {
  return page.locator(`z-${step.toLowerCase()}-step`).waitFor();
}

/** Opens the line of findings of the step. */
export async function openFindings(page: Page): Promise<void> {
  const line = page.getByRole('region', { name: 'Findings of this step' }).locator('> button');
  await line.waitFor();
  if ((await line.getAttribute('aria-expanded')) === 'false') await line.click();
}

/** A new job by a way of building, opened at its opening. */
export async function beginJob(page: Page, way: string, unit: 'Inches' | 'Millimetres' = 'Inches'): Promise<void> {
  await page.goto('/jobs');
  await page.getByRole('button', { name: 'New job' }).click();
  const sheet = page.getByRole('dialog', { name: 'A new job' });
  await sheet.getByRole('button', { name: unit, exact: true }).click();
  await sheet.getByRole('button', { name: way, exact: true }).click();
  await sheet.getByRole('button', { name: 'Begin this job' }).click();
  await page.getByRole('heading', { name: 'Width', exact: true }).waitFor();
}

/** Leaves the field that is written in, and waits until the newest edits are on the server. */
export async function kept(page: Page): Promise<void> {
  // The mark is drawn a frame after the edit: before that it still speaks of the state before.
  await page.evaluate(async () => {
    (document.activeElement as HTMLElement | null)?.blur();
    for (let frame = 0; frame < 2; frame += 1) await new Promise((done) => requestAnimationFrame(done));
  });
  await page.getByTestId('save-mark').getByText('On the server').waitFor();
}

/** Nothing is wider than the screen, at any of these widths. */
export async function noWider(page: Page, where: string, widths: readonly number[]): Promise<void> {
  const before = page.viewportSize() ?? { width: 1280, height: 800 };
  for (const width of widths) {
    await page.setViewportSize({ width, height: 900 });
    const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
    expect(over, `${where} at ${width} is wider than the screen`).toBeLessThanOrEqual(0);
  }
  await page.setViewportSize(before);
}

/** A number of the plan by what it is: its name ends with how much. */
export function figureButton(page: Page, label: string): Locator {
  return page.getByRole('button', { name: new RegExp(`^${label}, `) });
}

/** A number of the plan, as its text reads: `23 7/8`. */
export async function figure(page: Page, label: string): Promise<string> {
  const button = figureButton(page, label);
  // A step that was just gone to is still on its way.
  await button
    .locator('z-size > span')
    .first()
    .waitFor()
    .catch(() => undefined);
  const parts = await button.locator('z-size > span').allInnerTexts();
  return parts.map((part) => part.trim()).join(' ');
}

/** The smallest picture there is. */
export const PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

export async function photograph(page: Page, name: string, mimeType: string, buffer: Buffer): Promise<void> {
  await page.locator('input[type=file][accept*="image"]').setInputFiles({ name, mimeType, buffer });
}
