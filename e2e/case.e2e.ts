import { readFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import { beginJob, expect, goTo, kept, noWider, soundAccess, test } from './app';
import { control, exported, put } from './controls';

test.describe.configure({ mode: 'serial' });

interface Exported {
  readonly cases: readonly {
    readonly layout: unknown;
    readonly banks: readonly {
      readonly id: string;
      readonly compartment?: string;
      readonly drawers: readonly object[];
    }[];
  }[];
}

interface Job {
  readonly cases: readonly object[];
}

const compartment = (page: Page, id: string): Locator =>
  page.getByRole('button', { name: new RegExp(`^Compartment ${id},`) });
const choose = async (page: Page, id: string): Promise<void> => {
  await compartment(page, id).click();
  await expect(page.getByRole('heading', { name: `Compartment ${id}` })).toBeVisible();
};
const holds = async (page: Page, what: string, count?: number): Promise<void> => {
  if (count !== undefined) await page.getByLabel('So many drawers or shelves').fill(String(count));
  await page.getByRole('group', { name: 'What it holds' }).getByRole('button', { name: what, exact: true }).click();
};
const way = async (page: Page, group: string, name: string): Promise<void> => {
  const row = page.getByRole('button', { name: new RegExp(`^${group}`) });
  if ((await row.getAttribute('aria-expanded')) === 'false') await row.click();
  await page.getByRole('radio', { name: new RegExp(`^${name}`) }).click();
};

test('from a space to the last part: a case, its drawers, and what one narrow opening changes', async ({ page }) => {
  test.setTimeout(120_000);
  await beginJob(page, 'Overlay fronts on side-mount slides');
  await goTo(page, 'Case');
  await page.getByRole('button', { name: 'Plan the whole case' }).click();
  await expect(compartment(page, 'A')).toBeVisible();

  // A space of three readings: the narrowest less two fillers and the frame past both sides.
  await page.getByRole('button', { name: 'It goes into a space …' }).click();
  await put(page, 'cases[0].build.place.width', '61 1/4; 61; 61 1/8');
  await put(page, 'cases[0].build.height', '34 1/2');
  await way(page, 'Face frame', 'Stiles run through');
  await way(page, 'Recess for toes', 'Toe-kick');
  await way(page, 'Top', 'Flat stretchers');
  await way(page, 'Worktop', 'Trimmed with solid wood');
  await expect(page.locator('z-case-space')).toContainText('59 3/4');

  // Three columns, the right one in two rows.
  await choose(page, 'A');
  await page.getByRole('button', { name: 'Divide across', exact: true }).click();
  await page.getByRole('button', { name: 'Divide across', exact: true }).click();
  await holds(page, 'Drawers', 3);
  await expect(page.getByText('3 drawers stand in it.')).toBeVisible();
  await choose(page, 'B');
  await holds(page, 'Shelves on pins', 2);
  // A number of it shows its sum, and a term leads to its field, unfolding what hides it.
  await page.getByRole('button', { name: /^Depth of the compartment, / }).click();
  await expect(page.locator('z-reckoning')).toContainText('depth of the case');
  await choose(page, 'A');

  // Its first column as wide as a drawer wants that takes a thing 14 in wide.
  await page.locator('label').filter({ hasText: 'As large as what is in it needs' }).first().click();
  await page.getByRole('button', { name: 'To a thing of known size …' }).click();
  await put(page, 'cases[0].layout.across[0].fit.width', '14');
  // 14 in, two sides of 11.8 mm, two slides of 1/2 in.
  await expect(page.getByRole('heading', { name: 'Compartment A' })).toContainText('15 59/64');
  await kept(page);

  const file = (await exported(page)) as Exported;
  expect(file.cases[0]!.layout).toEqual({
    id: 'C',
    across: [{ id: 'A', fit: { width: '14 in' } }, { id: 'B' }, { id: 'D' }],
  });
  expect(file.cases[0]!.banks.map(({ compartment: at, drawers }) => [at, drawers.length])).toEqual([
    ['A', 4],
    ['D', 3],
  ]);

  // Every part waits for its gate; the survey releases the carcass.
  await goTo(page, 'Cut');
  const held = page.getByRole('region', { name: 'Held' });
  await expect(held).toContainText('1 left side of the case, 1 right side of the case, 1 case bottom, 2 stretchers');
  await expect(held).toContainText('1 kick board, 1 worktop, 3 worktop trims, 2 shelves on pins, 2 fillers');
  await page.getByRole('button', { name: 'The space is surveyed, the sheets are measured' }).click();
  await expect(page.locator('z-at-the-saw')).toContainText('divider right of A');
  await expect(page.locator('z-at-the-saw')).toContainText('divider right of B');
  await expect(page.locator('z-at-the-saw')).toContainText('left side of the case; right side of the case');

  // Built: one opening came out an eighth narrower at its divider, and only its boxes are others.
  await goTo(page, 'Boxes');
  const widths = async (bank: string, boxes: number): Promise<string> => {
    await page.getByRole('group', { name: 'Banks of this job' }).getByRole('button', { name: bank }).click();
    await expect(page.getByRole('button', { name: /^Width of box \d+, / })).toHaveCount(boxes);
    return (await page.locator('z-boxes-step').innerText()).replace(/\s+/g, ' ');
  };
  const [first, second] = [await widths('bank b1', 4), await widths('bank b2', 3)];
  await page.getByRole('group', { name: 'Banks of this job' }).getByRole('button', { name: 'bank b2' }).click();
  await goTo(page, 'Measure');
  await page.getByRole('button', { name: 'The case stands: measure it' }).click();
  const path = 'cases[0].banks[1].opening.width[0]';
  const planned = await (await control(page, path)).inputValue();
  await put(page, path, `${planned} - 1/8`);
  await goTo(page, 'Boxes');
  expect(await widths('bank b1', 4)).toBe(first);
  expect(await widths('bank b2', 3)).not.toBe(second);

  // The shelves' compartment is measured back too: they follow. Taken apart it tells what holds it.
  await goTo(page, 'Case');
  await choose(page, 'B');
  await page.getByRole('button', { name: 'Measure it back' }).click();
  const walls = 'cases[0].measured[0].width';
  await put(page, walls, `${await (await control(page, walls)).inputValue()} - 1/8`);
  await expect(page.locator('z-measured-back')).toContainText('Narrower than planned by 1/8');
  await page.getByText('Taken apart').click();
  await expect(page.getByRole('list', { name: 'Order of assembly' })).toContainText(
    '8 pocket screws 1 1/4 in (coarse)',
  );
  await kept(page);
});

test('a divider is dragged and snaps; one step of undo takes it back', async ({ page }) => {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'New bank', exact: true }).click();
  await goTo(page, 'Case');
  const edge = page.getByRole('slider', { name: 'What stands right of B' });
  const before = Number(await edge.getAttribute('aria-valuenow'));
  const box = (await edge.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 3];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let step = 1; step <= 10; step += 1) await page.mouse.move(x + step * 3, y);
  await page.mouse.up();
  await expect.poll(async () => Number(await edge.getAttribute('aria-valuenow'))).toBeGreaterThan(before + 20);
  const sixteenths = Number(await edge.getAttribute('aria-valuenow')) / 1.5875;
  expect(Math.abs(sixteenths - Math.round(sixteenths))).toBeLessThan(0.05);
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveText('Undo: move the divider right of B');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(async () => Number(await edge.getAttribute('aria-valuenow'))).toBeCloseTo(before, 0);
  await edge.focus();
  await edge.press('ArrowLeft');
  await expect.poll(async () => Number(await edge.getAttribute('aria-valuenow'))).toBeLessThan(before);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await kept(page);
});

test('a whole case is free of serious faults of access, and fits a tablet and a phone', async ({ page }) => {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Splicing bench', exact: true }).click();
  await goTo(page, 'Case');
  await choose(page, 'rope');
  await page.getByRole('button', { name: /^Back/ }).click();
  await expect(page.getByRole('radio', { name: /^In a groove/ })).toBeVisible();
  await soundAccess(page, 'the step Case of a whole case');
  await noWider(page, 'the step Case of a whole case', [768, 390]);
  for (const view of ['From above', 'Cut through', 'Taken apart']) {
    await page.getByRole('button', { name: view, exact: true }).click();
    await expect(page.getByRole('img', { name: /^The case/ })).toBeVisible();
  }
});

test('a whole case without any drawer is looked at, and gets its first ones', async ({ page }) => {
  const file = JSON.parse(readFileSync(new URL('../examples/splicing-bench.json', import.meta.url), 'utf8')) as Job;
  const cases = file.cases.map((owner) => ({ ...owner, banks: [], doors: [] }));
  const made = await page.request.post(`/api/jobs/import`, { data: { ...file, name: 'Bare bench', cases } });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`/jobs/${id}/case`);
  await expect(page.getByText('No drawers stand in this job yet.')).toBeVisible();
  await compartment(page, 'canvas').click();
  await page.getByRole('button', { name: 'Drawers in canvas' }).click();
  await expect(page.getByText('3 drawers stand in it.')).toBeVisible();
  await kept(page);
});
