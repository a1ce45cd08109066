import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, noWider, openJob, soundAccess, test } from './app';

/** The page of the paper that is shown as dots that are not white. */
const inked = (page: Page, label: string): Promise<number> =>
  page.getByRole('img', { name: label }).evaluate((canvas: HTMLCanvasElement) => {
    const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height);
    let dark = 0;
    for (let at = 0; at < data.length; at += 4) if (data[at]! < 128 && data[at + 3]! > 0) dark += 1;
    return dark;
  });

const saved = async (page: Page, press: string): Promise<{ readonly name: string; readonly data: Buffer }> => {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: press, exact: true }).click(),
  ]);
  return { name: download.suggestedFilename(), data: await readFile(await download.path()) };
};

test('every paper is shown before it is printed, on the paper and in the ink that is chosen', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Boxes');
  await page.getByRole('link', { name: 'Print', exact: true }).click();
  const papers = page.getByRole('list', { name: 'Papers' });
  for (const [paper, file] of [
    ['Cut list', 'cut-list'],
    ['Labels', 'labels'],
    ['Sheets', 'layouts'],
    ['Bench card', 'bench-card'],
    ['Story stick, on pages', 'story-stick'],
    ['Story stick, in one piece', 'story-stick-strip'],
    ['Templates', 'templates'],
  ] as const) {
    await papers.getByRole('button', { name: paper }).click();
    await expect(page.getByText(`notions-bank-${file}.pdf`), paper).toBeVisible({ timeout: 20_000 });
    await expect.poll(() => inked(page, `${paper}, page 1 of `), { message: paper }).toBeGreaterThan(100);
  }
  const first = await saved(page, 'Save the PDF');
  expect([first.name, first.data.toString('latin1', 0, 5)]).toEqual(['notions-bank-templates.pdf', '%PDF-']);
  await page.getByRole('button', { name: 'Grey' }).click();
  await page.getByRole('button', { name: 'A4' }).click();
  await expect(page.getByText('notions-bank-templates.pdf')).toBeVisible();
  const { name, data } = await saved(page, 'All of it, one zip');
  expect([name, data.toString('latin1', 0, 2)]).toEqual(['notions-bank-job.zip', 'PK']);
  for (const file of ['job.json', 'cut-list.pdf', 'sheets.pdf', 'sheets/sheet-01.dxf'])
    expect(data.includes(file), file).toBe(true);
  await page.getByRole('link', { name: 'Back to the steps' }).click();
  await expect(page.locator('z-boxes-step')).toBeVisible();
});

test('what takes long tells how far it is and can be broken off; what can’t be made says why', async ({ page }) => {
  await openJob(page, 'Notions bank');
  let held: () => void = () => undefined;
  await page.route('**/api/print/labels.pdf', async (route) => {
    await new Promise<void>((go) => (held = go));
    await route.abort().catch(() => undefined);
  });
  await page.keyboard.press('o');
  await page.getByRole('button', { name: 'Labels' }).click();
  await expect(page.getByText('Making the pages …')).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('Nothing was made.')).toBeVisible();
  held();
  await page.unroute('**/api/print/labels.pdf');
  const says = 'Too much is being printed just now. Nothing was printed; try again in a moment.';
  await page.route('**/api/print/labels.pdf', (route) => route.fulfill({ status: 503, json: { status: 503, says } }));
  await page.getByRole('button', { name: 'Show the pages' }).click();
  await expect(page.getByRole('alert').filter({ hasText: says })).toBeVisible();
  await page.unroute('**/api/print/labels.pdf');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText('notions-bank-labels.pdf')).toBeVisible({ timeout: 20_000 });
});

test('the place of printing is free of serious faults of access and no wider than the screen', async ({ page }) => {
  await openJob(page, 'Flag chest');
  await page.getByRole('link', { name: 'Print', exact: true }).click();
  await expect(page.getByText('There are planned sizes among these')).toBeVisible();
  await expect(page.getByText('flag-chest-cut-list.pdf')).toBeVisible({ timeout: 20_000 });
  await soundAccess(page, 'printing');
  await noWider(page, 'printing', [768, 390]);
});
