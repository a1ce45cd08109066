import { readFileSync } from 'node:fs';
import { expect, goTo, kept, noWider, openJob, soundAccess, test } from './app';

test('a rough survey is quoted, accepted; a second survey, narrower, tells what changed in money, and a new version follows', async ({
  page,
  browser,
}) => {
  await openJob(page, 'Flag chest', 'Price');
  await page.getByRole('tab', { name: 'Quotes', exact: true }).click();
  await expect(page.getByText('Nothing was quoted yet.')).toBeVisible();
  await page.getByLabel('Not included, a line each').fill('Painting the wall');
  await kept(page);
  await page.getByRole('button', { name: 'Make a quote of it' }).click();
  const first = page.getByRole('listitem').filter({ hasText: 'Quote 1' });
  await expect(first).toContainText('drafted');
  // On paper.
  const saved = page.waitForEvent('download');
  await first.getByRole('button', { name: 'PDF on A4' }).click();
  const file = await saved;
  expect(file.suggestedFilename()).toBe('Flag chest, 1.pdf');
  expect(readFileSync(await file.path()).toString('latin1', 0, 5)).toBe('%PDF-');
  // By a link, as a customer sees it on a phone of their own.
  await first.getByRole('button', { name: 'A link to it' }).click();
  const address = await first.getByRole('link').getAttribute('href');
  const customer = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await customer.goto(address ?? '');
  await expect(customer.getByRole('heading', { name: 'Flag chest' })).toBeVisible();
  await expect(customer.getByText('Painting the wall')).toBeVisible();
  await noWider(customer, 'a quote by its link', [1280, 768, 390]);
  await soundAccess(customer, 'a quote by its link');
  await first.getByRole('button', { name: 'Withdraw the link' }).click();
  await expect(first.getByRole('link')).toHaveCount(0);
  await customer.reload();
  await expect(customer.getByText('not shown here any more')).toBeVisible();
  await customer.close();
  await first.getByRole('button', { name: 'It is sent' }).click();
  await first.getByRole('button', { name: 'Accepted' }).click();
  await expect(first).toContainText('accepted');
  await expect(page.getByRole('region', { name: 'What changed since' })).toHaveCount(0);
  // Sixty millimetres narrower.
  await goTo(page, 'Measure');
  const width = page.getByLabel('Width, reading 1');
  await width.fill('804 mm');
  await width.press('Enter');
  await kept(page);
  await goTo(page, 'Price');
  await page.getByRole('tab', { name: 'Quotes', exact: true }).click();
  const since = page.getByRole('region', { name: 'What changed since' });
  await expect(since).toContainText('Since quote 1 the job changed');
  await page.getByText('To be said of this price').click();
  await expect(page.getByText(/The job changed since quote 1: it would be/)).toBeVisible();
  await since.getByText('Line by line, at cost').click();
  await expect(since.getByRole('row').first()).toBeVisible();
  await page.getByRole('button', { name: 'Make a quote of it' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Quote 2' })).toContainText('drafted');
  await expect(since).toHaveCount(0);
  await expect(first).toContainText('accepted');
  await kept(page);
});

test('what can’t be quoted is said, and the quotes are free of serious faults of access', async ({ page }) => {
  await openJob(page, 'Notions bank', 'Price');
  await page.getByRole('tab', { name: 'Quotes', exact: true }).click();
  await page.getByLabel('It holds so many days').fill('soon');
  await page.getByRole('button', { name: 'Make a quote of it' }).click();
  await expect(page.getByText('Read "soon": a whole number of days is wanted')).toBeVisible();
  await page.getByLabel('It holds so many days').fill('14');
  await page.getByRole('button', { name: 'Make a quote of it' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Quote 1' })).toBeVisible();
  await noWider(page, 'quotes', [1280, 768, 390]);
  await soundAccess(page, 'quotes');
  await kept(page);
});
