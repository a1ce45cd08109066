import type { Page } from '@playwright/test';
import { expect, goTo, kept, noWider, openFindings, soundAccess, test } from './app';
import { control, put } from './controls';

test.describe.configure({ mode: 'serial' });

const bench = (page: Page) => page.getByRole('button', { name: /^Splicing bench, .* from the left/ });

async function inTheRoom(page: Page): Promise<void> {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Splicing bench', exact: true }).click();
  await goTo(page, 'Case');
  await page.getByRole('button', { name: 'In the room' }).click();
  await expect(page.getByRole('group', { name: 'The room from above' })).toBeVisible();
}

test('what opens is hatched in the room, and a door that swings over drawers is told until one is opened first', async ({
  page,
}) => {
  await inTheRoom(page);
  await expect(page.locator('[data-way="c1/b1/d1"] polygon')).toHaveCount(1);
  await expect(page.locator('[data-meet^="c1/b1/d1 "]')).toHaveCount(1);
  await openFindings(page);
  const finding = page.locator('[data-code="DOORS_MEET"]');
  await expect(finding).toContainText('Door “o1” and drawers 1, 2, 3 and 4 of Fids and palms meet when both are open');
  await finding.getByRole('button', { name: 'Open one first' }).click();
  await finding.getByRole('button', { name: 'Do it' }).click();
  await expect(finding).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo: / }).click();
  await openFindings(page);
  await finding.getByRole('button', { name: 'Let it open to 90°' }).click();
  await finding.getByRole('button', { name: 'Do it' }).click();
  await expect(finding).toHaveCount(0);
  await kept(page);
});

test('a case is moved by keys and by hand, is drawn to a wall, and is turned', async ({ page }) => {
  await inTheRoom(page);
  const z = await control(page, 'cases[0].at.z');
  await expect(z).toHaveValue('2');
  await bench(page).focus();
  await page.keyboard.press('ArrowDown');
  await expect(z).toHaveValue('2 1/2');
  await page.keyboard.press('Shift+ArrowUp');
  await expect(z).toHaveValue('2 7/16');
  // Let go an inch before the wall it stands against it; one drag is one step of undo.
  const box = (await bench(page).boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + 40, { steps: 4 });
  await page.mouse.move(x, y - (box.height * 1.4) / 24, { steps: 4 });
  await page.mouse.up();
  await expect(z).toHaveValue('0');
  await page.getByRole('button', { name: 'Undo: move Splicing bench' }).click();
  await expect(z).toHaveValue('2 7/16');
  await bench(page).focus();
  await page.keyboard.press('t');
  await expect(page.getByRole('group', { name: 'Splicing bench', exact: true })).toContainText('It faces');
  await expect(bench(page)).toHaveAccessibleName(/turned 270°/);
  await page.getByRole('button', { name: 'Undo: move Splicing bench' }).click();
  await expect(bench(page)).toHaveAccessibleName(/turned 0°/);
  await kept(page);
});

test('a chest before the drawers stops them: it is said by how much, and a shorter slide comes all its way', async ({
  page,
}) => {
  await inTheRoom(page);
  await page.getByText('What stands in the room', { exact: true }).click();
  await put(page, 'room.things[0].z', '42');
  await openFindings(page);
  const stops = page.locator('[data-code="TRAVEL_LIMITED"]');
  await expect(stops.first()).toContainText('there it meets the handle of “sail chest”');
  await expect(page.locator('[data-code="HANDLE_HITS"]').first()).toContainText('were that flatter');
  await stops
    .first()
    .getByRole('button', { name: /^Use a slide of/ })
    .first()
    .click();
  await stops.first().getByRole('button', { name: 'Do it' }).click();
  await expect(page.locator('[data-code="TRAVEL_LIMITED"]').filter({ hasText: 'drawers 1, 2, 3 and 4' })).toHaveCount(
    0,
  );
  await page.keyboard.press('Escape');
  // A bin that tilts, with what comes of it told.
  await page.getByText('Tilt-outs', { exact: true }).click();
  await page.getByRole('button', { name: '+ A tilt-out' }).click();
  await expect(page.locator('z-things-in')).toContainText('of its mouth comes out');
  await kept(page);
  await soundAccess(page, 'the room');
  await noWider(page, 'the room', [768, 390]);
});

/** Two cases of a corner: the second faces the first one's right end, its front plane level with that. */
function corner(): object {
  const pull = { school: 'centre', purchase: '10 mm', projection: '35 mm' };
  const bank = {
    ...{ id: 'b1', compartment: 'in', basis: 'planned' },
    slide: { family: 'side-ball-bearing', length: '500 mm', lengths: 'mm' },
    box: {
      ...{ sides: 'ply12', ends: 'ply12', bottom: 'ply6', corner: { joint: 'butt-sides-run' }, bottomFit: 'captured' },
      ...{ groove: { depth: '6 mm', offset: '10 mm' }, play: '1.5 mm' },
    },
    front: { ...LAPS, mount: 'overlay', material: 'ply18', pull },
    division: { scheme: 'equal', increment: '1 mm' },
    drawers: [{ id: 'd1' }, { id: 'd2' }],
  };
  const build = {
    ...{ width: '600 mm', height: '800 mm', depth: '560 mm', panel: 'ply18' },
    ...{ joint: { kind: 'butt' }, back: { kind: 'applied', material: 'ply6' } },
  };
  const owner = { style: 'frameless', build, layout: { id: 'in' }, banks: [bank] };
  const ply = (id: string, thickness: string) => ({
    id,
    name: `Birch plywood ${thickness}`,
    kind: 'plywood',
    thickness,
  });
  return {
    ...{ format: 'zabble-job', version: 1, name: 'Corner of the loft', unit: 'mm' },
    materials: [ply('ply18', '18 mm'), ply('ply12', '12 mm'), ply('ply6', '6 mm')],
    cases: [
      { ...owner, id: 'c1', name: 'Under the window', at: { x: '0 mm', z: '0 mm' } },
      { ...owner, id: 'c2', name: 'Along the gable', at: { x: '600 mm', z: '560 mm', turn: 270 } },
    ],
  };
}
const LAPS = { top: '8 mm', bottom: '8 mm', left: '16 mm', right: '16 mm', gap: '3 mm' };

test('drawers of a corner can’t pass the fronts beside them, until a filler of the exact width stands there', async ({
  page,
  zabble,
}) => {
  const made = await page.request.post(`${zabble.url}/api/jobs/import`, { data: corner() });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`/jobs/${id}/case`);
  await page.getByRole('button', { name: 'In the room' }).click();
  await openFindings(page);
  const stuck = page.locator('[data-code="TRAVEL_LIMITED"]').filter({ hasText: 'of bank b1, Along the gable' });
  await expect(stuck.first()).toContainText('does not open at all');
  // 18 mm of front, 35 mm of pull and 5 mm, less the 2 mm its own front keeps from its side.
  await stuck.first().getByRole('button', { name: 'Leave 56 mm at its right, behind a filler' }).click();
  await stuck.first().getByRole('button', { name: 'Do it' }).click();
  await expect(await control(page, 'cases[0].at.fillerRight')).toHaveValue('56');
  await expect(await control(page, 'cases[0].at.x')).toHaveValue('-56');
  await expect(stuck).toHaveCount(0);
  await goTo(page, 'Cut');
  await expect(page.getByText('filler', { exact: false }).first()).toBeVisible();
  await kept(page);
});
