import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, figure, goTo, kept, openJob, soundAccess, test } from './app';

/** The document of the newest job that is found so. */
async function storedJob(page: Page, url: string, search: string): Promise<object> {
  const list = (await (await page.request.get(`${url}/api/jobs?search=${search}`)).json()) as {
    items: { id: string }[];
  };
  const job = await page.request.get(`${url}/api/jobs/${list.items[0]!.id}`);
  return ((await job.json()) as { document: object }).document;
}

test('the server away for a while: work goes on, is marked, survives a reload, and is kept when it answers', async ({
  page,
  zabble,
}) => {
  await openJob(page, 'Flag chest');
  await zabble.server.stop();
  await page.getByLabel('Width, reading 1').fill('870');
  await expect(page.getByTestId('save-mark')).toContainText('Server not reached, kept here');
  expect(await figure(page, 'Width that governs')).toBe('870.0');
  const address = page.url();
  await page.goto('about:blank');
  await zabble.server.start();
  await page.goto(address);
  await expect.poll(() => figure(page, 'Width that governs')).toBe('870.0');
  await kept(page);
  await page.reload();
  await expect.poll(() => figure(page, 'Width that governs')).toBe('870.0');
});

test.describe('with what the browser keeps of the application', () => {
  test.use({ serviceWorkers: 'allow' });

  test('the page loaded afresh while the server is away: the job opens here, is worked on, and is kept when it answers', async ({
    page,
    zabble,
  }) => {
    await openJob(page, 'Rope bench');
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.reload();
    await expect(page.getByLabel('Width, reading 1')).toHaveValue('18');
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await zabble.server.stop();
    await page.reload();
    await expect(page.getByTestId('save-mark')).toContainText('Server not reached');
    await page.getByLabel('Depth, reading 1').fill('20 1/2');
    await expect.poll(() => figure(page, 'Depth that governs')).toBe('20 1/2');
    await page.reload();
    await expect(page.getByLabel('Depth, reading 1')).toHaveValue('20 1/2');
    await zabble.server.start();
    await kept(page);
    await page.reload();
    await expect(page.getByLabel('Depth, reading 1')).toHaveValue('20 1/2');
  });
});

test('comes back by itself when the page stays open', async ({ page, zabble }) => {
  await openJob(page, 'Flag chest');
  await zabble.server.stop();
  await page.getByLabel('Depth, reading 1').fill('515');
  await expect(page.getByTestId('save-mark')).toContainText('Server not reached');
  await page.getByLabel('Depth, reading 1').fill('518');
  await zabble.server.start();
  await kept(page);
  await page.reload();
  await expect(page.getByLabel('Depth, reading 1')).toHaveValue('518');
});

/** Hears nothing of what others do until it saves. */
const unheard = (page: Page): Promise<unknown> => page.route('**/here', (route) => route.abort());

test('two windows on one job: the second to save is told and chooses; nothing is overwritten silently', async ({
  page,
  browser,
  zabble,
}) => {
  await unheard(page);
  await openJob(page, 'Rope bench');
  const other = await (await browser.newContext()).newPage();
  await other.goto(page.url());
  await other.getByLabel('Height, reading 1').fill('27');
  await kept(other);
  await page.getByLabel('Height, reading 1').fill('26 1/2');
  await expect(page.getByText('This job was changed elsewhere meanwhile')).toBeVisible();
  await page.getByRole('button', { name: /^The server’s/ }).click();
  await expect.poll(() => figure(page, 'Height that governs')).toBe('27');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(() => figure(page, 'Height that governs')).toBe('26 1/2');
  await kept(page);
  const stored = (await storedJob(page, zabble.url, 'rope')) as {
    cases: { banks: { opening: { height: string[] } }[] }[];
  };
  expect(stored.cases[0]?.banks[0]?.opening.height).toEqual(['26 1/2 in']);
  await other.context().close();
});

test('two windows, two changes each: chosen one by one, in words', async ({ page, browser }) => {
  await unheard(page);
  await openJob(page, 'Flag chest');
  const other = await (await browser.newContext()).newPage();
  await other.goto(page.url());
  await other.getByLabel('Height, reading 1').fill('770');
  await other.getByLabel('Depth, reading 1').fill('540');
  await kept(other);
  await page.getByLabel('Height, reading 1').fill('765');
  await page.getByLabel('Width, reading 1').fill('880');
  const both = page.getByRole('region', { name: 'Two versions of this job' });
  await expect(both.getByRole('list', { name: 'What differs' }).getByRole('listitem')).toHaveCount(3);
  const height = both.getByRole('group', { name: 'Chest, bank b1, opening, height 1' });
  await expect(height).toContainText('mine: 765 mm');
  await height.getByRole('button', { name: 'the server’s: 770 mm' }).click();
  await both.getByRole('button', { name: 'Keep these choices' }).click();
  await expect(both).toHaveCount(0);
  await kept(page);
  await expect.poll(() => figure(page, 'Height that governs')).toBe('770.0');
  expect(await figure(page, 'Width that governs')).toBe('880.0');
  expect(await figure(page, 'Depth that governs')).not.toBe('540.0');
  await page.reload();
  await expect.poll(() => figure(page, 'Height that governs')).toBe('770.0');
  await other.context().close();
});

test('two windows, changes that do not touch: both stand, nothing is asked, and undone is one’s own alone', async ({
  page,
  browser,
}) => {
  await openJob(page, 'Flag chest');
  const other = await (await browser.newContext()).newPage();
  await other.goto(page.url());
  await expect(page.getByText('Somebody is here too, at Measure.')).toBeVisible();
  await soundAccess(page, 'somebody else here');
  await other.getByLabel('Depth, reading 1').fill('531');
  await kept(other);
  // Heard of within seconds; or by what the server says to the next save.
  await page.getByLabel('Width, reading 1').fill('861');
  await kept(page);
  await expect(page.getByLabel('Depth, reading 1')).toHaveValue('531');
  await expect(other.getByLabel('Width, reading 1')).toHaveValue('861');
  await expect(other.getByText('One change made elsewhere is taken in.')).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByLabel('Width, reading 1')).not.toHaveValue('861');
  await kept(page);
  await expect(page.getByLabel('Depth, reading 1')).toHaveValue('531');
  // Whoever goes says so: nobody waits until they are not heard of any more.
  const said = other.waitForRequest(
    (asked) => asked.url().endsWith('/here') && asked.postData()?.includes('"gone"') === true,
  );
  await other.getByRole('link', { name: 'Zabble, all jobs' }).click();
  await said;
  await expect(page.getByText('Somebody is here too')).toHaveCount(0);
  await other.context().close();
});

test('a page older than the job: it plans what it knows, keeps what it does not, and says so', async ({
  page,
  zabble,
}) => {
  const document = await storedJob(page, zabble.url, 'rope');
  const newer = { ...document, name: 'From a newer Zabble', minor: 999, motto: { of: 'the loft' } };
  const made = await page.request.post(`${zabble.url}/api/jobs`, { data: { document: newer } });
  const { id } = (await made.json()) as { id: string };
  await openJob(page, 'From a newer Zabble');
  await expect(page.getByText('This job was written by a newer Zabble')).toContainText('not planned: motto.');
  await page.getByLabel('Height, reading 1').fill('26 1/2');
  await kept(page);
  const stored = (await (await page.request.get(`${zabble.url}/api/jobs/${id}`)).json()) as {
    document: { motto: unknown; minor: number };
  };
  expect(stored.document).toMatchObject({ minor: 999, motto: { of: 'the loft' } });

  // A job this page can't read at all, as an older page would get one from a newer server.
  await page.route(`**/api/jobs/${id}`, (route) =>
    route.fulfill({ json: { id, revision: 9, document: { ...newer, version: 2 }, createdAt: '', updatedAt: '' } }),
  );
  await page.reload();
  await expect(page.getByRole('heading', { name: 'This job is not on the bench' })).toBeVisible();
  await expect(page.getByRole('alert').filter({ hasText: 'written by a newer Zabble' })).toBeVisible();
});

test.describe('without what the browser keeps of the application', () => {
  test.use({ apart: true });
  test('a part of the application that does not come is told, wherever it is asked for', async ({ page }) => {
    const told = page.getByRole('alert').filter({ hasText: 'A part of Zabble could not be fetched' });
    await openJob(page, 'Flag chest');
    const address = page.url();
    await page.route('**/*.js', (route) => route.abort());
    await page.getByRole('link', { name: /^Cut/ }).click();
    await expect(told).toBeVisible();
    await told.getByRole('button', { name: 'Not now' }).click();
    await expect(told).toHaveCount(0);
    await page.unroute('**/*.js');
    await page.goto(address);
    await page.getByRole('heading', { name: 'Width', exact: true }).waitFor();
    await page.route('**/*.js', (route) => route.abort());
    await page.getByRole('link', { name: 'Zabble, all jobs' }).click();
    await expect(told).toBeVisible();
    await page.unroute('**/*.js');
    await told.getByRole('button', { name: 'Load again' }).click();
    await expect(told).toHaveCount(0);
    await page.goto(address.replace(/[^/]*$/, 'cut'));
    await expect(page.getByRole('tab', { name: 'At the saw' })).toBeVisible();
  });
});

test.describe('where the browser keeps nothing', () => {
  test.use({ apart: true });

  test('work goes on, and it is said that it is kept nowhere until the server has it', async ({ page, zabble }) => {
    await page.addInitScript(() => {
      const refuse = (): never => {
        throw new DOMException('storage is switched off', 'SecurityError');
      };
      indexedDB.open = refuse;
      Object.defineProperty(window, 'localStorage', { get: refuse });
    });
    await openJob(page, 'Flag chest');
    await page.getByLabel('Width, reading 1').fill('871');
    await kept(page);
    await zabble.server.stop();
    await page.getByLabel('Width, reading 1').fill('872');
    const mark = page.getByTestId('save-mark');
    await expect(mark).toContainText('Kept nowhere');
    const bar = page.getByRole('alert').filter({ hasText: 'What you do now is kept nowhere' });
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      bar.getByRole('button', { name: 'Save it as a file' }).click(),
    ]);
    expect(file.suggestedFilename()).toBe('flag-chest.zabble.json');
    expect(await readFile(await file.path(), 'utf8')).toContain('872 mm');
    await zabble.server.start();
    await kept(page);
    await expect(bar).toHaveCount(0);
  });
});

test.describe('what the server does not take into the log', () => {
  test('stays on the device with why, is looked at, and sent again', async ({ page }) => {
    await openJob(page, 'Notions bank');
    await page.route('**/api/jobs/*/log', async (route) => {
      const { entries } = route.request().postDataJSON() as { entries: object[] };
      const refused = entries.map((_, index) => ({ index, said: { code: 'x', params: {} }, says: 'The ink ran.' }));
      await route.fulfill({ status: 201, json: { kept: [], refused } });
    });
    await goTo(page, 'Fit');
    await page.getByRole('tab', { name: 'Measure back' }).click();
    await page.getByLabel('Opening, Drawer 1, front').fill('23 31/32');
    await page.keyboard.press('Enter');
    const told = page.getByRole('alert', { name: 'Not taken into the log' });
    await expect(told).toContainText('An entry of the log was not taken by the server.');
    await page.unroute('**/api/jobs/*/log');
    await page.reload();
    await told.getByRole('button', { name: 'Look at them' }).click();
    await expect(told).toContainText('The ink ran.');
    await expect(told).toContainText('23 31/32');
    await told.getByRole('button', { name: 'Send it again' }).click();
    await expect(told).toHaveCount(0);
    await expect(page.getByTestId('save-mark')).toContainText('On the server');
  });
});
