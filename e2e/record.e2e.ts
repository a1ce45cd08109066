import { beginJob, expect, figure, kept, noWider, openJob, photograph, PIXEL, soundAccess, test } from './app';
import type { Page } from '@playwright/test';

async function toFit(page: Page, view: string): Promise<void> {
  await page.getByRole('link', { name: /^Fit/ }).click();
  await page.getByRole('tab', { name: view }).click();
}

async function jobId(page: Page, url: string, name: string): Promise<string> {
  const list = (await (await page.request.get(`${url}/api/jobs?search=${encodeURIComponent(name)}`)).json()) as {
    items: { id: string }[];
  };
  return list.items[0]!.id;
}

test('from the plan to the fitted front: measured back, one box too wide, hung, fronts, the record of it all', async ({
  page,
}) => {
  await openJob(page, 'Notions bank');
  // Cut: the ends of drawer 3.
  await page.getByRole('link', { name: /^Cut/ }).click();
  for (const name of ['3 box front', '3 back']) {
    await page
      .getByRole('button', { name: new RegExp(`${name.slice(2)} of 3`) })
      .first()
      .click();
    await page.getByLabel('Who').fill('Ada');
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.getByText('Cut, and it fits the plan.')).toBeVisible();
    await page.getByRole('button', { name: 'Put the part away' }).click();
  }
  await page.getByRole('link', { name: /^Boxes/ }).click();
  expect(await figure(page, 'Width of box 1')).toBe('23');
  // Measured back: 3/32 in narrower at one level.
  await toFit(page, 'Measure back');
  const measured = page.getByRole('region', { name: 'Opening measured back' });
  await measured.getByRole('button', { name: 'Drawer 5, back' }).click();
  await measured.getByLabel('Opening, Drawer 5, back').fill('23 29/32');
  await page.keyboard.press('Enter');
  await expect(measured.getByRole('row', { name: /Drawer 5, back/ })).toContainText('3/32 in under');
  const fits = page.getByRole('region', { name: 'Boxes that are made or cut' });
  await expect(fits.getByRole('listitem')).toHaveCount(1);
  await expect(fits).toContainText('Drawer 3');
  await expect(fits).toContainText('too wide by 3/32 in: trim its front and back by 3/32 in');
  // Every box not yet cut follows, and its sum leads back to the reading.
  await page.getByRole('link', { name: /^Boxes/ }).click();
  expect(await figure(page, 'Width of box 1')).toBe('22 29/32');
  await page.getByRole('link', { name: /^Cut/ }).click();
  await expect(page.getByText('2 parts already cut can be saved by trimming.')).toBeVisible();
  // Nothing is written over: a newer reading of the same place follows.
  await toFit(page, 'Measure back');
  await measured.getByRole('button', { name: 'Drawer 5, back' }).click();
  await measured.getByLabel('Opening, Drawer 5, back').fill('23 1 5/16');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toBeVisible();
  await measured.getByLabel('Opening, Drawer 5, back').fill('23 15/16');
  await page.keyboard.press('Enter');
  await expect(measured.getByRole('row', { name: /Drawer 5, back/ })).toContainText('2 readings');
  await expect(fits).toContainText('too wide by 1/16 in');
  // Taken by the simulated caliper.
  await page.getByRole('button', { name: 'Thickness' }).click();
  await page.getByRole('button', { name: 'Caliper' }).click();
  await page.getByRole('button', { name: /^Take it/ }).click();
  await expect(page.getByRole('row', { name: /12 mm birch plywood/ })).toContainText('caliper');
  // Hung in order.
  await page.getByRole('tab', { name: 'Hang' }).click();
  const next = page.getByRole('button', { name: 'Done, next' });
  for (let step = 1; step <= 37; step += 1) await next.click();
  await page.getByRole('button', { name: 'The boxes are hung and trued: release the fronts' }).click();
  // Fronts from the case as it is.
  await page.getByRole('tab', { name: 'Fronts' }).click();
  await expect(page.getByRole('region', { name: 'Fronts from the case as it is' })).toContainText('cut them square');
  await page.getByText('From the top line down').click();
  const fronts = page.getByRole('region', { name: 'The fronts, step by step' });
  await expect(fronts.getByRole('heading', { name: 'Cut spacers for the gaps' })).toBeVisible();
  await next.click();
  await expect(fronts).toContainText('drawer 1, Needles, palms');
  await expect(fronts).toContainText(/30 1\/2\s*in\s*above\s+the opening’s floor/);
  // What is not cut yet can’t be held up.
  await expect(next).toBeDisabled();
  await fronts.getByRole('button', { name: 'It is cut as planned' }).click();
  await next.click();
  await expect(fronts).toContainText('None longer than');
  // The record has it all, in its order.
  await page.getByRole('tab', { name: 'Record' }).click();
  const record = page.getByRole('region', { name: 'The record of this job' });
  await expect(record).toContainText('spacers for the reveal cut');
  const lines = await record.getByRole('listitem').allInnerTexts();
  const at = (text: string): number => lines.findIndex((line) => line.includes(text));
  const order = [
    'the slides are in hand',
    'cut to',
    'width of the opening, back: 23 29/32 in, planned 24 in',
    'width of the opening, back: 23 15/16 in',
    'by caliper',
    'left slide hung, drawer 1',
    'the boxes are hung and trued',
    'spacers for the reveal cut',
  ].map(at);
  expect(order.every((place) => place >= 0)).toBe(true);
  expect(order).toEqual([...order].sort((a, b) => a - b));
  await expect(record).toContainText('Ada');
  await kept(page);
});

test('a racked case with inset fronts: both ways with their numbers, one advised', async ({ page, zabble }) => {
  const id = await jobId(page, zabble.url, 'Flag chest');
  const { document } = (await (await page.request.get(`${zabble.url}/api/jobs/${id}`)).json()) as {
    document: { name: string; cases: { banks: { basis: string; opening: object }[] }[] };
  };
  const [bank] = document.cases[0]!.banks;
  Object.assign(bank!, { basis: 'as-built' });
  Object.assign(bank!.opening, { diagonals: ['1153.7 mm', '1147.7 mm'] });
  document.name = 'Racked chest';
  await page.request.post(`${zabble.url}/api/jobs`, { data: { document } });
  await openJob(page, 'Racked chest');
  await toFit(page, 'Fronts');
  const fronts = page.getByRole('region', { name: 'Fronts from the case as it is' });
  await expect(fronts.getByRole('listitem').first()).toContainText('cut it square');
  const lowest = fronts.getByRole('listitem').last();
  await expect(lowest).toContainText('cut it out of square');
  await expect(lowest).toContainText('860.0 × 232.0');
  // 6 mm between the diagonals of 864 by 760 lean 4 mm; this front has 232 of 760 of it.
  await expect(lowest).toContainText('its top ≈ 1.2 mm to the right');
});

test('what is measured back of a planned case counts once it is built', async ({ page }) => {
  await openJob(page, 'Rope bench');
  await toFit(page, 'Measure back');
  await page.getByLabel('Opening, Drawer 1, front').fill('17 7/8');
  await page.keyboard.press('Enter');
  await page.getByRole('link', { name: /^Boxes/ }).click();
  await expect.poll(() => figure(page, 'Width of box 1')).toBe('17 7/8');
  await toFit(page, 'Measure back');
  await page.getByRole('button', { name: 'The case is built' }).click();
  await page.getByRole('link', { name: /^Boxes/ }).click();
  await expect.poll(() => figure(page, 'Width of box 1')).toBe('17 3/4');
  await page.getByRole('button', { name: 'Undo: as built' }).click();
  await expect.poll(() => figure(page, 'Width of box 1')).toBe('17 7/8');
  await kept(page);
});

test('two browsers on one case see each other’s steps within two seconds', async ({ page, browser, zabble }) => {
  const id = await jobId(page, zabble.url, 'Rope bench');
  const { document } = (await (await page.request.get(`${zabble.url}/api/jobs/${id}`)).json()) as {
    document: { name: string; cases: { banks: { basis: string }[] }[] };
  };
  for (const { banks } of document.cases) for (const bank of banks) bank.basis = 'as-built';
  document.name = 'Two at one case';
  await page.request.post(`${zabble.url}/api/jobs`, { data: { document } });
  const other = await (await browser.newContext({ baseURL: zabble.url })).newPage();
  for (const each of [page, other]) {
    await openJob(each, 'Two at one case', 'Fit');
    await expect(each.getByText(/^Step 1 of/)).toBeVisible();
  }
  await page.getByRole('button', { name: 'Done, next' }).click();
  await expect(other.getByText(/^Step 2 of/)).toBeVisible({ timeout: 2000 });
  await other.getByRole('button', { name: 'Done, next' }).click();
  await expect(page.getByText(/^Step 3 of/)).toBeVisible({ timeout: 2000 });
  await other.close();
});

test('a server killed in the middle of a hundred readings: every acknowledged one is there', async ({
  page,
  zabble,
}) => {
  const id = await jobId(page, zabble.url, 'Flag chest');
  const acknowledged: string[] = [];
  const send = async (number: number): Promise<void> => {
    const entry = {
      id: `kill-${number}`,
      kind: 'reading',
      at: '2026-11-20T09:00:00Z',
      bank: 'c1/b1',
      drawer: 'd1',
      what: 'width',
      place: 'front',
      length: `${860 + number / 100} mm`,
    };
    try {
      const answer = await fetch(`${zabble.url}/api/jobs/${id}/log`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ entries: [entry] }),
      });
      if (answer.status === 201) acknowledged.push(entry.id);
    } catch {
      // Not acknowledged, then.
    }
  };
  // Killed as soon as a third is acknowledged, while the next are on their way.
  let killed: Promise<void> | undefined;
  for (let number = 0; number < 100; number += 1) {
    if (acknowledged.length > 30) killed ??= zabble.server.kill();
    await send(number);
  }
  await killed;
  expect(acknowledged.length).toBeGreaterThan(30);
  expect(acknowledged.length).toBeLessThan(100);
  await zabble.server.start();
  const { entries } = (await (await fetch(`${zabble.url}/api/jobs/${id}/log`)).json()) as {
    entries: { entry: { id: string } }[];
  };
  const there = entries.map(({ entry }) => entry.id);
  expect(acknowledged.filter((each) => !there.includes(each))).toEqual([]);
});

test.describe('with what the browser keeps of the application', () => {
  test.use({ serviceWorkers: 'allow' });

  test('readings taken while the server is away wait on the device, across a reload, and are sent', async ({
    page,
    zabble,
  }) => {
    await openJob(page, 'Notions bank');
    await toFit(page, 'Measure back');
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.reload();
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await toFit(page, 'Measure back');
    await zabble.server.stop();
    await page.getByLabel('Opening, Drawer 1, front').fill('23 31/32');
    await page.keyboard.press('Enter');
    await expect(page.getByText('1 entry is kept here')).toBeVisible();
    await page.reload();
    await page.getByRole('tab', { name: 'Measure back' }).click();
    await expect(page.getByRole('row', { name: /Drawer 1, front/ })).toContainText('23');
    await zabble.server.start();
    await expect(page.getByTestId('save-mark')).toContainText('On the server', { timeout: 15_000 });
    const id = await jobId(page, zabble.url, 'Notions bank');
    const file = await (await fetch(`${zabble.url}/api/jobs/${id}/file`)).text();
    expect(file).toContain('23 31/32 in');
  });
});

test('faults, photographs and time: written down, refused with one sentence, found again across jobs', async ({
  page,
}) => {
  await openJob(page, 'Rope bench');
  await toFit(page, 'Record');
  const record = page.getByRole('region', { name: 'The record of this job' });
  for (const mended of ['planed', 'planed again']) {
    await page.getByLabel('What came out wrong').selectOption({ label: 'a front came out tight' });
    await page.getByLabel('Where').selectOption({ index: 2 });
    await page.getByLabel('How it was mended').fill(mended);
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(record).toContainText(`a front came out tight; mended: ${mended}`);
  }
  await page.getByRole('button', { name: 'Time' }).click();
  await page.getByLabel('Minutes').fill('a while');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('whole minutes are wanted')).toBeVisible();
  await page.getByLabel('Minutes').fill('45');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(record).toContainText('45 minutes');
  await page.getByLabel('Minutes').fill('30');
  await page.getByLabel('What was done').fill('oiling');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('Time written down in all: 1 h 15 min')).toBeVisible();
  await page.getByRole('button', { name: 'A photograph' }).click();
  const script = Buffer.from('<script>alert(1)</script>');
  await photograph(page, 'front.png', 'image/png', script);
  await expect(page.getByText('This is no PNG picture, whatever its name says. Nothing was kept.')).toBeVisible();
  await photograph(page, 'front.html', 'text/html', script);
  await expect(page.getByText('a photograph is JPEG, PNG, WEBP')).toBeVisible();
  await photograph(page, 'front.png', 'image/png', Buffer.alloc(12_000_001));
  await expect(page.getByText('front.png has 12.0 MB')).toBeVisible();
  await expect(record.getByRole('img')).toHaveCount(0);
  await page.getByLabel('What it shows').fill('the tight corner');
  await photograph(page, 'front.png', 'image/png', PIXEL);
  const shown = record.getByRole('img', { name: 'the tight corner' });
  await expect(shown).toBeVisible();
  const picture = await page.request.get((await shown.getAttribute('src')) ?? '');
  expect(picture.headers()['content-type']).toBe('image/jpeg');
  // Across jobs, and what to do otherwise.
  await page.getByRole('link', { name: 'All jobs', exact: true }).click();
  await expect(page.getByText('A front came out tight: 2 times.')).toBeVisible();
  await page.getByRole('button', { name: /^Gap: from/ }).click();
  await expect(page.getByLabel(/^Gap/)).toHaveValue('3.4 mm');
  await page.getByLabel(/^Ease/).fill('some');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('alert')).toContainText('Ease');
  await page.getByRole('tab', { name: 'Look it up' }).click();
  await page.getByLabel('Words of it').fill('front tight');
  await expect(page.getByText('2 lines, newest first')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Rope bench' }).first()).toBeVisible();
  // A new job starts from the habit.
  await beginJob(page, 'Overlay fronts on side-mount slides');
  await page.getByRole('link', { name: /^Fronts/ }).click();
  await expect(page.locator('[data-path$=".front.gap"]')).toHaveValue('3.4 mm');
});

test('boxes that come out wide raise the ease, with a chart of planned against made', async ({ page, zabble }) => {
  const id = await jobId(page, zabble.url, 'Flag chest');
  const entries = Array.from({ length: 40 }, (_, index) => ({
    id: `w${index}`,
    kind: 'reading',
    at: '2026-11-20T09:00:00Z',
    bank: 'c1/b1',
    drawer: 'd1',
    what: 'box-width',
    place: 'front',
    length: `${index % 2 ? 500.8 : 500.4} mm`,
    against: '500 mm',
  }));
  await page.request.post(`${zabble.url}/api/jobs/${id}/log`, { data: { entries } });
  await page.goto('/record');
  await expect(page.getByText(/Box width as made comes out 0\.60 mm .* over the plan on average, in 40/)).toBeVisible();
  await expect(page.getByRole('img', { name: 'Off the plan, reading by reading' })).toBeVisible();
  await page.getByRole('button', { name: /^Ease: from 0\.00 mm/ }).click();
  await expect(page.getByLabel(/^Ease/)).toHaveValue('0.6 mm');
});

test('every view of Fit and the record is free of serious faults of access, light and dim, and no wider than the screen', async ({
  page,
}) => {
  test.slow();
  const views = ['Hang', 'Measure back', 'Fronts', 'Record', 'On paper'];
  const looked = async (view: string): Promise<void> => {
    await page.getByRole('tab', { name: view }).click();
    await soundAccess(page, view);
    await noWider(page, view, [768, 390]);
  };
  await openJob(page, 'Notions bank', 'Fit');
  for (const view of views) await looked(view);
  await page.goto('/record');
  for (const view of ['What to do otherwise next time', 'Look it up']) await looked(view);
});
