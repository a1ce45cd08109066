import type { Locator, Page } from '@playwright/test';
import { beginJob, expect, goTo, kept, noWider, openFindings, soundAccess, test } from './app';
import { exported, put } from './controls';

test.describe.configure({ mode: 'serial' });

interface Bank {
  readonly pack?: { readonly left?: string; readonly right?: string };
  readonly behind?: string;
  readonly front: { readonly mount: string };
}

const choose = async (page: Page, id: string): Promise<Locator> => {
  await page.getByRole('button', { name: new RegExp(`^Compartment ${id},`) }).click();
  await expect(page.getByRole('heading', { name: `Compartment ${id}` })).toBeVisible();
  return page.locator('z-door-card');
};

/** A frameless case of one compartment with three trays behind a door. */
async function traysBehindDoor(page: Page): Promise<Locator> {
  await beginJob(page, 'Overlay fronts on side-mount slides', 'Millimetres');
  await goTo(page, 'Case');
  await page.getByRole('button', { name: 'Plan the whole case' }).click();
  await choose(page, 'A');
  await page.getByLabel('So many drawers or shelves').fill('3');
  await page
    .getByRole('group', { name: 'What it holds' })
    .getByRole('button', { name: 'Drawers', exact: true })
    .click();
  await page.getByRole('button', { name: 'A door over it' }).click();
  await page.getByRole('button', { name: 'Trays: no fronts' }).click();
  return choose(page, 'A');
}

test('hinges before three trays: the slide meets them, the packing is done by its button, trays and cut list follow', async ({
  page,
}) => {
  const card = await traysBehindDoor(page);
  await expect(card).toContainText('Door o1');
  await card.getByText('Hinges', { exact: true }).click();
  await expect(card.getByRole('row', { name: /110°, full overlay/ })).toContainText('in use');

  await goTo(page, 'Boxes');
  const widths = page.getByRole('button', { name: /^Width of box 1/ });
  const before = await widths.innerText();
  await goTo(page, 'Case');
  await openFindings(page);
  const finding = page.locator('[data-code="HINGE_FOULS"]');
  await expect(finding.first()).toContainText('every box behind this door then changes');
  await finding
    .first()
    .getByRole('button', { name: /^Pack the left out by/ })
    .click();
  await expect(finding.first().getByRole('group', { name: 'What it would change' })).toContainText('Box width');
  await finding.first().getByRole('button', { name: 'Do it' }).click();
  await expect(finding).toHaveCount(0);

  // Every box is narrower, and what is cut is so.
  await goTo(page, 'Boxes');
  await expect(widths).not.toHaveText(before);
  await goTo(page, 'Cut');
  await page.getByRole('tab', { name: 'At the saw', exact: true }).click();
  await page.getByRole('button', { name: 'What they will be' }).first().click();
  await expect(page.locator('z-cut-step')).toContainText('door');
  await kept(page);
  const job = (await exported(page)) as { cases: readonly { banks: readonly Bank[] }[] };
  const [bank] = job.cases[0]!.banks;
  expect([bank?.front.mount, bank?.behind]).toEqual(['none', 'o1']);
  expect(bank?.pack?.left).toMatch(/mm$/);
});

test('a door is framed, hung on a hinge from its sheet, measured back, and waits for its hinges', async ({ page }) => {
  const card = await traysBehindDoor(page);
  await card.getByRole('button', { name: 'Make it framed' }).click();
  await put(page, 'cases[0].doors[0].frame.lights.down', '2');
  await card.getByText('Hinges', { exact: true }).click();
  await card.getByRole('button', { name: /Write its figures/ }).click();
  await put(page, 'hinges[0].protrusion', '9 mm');
  await expect(card.getByRole('row').filter({ hasText: 'in use' })).toContainText('9');
  await card.getByText('Measured back').click();
  await card.getByRole('button', { name: /Measure its opening back/ }).click();
  await put(page, 'cases[0].doors[0].opening.width', '560; 559');
  await expect(card.getByRole('heading', { name: /^Door o1/ })).toContainText('583');
  await soundAccess(page, 'a door');
  await noWider(page, 'a door', [768, 390]);
  await put(page, 'cases[0].doors[0].opening.height', '864; 864');

  // Nothing is hung that is not made; then step by step, and what its hinges really do is judged.
  await goTo(page, 'Fit');
  await page.getByRole('tab', { name: 'Doors', exact: true }).click();
  const walk = page.getByRole('region', { name: 'The doors, step by step' });
  const next = walk.getByRole('button', { name: 'Done, next' });
  await expect(walk).toContainText('Hinges in the leaf');
  await expect(walk).toContainText('held until the case stands');
  await expect(next).toBeDisabled();
  await goTo(page, 'Cut');
  await page.getByRole('tab', { name: 'At the saw', exact: true }).click();
  await page.getByRole('button', { name: 'The case stands', exact: true }).click();
  await goTo(page, 'Fit');
  for (const title of ['Hinges in the leaf', 'Plates in the case', 'Hang the leaf', 'Open it as far as it goes']) {
    await expect(walk.getByRole('heading', { level: 3 })).toHaveText(title);
    await next.click();
  }
  await expect(walk).toContainText('Every door hangs and opens.');
  await soundAccess(page, 'the doors as they are hung');
  await noWider(page, 'the doors as they are hung', [390]);
  await page.getByRole('tab', { name: 'Measure back', exact: true }).click();
  await page.getByRole('button', { name: 'Hinges', exact: true }).click();
  await page.getByLabel('Hinges, Door o1, left').fill('40');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await goTo(page, 'Case');
  await openFindings(page);
  await expect(page.locator('[data-code="HINGE_FOULS"]').first()).toContainText('40');
  await kept(page);
});
