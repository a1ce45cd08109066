import { join } from 'node:path';
import { withApplication } from './lib/application.mjs';
import { ROOT } from './lib/paths.mjs';
import { main, say } from './lib/say.mjs';

/** One picture of each main view, from the demo data alone. */
const VIEWS = [
  { name: 'jobs' },
  { name: 'measure', job: 'Notions bank', step: 'measure', ask: 'Width that governs' },
  { name: 'divide', job: 'Notions bank', step: 'divide', ask: 'Front height of drawer 6' },
  { name: 'boxes', job: 'Notions bank', step: 'boxes', ask: 'Width of box 2' },
  { name: 'slides', job: 'Notions bank', step: 'slides', to: 'z-slide-compare' },
  { name: 'alternatives', job: 'Notions bank', step: 'divide', press: ['Other ways to divide it'], to: 'z-other-ways' },
  { name: 'section', job: 'Flag chest', step: 'boxes', to: 'z-section-drawing' },
  { name: 'fronts', job: 'Flag chest', step: 'fronts', press: ['From the top edge'], to: 'z-pulls' },
  { name: 'cut', job: 'Flag chest', step: 'cut' },
  { name: 'divide-dim', job: 'Rope bench', step: 'divide', theme: 'dim', ask: 'Clear height of drawer 3' },
  { name: 'measure-phone', job: 'Notions bank', step: 'measure', width: 390, height: 844 },
];

await main(() =>
  withApplication(async (browser, url) => {
    for (const view of VIEWS) await picture(browser, url, view);
  }),
);

async function picture(browser, url, { name, job, step, ask, press = [], to, ...look }) {
  const { theme = 'light', width = 1280, height = 800 } = look;
  const context = await browser.newContext({ viewport: { width, height }, locale: 'en-GB', reducedMotion: 'reduce' });
  const page = await context.newPage();
  await page.addInitScript((chosen) => localStorage.setItem('zabble.theme', chosen), theme);
  await page.goto(`${url}/jobs`);
  await page.getByRole('heading', { name: job ?? 'Jobs', exact: true }).waitFor();
  if (job) {
    await page.getByRole('link', { name: job, exact: true }).click();
    await page.waitForURL(/measure$/);
    await page.getByRole('link', { name: new RegExp(`^${step}`, 'i') }).click();
    await page.locator(`z-${step}-step`).waitFor();
  }
  for (const button of press) await page.getByRole('button', { name: button, exact: true }).click();
  if (to) await page.locator(to).evaluate((part) => part.scrollIntoView({ block: 'start' }));
  if (ask) await page.getByRole('button', { name: new RegExp(`^${ask}, `) }).click();
  await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(300);
  await page.screenshot({ path: join(ROOT, 'docs/screenshots', `${name}.png`) });
  await context.close();
  say(`docs/screenshots/${name}.png`);
}
