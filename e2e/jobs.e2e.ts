import { readFile } from 'node:fs/promises';
import { beginJob, expect, figure, kept, noWider, openFindings, openJob, soundAccess, test } from './app';

test('a job is searched, deleted and brought back', async ({ page }) => {
  await page.goto('/jobs');
  await page.getByPlaceholder('Name or customer').fill('flag');
  await expect(page.getByRole('heading', { level: 2 })).toHaveText(['Flag chest']);
  await page.getByPlaceholder('Name or customer').fill('no such job');
  await expect(page.getByText('No job has words that begin with “no such job”')).toBeVisible();
  await page.getByRole('button', { name: 'Show all' }).click();
  await page.getByRole('button', { name: 'Delete Flag chest' }).click();
  await expect(page.getByRole('status')).toContainText('Flag chest is deleted');
  await expect(page.getByRole('link', { name: 'Flag chest', exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'Deleted jobs' }).click();
  await page.getByRole('button', { name: 'Bring back', exact: true }).click();
  await expect(page.getByText('Nothing is deleted.')).toBeVisible();
  await page.getByRole('button', { name: 'Back to the jobs' }).click();
  await expect(page.getByRole('link', { name: 'Flag chest', exact: true })).toBeVisible();
});

test('a job goes out as a file and comes in as one; a broken file says which field', async ({ page }) => {
  await openJob(page, 'Rope bench');
  await page.getByRole('link', { name: /^Cut/ }).click();
  await page.getByRole('tab', { name: 'Files' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'The job file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('rope-bench.zabble.json');
  const text = await readFile(await download.path(), 'utf8');
  await page.goto('/jobs');
  const file = (content: string) => ({ name: 'job.json', mimeType: 'application/json', buffer: Buffer.from(content) });
  await page.getByLabel('Import a job file').setInputFiles(file(text.replace('"wood-runner"', '"magnets"')));
  await expect(page.getByRole('alert')).toContainText('cases[0].banks[0].slide.family: read "magnets"');
  await page.getByLabel('Import a job file').setInputFiles(file(text.replace('Rope bench', 'Rope bench, second')));
  await expect(page.getByLabel('Job name')).toHaveValue('Rope bench, second');
});

test('a new job in millimetres is planned from the first moment', async ({ page }) => {
  await beginJob(page, 'Overlay fronts on side-mount slides', 'Millimetres');
  await expect(page.getByText('These are planned sizes')).toBeVisible();
  await page.getByLabel('Job name').fill('Batten drawers');
  await page.getByLabel('Job name').press('Enter');
  await page.getByText('As built', { exact: true }).click();
  await expect(page.getByText('These are planned sizes')).toHaveCount(0);
  await kept(page);
  await page.goto('/jobs');
  await expect(page.getByRole('heading', { level: 2 }).first()).toHaveText('Batten drawers');
});

test('a wish that can’t be had is refused and the last good division stays; a measurement is taken and what mends it offered', async ({
  page,
}) => {
  await openJob(page, 'Flag chest');
  await page.getByRole('link', { name: /^Divide/ }).click();
  await page.getByRole('button', { name: 'Lock drawer 1' }).click();
  await page.getByLabel('Locked height of drawer 1').fill('900');
  await page.getByLabel('Locked height of drawer 1').press('Enter');
  await expect(page.getByRole('alert')).toContainText('come to 216.0 mm more than there is to share out');
  expect(await figure(page, 'Front height of drawer 2')).toBe('148.0');
  await page.getByLabel('Locked height of drawer 1').press('Escape');
  await page.getByRole('link', { name: /^Measure/ }).click();
  await page.getByLabel('Height, reading 1').fill('390');
  await page.getByLabel('Height, reading 1').press('Enter');
  await page.getByRole('link', { name: /^Boxes/ }).click();
  expect(await figure(page, 'Width of box 1')).toContain('851');
  await page.getByRole('link', { name: /^Divide/ }).click();
  await openFindings(page);
  await expect(page.locator('[data-code="DIVISION_IMPOSSIBLE"]')).toContainText('4.0 mm more than there is');
  await page.getByRole('button', { name: 'Free drawer 1, Signal pennants' }).click();
  await page.getByRole('button', { name: 'Do it' }).click();
  await expect(page.locator('[data-code="DIVISION_IMPOSSIBLE"]')).toHaveCount(0);
  const undo = page.getByRole('button', { name: /^Undo/ });
  await expect(undo).toHaveText('Undo: free drawer 1, Signal pennants');
  for (const name of ['height, reading 1', 'lock drawer 1']) {
    await undo.click();
    await expect(undo).toHaveText(`Undo: ${name}`);
  }
  await undo.click();
  await expect(undo).toBeDisabled();
  await kept(page);
});

test('every step is free of serious faults of access, light and dim, at three widths', async ({ page }) => {
  test.slow();
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Notions bank', exact: true }).waitFor();
  await soundAccess(page, 'jobs');
  await page.getByRole('link', { name: 'Notions bank', exact: true }).click();
  for (const step of ['Case', 'Measure', 'Slides', 'Divide', 'Boxes', 'Fronts', 'Cut', 'Fit']) {
    await page.getByRole('link', { name: new RegExp(`^${step}`) }).click();
    await page.locator(`z-${step.toLowerCase()}-step`).waitFor();
    await soundAccess(page, step);
    await noWider(page, step, [768, 390]);
  }
});
