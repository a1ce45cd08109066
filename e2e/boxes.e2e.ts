import { expect, figure, kept, openJob, test } from './app';

test.describe.configure({ mode: 'serial' });

test('each bottom says what it is and what it wins or costs in clear height; one is taken', async ({ page }) => {
  await openJob(page, 'Flag chest', 'Boxes');
  const ways = page.locator('z-bottom-ways label');
  await expect(ways).toHaveCount(4);
  await expect(ways.filter({ hasText: 'Applied below' })).toContainText('clear');
  const before = await figure(page, 'Wall inside of box 1');
  await page.getByRole('radio', { name: /^In a rabbet/ }).check();
  await expect.poll(() => figure(page, 'Wall inside of box 1')).not.toBe(before);
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveText('Undo: bottom: in a rabbet, flush below');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(() => figure(page, 'Wall inside of box 1')).toBe(before);
});

test('a muntin, the slide up the box, set-back and the order of hanging', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Boxes');
  await page.getByRole('button', { name: 'Add a muntin' }).click();
  await expect(page.getByLabel('Muntin wide')).toHaveValue('2');
  await page.getByRole('button', { name: 'Without one' }).click();
  await expect(page.getByLabel('Muntin wide')).toHaveCount(0);
  const hanging = page.getByRole('region', { name: 'Where the slides sit' });
  await hanging.getByText('A third', { exact: true }).click();
  await expect(hanging.getByRole('radio', { name: 'A third' })).toBeChecked();
  await hanging.getByLabel('or by hand').fill('1 1/4');
  await hanging.getByLabel('or by hand').press('Enter');
  await expect(hanging.getByRole('radio', { name: 'A third' })).not.toBeChecked();
  await hanging.getByLabel('or by hand').fill('');
  await hanging.getByLabel('or by hand').press('Enter');
  await expect(hanging.getByRole('radio', { name: 'Half way' })).toBeChecked();
  await hanging.getByLabel('Set-back as marked').fill('a bit');
  await expect(hanging.getByRole('alert')).toContainText('Read "a bit"');
  await hanging.getByLabel('Set-back as marked').fill('1/8');
  await expect(hanging.getByRole('alert')).toHaveCount(0);
  await hanging.getByText('Bottom up', { exact: true }).click();
  await kept(page);
});

test('one box differs from the others, and goes back', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Boxes');
  const heights = async () => Promise.all([5, 6].map((number) => figure(page, `Height of box ${number}`)));
  const before = await heights();
  await page.getByRole('button', { name: /^Height of box 6/ }).focus();
  const card = page.getByRole('region', { name: 'Box 6' });
  await card.getByLabel('Box height by hand').fill('4');
  await card.getByLabel('Box height by hand').press('Enter');
  await expect.poll(heights).toEqual([before[0], '4']);
  await card.getByLabel('Cut as high as').selectOption({ label: 'box 5, Webbing' });
  await card.getByLabel('Bottom of').selectOption({ label: '12 mm birch plywood' });
  await card.getByRole('button', { name: 'As the others' }).click();
  await expect.poll(heights).toEqual(before);
  await kept(page);
});
