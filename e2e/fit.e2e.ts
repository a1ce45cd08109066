import { readFile } from 'node:fs/promises';
import { expect, openJob, test } from './app';

test('card, stick and templates go to the case on paper, and the stick to a machine', async ({ page }) => {
  await openJob(page, 'Notions bank');
  await page.getByRole('link', { name: /^Fit/ }).click();
  const fetched = async (name: string): Promise<Buffer> => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name, exact: true }).click(),
    ]);
    return readFile(await download.path());
  };
  await page.getByRole('button', { name: 'Letter' }).click();
  for (const name of [
    'Bench card, PDF',
    'Story stick, on pages, PDF',
    'Story stick, in one piece, PDF',
    'Templates, PDF',
  ])
    expect((await fetched(name)).subarray(0, 5).toString()).toBe('%PDF-');
  const svg = (await fetched('Story stick, SVG')).toString();
  expect(svg).toMatch(/class="tick"/);
  const dxf = (await fetched('Story stick, DXF')).toString();
  expect(dxf).toContain('AC1009');
  expect(dxf).toContain('MARK');
  const screws = page.getByRole('button', { name: /^Screw line, .*, DXF$/ }).first();
  await expect(screws).toBeVisible();
});

test('of planned sizes every page is called a forecast', async ({ page }) => {
  await openJob(page, 'Flag chest');
  await page.getByRole('link', { name: /^Fit held/ }).click();
  await expect(page.getByText('These are planned sizes: every page says so.')).toBeVisible();
});
