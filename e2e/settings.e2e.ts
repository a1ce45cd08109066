import { expect, kept, noWider, openJob, soundAccess, test } from './app';

test.describe.configure({ mode: 'serial' });

const LIST = 'Article No.;Text;Qty;Net price\ncatch;a catch;10;"13,50 €"\npin;a pin;100;1,234\n';

test('what the shop says of its prices holds for its jobs, and is there again', async ({ page }) => {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'The shop' }).click();
  const margin = page.getByRole('group', { name: 'Margin' });
  await margin.getByRole('combobox').selectOption('price');
  await margin.getByRole('textbox').fill('25');
  await margin.getByRole('textbox').press('Tab');
  await page.getByLabel('People who work on a job').fill('2.5');
  await page.getByLabel('People who work on a job').press('Tab');
  await expect(page.getByRole('alert')).toContainText('people');
  await page.getByRole('tab', { name: 'Minutes', exact: true }).click();
  await page.getByLabel('Minutes of cutting to size').fill('4');
  await page.getByLabel('Minutes of cutting to size').press('Tab');
  await page.getByRole('tab', { name: 'Finishes', exact: true }).click();
  await page.getByLabel('Another finish, its name').fill('tung');
  await page.getByRole('button', { name: 'Put it in' }).click();
  await expect(page.getByLabel('Coats, tung')).toHaveValue('2');
  await page.reload();
  await expect(margin.getByRole('textbox')).toHaveValue('25');
  await page.getByRole('tab', { name: 'Minutes', exact: true }).click();
  await expect(page.getByLabel('Minutes of cutting to size')).toHaveValue('4');
  await openJob(page, 'Flag chest', 'Price');
  await expect(page.getByText(/margin, 25 % of the price/i).first()).toBeVisible();
  await kept(page);
});

test('somebody else’s list is read by saying which column is what; what can’t be read is told and left', async ({
  page,
}) => {
  await page.goto('/shop');
  await page.getByRole('tab', { name: 'Price book', exact: true }).click();
  const files = page.getByLabel('Bring a list in');
  await files.setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(LIST) });
  await expect(page.getByLabel('Key *')).toHaveValue('0');
  await expect(page.getByText(/1 refused/)).toBeVisible();
  await expect(page.getByText(/“1,234” stands there/)).toBeVisible();
  await page.getByLabel('Key *').selectOption('Text');
  await expect(page.getByRole('button', { name: 'Take the 1 understood' })).toBeVisible();
  await page.getByLabel('Key *').selectOption('Article No.');
  await page.getByRole('button', { name: 'Take the 1 understood' }).click();
  await expect(page.getByText('1 price of list.csv is in the book.')).toBeVisible();
  await expect(page.getByRole('row').filter({ hasText: /^catch/ })).toContainText('13.50');
});

test('customers are a book with their jobs', async ({ page }) => {
  await page.goto('/shop');
  await page.getByRole('tab', { name: 'Customers', exact: true }).click();
  await page.getByRole('button', { name: 'Put Skerry Point sail loft (made up) in' }).click();
  const row = page.locator('z-customer-row').first();
  await expect(row.getByRole('link', { name: 'Flag chest' })).toBeVisible();
  await row.getByLabel('Address').fill('The quay, Skerry Point');
  await row.getByRole('button', { name: 'Keep what changed' }).click();
  await page.reload();
  await page.getByRole('tab', { name: 'Customers', exact: true }).click();
  await expect(row.getByLabel('Address')).toHaveValue('The quay, Skerry Point');
  await page.getByRole('button', { name: 'Put this customer in' }).click();
  await expect(page.getByText('it must not be empty')).toBeVisible();
});

test('the shop is free of serious faults of access and no wider than the screen', async ({ page }) => {
  await page.goto('/shop');
  for (const name of ['Prices', 'Minutes', 'Finishes', 'Price book', 'Customers']) {
    await page.getByRole('tab', { name, exact: true }).click();
    await noWider(page, `the shop, ${name}`, [1280, 768, 390]);
    await soundAccess(page, `the shop, ${name}`);
  }
});
