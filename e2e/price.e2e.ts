import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, goTo, kept, noWider, openJob, soundAccess, test } from './app';

const price = (text: string): number => Number(text.replace(/[^\d.]/g, ''));

/** The price of a job, with the book there is. */
async function openPrice(page: Page, job: string): Promise<void> {
  await openJob(page, job);
  await goTo(page, 'Price');
  await expect(page.locator('[data-price-of="glue"]')).not.toHaveValue('');
}

test('a rough survey becomes a price, and the price follows the job and the book', async ({ page }) => {
  await openPrice(page, 'Flag chest');
  const total = page.locator('[data-price]');
  await expect(total).toContainText(/\d/);
  const rough = price(await total.innerText());
  await page.getByText('Carefully', { exact: true }).click();
  await expect.poll(async () => price(await total.innerText())).toBeLessThan(rough);
  // An hour dearer, the price dearer; what is written is kept for every job.
  await page.getByRole('tab', { name: 'Work', exact: true }).click();
  const careful = price(await total.innerText());
  const hour = page.locator('[data-price-of="hour"]');
  await hour.fill('80');
  await hour.press('Enter');
  await expect.poll(async () => price(await total.innerText())).toBeGreaterThan(careful);
  await page.reload();
  await page.getByRole('tab', { name: 'Work', exact: true }).click();
  await expect(page.locator('[data-price-of="hour"]')).toHaveValue('80.00');
  await kept(page);
});

test('what has no price is said, and opened to what it is made of; a price that can’t be read changes nothing', async ({
  page,
}) => {
  await openJob(page, 'Flag chest', 'Price');
  const glue = page.locator('[data-price-of="glue"]');
  // The book is there.
  await expect(glue).toHaveValue('41.00 / 5');
  await glue.fill('');
  await glue.press('Enter');
  await expect(page.getByText('without 1 line that has no price')).toBeVisible();
  await page.getByRole('button', { name: 'glue', exact: true }).click();
  await expect(page.getByText('no price yet: write one, or bring a list in')).toBeVisible();
  await glue.fill('cheap');
  await glue.press('Enter');
  await expect(page.getByText(/Read "cheap"/)).toBeVisible();
  await expect(page.getByText('without 1 line that has no price')).toBeVisible();
  await glue.fill('41 / 5');
  await glue.press('Enter');
  await expect(page.getByText('that has no price')).toBeHidden();
  await kept(page);
});

test('another way of making it stands beside with its price, is taken over, and undone', async ({ page }) => {
  await openPrice(page, 'Rope bench');
  await page.getByRole('tab', { name: 'Otherwise', exact: true }).click();
  const total = page.locator('[data-price]');
  const now = price(await total.innerText());
  await page.locator('[data-wish="fewer"]').selectOption({ index: 1 });
  const beside = page.getByRole('status').filter({ hasText: 'Take it over' });
  await expect(beside).toContainText('Less');
  expect(price(await total.innerText())).toBe(now);
  await beside.getByRole('button', { name: 'Take it over' }).click();
  await expect.poll(async () => price(await total.innerText())).toBeLessThan(now);
  await page.getByRole('button', { name: /^Undo: another way/ }).click();
  await expect.poll(async () => price(await total.innerText())).toBe(now);
  await kept(page);
});

test('what can’t be had is replaced everywhere in one act, with its reason kept in the record', async ({ page }) => {
  await openJob(page, 'Flag chest', 'Price');
  await page.getByRole('tab', { name: 'Use another', exact: true }).click();
  await page.getByLabel('Instead of').selectOption({ label: '15 mm birch plywood (material)' });
  await page.getByRole('combobox', { name: 'Use', exact: true }).selectOption({ label: '9 mm birch plywood' });
  await expect(page.getByText(/It is used in \d+ places of the job/)).toBeVisible();
  await expect(page.getByText('What differs')).toBeVisible();
  const act = page.getByRole('button', { name: 'Use it everywhere' });
  await act.click();
  await expect(page.getByText('Say why first: the record keeps it.')).toBeVisible();
  await page.getByLabel('Why, for the record').fill('none before spring');
  await act.click();
  await expect(
    page.getByText(/9 mm birch plywood is used instead of 15 mm birch plywood, and the record says why/),
  ).toBeVisible();
  await expect(page.getByLabel('Instead of').getByRole('option', { name: /^15 mm birch plywood/ })).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Undo: 9 mm birch plywood instead of/ })).toBeVisible();
  await goTo(page, 'Fit');
  await page.getByRole('tab', { name: 'Record', exact: true }).click();
  await expect(page.getByText(/is used instead of .* everywhere: none before spring/)).toBeVisible();
  await page.getByRole('button', { name: /^Undo: 9 mm/ }).click();
  await kept(page);
});

test('after the work: quoted, planned and come about side by side, and the shop learns from it', async ({ page }) => {
  await openJob(page, 'Flag chest', 'Fit');
  await page.getByRole('tab', { name: 'Record', exact: true }).click();
  await page.getByRole('button', { name: 'Time', exact: true }).click();
  await page.getByLabel('Minutes').fill('90');
  await page.getByLabel('On what').selectOption({ label: 'Cutting to size' });
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('90 minutes, cutting to size')).toBeVisible();
  await goTo(page, 'Price');
  await page.getByRole('tab', { name: 'Afterwards', exact: true }).click();
  const cutting = page.getByRole('row').filter({ hasText: /cutting to size/i });
  // An hour and a half at what an hour costs by now.
  await expect(cutting).toContainText('120.00');
  await page.getByRole('button', { name: 'The shop learns from it' }).click();
  await expect(page.getByText(/It is kept: what the shop/)).toBeVisible();
  await noWider(page, 'afterwards', [1280, 768, 390]);
  await soundAccess(page, 'afterwards');
  await kept(page);
  await page.goto('/shop');
  await page.getByRole('tab', { name: 'Minutes', exact: true }).click();
  const minutes = page.getByRole('textbox', { name: 'Minutes of cutting to size' });
  await page.getByRole('button', { name: 'Take 3.75 minutes of cutting to size' }).click();
  await expect(minutes).toHaveValue('3.75');
  await minutes.fill('');
  await minutes.press('Tab');
});

test('prices come in as a list and go out as one; a row that can’t be read is told by its line', async ({ page }) => {
  await openJob(page, 'Flag chest', 'Price');
  await page.getByRole('tab', { name: 'Price book', exact: true }).click();
  const bring = page.locator('input[type=file][accept*=csv]');
  const list = (text: string) => ({ name: 'yard.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await bring.setInputFiles(list('key,unit,pack,price\nfoot,piece,4,9.60\npin,piece,100,dear\n'));
  await expect(page.getByText('line 3')).toBeVisible();
  await expect(page.getByText(/“dear” stands there/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave it' }).click();
  await bring.setInputFiles(list('price,key,unit,pack\n7.25,wax:test,l,1\n'));
  await page.getByRole('button', { name: 'Take the 1 understood' }).click();
  await expect(page.getByText('1 price of yard.csv is in the book.')).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'As a list' }).click();
  const text = readFileSync(await (await saved).path(), 'utf8');
  expect(text).toContain('wax:test,l,1,7.25,,');
  expect(text.split('\r\n')[0]).toBe('key,unit,pack,price,supplier,date');
  await kept(page);
});

test('every view of the price is free of serious faults of access and no wider than the screen', async ({ page }) => {
  await openJob(page, 'Rope bench', 'Price');
  for (const view of ['What it takes', 'Work', 'In bars', 'Decided', 'Otherwise', 'Use another', 'Price book']) {
    await page.getByRole('tab', { name: view, exact: true }).click();
    await noWider(page, view, [1280, 768, 390]);
  }
  await page.getByRole('tab', { name: 'Decided', exact: true }).click();
  await page.getByRole('button', { name: '+ finish' }).click();
  await soundAccess(page, 'what is decided of the price');
  await page.getByRole('tab', { name: 'What it takes', exact: true }).click();
  await soundAccess(page, 'the price');
  await kept(page);
});
