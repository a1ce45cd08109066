import { readFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import { expect, kept, noWider, openJob, soundAccess, test } from './app';

test.describe.configure({ mode: 'serial' });

const HARDWARE = 'Skerry Point hardware';

/** Buying for these jobs of the demo, the list counted. */
async function buyFor(page: Page, ...names: readonly string[]): Promise<void> {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Buying', exact: true }).click();
  for (const name of names) await page.getByRole('checkbox', { name }).check();
  await expect(page.getByRole('button', { name: /^Order from/ }).first()).toBeVisible();
}

const view = (page: Page, name: string) => page.getByRole('tab', { name, exact: true }).click();
const row = (page: Page, what: RegExp | string): Locator => page.getByRole('row').filter({ hasText: what });
const order = (page: Page, number: number): Locator =>
  page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: new RegExp(`^Order ${number} to`) }) });

test('what two jobs want makes one list; what the drawer has is taken first; packs are ordered once', async ({
  page,
}) => {
  await buyFor(page, 'Flag chest', 'Signal locker');
  const pins = row(page, 'Shelf pins').or(row(page, 'shelf pins'));
  await expect(pins).toContainText('1 pack of 100');
  await pins.getByRole('button').click();
  await expect(page.getByText(/come with the packs beyond that, for the drawer/)).toBeVisible();
  // Enough of them lie in the drawer.
  await view(page, 'The drawer');
  await page.getByLabel('Count of shelf pins').fill('many');
  await page.getByLabel('Count of shelf pins').press('Enter');
  await expect(page.getByText('Read "many": a number is wanted, as 40 or 2.5.')).toBeVisible();
  await page.getByLabel('Count of shelf pins').fill('60');
  await page.getByLabel('Count of shelf pins').press('Enter');
  await view(page, 'To buy');
  await expect(page.getByText(/1 things? there is enough of/)).toBeVisible();
  await page.getByRole('button', { name: 'Lay it aside' }).click();
  await expect(page.getByText('It is laid aside.')).toBeVisible();
  // One thing is bought elsewhere.
  await row(page, /^pull/i).getByRole('button').click();
  await page.getByLabel('in the next order').uncheck();
  await page.getByRole('button', { name: `Order from ${HARDWARE}` }).click();
  await expect(page.getByText(`Order 1 to ${HARDWARE} is made.`)).toBeVisible();
  // What is ordered is not short any more: only the pull that was left out.
  await expect(page.getByRole('button', { name: `Order from ${HARDWARE}` })).toBeDisabled();
  await page.reload();
  await expect(page.getByRole('button', { name: `Order from ${HARDWARE}` })).toBeEnabled();
  await expect(row(page, /^pull/i)).toBeVisible();
  await expect(row(page, /screws for slides/i)).toHaveCount(0);
});

test('what arrives, by its label or by a press, opens the slides’ gate of the job it is for', async ({ page }) => {
  await openJob(page, 'Flag chest');
  // Measured a second time, nothing but its slides is waited for.
  await page.getByRole('link', { name: /^Measure/ }).click();
  await page.getByText('As built', { exact: true }).click();
  await page.getByLabel('Width, reading 1').fill('863.5');
  await page.getByLabel('Width, reading 1').press('Enter');
  await page.getByRole('link', { name: /^Cut/ }).click();
  const gate = page.getByRole('button', { name: 'The slides are in hand' });
  await expect(gate).toBeVisible();
  await kept(page);
  await buyFor(page, 'Flag chest', 'Signal locker');
  await view(page, 'Orders');
  const first = order(page, 1);
  await expect(first).toContainText(`${HARDWARE} took the order and promises it for`);
  const label = page.getByLabel('What has come? Scan or type its label');
  await label.fill('slides');
  await label.press('Enter');
  await expect(page.getByText('Read "slides": a label is the order and its line, as 7-2.')).toBeVisible();
  const slides = first.getByRole('row').filter({ hasText: /Undermount/ });
  await label.fill((await slides.getByRole('cell').first().textContent()) ?? '');
  await label.press('Enter');
  await expect(page.getByText('The slides of Flag chest are in hand.')).toBeVisible();
  await expect(slides).toContainText('here');
  await first.getByRole('button', { name: 'All of it arrived' }).click();
  await expect(first).toContainText('all of it is here');
  await expect(page.getByText(/The hinges of Signal locker are in hand/)).toBeVisible();
  await openJob(page, 'Flag chest', 'Cut');
  await expect(page.getByText(/can be cut now/).first()).toBeVisible();
  await expect(gate).toHaveCount(0);
});

test('an order goes out as CSV, on paper, and as text', async ({ page, zabble }) => {
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write'], { origin: zabble.url });
  await buyFor(page, 'Flag chest');
  await view(page, 'Orders');
  const save = async (name: string): Promise<[string, string]> => {
    const saved = page.waitForEvent('download');
    await order(page, 1).getByRole('button', { name }).click();
    const file = await saved;
    return [file.suggestedFilename(), readFileSync(await file.path()).toString('latin1')];
  };
  const [pdf, paper] = await save('on Letter');
  expect([pdf, paper.slice(0, 5)]).toEqual(['order-1.pdf', '%PDF-']);
  const [csv, table] = await save('as CSV');
  expect(csv).toBe('order-1.csv');
  expect(table).toMatch(/"?1-1"?,/);
  await order(page, 1).getByRole('button', { name: 'Copy as text' }).click();
  await expect(page.getByText('Order 1 is copied as text.')).toBeVisible();
});

test('a supplier that fails is told in a sentence each time; nothing is lost or ordered twice', async ({ page }) => {
  await buyFor(page, 'Rope bench', 'Notions bank');
  const behave = async (how: string): Promise<void> => {
    await view(page, 'Suppliers');
    const turned = page.waitForResponse((answer) => answer.request().method() === 'POST');
    await page.getByLabel('How it behaves').selectOption({ label: how });
    // What is ordered next is answered that way only once it has been told so.
    await turned;
    await view(page, 'To buy');
  };
  const press = () => page.getByRole('button', { name: `Order from ${HARDWARE}` }).click();
  const newest = async (number: number, became: string): Promise<Locator> => {
    await expect(page.getByText(`Order ${number} to ${HARDWARE} ${became}`)).toBeVisible();
    await view(page, 'Orders');
    return order(page, number);
  };
  await behave('has not the first thing asked for');
  await press();
  await expect(await newest(2, 'was refused')).toContainText(/refused.*has no .*: nothing was ordered\./s);
  await behave('takes orders and does not answer');
  await press();
  const silent = await newest(3, 'is not answered yet');
  await expect(silent).toContainText('did not answer: whether it has the order is not known.');
  // It counts as ordered: the list asks for nothing of it again.
  await view(page, 'To buy');
  await expect(page.getByRole('button', { name: `Order from ${HARDWARE}` })).toHaveCount(0);
  await behave('promises three weeks later');
  await view(page, 'Orders');
  await silent.getByRole('button', { name: 'Ask how it stands' }).click();
  await expect(silent).toContainText('took the order and promises it for');
  await view(page, 'To buy');
  await page.getByRole('checkbox', { name: 'Splicing bench' }).check();
  await behave('asks four per cent more');
  await press();
  const dear = await newest(4, 'was refused');
  await expect(dear).toContainText('asks another price for');
  await dear.getByRole('button', { name: 'Take its prices into the book' }).click();
  await expect(page.getByText('Its prices are in the book: order again from the list.')).toBeVisible();
  await view(page, 'To buy');
  await press();
  await expect(await newest(5, 'is made.')).toContainText('took the order and promises it for');
  // What arrives after the day it is wanted by is told.
  await view(page, 'To buy');
  await page.getByLabel('Everything is wanted by').fill(new Date().toISOString().slice(0, 10));
  await expect(page.getByText(/: expected on .*, wanted by/).first()).toBeVisible();
  await behave('answers as agreed');
});

test('buying is free of serious faults of access and no wider than the screen', async ({ page }) => {
  await buyFor(page, 'Splicing bench');
  await row(page, /plywood/i)
    .first()
    .getByRole('button')
    .click();
  for (const [name, what] of [
    ['To buy', 'the list to buy from'],
    ['Orders', 'orders'],
    ['The drawer', 'the drawer'],
    ['Suppliers', 'suppliers'],
  ] as const) {
    await view(page, name);
    await noWider(page, what, [1280, 768, 390]);
    await soundAccess(page, what);
  }
});
