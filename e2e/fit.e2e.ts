import { readFile } from 'node:fs/promises';
import { expect, kept, openJob, test } from './app';

test('card, stick and templates go to the case on paper, and the stick to a machine', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Fit');
  await page.getByRole('tab', { name: 'On paper' }).click();
  const fetched = async (name: string): Promise<Buffer> => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name, exact: true }).click(),
    ]);
    return readFile(await download.path());
  };
  await expect(page.getByRole('link', { name: 'Templates, its pages' })).toBeVisible();
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
  await expect(page.getByText('nothing is hung by planned sizes')).toBeVisible();
  await page.getByRole('tab', { name: 'On paper' }).click();
  await expect(page.getByText('These are planned sizes: every page says so.')).toBeVisible();
});

test('hung one step at a time: what is done is kept, the fronts are released at the end', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Fit');
  const hanging = page.getByRole('region', { name: 'The hanging, step by step' });
  await expect(hanging).toContainText('Step 1 of 37');
  await expect(hanging.getByRole('heading', { name: 'Build the sides out' })).toBeVisible();
  const next = hanging.getByRole('button', { name: 'Done, next' });
  await next.click();
  await expect(hanging.getByRole('heading', { name: 'Cut the spacer' })).toBeVisible();
  await expect(hanging).toContainText('drawer 1, Needles, palms');
  await expect(hanging).toContainText(/Fence at\s*≈\s*27\s*35\/64\s*in/);
  // The arrow keys only look: nothing is done by them.
  await page.keyboard.press('ArrowRight');
  await expect(hanging.getByRole('heading', { name: 'Left slide' })).toBeVisible();
  await expect(hanging).toContainText('slots first');
  await expect(hanging.getByRole('img', { name: /Left slide drawer 1/ })).toBeVisible();
  await expect(hanging).toContainText('1 of 37 done');
  await page.keyboard.press('ArrowLeft');
  await next.click();
  await expect(hanging).toContainText('Done: Cut the spacer, drawer 1, Needles, palms.');
  await hanging.getByRole('button', { name: 'Look back' }).click();
  await expect(hanging).toContainText('Done 20');
  await hanging.getByRole('button', { name: 'Not done after all' }).click();
  await expect(hanging).toContainText('1 of 37 done');
  await next.click();
  await kept(page);
  await page.reload();
  await expect(hanging.getByRole('heading', { name: 'Left slide' })).toBeVisible();
  for (let step = 3; step <= 37; step += 1) await next.click();
  await expect(page.getByText('Every slide hangs, every box is tried and locked.')).toBeVisible();
  await page.getByRole('button', { name: 'The boxes are hung and trued: release the fronts' }).click();
  await page.getByRole('link', { name: /^Cut/ }).click();
  await expect(page.getByRole('region', { name: '3/4 in maple-faced plywood' })).toBeVisible();
  await kept(page);
});
