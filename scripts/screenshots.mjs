import { join } from 'node:path';
import { withApplication } from './lib/application.mjs';
import { ROOT } from './lib/paths.mjs';
import { main, say } from './lib/say.mjs';

/** One picture of each main view, from the demo data alone. */
const VIEWS = [
  { name: 'jobs' },
  { name: 'buying', buying: ['Flag chest', 'Signal locker'] },
  { name: 'today', page: 'today', settle: true },
  { name: 'weeks', page: 'weeks', settle: true },
  {
    name: 'case',
    job: 'Signal locker',
    step: 'case',
    press: [/^Compartment charts/],
    unfold: 'Hinges',
    to: 'z-hinge-pick',
  },
  { name: 'price', job: 'Splicing bench', step: 'price' },
  { name: 'measure', job: 'Notions bank', step: 'measure', ask: 'Width that governs' },
  { name: 'divide', job: 'Notions bank', step: 'divide', ask: 'Front height of drawer 6' },
  { name: 'boxes', job: 'Notions bank', step: 'boxes', ask: 'Width of box 2' },
  { name: 'slides', job: 'Notions bank', step: 'slides', to: 'z-slide-compare' },
  { name: 'fronts', job: 'Flag chest', step: 'fronts', press: ['From the top edge'], to: 'z-pulls' },
  { name: 'print', job: 'Notions bank', paper: 'Bench card' },
  {
    name: 'cut',
    job: 'Notions bank',
    step: 'cut',
    settle: true,
    press: ['First cut', 'Ahead to the cut after', 'Ahead to the cut after'],
  },
  { name: 'cut-sheets', job: 'Rope bench', step: 'cut', tab: 'Sheets', press: ['All, to buy by'], settle: true },
  {
    name: 'fit',
    job: 'Notions bank',
    step: 'fit',
    keys: ['ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight'],
  },
  { name: 'record', record: true },
  { name: 'room-dim', job: 'Splicing bench', step: 'case', theme: 'dim', press: ['In the room'], to: 'z-room-card' },
  {
    name: 'solid',
    job: 'Splicing bench',
    step: 'case',
    press: ['Solid', 'Larger', 'Drawer 1 of Fids and palms', 'Drawer 2 of Canvas', 'Door “o1”'],
    drawn: true,
  },
  { name: 'measure-phone', job: 'Notions bank', step: 'measure', width: 390, height: 844 },
];

await main(() =>
  withApplication(async (browser, url) => {
    // All of them, or those that are named.
    const named = process.argv.slice(2);
    for (const view of VIEWS) if (named.length === 0 || named.includes(view.name)) await picture(browser, url, view);
  }),
);

async function picture(
  browser,
  url,
  {
    name,
    job,
    step,
    ask,
    press = [],
    unfold,
    to,
    key,
    write,
    laser = 0,
    tab,
    settle,
    paper,
    page: place,
    record,
    buying,
    keys = [],
    drawn,
    ...look
  },
) {
  const { theme = 'light', width = 1280, height = 800 } = look;
  const colorScheme = theme === 'dim' ? 'dark' : 'light';
  const context = await browser.newContext({
    viewport: { width, height },
    locale: 'en-GB',
    reducedMotion: 'reduce',
    colorScheme,
  });
  const page = await context.newPage();
  await page.goto(`${url}/jobs`);
  await page.getByRole('heading', { name: job ?? 'Jobs', exact: true }).waitFor();
  if (job && paper) {
    await page.getByRole('link', { name: job, exact: true }).click();
    await page.getByRole('link', { name: 'Print', exact: true }).click();
    await page.getByRole('button', { name: paper }).click();
    await page.getByRole('button', { name: 'Save the PDF' }).waitFor();
    await page.waitForTimeout(2500);
  } else if (job) {
    await page.getByRole('link', { name: job, exact: true }).click();
    await page.waitForURL(/measure$/);
    await page.getByRole('link', { name: new RegExp(`^${step}`, 'i') }).click();
    await page.locator(`z-${step}-step`).waitFor();
  }
  if (buying) await boughtFor(page, buying);
  if (place) await days(page, url, place);
  if (tab) await page.getByRole('tab', { name: tab }).click();
  if (settle) await page.waitForTimeout(1500);
  if (key) await page.keyboard.press(key);
  if (write)
    await page
      .getByRole('dialog')
      .getByRole('combobox')
      .or(page.getByRole('dialog').getByRole('textbox'))
      .first()
      .waitFor();
  if (write) await page.keyboard.type(write);
  await takeReadings(page, laser);
  if (record) await measuredBack(page, url);
  for (const button of press) await page.getByRole('button', { name: button, exact: true }).click();
  if (unfold) await page.locator('summary').filter({ hasText: unfold }).click();
  if (to) await page.locator(to).evaluate((part) => part.scrollIntoView({ block: 'start' }));
  for (const each of keys) {
    await page.keyboard.press(each);
    await page.waitForTimeout(80);
  }
  if (ask) await page.getByRole('button', { name: new RegExp(`^${ask}, `) }).click();
  await page.evaluate(() => document.fonts.ready);
  // A solid is drawn finely once it is still.
  if (drawn) await page.waitForTimeout(2500);
  await page.waitForTimeout(300);
  await page.screenshot({ path: join(ROOT, 'docs/screenshots', `${name}.png`) });
  // Left as people leave it: a page that is only closed is told to the next picture as somebody who is here too.
  await page.goto(`${url}/jobs`);
  await context.close();
  say(`docs/screenshots/${name}.png`);
}

/** The list to buy from for these jobs, one line of it opened. */
async function boughtFor(page, names) {
  await page.getByRole('link', { name: 'Buying', exact: true }).click();
  for (const name of names) await page.getByRole('checkbox', { name }).check();
  await page
    .getByRole('row')
    .filter({ hasText: /shelf pins/i })
    .getByRole('button')
    .click();
}

/** Boxes as they came out of an invented month, and a few faults: the record of all jobs with its lessons. */
async function measuredBack(page, url) {
  const { items } = await (await page.request.get(`${url}/api/jobs?search=Rope`)).json();
  const of = { bank: 'c1/left', by: 'Ada' };
  const boxes = Array.from({ length: 40 }, (_, index) => ({
    id: `box-${index}`,
    kind: 'reading',
    at: `2026-11-${String(1 + Math.floor(index / 2)).padStart(2, '0')}T1${index % 10}:00:00Z`,
    ...of,
    drawer: `d${1 + (index % 4)}`,
    what: 'box-width',
    place: 'front',
    length: `${(500.6 + 0.5 * Math.sin(index * 7)).toFixed(2)} mm`,
    against: '500 mm',
    device: 'caliper',
  }));
  const faults = ['front-tight', 'split', 'front-tight'].map((fault, index) => ({
    id: `fault-${index}`,
    kind: 'fault',
    at: `2026-11-2${index}T09:00:00Z`,
    ...of,
    drawer: 'd2',
    fault,
  }));
  await page.request.post(`${url}/api/jobs/${items[0].id}/log`, { data: { entries: [...boxes, ...faults] } });
  await page.getByRole('link', { name: 'The record' }).click();
  await page.getByRole('img', { name: 'Off the plan, reading by reading' }).waitFor();
}

/** So many readings of the width by the simulated laser, with what it made different. */
async function takeReadings(page, count) {
  if (count === 0) return;
  await page.getByRole('button', { name: 'Laser measure' }).click();
  for (let reading = 1; reading <= count; reading += 1) {
    await page.getByRole('button', { name: `Take width ${reading}`, disabled: false }).click();
    await page.getByText(`Taken: width ${reading}`).waitFor();
  }
}

/** A Monday morning in the loft: three jobs with their dates, one of which can’t be met. */
async function days(page, url, place) {
  await page.clock.setFixedTime(new Date('2026-11-30T08:00:00'));
  const due = { 'Flag chest': '2026-12-04', 'Signal locker': '2026-12-23', 'Rope bench': '2027-01-15' };
  const { read } = await (await page.request.get(`${url}/api/calendar`)).json();
  for (const { id, document } of read.jobs)
    await page.request.put(`${url}/api/calendar/jobs/${id}`, { data: { due: due[document.name] } });
  await page.goto(`${url}/${place}`);
  // What is found first will do for a picture.
  await page.getByRole('button', { name: 'This one will do' }).click();
  await page.getByText(/was promised for/).waitFor({ timeout: 60_000 });
  // Pressed far down: the picture is of the top.
  await page.evaluate(() => scrollTo(0, 0));
}
