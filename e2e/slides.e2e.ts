import { expect, figure, kept, openJob, test } from './app';

test.describe.configure({ mode: 'serial' });

test('families side by side for this bank, the chart when it is asked for, one taken', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Slides');
  const table = page.getByRole('group', { name: 'Slides side by side' });
  await expect(table.getByRole('columnheader')).toContainText([
    'Slide',
    'Clear width, walls in all',
    'Room inside',
    'Stays hidden',
  ]);
  await expect(table.getByRole('row', { name: /^Undermount, sides to 5\/8 in/ })).toContainText('66.1 lb');
  await page.getByRole('button', { name: 'Room against price, as a chart' }).click();
  await expect(page.locator('z-slide-chart svg')).toContainText('Wooden runner');
  await table.getByRole('button', { name: 'Use Side-mount, light' }).click();
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveText('Undo: slide: side-mount, light');
  await page.getByRole('button', { name: /^Undo/ }).click();
});

test('one drawer on another slide: its box follows, the others stay', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Slides');
  const before = await figure(page, 'Inside width of drawer 1');
  await page.getByLabel('Slide of drawer 6').selectOption('Side-mount, heavy');
  await expect(page.getByRole('row', { name: /Cordage/ })).toContainText('of 264.6 lb');
  await expect.poll(() => figure(page, 'Inside width of drawer 6')).not.toBe(before);
  expect(await figure(page, 'Inside width of drawer 1')).toBe(before);
  await page.getByLabel('Slide of drawer 6').selectOption('as the bank');
  await expect.poll(() => figure(page, 'Inside width of drawer 6')).toBe(before);
  await kept(page);
});

test('a row from its sheet is kept in the shop’s list and serves another job', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Slides');
  const shop = page.getByRole('region', { name: 'The shop’s slides' });
  await expect(shop).toContainText('Nothing is kept yet');
  await page.getByRole('button', { name: 'Write a row from its sheet' }).click();
  const sheet = page.getByRole('region', { name: 'From its sheet' });
  await sheet.getByLabel('Name of this slide').fill('Loft ball bearing');
  await sheet.getByLabel('Name of this slide').press('Enter');
  await sheet.getByLabel('Each side').fill('13.2 mm');
  await sheet.getByLabel('Each side').press('Enter');
  await sheet.getByLabel('A pair costs').fill('a lot');
  await sheet.getByLabel('A pair costs').press('Enter');
  await expect(sheet.getByRole('alert')).toContainText('a plain number is wanted');
  await shop.getByRole('button', { name: 'Keep Loft ball bearing for other jobs' }).click();
  await expect(shop.getByRole('listitem')).toContainText('Loft ball bearing');
  await kept(page);
  await openJob(page, 'Flag chest', 'Slides');
  await shop.getByRole('button', { name: 'Use Loft ball bearing' }).click();
  await expect(page.getByLabel('Slide', { exact: true }).locator('option:checked')).toHaveText('Loft ball bearing');
  await expect(sheet.getByLabel('Each side')).toHaveValue('13.2');
  await shop.getByRole('button', { name: /^Take Loft ball bearing off/ }).click();
  await expect(shop).toContainText('Nothing is kept yet');
  // The job keeps its own copy of the row.
  await expect(sheet.getByLabel('Each side')).toHaveValue('13.2');
  await kept(page);
});
