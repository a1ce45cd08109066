import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, noWider, soundAccess, test } from './app';

test.describe.configure({ mode: 'serial' });

/** A Monday morning when the shop opens. */
const MONDAY = new Date('2026-11-30T08:00:00');

// A clock that was set can't be let go.
test.use({ deviceOf: 'days' });
test.beforeEach(async ({ page }) => {
  await page.clock.setFixedTime(MONDAY);
});

interface Calendar {
  readonly revision: number;
  readonly read: {
    readonly jobs: readonly {
      readonly id: string;
      readonly document: { readonly name: string; readonly log?: readonly object[] };
    }[];
  };
}

const calendar = async (page: Page): Promise<Calendar> =>
  (await (await page.request.get('/api/calendar')).json()) as Calendar;

async function idOf(page: Page, name: string): Promise<string> {
  const { items } = (await (await page.request.get(`/api/jobs?search=${encodeURIComponent(name)}`)).json()) as {
    items: { id: string; name: string }[];
  };
  return items.find((job) => job.name === name)?.id ?? '';
}

/** Nobody but one, at no settings, and none of the demo’s jobs: as somebody finds it who begins. */
async function alone(page: Page): Promise<void> {
  const { revision, read } = await calendar(page);
  await page.request.put('/api/calendar', { data: { calendar: {}, revision } });
  for (const { id } of read.jobs)
    await page.request.put(`/api/calendar/jobs/${id}`, { data: { atWork: false, due: null } });
}

const view = (page: Page, name: string) => page.getByRole('tab', { name, exact: true }).click();
const ENDS = /^All done /u;

/** The order of work as it is at first does for a story: the search for better ones is told that it does. */
async function searched(page: Page): Promise<void> {
  const looking = page.getByText('Looking for a better order of work');
  const enough = page.getByRole('button', { name: 'This one will do' });
  await expect(enough.or(page.getByText(ENDS)).first()).toBeVisible();
  if (await enough.isVisible()) await enough.click();
  await expect(looking).toHaveCount(0, { timeout: 30_000 });
}

/** What comes from the hardware supplier takes so many days. */
async function takes(page: Page, days: string): Promise<void> {
  await page.goto('/buying');
  await view(page, 'Suppliers');
  const field = page.locator('z-supplier-row').filter({ hasText: 'Usual days' }).first().getByLabel('Usual days');
  await field.fill(days);
  await field.press('Enter');
  const told = async () => (await page.request.get('/api/shop/suppliers', { maxRetries: 3 })).text();
  await expect.poll(told).toContain(`"leadDays":${days}`);
}

/** A second person, or not. */
async function second(page: Page, here: boolean): Promise<void> {
  await view(page, 'Hours, people, places');
  if (here) {
    await page.getByLabel('Another person').fill('Rigger');
    await page.getByRole('button', { name: 'Put in' }).click();
  } else await page.getByRole('button', { name: 'Take Rigger out' }).click();
  await expect(page.getByLabel('Name')).toHaveCount(here ? 2 : 1);
  await view(page, 'The order of work');
  await searched(page);
}

test('one person, one job, no settings: three things to do, what waits until when, what to order; and it slips by itself', async ({
  page,
}) => {
  await alone(page);
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await expect(page.getByText('Say which jobs are worked on')).toBeVisible();
  // What is pressed goes with the list of jobs as soon as one is worked on.
  await page.getByRole('checkbox', { name: 'Splicing bench' }).click();
  await expect(page.getByRole('article').getByRole('heading', { name: 'Survey the space' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Then' })).toBeVisible();
  const then = page.getByRole('listitem').filter({ has: page.getByRole('button', { name: 'Begin' }) });
  await expect(then).toHaveCount(2);
  await expect(then.first()).toContainText('Order what is wanted');
  const waiting = page.getByRole('listitem').filter({ hasText: 'is here on' });
  await expect(waiting.first()).toContainText('Mon 7 Dec');
  await expect(page.getByRole('heading', { name: 'To order today' })).toBeVisible();
  await soundAccess(page, 'today');
  // Three days go by and nothing was done.
  await page.clock.setFixedTime(new Date('2026-12-03T09:10:00'));
  await expect(page.getByRole('heading', { level: 1 })).toContainText('3 December', { timeout: 20_000 });
  await expect(page.getByRole('article')).toContainText('Survey the space');
  await expect(waiting.first()).toContainText('Thu 10 Dec');
});

test('begun, paused and done by a press: the time is in the record, and what follows is next', async ({ page }) => {
  await page.goto('/today');
  const now = page.getByRole('article');
  await now.getByRole('button', { name: 'Begin' }).click();
  await expect(now).toContainText('Under way since 8:00');
  await page.clock.setFixedTime(new Date('2026-11-30T08:25:00'));
  await now.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText('25 min are written in the record.')).toBeVisible();
  await now.getByRole('button', { name: 'Begin' }).click();
  await page.clock.setFixedTime(new Date('2026-11-30T08:40:00'));
  await now.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByText('15 min are written in the record.')).toBeVisible();
  await expect(now.getByRole('heading')).toContainText('Order what is wanted');
  // Pressed by mistake it is taken back.
  await page.getByRole('button', { name: 'Survey the space: not done after all' }).click();
  await expect(now.getByRole('heading')).toContainText('Survey the space');
  await now.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(now.getByRole('heading')).toContainText('Order what is wanted');
  await expect.poll(async () => (await calendar(page)).read.jobs[0]?.document.log?.length).toBe(8);
  await page.reload();
  await expect(now.getByRole('heading')).toContainText('Order what is wanted');
  await page.goto(`/jobs/${await idOf(page, 'Splicing bench')}/fit`);
  await page.getByRole('tab', { name: 'Record', exact: true }).click();
  await expect(page.getByText('Done: Survey the space').first()).toBeVisible();
  await expect(page.getByText(/25 min/).first()).toBeVisible();
});

test('what stands is told until when, and when it has stood long enough', async ({ page }) => {
  const id = await idOf(page, 'Splicing bench');
  const entry = { id: 'glue-1', kind: 'task', task: 'glue-up-frame', did: 'done', at: '2026-11-29T08:30:00Z' };
  await page.request.post(`/api/jobs/${id}/log`, { data: { entries: [entry] } });
  await page.goto('/today');
  await expect(page.getByRole('listitem').filter({ hasText: 'glue curing' }).first()).toContainText('until 8:30');
  await page.clock.setFixedTime(new Date('2026-11-30T08:31:00'));
  await expect(page.getByRole('alert').filter({ hasText: 'It has stood long enough' })).toBeVisible({
    timeout: 20_000,
  });
  await page.getByRole('button', { name: 'Good', exact: true }).click();
  await expect(page.getByText('It has stood long enough')).toHaveCount(0);
});

test('a quote is accepted, its job is in; slides four days late move it past its date; what mends it is told, and a second person does', async ({
  page,
}) => {
  const job = await idOf(page, 'Signal locker');
  const stored = (await (await page.request.get(`/api/jobs/${job}`)).json()) as { revision: number; document: object };
  const copy = (await (
    await page.request.post('/api/jobs', { data: { document: { ...stored.document, name: 'Chart locker' } } })
  ).json()) as { id: string; revision: number };
  const { items } = (await (
    await page.request.post(`/api/jobs/${copy.id}/quotes`, { data: { revision: copy.revision } })
  ).json()) as { items: { id: string }[] };
  for (const state of ['sent', 'accepted'])
    await page.request.put(`/api/quotes/${items[0]?.id}/state`, { data: { state } });
  await page.goto('/weeks');
  const row = page.getByRole('row').filter({ hasText: 'Chart locker' });
  await expect(row).toBeVisible();
  await view(page, 'Jobs and their dates');
  await expect(page.getByText('its quote is accepted')).toHaveCount(1);
  // Dates that one meets while slides take five days, and two while they take nine.
  await view(page, 'Jobs and their dates');
  await page.getByLabel('Chart locker is promised for').fill('2026-12-16');
  await page.getByLabel('Splicing bench is promised for').fill('2026-12-17');
  await view(page, 'The order of work');
  await searched(page);
  await expect(row).not.toContainText('late');
  const planned = await row.getByRole('cell').nth(1).innerText();
  await takes(page, '9');
  await page.goto('/weeks');
  await searched(page);
  // Which of the two is late is a matter of how long was looked for a better order.
  const missed = page.getByText(/ was promised for .* can’t be done before/);
  const late = page.getByRole('row').filter({ hasText: / late/ });
  await expect(missed.first()).toContainText(/What would mend it:.*one more person \(done [\d-]+\)/u, {
    timeout: 30_000,
  });
  await expect(late).not.toHaveCount(0);
  await expect(row).not.toContainText(planned);
  await second(page, true);
  await expect(late).toHaveCount(0);
  await expect(missed).toHaveCount(0);
  await second(page, false);
  await noWider(page, 'the weeks', [768]);
});

test('a change is looked at before it is done, by a field and by keys; what can’t be met says why', async ({
  page,
}) => {
  await page.goto('/weeks');
  await searched(page);
  const chart = page.getByRole('group', { name: /^The weeks: up and down choose a task/ });
  await chart.focus();
  await chart.press('ArrowDown');
  await expect(page.getByRole('heading', { name: 'Survey the space' })).toBeVisible();
  await page.getByLabel('Begin it on').fill('2026-12-04T09:00');
  await page.getByRole('button', { name: 'What it would do' }).click();
  await expect(page.getByText(/Chart locker is done .* in place of/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave it as it was' }).click();
  await expect(page.getByText(/in place of/)).toHaveCount(0);
  // A bar is carried a day on: of one person the first stands where the chart begins.
  await searched(page);
  await page.getByRole('button', { name: 'by person' }).click();
  const box = await chart.boundingBox();
  const [x, y] = [(box?.x ?? 0) + 132 + 3, (box?.y ?? 0) + 34 + 12];
  const day = ((box?.width ?? 0) - 140) / 10;
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + day / 2, y, { steps: 4 });
  await page.mouse.move(x + day * 1.1, y, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByText(/: begun Tue 1 Dec/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave it as it was' }).click();
  await expect(page.getByText(/: begun Tue 1 Dec/)).toHaveCount(0);
  // By keys: eight hours of work later.
  await chart.focus();
  await chart.press('Shift+ArrowRight');
  await expect(page.getByText(/: begun Tue 1 Dec/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'So be it' })).toBeVisible();
  await chart.press('Enter');
  await expect(page.getByRole('button', { name: 'Whenever it can' })).toBeVisible();
  await expect(page.getByText(/Tue 1 Dec.*–/).first()).toBeVisible();
  // Fixed before what must be before it.
  await chart.focus();
  for (let down = 0; down < 10; down += 1) await chart.press('ArrowDown');
  await page.getByLabel('Begin it on').fill('2026-11-30T09:00');
  await page.getByRole('button', { name: 'What it would do' }).click();
  await expect(page.getByText(/It can’t begin before/)).toBeVisible();
});

test('hours and people are written as people write them, and what can’t be read says so', async ({ page }) => {
  await page.goto('/weeks');
  await view(page, 'Hours, people, places');
  const friday = page.getByLabel('Fri').first();
  await friday.fill('8 till late');
  await friday.press('Enter');
  await expect(page.getByText('“8 till late” is no time of a day')).toBeVisible();
  await friday.fill('8–12');
  await friday.press('Enter');
  await page.getByLabel('Another person').fill('Rigger');
  await page.getByRole('button', { name: 'Put in' }).click();
  await expect(page.getByLabel('Name')).toHaveCount(2);
  await expect.poll(async () => JSON.stringify(await calendar(page))).toContain('Rigger');
  await soundAccess(page, 'hours');
  await page.reload();
  await view(page, 'Hours, people, places');
  await expect(page.getByLabel('Fri').first()).toHaveValue('8–12');
});

test('the days go along: a link, a calendar, a table, a week for the wall', async ({ page }) => {
  await page.goto('/weeks');
  await view(page, 'Take it along');
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = await page.getByLabel('Link of the calendar').inputValue();
  const feed = await page.request.get(new URL(link).pathname);
  expect(feed.status()).toBe(200);
  expect(await feed.text()).toContain('BEGIN:VCALENDAR');
  for (const [button, begin] of [
    ['The week for the wall, PDF', '%PDF-'],
    ['As a table, CSV', 'Job,Task,Day'],
    ['For a calendar, iCalendar', 'BEGIN:VCALENDAR'],
  ] as const) {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: button }).click();
    expect(readFileSync(await (await download).path(), 'latin1')).toContain(begin);
  }
  await page.getByRole('button', { name: 'Withdraw it' }).click();
  await expect(page.getByRole('button', { name: 'Make a link' })).toBeVisible();
  expect((await page.request.get(new URL(link).pathname)).status()).toBe(404);
});

test('on a phone the work is there and nothing is wider than it', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const path of ['/today', '/weeks']) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await searched(page);
    await noWider(page, path, [390, 768]);
  }
});
