import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, goTo, kept, noWider, soundAccess, test } from './app';

test.describe.configure({ mode: 'serial' });

async function solid(page: Page): Promise<void> {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Splicing bench', exact: true }).click();
  await goTo(page, 'Case');
  await page.getByRole('button', { name: 'Solid', exact: true }).click();
  await expect(page.locator('z-solid-view canvas')).toBeVisible();
}

const view = (page: Page) => page.locator('z-solid-view');

/** What is drawn now, as the canvas has it. */
const drawn = async (page: Page): Promise<string> => {
  await page.evaluate(async () => {
    for (let frame = 0; frame < 3; frame += 1) await new Promise((done) => requestAnimationFrame(done));
  });
  return (await page.locator('z-solid-view canvas').screenshot()).toString('base64');
};

test('a door stops at the drawer that is open, which is lit and named, and the case is turned by keys', async ({
  page,
}) => {
  await solid(page);
  const shut = await drawn(page);
  await view(page).getByRole('button', { name: 'Drawer 1 of Fids and palms' }).click();
  await expect(view(page).locator('[data-moves="c1/b1/d1"]')).toContainText('22 in of 22 in');
  await view(page).getByRole('button', { name: 'Door “o1”' }).click();
  await expect(view(page).locator('[data-moves="c1/o1/left"]')).toContainText('stopped by drawer 1 of Fids and palms');
  await expect(view(page).getByRole('status')).toContainText('Door “o1” is stopped by drawer 1 of Fids and palms.');
  const open = await drawn(page);
  expect(open).not.toBe(shut);
  await view(page).getByRole('application').focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('+');
  expect(await drawn(page)).not.toBe(open);
  // A slider goes as far as it is let.
  const slider = view(page).getByRole('slider', { name: 'Drawer 2 of Canvas' });
  await slider.fill('200');
  await expect(slider).toHaveAttribute('aria-valuetext', /^≈7 7\/8 in of 22 in/);
  await kept(page);
});

test('it is taken apart in the order it goes together, saved as a picture and printed as it is seen', async ({
  page,
}) => {
  await solid(page);
  await view(page).getByRole('button', { name: 'Larger' }).click();
  await view(page).getByRole('button', { name: 'Take apart' }).click();
  const order = view(page).getByRole('list', { name: 'In which order it goes together' });
  await expect(order.getByRole('button').first()).toContainText('Case bottom');
  await expect(order.getByRole('button').last()).toContainText('Door');
  const together = await drawn(page);
  await view(page).getByRole('slider', { name: 'Taken apart' }).fill('9');
  await expect(view(page).getByRole('status')).toHaveText('Case back');
  expect(await drawn(page)).not.toBe(together);
  const [picture] = await Promise.all([
    page.waitForEvent('download'),
    view(page).getByRole('button', { name: 'Save as a picture' }).click(),
  ]);
  expect(picture.suggestedFilename()).toBe('splicing-bench-splicing-bench.png');
  expect(
    readFileSync(await picture.path())
      .subarray(1, 4)
      .toString(),
  ).toBe('PNG');
  await view(page).getByRole('button', { name: 'Print this view' }).click();
  await expect(page.getByText('splicing-bench-solid-view.pdf')).toBeVisible({ timeout: 30_000 });
  // It was taken here and is no part of the job: after a reload there is none.
  await page.reload();
  await expect(page.getByText('Nothing was taken yet')).toBeVisible();
});

test('the solid view is free of serious faults of access and no wider than the screen', async ({ page }) => {
  await solid(page);
  await soundAccess(page, 'the solid view');
  await noWider(page, 'the solid view', [768, 390]);
});

test.describe('where no solids are drawn', () => {
  test.use({ apart: true });

  test('without WebGL the front serves, and it is said so', async ({ page }) => {
    await page.addInitScript(() => {
      const before = HTMLCanvasElement.prototype.getContext;
      HTMLCanvasElement.prototype.getContext = function (this: HTMLCanvasElement, ...asked: [string]) {
        return asked[0].startsWith('webgl') ? null : (before as (...all: unknown[]) => unknown).apply(this, asked);
      } as never;
    });
    await page.goto('/jobs');
    await page.getByRole('link', { name: 'Splicing bench', exact: true }).click();
    await goTo(page, 'Case');
    await page.getByRole('button', { name: 'Solid', exact: true }).click();
    await expect(page.getByText('This browser draws no solids')).toBeVisible();
    await page.getByRole('button', { name: 'Show the front' }).click();
    await expect(page.locator('z-case-board')).toBeVisible();
  });
});
