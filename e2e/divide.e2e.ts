import type { Page } from '@playwright/test';
import { expect, figure, figureButton, kept, openFindings, openJob, test } from './app';

test.describe.configure({ mode: 'serial' });

test('a joint is dragged and snaps: only the two fronts beside it change, in one step of undo', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Divide');
  const before = await heights(page);
  const joint = page.getByRole('slider', { name: 'Joint below drawer 3' });
  const box = (await joint.boundingBox())!;
  const [x, y] = [box.x + box.width / 4, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let step = 1; step <= 12; step += 1) await page.mouse.move(x, y + step * 2);
  await page.mouse.up();
  await expect(page.getByLabel('Locked height of drawer 3')).toBeVisible();
  const after = await heights(page);
  expect(after[2]).toBeGreaterThan(before[2]!);
  expect(after[2]! + after[3]!).toBeCloseTo(before[2]! + before[3]!, 9);
  expect(after[2]! * 16).toBeCloseTo(Math.round(after[2]! * 16), 9);
  for (const other of [0, 1, 4, 5]) expect(after[other]).toBe(before[other]);
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveText('Undo: move the joint below drawer 3');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(() => heights(page)).toEqual(before);
  await expect(page.getByRole('button', { name: /^Undo/ })).toBeDisabled();
  // The undo is a change too: what comes next begins from it.
  await kept(page);
});

test('a joint is nudged by keys, an increment at a time', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Divide');
  const before = await heights(page);
  const joint = page.getByRole('slider', { name: 'Joint below drawer 2' });
  await joint.focus();
  await joint.press('ArrowDown');
  await joint.press('ArrowDown');
  await joint.press('ArrowUp');
  await expect.poll(async () => (await heights(page))[1]).toBeCloseTo(before[1]! + 1 / 16, 9);
  await joint.press('Shift+ArrowDown');
  await expect.poll(async () => (await heights(page))[1]).toBeCloseTo(before[1]! + 5 / 16, 9);
  await expect(joint).toHaveAttribute('aria-valuetext', /above the floor$/);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(() => heights(page)).toEqual(before);
  await kept(page);
});

test('what was done can be undone after a reload, and done again', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Divide');
  const before = await heights(page);
  await page.getByText('Equal', { exact: true }).click();
  await page.getByRole('button', { name: 'Lock drawer 1' }).click();
  await kept(page);
  await page.reload();
  const undo = page.getByRole('button', { name: /^Undo/ });
  await expect(undo).toHaveText('Undo: lock drawer 1');
  await undo.click();
  await undo.click();
  await expect.poll(() => heights(page)).toEqual(before);
  await page.reload();
  await expect(page.getByRole('button', { name: /^Redo/ })).toHaveText('Redo: heights grow: equal');
  await kept(page);
});

test('a drawer’s wishes: tied, at least, at most; what can’t be had is refused with the amount', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Divide');
  await page.getByRole('button', { name: 'Drawer 2, Thread cones' }).click();
  const card = page.getByRole('region', { name: 'Drawer 2' });
  await card.getByLabel('At least').fill('5');
  await card.getByLabel('At least').press('Enter');
  await expect.poll(async () => (await heights(page))[1]).toBe(5);
  await expect(page.getByRole('row').nth(2)).toContainText('at its least');
  await card.getByLabel('At most').fill('4');
  await card.getByLabel('At most').press('Enter');
  await expect(card.getByRole('alert')).toContainText('asked to be two things at once, 1 in apart');
  expect((await heights(page))[1]).toBe(5);
  await card.getByLabel('At most').press('Escape');
  await card.getByLabel('Same height as').selectOption('drawer 1, Needles, palms');
  await expect.poll(async () => (await heights(page))[0]).toBe(5);
  await kept(page);
});

test('what goes in decides how low a front may be, and says when it does not fit', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Divide');
  await page.getByRole('button', { name: 'Drawer 5, Webbing' }).click();
  const card = page.getByRole('region', { name: 'What goes into drawer 5' });
  await card.getByRole('button', { name: '+ Put something in' }).click();
  const thing = card.getByRole('group', { name: 'thing' });
  await thing.getByLabel('High').fill('6');
  await thing.getByLabel('High').press('Enter');
  await expect(page.getByRole('row').nth(5)).toContainText('held by contents');
  await thing.getByRole('button', { name: '+ across and deep' }).click();
  await thing.getByLabel('Across').fill('23');
  await thing.getByLabel('Across').press('Enter');
  await thing.getByLabel('Deep').fill('22 1/2');
  await thing.getByLabel('Deep').press('Enter');
  await openFindings(page);
  await expect(page.locator('[data-code="CONTENTS_TOO_WIDE"]')).toContainText('whichever way it lies');
  await thing.getByLabel('Each, lb').fill('heavy');
  await thing.getByLabel('Each, lb').press('Enter');
  await expect(thing.getByRole('alert')).toContainText('Read "heavy": a plain number is wanted');
  await thing.getByRole('button', { name: 'Take out thing' }).click();
  await expect(page.locator('[data-code="CONTENTS_TOO_WIDE"]')).toHaveCount(0);
  // Something whose size is known, and its own from then on.
  await card.getByLabel('Or something known, to be measured').selectOption('bottle');
  await expect(card.getByRole('alert')).toContainText('more than there is to share out');
  await card.getByLabel('Or something known, to be measured').selectOption('small can');
  const can = card.getByRole('group', { name: 'small can' });
  await expect(can.getByLabel('Across')).not.toHaveValue('');
  await can.getByRole('button', { name: 'Take out small can' }).click();
  await expect(can).toHaveCount(0);
  await kept(page);
});

test('other ways to divide stand side by side, and one is taken', async ({ page }) => {
  await openJob(page, 'Flag chest', 'Divide');
  await page.getByRole('button', { name: 'Other ways to divide it' }).click();
  const equal = page.getByRole('button', { name: /^equal/i }).last();
  await equal.click();
  await expect(equal).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveText('Undo: heights: equal');
  await expect(page.getByRole('radio', { name: 'Equal', exact: true })).toBeChecked();
  await kept(page);
});

test('drawers change places, and one more is put below', async ({ page }) => {
  await openJob(page, 'Flag chest', 'Divide');
  const names = () =>
    page.getByLabel(/^Name of drawer/).evaluateAll((fields) => fields.map((each) => (each as HTMLInputElement).value));
  await page.getByRole('button', { name: 'Drawer 2, Code flags' }).click();
  await page.getByRole('button', { name: 'Move down' }).click();
  await expect.poll(names).toEqual(['Signal pennants', 'Ensigns', 'Code flags', 'Bunting rolls']);
  const grip = page.getByTitle('Drag to another place').nth(3);
  const target = page.getByTitle('Drag to another place').first();
  const [from, to] = [(await grip.boundingBox())!, (await target.boundingBox())!];
  await page.mouse.move(from.x + 8, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(from.x + 8, from.y - 10, { steps: 5 });
  await page.mouse.move(to.x + 8, to.y + 10, { steps: 15 });
  await page.mouse.up();
  await expect.poll(names).toEqual(['Bunting rolls', 'Signal pennants', 'Ensigns', 'Code flags']);
  await page.getByRole('button', { name: 'One more like it' }).click();
  await expect.poll(async () => (await names()).length).toBe(5);
  await kept(page);
});

test('a bank beside, a divider between, a line carried across', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Case');
  await page.getByRole('button', { name: /^Another bank in/ }).click();
  await page.getByLabel('Divider between banks').fill('3/4');
  await page.getByLabel('Divider between banks').press('Enter');
  await page.getByText('Openings', { exact: true }).click();
  await page.getByRole('link', { name: /^Divide/ }).click();
  await page.getByText('Equal', { exact: true }).click();
  const level = (drawer: number) =>
    page.getByRole('slider', { name: `Joint below drawer ${drawer}` }).getAttribute('aria-valuetext');
  await page.getByRole('button', { name: /, bank b1$/ }).click();
  await expect(page.getByLabel('Name of drawer 3')).toHaveValue('Grommets and dies');
  const line = await level(3);
  await page.getByRole('button', { name: /, bank b2$/ }).click();
  await expect(page.getByLabel('Name of drawer 3')).toHaveValue('');
  await page.getByRole('button', { name: 'Drawer 2', exact: true }).click();
  await page.getByRole('region', { name: 'Drawer 2', exact: true }).waitFor();
  await page.getByLabel('Lower edge level with').selectOption('bank b1, drawer 3, Grommets and dies');
  await expect.poll(() => level(2)).toBe(line);
  await kept(page);
});

/** Front heights of the bank, from the top down, in inches. */
async function heights(page: Page): Promise<number[]> {
  const found: number[] = [];
  const names = page.getByLabel(/^Name of drawer/);
  // A step that was just gone to is still on its way.
  await names.first().waitFor();
  const count = await names.count();
  for (let drawer = 1; drawer <= count; drawer += 1) {
    // Whichever it is by now: a lock may be undone between two looks.
    const shown = page
      .getByLabel(`Locked height of drawer ${drawer}`)
      .or(figureButton(page, `Front height of drawer ${drawer}`));
    const text = await shown.evaluate((each) =>
      each instanceof HTMLInputElement
        ? each.value
        : [...each.querySelectorAll('z-size > span')].map((part) => part.textContent?.trim()).join(' '),
    );
    const [, whole = '0', top = '0', bottom = '1'] = /^(?:(\d+) ?)?(?:(\d+)\/(\d+))?$/.exec(text) ?? [];
    found.push(Number(whole) + Number(top) / Number(bottom));
  }
  return found;
}

test('step and ratio are turned by hand: the drawing follows, one turn is one step of undo', async ({ page }) => {
  await openJob(page, 'Flag chest', 'Divide');
  await page.getByText('Ratio', { exact: true }).click();
  const turn = page.getByRole('slider', { name: 'Turn it' });
  await turn.focus();
  const before = await page.getByRole('button', { name: /^Front height of drawer 4/ }).innerText();
  for (let notch = 0; notch < 5; notch += 1) await turn.press('ArrowRight');
  await expect(page.getByRole('button', { name: /^Front height of drawer 4/ })).not.toHaveText(before);
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveText('Undo: turn the ratio');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('button', { name: /^Front height of drawer 4/ })).toHaveText(before);
  await expect(page.getByRole('button', { name: /^Undo/ })).not.toHaveText('Undo: turn the ratio');
});

test('a step gone to by its key in mid-drag: what stands beside the drawing goes on following it', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Divide');
  const joint = page.getByRole('slider', { name: 'Joint below drawer 2' });
  const { x, y, width, height } = (await joint.boundingBox())!;
  await page.mouse.move(x + width / 4, y + height / 2);
  await page.mouse.down();
  await page.mouse.move(x + width / 4, y + height / 2 + 12, { steps: 4 });
  await page.keyboard.press('Alt+7');
  await expect(page.getByRole('tab', { name: 'At the saw' })).toBeVisible();
  await page.mouse.up();
  await page.getByRole('link', { name: /^Divide/ }).click();
  await joint.focus();
  const before = await figure(page, 'Clear height of drawer 2');
  await page.keyboard.press('ArrowDown');
  await expect.poll(() => figure(page, 'Clear height of drawer 2')).not.toBe(before);
  await kept(page);
});
