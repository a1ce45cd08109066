import { test as base, type Locator, type Page } from '@playwright/test';
import { throwawayDatabase } from '../scripts/lib/throwaway.mjs';
import { ZabbleServer } from '../scripts/lib/zabble-server.mjs';

/** A Zabble of the test's own: the built application on a new database with the demo jobs. */
export interface Zabble {
  readonly url: string;
  readonly server: ZabbleServer;
}

export const test = base.extend<object, { zabble: Zabble }>({
  zabble: [
    async ({}, use) => {
      const database = await throwawayDatabase();
      const server = new ZabbleServer(database.url);
      const url = await server.start();
      await use({ url, server });
      await server.stop();
      await database.end();
    },
    { scope: 'worker', timeout: 60_000 },
  ],
  baseURL: async ({ zabble }, use) => use(zabble.url),
});

export { expect } from '@playwright/test';

/** Opens a job of the list by its name. */
export async function openJob(page: Page, name: string): Promise<void> {
  await page.goto('/jobs');
  await page.getByRole('link', { name, exact: true }).click();
  await page.getByRole('heading', { name: 'Width', exact: true }).waitFor();
}

/** Goes to a step of the work by its tab. */
export async function goTo(page: Page, step: string): Promise<void> {
  const steps = page.getByRole('navigation', { name: 'Steps of the work' });
  await steps.getByRole('link', { name: new RegExp(`^${step}`) }).click();
  await page.locator(`z-${step.toLowerCase()}-step`).waitFor();
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

/** A number of the plan by what it is: its name ends with how much. */
export function figureButton(page: Page, label: string): Locator {
  return page.getByRole('button', { name: new RegExp(`^${label}, `) });
}

/** A number of the plan, as its text reads: `23 7/8`. */
export async function figure(page: Page, label: string): Promise<string> {
  const button = figureButton(page, label);
  const parts = await button.locator('z-size > span').allInnerTexts();
  return parts.map((part) => part.trim()).join(' ');
}
