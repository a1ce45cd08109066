import { expect, figure, figureButton, kept, openJob, test } from './app';

test.describe.configure({ mode: 'serial' });

test('the list shows the five demo jobs', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 2 })).toHaveCount(5);
  const names = await page.getByRole('heading', { level: 2 }).allInnerTexts();
  expect(names.sort()).toEqual(['Flag chest', 'Notions bank', 'Rope bench', 'Signal locker', 'Splicing bench']);
});

test('one width reading changes the governing width, every front, box and part at once', async ({ page }) => {
  await openJob(page, 'Notions bank');
  await expect(page.getByRole('group', { name: 'Face of the bank and its story stick' })).toBeVisible();
  await page.getByLabel('Width, reading 2').fill('23 7/8');
  await expect.poll(() => figure(page, 'Width that governs')).toBe('23 7/8');
  await page.getByRole('link', { name: /^Fronts/ }).click();
  await expect.poll(() => figure(page, 'Front width')).toBe('24 7/8');
  await page.getByRole('link', { name: /^Boxes/ }).click();
  for (const box of [1, 2, 3, 4, 5, 6]) expect(await figure(page, `Width of box ${box}`)).toBe('22 7/8');
  await page.getByRole('link', { name: /^Cut/ }).click();
  await page.getByRole('button', { name: 'The boxes are hung' }).click();
  await expect(
    page
      .getByRole('region', { name: '3/4 in maple-faced plywood' })
      .getByRole('button', { name: /^Length of the cut, / })
      .first(),
  ).toContainText('24');
  await kept(page);
});

test('a box width shows its tally, and each term leads to where it came from', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Boxes');
  await figureButton(page, 'Width of box 3').click();
  const reckoning = page.getByTestId('reckoning');
  await expect(reckoning).toHaveText(/opening\s*23\s*7\/8\s*−\s*2 × 1\/2\s*slide\s*=\s*22\s*7\/8\s*in/);
  await reckoning.getByRole('button', { name: /slide/ }).click();
  await expect(page.locator('[data-figure="side-ball-bearing.side"]')).toBeFocused();
  await page.getByRole('link', { name: /^Boxes/ }).click();
  await figureButton(page, 'Width of box 3').click();
  await reckoning.getByRole('button', { name: /opening/ }).click();
  await expect(page.getByRole('region', { name: 'The reckoning' })).toContainText('Opening width');
  await reckoning.getByRole('button', { name: /least of 3/ }).click();
  await expect(page.getByLabel('Width, reading 2')).toBeFocused();
});

test('a seventh drawer, step, increment and a locked top: heights add up to the opening exactly', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Divide');
  await page.getByRole('button', { name: '+ Add a drawer' }).click();
  await page.getByRole('textbox', { name: 'Step', exact: true }).fill('1/2 in');
  await page.getByRole('textbox', { name: 'Increment', exact: true }).fill('1/16');
  await page.getByRole('button', { name: 'Lock drawer 1' }).click();
  await page.getByLabel('Locked height of drawer 1').fill('3 1/2');
  await expect(page.getByRole('button', { name: /^Undo/ })).toContainText('height of drawer 1');
  const heights = [3.5];
  for (const drawer of [2, 3, 4, 5, 6, 7]) heights.push(inches(await figure(page, `Front height of drawer ${drawer}`)));
  expect(heights.reduce((sum, each) => sum + each, 0)).toBe(inches(await figure(page, 'Height to share out')));
  expect(await figure(page, 'Height to share out')).toBe('30 1/4');
  await kept(page);
});

test('what can’t be read stays as typed with one sentence, and the last good plan stays', async ({ page }) => {
  await openJob(page, 'Notions bank');
  const reading = page.getByLabel('Width, reading 2');
  await reading.fill('24 1/0');
  await expect(page.getByRole('alert')).toHaveText('Read "24 1/0": the fraction 1/0 divides by nothing.');
  await reading.blur();
  await expect(reading).toHaveValue('24 1/0');
  expect(await figure(page, 'Width that governs')).toBe('23 7/8');
  await reading.fill('24 1/4 - 3/8');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(page.getByText('= 23')).toBeVisible();
  await reading.press('Enter');
  await expect(reading).toHaveValue('23 7/8');
  await kept(page);
});

test('undo and redo lead back and on, by name', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Divide');
  await page.getByText('Equal', { exact: true }).click();
  const undo = page.getByRole('button', { name: /^Undo/ });
  await expect(undo).toHaveText('Undo: heights grow: equal');
  const equal = await figure(page, 'Front height of drawer 3');
  await undo.click();
  await expect.poll(() => figure(page, 'Front height of drawer 3')).not.toBe(equal);
  await page.getByRole('button', { name: /^Redo/ }).click();
  await expect.poll(() => figure(page, 'Front height of drawer 3')).toBe(equal);
  await page.locator('body').press('u');
  await expect(undo).toBeDisabled();
  await kept(page);
});

test('server stopped and started again: everything is there', async ({ page, zabble }) => {
  await zabble.server.stop();
  await zabble.server.start();
  await openJob(page, 'Notions bank');
  expect(await figure(page, 'Width that governs')).toBe('23 7/8');
  await page.getByRole('link', { name: /^Divide/ }).click();
  await expect(page.getByLabel('Locked height of drawer 1')).toHaveValue('3 1/2');
  await expect(page.getByLabel(/^Name of drawer/)).toHaveCount(7);
});

/** `3 13/16` as a number; sixteenths are exact in it. */
function inches(text: string): number {
  const [, whole = '0', top = '0', bottom = '1'] = /^(?:(\d+) ?)?(?:(\d+)\/(\d+))?$/.exec(text) ?? [];
  return Number(whole) + Number(top) / Number(bottom);
}
