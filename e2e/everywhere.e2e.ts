import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, figure, goTo, kept, openJob, soundAccess, test } from './app';

test.describe.configure({ mode: 'serial' });
// When a job was last kept as it stood, a server keeps to itself.
test.use({ alone: true });

test('all findings in one list, worst first; a remedy shows what it would change, is done, and undone', async ({
  page,
}) => {
  await openJob(page, 'Rope bench');
  await page.keyboard.press('f');
  const board = page.getByRole('dialog', { name: 'All findings' });
  await board.locator('z-finding-card').first().waitFor();
  const words = await board.locator('z-finding-card strong').allInnerTexts();
  const rank = words.map((word) => ['Stop', 'Check', 'Note'].indexOf(word));
  expect(rank).toEqual([...rank].sort());
  expect(words.length).toBeGreaterThan(3);
  const sag = board.locator('[data-code="BOTTOM_SAGS"]').first();
  await sag.getByRole('button', { name: /^Make the bottom of/ }).click();
  const preview = sag.getByRole('group', { name: 'What it would change' });
  await expect(preview).toContainText('Clear height');
  await expect(preview).toContainText('12 mm birch plywood');
  await preview.getByRole('button', { name: 'Leave it' }).click();
  await expect(preview).toHaveCount(0);
  await sag.getByRole('button', { name: /^Make the bottom of/ }).click();
  await preview.getByRole('button', { name: 'Do it' }).click();
  await expect(board.locator('[data-code="BOTTOM_SAGS"]')).toHaveCount(0);
  await soundAccess(page, 'findings');
  await board.getByRole('button', { name: 'go to Measure' }).first().click();
  await expect(page).toHaveURL(/measure$/);
  await page.getByRole('button', { name: /^Undo: make the bottom/ }).click();
  await page.keyboard.press('f');
  await expect(board.locator('[data-code="BOTTOM_SAGS"]')).toHaveCount(1);
});

test('any action is found by its words and done from the keys', async ({ page }) => {
  await openJob(page, 'Notions bank');
  await page.keyboard.press('a');
  const search = page.getByRole('combobox', { name: 'What do you want to do?' });
  await expect(search).toBeFocused();
  await search.fill('lock 3');
  const list = page.getByRole('listbox', { name: 'Actions' });
  await expect(list.getByRole('option')).toHaveCount(1);
  await soundAccess(page, 'actions');
  await search.press('Enter');
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveText('Undo: lock drawer 3');
  await page.keyboard.press('a');
  await search.fill('boxes go');
  await search.press('Enter');
  await expect(page).toHaveURL(/boxes$/);
  await page.keyboard.press('a');
  await search.fill('drawer 2');
  await expect(list.getByRole('option').first()).toContainText('drawer 2');
  await search.press('ArrowDown');
  await expect(list.getByRole('option').nth(1)).toHaveAttribute('aria-selected', 'true');
  await search.fill('varnish');
  await expect(list).toContainText('Nothing on the bench is called that.');
  await search.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys of the bench' })).toContainText('Find an action');
  await soundAccess(page, 'keys');
});

test('the materials of a job are free of serious faults of access, light and dim', async ({ page }) => {
  await openJob(page, 'Flag chest');
  await page.keyboard.press('m');
  const sheet = page.getByRole('dialog', { name: 'Materials of this job' });
  await sheet.getByRole('button', { name: 'Black cherry, 20 mm' }).click();
  await sheet.getByText('All woods, and how they move').click();
  await soundAccess(page, 'a material');
  await sheet.getByRole('button', { name: '+ Another material' }).click();
  await sheet.getByRole('button', { name: 'Put it in the job' }).click();
  await expect(sheet.getByRole('alert')).toHaveText('What is it called? It is found by that name.');
  await soundAccess(page, 'another material');
});

test('actions are found by the words builders type', async ({ page }) => {
  await openJob(page, 'Notions bank');
  await page.keyboard.press('a');
  const search = page.getByRole('combobox', { name: 'What do you want to do?' });
  const list = page.getByRole('listbox', { name: 'Actions' });
  for (const [words, action] of [
    ['print', 'Print the cut list'],
    ['pdf', 'Print labels'],
    ['label', 'Print labels'],
    ['cut list', 'Print the cut list'],
    ['material', 'Materials of this job'],
    ['plywood', 'Materials of this job'],
    ['price', 'Materials of this job'],
    ['rename', 'Rename this job'],
    ['export', 'Download the job file'],
    ['save', 'Download the job file'],
    ['delete', 'Delete this job'],
    ['help', 'Keys of the bench'],
    ['customer', 'Go to Case'],
    ['handle', 'Go to Fronts'],
    ['joint', 'Go to Boxes'],
    ['stock', 'Cut: rack'],
    ['csv', 'Cut: files'],
    ['lumber', 'Cut: boards'],
    ['photo', 'Fit: record'],
    ['case', 'Another case'],
  ] as const) {
    await search.fill(words);
    await expect(list.getByRole('option').filter({ hasText: action }).first(), words).toBeVisible();
  }
  await search.fill('print cut list');
  await search.press('Enter');
  await expect(page).toHaveURL(/print\?what=cut-list\.pdf$/);
  await page.getByRole('link', { name: 'Back to the steps' }).click();
  await page.keyboard.press('a');
  await search.fill('rename');
  await search.press('Enter');
  await expect(page.getByLabel('Job name')).toBeFocused();
});

test('a job is deleted from its bench, and brought back from the list', async ({ page }) => {
  await openJob(page, 'Flag chest');
  await page.keyboard.press('a');
  await page.getByRole('combobox', { name: 'What do you want to do?' }).fill('delete');
  await page.getByRole('combobox', { name: 'What do you want to do?' }).press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Flag chest is deleted.' })).toBeVisible();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByRole('link', { name: 'Flag chest', exact: true })).toBeVisible();
});

test('how a job stood before is looked at, and brought back as one edit', async ({ page }) => {
  await openJob(page, 'Notions bank');
  await page.getByLabel('Height, reading 1').fill('36');
  await kept(page);
  await page.keyboard.press('a');
  const search = page.getByRole('combobox', { name: 'What do you want to do?' });
  await search.fill('older versions');
  await search.press('Enter');
  const board = page.getByRole('dialog', { name: 'How this job stood before' });
  await expect(board.getByRole('list', { name: 'What differs from now' })).toContainText('30 in then, 36 in now');
  await board.getByRole('button', { name: 'Bring this version back' }).click();
  await expect(page.getByLabel('Height, reading 1')).toHaveValue('30');
  await page.getByRole('button', { name: /^Undo: the version of/ }).click();
  await expect(page.getByLabel('Height, reading 1')).toHaveValue('36');
  await kept(page);
});

test('units switched at any time, both shown when asked', async ({ page }) => {
  await openJob(page, 'Flag chest');
  expect(await figure(page, 'Width that governs')).toBe('864.0');
  await page.getByRole('button', { name: 'Units: millimetres, mm' }).click();
  await page.getByRole('menuitemradio', { name: 'Inches' }).click();
  await expect.poll(() => figure(page, 'Width that governs')).toBe('≈ 34 1/64');
  await page.keyboard.press('b');
  await expect.poll(() => figure(page, 'Width that governs')).toBe('≈ 34 1/64 864.0 mm');
  await page.reload();
  await expect.poll(() => figure(page, 'Width that governs')).toBe('≈ 34 1/64 864.0 mm');
  await page.keyboard.press('i');
  await expect.poll(() => figure(page, 'Width that governs')).toBe('864.0 34 1/64 in');
  await kept(page);
});

test('a job from each way of building; one duplicated; one dropped as a file, one bad file named', async ({ page }) => {
  await page.goto('/jobs');
  await page.getByRole('button', { name: 'New job' }).click();
  const ways = page.getByRole('list', { name: 'Ways of building' });
  await expect(ways.getByRole('listitem')).toHaveCount(4);
  await soundAccess(page, 'ways of building');
  await page.getByRole('button', { name: 'Millimetres' }).click();
  await ways.getByRole('button', { name: 'Face frame on wooden runners' }).click();
  await page.getByRole('button', { name: 'Begin this job' }).click();
  await page.getByRole('heading', { name: 'Width', exact: true }).waitFor();
  await goTo(page, 'Case');
  await expect(page.getByRole('radio', { name: 'With a face frame' })).toBeChecked();
  await page.getByLabel('Notes').fill('Runners of beech, waxed.');
  await page.getByLabel('Notes').blur();
  await kept(page);
  await page.getByRole('button', { name: 'Duplicate this job' }).click();
  await expect(page.getByLabel('Job name')).toHaveValue('Runner bank, again');
  await goTo(page, 'Case');
  await expect(page.getByLabel('Notes')).toHaveValue('Runners of beech, waxed.');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download its file' }).click(),
  ]);
  const text = readFileSync(await download.path(), 'utf8');
  expect(JSON.parse(text)).toMatchObject({ format: 'zabble-job', name: 'Runner bank, again' });
  await page.getByRole('link', { name: 'Zabble, all jobs' }).click();
  await page.getByRole('heading', { name: 'Jobs', exact: true }).waitFor();
  await drop(page, [['runner.json', text.replace('Runner bank, again', 'Dropped bank')]]);
  await expect(page.getByLabel('Job name')).toHaveValue('Dropped bank');
  await page.getByRole('link', { name: 'Zabble, all jobs' }).click();
  await drop(page, [
    ['good.json', text.replace('Runner bank, again', 'Second dropped')],
    ['bad.json', text.replace('"zabble-job"', '"other"')],
  ]);
  await expect(page.getByRole('alert')).toContainText('bad.json: The job can’t be read');
  await expect(page.getByRole('heading', { name: 'Second dropped' })).toBeVisible();
  await page.getByRole('button', { name: 'Duplicate Second dropped' }).click();
  await expect(page.getByLabel('Job name')).toHaveValue('Second dropped, again');
});

/** Files let go over the page, as from a folder. */
async function drop(page: Page, files: readonly (readonly [string, string])[]): Promise<void> {
  const data = await page.evaluateHandle((list) => {
    const transfer = new DataTransfer();
    for (const [name, text] of list) transfer.items.add(new File([text], name, { type: 'application/json' }));
    return transfer;
  }, files);
  const place = page.locator('z-jobs-page > div');
  await place.dispatchEvent('dragover', { dataTransfer: data });
  await expect(page.getByText('Let go to import the job file.')).toBeVisible();
  await place.dispatchEvent('drop', { dataTransfer: data });
}

test.describe('where parts of the application come late', () => {
  test.use({ apart: true });

  test('letters typed on while the list of actions opens do nothing to the bench', async ({ page }) => {
    await page.route(/chunk-.*\.js/, async (route) => {
      await new Promise((resolve) => setTimeout(resolve, 300));
      await route.continue();
    });
    await openJob(page, 'Notions bank', 'Divide');
    await expect(page.getByRole('slider', { name: 'Joint below drawer 5' })).toBeVisible();
    await page.keyboard.press('a');
    await page.keyboard.type('dk');
    await page.getByRole('combobox', { name: 'What do you want to do?' }).press('Escape');
    await expect(page.getByRole('slider', { name: /^Joint below drawer/ })).toHaveCount(5);
    await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
  });
});
