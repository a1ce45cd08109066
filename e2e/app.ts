import { expect, test as base, type Locator, type Page } from '@playwright/test';
import { Device } from './device';
import { Place, type Zabble } from './place';

interface OfWorker {
  /** Whose a device is: of all stories, or of a file that changes what a page can’t change back. */
  readonly deviceOf: string;
  readonly place: Place;
  readonly device: Device;
}

interface OfStory {
  /** Whether a story is on a device of its own: one that changes what the page of another would be. */
  readonly apart: boolean;
  /** Whether the server of a file is its own: one that changes what a server keeps for itself, or asks for it. */
  readonly alone: boolean;
  readonly zabble: Zabble;
}

export const test = base.extend<OfStory, OfWorker>({
  deviceOf: ['all', { option: true, scope: 'worker' }],
  place: [
    async ({}, use, { workerIndex }) => {
      const place = await Place.called(`worker_${workerIndex}`);
      await use(place);
      await place.end();
    },
    { scope: 'worker', timeout: 60_000 },
  ],
  device: [
    async ({ browser, place, deviceOf: _ }, use) => {
      const device = await Device.of(browser, place.url);
      await use(device);
      await device.end();
    },
    { scope: 'worker' },
  ],
  apart: [false, { option: true }],
  alone: [false, { option: true }],
  zabble: [async ({ place, alone }, use, { file }) => use(await place.of(file, alone)), { timeout: 60_000 }],
  baseURL: async ({ zabble }, use) => use(zabble.url),
  page: async ({ browser, device, zabble: _, apart, serviceWorkers }, use) => {
    if (apart || serviceWorkers === 'allow') {
      const own = await browser.newContext();
      await use(await own.newPage());
      await own.close();
      return;
    }
    await use(await device.page());
    await device.bare();
  },
});

export { expect } from '@playwright/test';
export { soundAccess } from './access';
export type { Zabble } from './place';

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
