import type { Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { expect, kept, noWider, openJob, soundAccess, test } from './app';

/** The Cut step of the Notions bank, its first layout found. */
async function atTheSaw(page: Page): Promise<void> {
  await openJob(page, 'Notions bank', 'Cut');
  await expect(page.getByRole('group', { name: /^Sheet 1 with its parts/ })).toBeVisible();
}

const view = (page: Page, name: string) => page.getByRole('tab', { name }).click();
const first = (page: Page) => page.getByRole('status').filter({ hasText: 'can be cut now' });

test('what may be cut now, from what, at which setting; the rest is on HOLD and says for what', async ({ page }) => {
  await atTheSaw(page);
  await expect(first(page)).toContainText(/48 parts can be cut now\. First, on sheet 1, the (fence|stop) at/);
  await expect(page.getByRole('region', { name: '1/2 in poplar strip' })).toContainText('12 build-outs');
  await expect(page.getByRole('region', { name: '12 mm birch plywood' })).toContainText('from 1 whole sheet');
  const held = page.getByRole('region', { name: 'Held' });
  await expect(held).toContainText(/6 bottoms\s*held until the groove is cut and tried/);
  await expect(held).toContainText(/6 drawer fronts\s*held until the boxes are hung and trued/);
  await expect(page.getByRole('region', { name: '6 mm birch plywood' })).toHaveCount(0);
  await held.getByRole('button', { name: 'The groove is tried' }).click();
  await expect(first(page)).toContainText('54 parts can be cut now');
  await expect(page.getByRole('region', { name: '6 mm birch plywood' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo: the groove is tried' }).click();
  await expect(first(page)).toContainText('48 parts');
  await kept(page);
});

test('parts are cut, come out wrong, and are held against a changed plan', async ({ page }) => {
  await atTheSaw(page);
  await page.getByRole('button', { name: 'Mark cut: sides of 5' }).click();
  await expect(first(page)).toContainText('46 parts');
  const cut = page.getByRole('region', { name: 'Cut already' });
  await expect(cut).toContainText('5 side 1');
  await cut.getByRole('button', { name: '5 side 1' }).click();
  const card = page.getByRole('region', { name: 'The part in hand' });
  await expect(card).toContainText('Cut, and it fits the plan.');
  await expect(card).toContainText('groove, lower edge');
  await card.getByLabel('Who').fill('Ines');
  await card.getByLabel('Who').blur();
  await card.getByLabel('Width as cut').fill('5 1/0');
  await card.getByRole('button', { name: 'Write it down' }).click();
  await expect(card.getByRole('alert')).toContainText('divides by nothing');
  await card.getByLabel('Width as cut').fill('5 3/16');
  await card.getByLabel(/^What came out wrong/).fill('the corner tore out');
  await card.getByRole('button', { name: 'Write it down' }).click();
  await expect(card).toContainText('Came out wrong: the corner tore out: cut it again.');
  await expect(card).toContainText('Ines');
  await expect(page.getByText('1 part has to be cut again', { exact: false })).toBeVisible();
  await card.getByRole('button', { name: 'Put the part away' }).click();
  // A lower front takes the box with it: what is cut is too high now and can be saved.
  await page.getByRole('link', { name: /^Divide/ }).click();
  await page.getByRole('button', { name: 'Lock drawer 5' }).click();
  await page.getByRole('textbox', { name: 'Locked height of drawer 5' }).fill('5 1/2');
  await page.getByRole('textbox', { name: 'Locked height of drawer 5' }).press('Enter');
  await page.getByRole('link', { name: /^Cut/ }).click();
  await expect(page.getByText('can be saved by trimming')).toBeVisible();
  await page.getByRole('region', { name: 'Cut already' }).getByRole('button', { name: '5 side 2: trim' }).click();
  await expect(card).toContainText(/trim\s*5\/16\s*in\s*of its width/);
  await kept(page);
});

test('a held part is released by hand, with a reason that is kept', async ({ page }) => {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Notions bank', exact: true }).click();
  await page.getByRole('heading', { name: 'Width', exact: true }).waitFor();
  const id = /jobs\/([^/]+)/.exec(page.url())?.[1] ?? '';
  // As the code on its label opens it.
  await page.goto(`/jobs/${id}/cut?part=${encodeURIComponent('c1/b1/d2/bottom')}`);
  const card = page.getByRole('region', { name: 'The part in hand' });
  await expect(card).toContainText('HOLD');
  await card.getByRole('button', { name: 'Release by hand' }).click();
  await expect(card.getByRole('alert')).toContainText('Say why it may be cut before its turn');
  await card.getByLabel('Why it may be cut before its turn').fill('same cutter as the last job');
  await card.getByRole('button', { name: 'Release by hand' }).click();
  await expect(card.getByLabel('Length as cut')).toBeVisible();
  await expect(page.getByText('released by hand: same cutter as the last job')).toBeVisible();
  await kept(page);
  await page.reload();
  await expect(page.getByText('released by hand: same cutter as the last job')).toBeVisible();
});

test('a sheet is cut step by step, booked, and its off-cut leans in the rack', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Cut');
  await view(page, 'Sheets');
  const sheets = page.getByRole('region', { name: '12 mm birch plywood' });
  await expect(sheets).toContainText('proven: no fewer can do');
  await page.getByRole('button', { name: 'First cut' }).click();
  await expect(page.getByText('Cut 1 of')).toBeVisible();
  await page.getByRole('button', { name: 'Ahead to the cut after' }).click();
  await page.getByRole('button', { name: 'Ahead to the cut after' }).click();
  await expect(page.getByText('Cut 3 of')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Cuts in their order' }).locator('[aria-current]')).toContainText('rip');
  await page.getByRole('button', { name: 'All, to buy by' }).click();
  await expect(page.getByRole('region', { name: '6 mm birch plywood' })).toContainText('holds parts on HOLD');
  await page.getByRole('button', { name: 'What may be cut now' }).click();
  await sheets.getByRole('button', { name: 'This sheet is cut' }).first().click();
  await expect(page.getByRole('button', { name: 'Undo: sheet of 12 mm birch plywood cut' })).toBeEnabled();
  await view(page, 'Rack');
  const rack = page.getByRole('table', { name: 'Sheets, boards and off-cuts' });
  await expect(rack).toContainText('off-cut, from Notions bank');
  await view(page, 'Sheets');
  const booked = page.getByRole('region', { name: 'Sheets cut so far' });
  await expect(booked).toContainText('a sheet bought; left');
  await booked.getByRole('button', { name: 'Put the rack back' }).click();
  await expect(booked).toContainText('put back');
  await view(page, 'Rack');
  await expect(rack).not.toContainText('from Notions bank');
  await kept(page);
});

test('the rack: bad entries are said, a list comes in line by line, prices are asked for', async ({ page }) => {
  await openJob(page, 'Flag chest', 'Cut');
  await view(page, 'Rack');
  const form = page.getByRole('form', { name: 'Put into the rack' });
  const put = form.getByRole('button', { name: 'Put in' });
  await put.click();
  await expect(page.getByRole('alert')).toContainText('What is it made of?');
  await form.getByLabel('Made of').fill('9 mm birch plywood');
  await form.getByLabel('Length').fill('long');
  await put.click();
  await expect(page.getByRole('alert')).toContainText('length: Read "long"');
  await form.getByLabel('Length').fill('1200');
  await form.getByLabel('Width').fill('600');
  await form.getByLabel('Count').fill('a few');
  await put.click();
  await expect(page.getByRole('alert')).toContainText('"a few": how many there are is a whole number');
  await form.getByLabel('Count').fill('2');
  await form.getByLabel('Thick, measured').fill('8.2');
  await form.getByLabel('Where it leans').fill('behind the door');
  await put.click();
  const rack = page.getByRole('table', { name: 'Sheets, boards and off-cuts' });
  const row = rack.getByRole('row', { name: /9 mm birch plywood/ });
  await expect(row).toContainText('behind the door');
  await expect(row).toContainText('measures 8.2 mm, the job counts');
  await row.getByRole('button', { name: 'One less of 9 mm birch plywood' }).click();
  await expect(row).toContainText('1');

  const list = page.getByRole('region', { name: 'Stock from a list' });
  const csv = 'What,Länge,Width_mm,Qty\n15 mm birch plywood,2440,1220,3\n15 mm birch plywood,2440,wide,1\n';
  await list
    .getByLabel('Choose a CSV file')
    .setInputFiles({ name: 'rack.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(list).toContainText('2 refused');
  await list.getByLabel('material *').selectOption('What');
  await list.getByLabel('length *').selectOption('Länge');
  await expect(list).toContainText('1 line understood');
  await expect(list).toContainText('refused: width: Read "wide"');
  await list.getByRole('button', { name: 'Take the 1 understood' }).click();
  await expect(list).toContainText('1 line taken from rack.csv.');
  await expect(rack).toContainText('15 mm birch plywood');

  const prices = page.getByRole('region', { name: 'The supplier’s prices' });
  await prices.getByRole('button', { name: 'Ask for today’s' }).click();
  const ply = prices.getByRole('listitem').filter({ hasText: '15 mm birch plywood' });
  await expect(ply).toContainText(new Date().toISOString().slice(0, 10));
  await ply.getByRole('button', { name: /take it/ }).click();
  await expect(ply).toContainText('the job counts with it');
  await view(page, 'Sheets');
  await page.getByRole('button', { name: 'All, to buy by' }).click();
  await expect(page.getByRole('region', { name: '15 mm birch plywood' })).toContainText('from the rack');
  await kept(page);
});

test('boards of solid wood are listed with what to buy', async ({ page }) => {
  await openJob(page, 'Flag chest', 'Cut');
  await view(page, 'Boards');
  const cherry = page.getByRole('region', { name: 'Black cherry, 20 mm' });
  // The low front of one board, the three higher ones glued up of two each.
  await expect(cherry).toContainText('6.20 m · 0.0167 m³');
  await expect(cherry).toContainText('from 2 boards of 77.0mm for the drawer front');
  await expect(page.getByRole('region', { name: 'Rails of the case' })).toContainText('rails');
});

test('files go out for elsewhere, and a list of parts comes in', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Cut');
  await view(page, 'Sheets');
  await page.getByRole('button', { name: 'All, to buy by' }).click();
  await expect(page.getByRole('group', { name: /^Sheet 1 with its parts/ })).toBeVisible();
  await view(page, 'Files');
  const fetched = async (name: string): Promise<Buffer> => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name, exact: true }).click(),
    ]);
    return readFile(await download.path());
  };
  const csv = await fetched('Cut list, CSV');
  expect(csv.toString()).toMatch(/^material,thickness_in,.*\r\n12 mm birch plywood,0.465,/);
  expect((await fetched('This sheet, DXF')).toString()).toContain('AC1009');
  expect((await fetched('Parts, SVG')).toString()).toContain('<svg');
  for (const name of ['Cut list, its pages', 'Labels, its pages', 'Sheets, its pages'])
    await expect(page.getByRole('link', { name })).toBeVisible();

  const list = page.getByRole('region', { name: 'Parts from a list' });
  const parts = 'Part,Material,Length,Width,Qty\nCleat,12 mm birch plywood,20,2,4\nShelf,Gold,20,2,1\n';
  await list
    .getByLabel('Choose a CSV file')
    .setInputFiles({ name: 'more.csv', mimeType: 'text/csv', buffer: Buffer.from(parts) });
  await expect(list).toContainText('the job has no material called “Gold”');
  await list.getByRole('button', { name: 'Take the 1 understood' }).click();
  await view(page, 'At the saw');
  await expect(page.getByRole('button', { name: 'Mark cut: Cleat' })).toBeVisible();
  await kept(page);
});

test('every view is free of serious faults of access and no wider than the screen', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Cut');
  for (const name of ['At the saw', 'Sheets', 'Boards', 'Rack', 'Files']) {
    await view(page, name);
    await soundAccess(page, name);
    await noWider(page, name, [768, 390]);
  }
  await page.getByRole('tab', { name: 'Files' }).press('ArrowRight');
  await expect(page.getByRole('tab', { name: 'At the saw' })).toBeFocused();
});

test('a sheet begun stays as it is: walked on, its parts ticked off, found again on another device', async ({
  page,
  browser,
  zabble,
}) => {
  await openJob(page, 'Flag chest');
  const address = page.url();
  await page.getByRole('link', { name: /^Measure/ }).click();
  await page.getByText('As built', { exact: true }).click();
  // Every reading is still the planned one: one of them is measured.
  await page.getByLabel('Width, reading 1').fill('863.5');
  await page.getByLabel('Width, reading 1').press('Enter');
  await page.getByRole('link', { name: /^Cut/ }).click();
  await page.getByRole('button', { name: 'The slides are in hand' }).click();
  await view(page, 'Sheets');
  const side = page.getByRole('list', { name: 'Cuts in their order' });
  await expect(side).toBeVisible();
  await expect(page.getByText('only found: it may still change')).toBeVisible();
  await page.getByRole('button', { name: 'First cut' }).click();
  const done = page.getByRole('button', { name: 'This cut is done' });
  await done.click();
  await expect(page.getByText('begun: it stays as it is')).toBeVisible();
  const cuts = await side.getByRole('listitem').allInnerTexts();
  // On until a part comes off.
  for (let cut = 0; cut < 20; cut += 1) {
    const gives = await page.getByText(/^gives /).count();
    await done.click();
    if (gives > 0) break;
  }
  await view(page, 'At the saw');
  await expect(page.getByRole('region', { name: 'Cut already' }).getByRole('listitem').first()).toBeVisible();
  await kept(page);
  // Another device, on a phone: the same sheet, as far as it is, whatever its search would find.
  const phone = await browser.newPage({ baseURL: zabble.url, viewport: { width: 390, height: 844 } });
  await phone.goto(address.replace(/\/[a-z]+$/, '/cut'));
  await phone.getByRole('tab', { name: 'Sheets' }).click();
  const there = phone.getByRole('list', { name: 'Cuts in their order' });
  await expect(there).toBeVisible();
  const plain = (text: string): string => text.replace(/✓/g, '').replace(/\s+/g, ' ').trim();
  expect((await there.getByRole('listitem').allInnerTexts()).map(plain)).toEqual(cuts.map(plain));
  await expect(there.getByText('✓').nth(1)).toBeVisible();
  await phone.close();
  await page.reload();
  await view(page, 'Sheets');
  await expect(page.getByText('begun: it stays as it is')).toBeVisible();
  // What is not begun is laid out again only when asked.
  const again = page.getByRole('button', { name: 'Lay out again what is not begun' });
  if ((await again.count()) > 0) await again.first().click();
  await expect(page.getByText('begun: it stays as it is')).toBeVisible();
  await page.getByRole('button', { name: 'Next cut' }).click();
  await page.getByRole('button', { name: /^Take back cut/ }).click();
  await kept(page);
});
