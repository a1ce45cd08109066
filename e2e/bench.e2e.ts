import { expect, figure, goTo, kept, openFindings, openJob, test } from './app';

test('slide, corner and bottom chosen: widths, lengths and parts follow, what they need comes with them', async ({
  page,
}) => {
  await openJob(page, 'Notions bank');
  const slide = page.getByLabel('Slide', { exact: true });
  await page.getByRole('link', { name: /^Slides/ }).click();
  await slide.selectOption('Side-mount, light');
  await page.getByLabel('Length', { exact: true }).selectOption('18 in');
  await page.getByRole('link', { name: /^Boxes/ }).click();
  await expect.poll(() => figure(page, 'Width of box 1')).toBe('≈ 23 13/64');
  await expect.poll(() => figure(page, 'Length of box 1')).toBe('18');
  await page.getByLabel('Corners').first().selectOption('Tongue and dado');
  await expect(page.getByRole('textbox', { name: 'Depth of the joint' })).toHaveValue('1/4');
  await page.getByRole('radio', { name: /^Applied below/ }).check();
  await expect(page.getByRole('textbox', { name: 'Play' })).toHaveCount(0);
  await page.getByRole('link', { name: /^Slides/ }).click();
  await slide.selectOption('Undermount, sides to 5/8 in');
  await page.getByRole('link', { name: /^Boxes/ }).click();
  await openFindings(page);
  const stop = page.locator('[data-code="BOTTOM_NOT_ALLOWED"]').first();
  await expect(stop).toContainText('wants a bottom captured in grooves all round or slid in');
  await stop.getByRole('button', { name: 'Make it captured in grooves all round' }).click();
  await stop.getByRole('button', { name: 'Do it' }).click();
  await expect(page.locator('[data-code="BOTTOM_NOT_ALLOWED"], [data-code="RECESS_WRONG"]')).toHaveCount(0);
  await expect(page.getByRole('textbox', { name: 'Groove up' })).toHaveValue('13 mm');
  await page.getByLabel('12 mm birch plywood').last().fill('16.5 mm');
  await expect(page.locator('[data-code="SIDE_TOO_THICK"]').first()).toContainText('takes sides up to');
  await kept(page);
});

test('undo is the job’s own, in a field too: what is half typed goes first', async ({ page }) => {
  await openJob(page, 'Notions bank');
  const width = page.getByLabel('Width, reading 1');
  await width.fill('23 1/2');
  await width.press('Enter');
  await expect.poll(() => figure(page, 'Width that governs')).toBe('23 1/2');
  await width.fill('2');
  await width.press('Control+z');
  await expect(width).toHaveValue('23 1/2');
  expect(await figure(page, 'Width that governs')).toBe('23 1/2');
  await width.press('Control+z');
  await expect(width).toHaveValue('24 1/32');
  await width.press('Control+Shift+z');
  await expect(width).toHaveValue('23 1/2');
  await width.press('Control+z');
  await page.getByLabel('Width, reading 2').click();
  await expect.poll(() => figure(page, 'Width that governs')).toBe('24');
  await kept(page);
});

test('planned sizes that were measured are said so, without a stop', async ({ page }) => {
  await openJob(page, 'Rope bench');
  await page.getByLabel('Width, reading 1').fill('18 1/16');
  await page.getByLabel('Width, reading 1').press('Enter');
  await openFindings(page);
  const asks = page.getByRole('group', { name: 'What these sizes are' });
  await asks.getByRole('button', { name: 'Measured at the case' }).click();
  await expect(asks).toHaveCount(0);
  await expect(page.locator('[data-code="NOT_YET_MEASURED"]')).toHaveCount(0);
  await expect(page.locator('[data-code="FORECAST"]')).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo: sizes measured/ }).click();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await kept(page);
});

test('bad entries in every kind of field: one sentence, nothing lost', async ({ page }) => {
  await openJob(page, 'Flag chest');
  for (const [text, says] of [
    ['wide', 'a number is wanted at "wide"'],
    ['864 mm 3', 'can’t be read'],
    ['1/3', 'not in sixty-fourths'],
    ['-20', 'less than nothing'],
    ['200000', 'over 100 m'],
    ['', 'a length is wanted'],
    ['0', 'more than nothing'],
  ] as const) {
    await page.getByLabel('Width, reading 1').fill(text);
    await page.getByLabel('Width, reading 1').press('Enter');
    await expect(page.getByRole('alert')).toContainText(says);
    expect(await figure(page, 'Width that governs')).toBe('864.0');
  }
  await page.getByLabel('Width, reading 1').press('Escape');
  await expect(page.getByLabel('Width, reading 1')).toHaveValue('864');
  await page.getByRole('link', { name: /^Divide/ }).click();
  const ratio = page.getByLabel('Each is so many times the one above');
  for (const [text, says] of [
    ['golden', 'a plain number is wanted'],
    ['9', 'it must be from 0.2 to 5'],
  ] as const) {
    await ratio.fill(text);
    await ratio.press('Enter');
    await expect(page.getByRole('alert')).toContainText(says);
    expect(await figure(page, 'Front height of drawer 1')).toBe('119.0');
  }
  await page.getByLabel('Job name').fill('');
  await page.getByLabel('Job name').press('Enter');
  await expect(page.getByRole('alert').first()).toContainText('must not be empty');
});

test('by keyboard alone: to a step, into a field, a front chosen, undone', async ({ page }) => {
  await openJob(page, 'Rope bench');
  await page.getByLabel('Depth, reading 1').fill('22 3/4');
  await page.keyboard.press('Alt+4');
  await expect(page).toHaveURL(/divide$/);
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveText('Undo: depth, reading 1');
  await page.getByRole('button', { name: 'Drawer 3', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'The reckoning' })).toContainText('Drawer 3, front height');
  await page.getByRole('button', { name: 'Lock drawer 3' }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByLabel('Locked height of drawer 3')).toHaveValue('7 1/4');
  await page.locator('body').press('u');
  await expect(page.getByLabel('Locked height of drawer 3')).toHaveCount(0);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Keys of the bench');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('a job of two banks: each has its own face, and the cut list holds both', async ({ page }) => {
  await openJob(page, 'Rope bench');
  await page.getByRole('button', { name: 'Bench, bank right' }).click();
  await expect.poll(() => figure(page, 'Width that governs')).toBe('30');
  await page.getByRole('link', { name: /^Cut/ }).click();
  const held = page.getByRole('region', { name: 'Held' });
  await expect(held).toContainText('held until the opening is measured as built');
  await held.getByRole('button', { name: 'What they will be' }).click();
  await expect(held.getByText('sides of left 4', { exact: false }).first()).toBeVisible();
  await expect(held.getByText('sides of right 4', { exact: false }).first()).toBeVisible();
});

test('another unit: the same lengths, written in it', async ({ page }) => {
  await openJob(page, 'Rope bench', 'Case');
  await page.getByText('Millimetres', { exact: true }).click();
  await goTo(page, 'Measure');
  await expect.poll(() => figure(page, 'Width that governs')).toBe('≈ 457.0');
  await expect(page.getByLabel('Width, reading 1')).toHaveValue('457.2');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(() => figure(page, 'Width that governs')).toBe('18');
});

test('looked at from afar and from near: the case, a bank of it, one drawer cut through', async ({ page }) => {
  await openJob(page, 'Rope bench');
  const near = page.getByRole('group', { name: 'How near' });
  await near.getByRole('button', { name: 'Case' }).click();
  const banks = page.getByRole('group', { name: 'Banks of the case' });
  await expect(banks.getByRole('button')).toHaveCount(2);
  await banks.getByRole('button', { name: /^bank right/ }).click();
  await expect(page.getByRole('button', { name: 'Bench, bank right' })).toHaveAttribute('aria-pressed', 'true');
  await expect(near.getByRole('button', { name: 'Bank' })).toHaveAttribute('aria-pressed', 'true');
  await page
    .getByRole('button', { name: /^Drawer 2/ })
    .first()
    .click();
  await page.keyboard.press('z');
  await expect(near.getByRole('button', { name: 'Drawer 2' })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('img', { name: 'Section of drawer 2, front at the left' })).toBeVisible();
  await page.keyboard.press('z');
  await expect(page.getByRole('img', { name: 'Section of drawer 2, front at the left' })).toHaveCount(0);
});

test('what stands alike in several banks is told once, in one line that opens', async ({ page }) => {
  await openJob(page, 'Rope bench');
  const line = page.getByRole('region', { name: 'Findings of this step' });
  await expect(line.getByRole('listitem')).toHaveCount(0);
  await openFindings(page);
  await expect(line.getByRole('listitem')).toHaveCount(1);
  await expect(line).toContainText('Bench, bank left · Bench, bank right');
});
