import { expect, figure, kept, openFindings, openJob, test } from './app';

test.describe.configure({ mode: 'serial' });

test('overlay to inset: widths follow, a tight gap is told and widened by a button', async ({ page }) => {
  await openJob(page, 'Flag chest', 'Fronts');
  expect(await figure(page, 'Front width')).toBe('860.0');
  await page.getByText('Overlay', { exact: true }).click();
  // Gaps are no laps: the usual ones stand in their place, and it is said.
  await expect.poll(() => figure(page, 'Front width')).toBe('888.0');
  await expect(page.getByText('Laps are no gaps: the laps are 12 mm now')).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await page.getByRole('textbox', { name: 'Gap top' }).fill('0.5');
  await page.getByRole('textbox', { name: 'Gap top' }).press('Enter');
  await openFindings(page);
  const tight = page.locator('[data-code="REVEAL_TOO_TIGHT"]').first();
  await expect(tight).toContainText('may still grow');
  await tight.getByRole('button', { name: /^Make the gap/ }).click();
  await expect(tight.getByRole('group', { name: 'What it would change' })).toContainText('Front height');
  await tight.getByRole('button', { name: 'Do it' }).click();
  await expect(page.locator('[data-code="REVEAL_TOO_TIGHT"]')).toHaveCount(0);
  await kept(page);
});

test('the season of fitting decides what a solid front may still grow', async ({ page }) => {
  await openJob(page, 'Flag chest', 'Fronts');
  const season = page.getByRole('region', { name: 'Season of fitting' });
  const before = Number((await figure(page, 'Growth of front 4')).replace('≈ ', ''));
  await season.getByLabel('Fitted at, % damp').fill('30');
  await season.getByLabel('Fitted at, % damp').press('Enter');
  await expect
    .poll(async () => Number((await figure(page, 'Growth of front 4')).replace('≈ ', '')))
    .toBeGreaterThan(before);
  await season.getByLabel('Fitted at, % damp').fill('wet');
  await season.getByLabel('Fitted at, % damp').press('Enter');
  await expect(season.getByRole('alert')).toContainText('a plain number is wanted');
  await season.getByRole('button', { name: 'Use the usual rise' }).click();
  await expect(season).toContainText('a usual rise of 4 %');
  await season.getByRole('button', { name: 'Say what air they are fitted in' }).click();
  await expect(season.getByLabel('Wettest, % damp')).toHaveValue('65');
  await kept(page);
});

test('pulls by school, with their bores, on the face', async ({ page }) => {
  await openJob(page, 'Flag chest', 'Fronts');
  const pulls = page.getByRole('region', { name: 'Pulls' });
  await pulls.getByRole('button', { name: 'From the top edge' }).click();
  await expect(pulls.getByLabel('Below the top edge')).toHaveValue('40');
  await pulls.getByLabel('Bore centres').fill('128');
  await pulls.getByLabel('Bore centres').press('Enter');
  // 860 wide is over 600: two pulls, a quarter in, 64 either side.
  await expect(pulls.locator('dd').first()).toHaveText(/151\.0\s*279\.0\s*581\.0\s*709\.0/);
  await pulls.getByLabel('Two on fronts over').fill('900');
  await pulls.getByLabel('Two on fronts over').press('Enter');
  await expect(pulls.locator('dd').first()).toHaveText(/366\.0\s*494\.0/);
  await pulls.getByRole('button', { name: 'None' }).click();
  await expect(pulls.locator('dd')).toHaveCount(0);
  await kept(page);
});

test('banded, framed, from one panel: the cut list follows', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Fronts');
  const made = page.getByRole('region', { name: 'How fronts are made' });
  await made.getByRole('button', { name: 'Edges banded' }).click();
  await expect(page.getByRole('columnheader', { name: 'Cut before banding' })).toBeVisible();
  await made.getByRole('button', { name: 'left', exact: true }).click();
  await expect(made.getByRole('button', { name: 'left', exact: true })).toHaveAttribute('aria-pressed', 'false');
  const panel = page.getByRole('region', { name: 'One panel' });
  await panel.getByRole('button', { name: 'From one panel, down the bank' }).click();
  await expect(panel).toContainText(/jumps by/);
  await openFindings(page);
  const jump = page.locator('[data-code="GRAIN_JUMPS"]');
  await jump.getByRole('button', { name: /^Cut a strip/ }).click();
  await jump.getByRole('button', { name: 'Do it' }).click();
  await expect(jump).toHaveCount(0);
  await expect(panel).toContainText('runs through unbroken');
  await made.getByRole('button', { name: 'Framed' }).click();
  await made.getByLabel('Panel of').selectOption('6 mm birch plywood');
  await page.getByRole('link', { name: /^Cut/ }).click();
  await page.getByRole('button', { name: 'The boxes are hung' }).click();
  await expect(page.getByRole('region', { name: '3/4 in maple-faced plywood' })).toContainText(
    /stiles of|front rails of/,
  );
  await kept(page);
});

test('slides side by side for this bank: one is taken, and a row is written from its sheet', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Slides');
  const table = page.getByRole('group', { name: 'Slides side by side' });
  await expect(table.getByRole('row')).toHaveCount(12);
  await expect(table.getByRole('row', { name: /^Centre-mount/ })).toContainText(/wants the bottom/);
  await table.getByRole('button', { name: 'Use Side-mount, light' }).click();
  await expect(page.getByLabel('Slide', { exact: true })).toHaveValue('side-light');
  await page.getByRole('button', { name: 'Write a row from its sheet' }).click();
  const sheet = page.getByRole('region', { name: 'From its sheet' });
  await sheet.getByLabel('Each side').fill('12 mm');
  await sheet.getByLabel('Each side').press('Enter');
  await sheet.getByLabel('Name of this slide').fill('Loft slide');
  await sheet.getByLabel('Name of this slide').press('Enter');
  await expect(table.getByRole('row', { name: /^Loft slide/ })).toContainText('in use');
  await page.getByRole('link', { name: /^Boxes/ }).click();
  // 23 7/8 or 24 in less twice 12 mm.
  await expect.poll(() => figure(page, 'Width of box 1')).toBe('≈ 23 3/64');
  await kept(page);
});

test('fronts of two banks from one panel across the case', async ({ page }) => {
  await openJob(page, 'Rope bench', 'Fronts');
  const panel = page.getByRole('region', { name: 'One panel' });
  await panel.getByRole('button', { name: 'From one panel, across the case' }).click();
  await expect(panel.getByRole('img', { name: 'The panel across the case with its cuts' })).toBeVisible();
  await expect(panel).toContainText('Panel, across the case');
  await panel.getByLabel('Kerf').fill('1/4');
  await panel.getByLabel('Kerf').press('Enter');
  await panel.getByRole('button', { name: 'From one panel, down the bank' }).click();
  await expect(panel.getByRole('img', { name: 'The panel with its cuts' })).toBeVisible();
  await panel.getByRole('button', { name: 'One by one' }).click();
  await expect(panel.getByRole('img')).toHaveCount(0);
  await kept(page);
});
