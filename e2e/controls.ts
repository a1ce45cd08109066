import type { Locator, Page } from '@playwright/test';

/** The control of one field of the job, on the screen or on the sheet that lies over it. */
export async function control(page: Page, path: string): Promise<Locator> {
  const over = page.getByRole('dialog');
  const screen = (await over.count()) > 0 ? over : page.locator('z-bench-page');
  return screen.locator(`[data-path="${path}"]`);
}

/** Writes into a field as a person does, by what kind of control it has; a radio is pressed by its words. */
export async function put(page: Page, path: string, value: string): Promise<void> {
  const all = await control(page, path);
  await all.first().waitFor({ state: 'attached' });
  const kind = await all.first().evaluate((each) => `${each.tagName} ${each.getAttribute('type') ?? ''}`.toLowerCase());
  if (kind.startsWith('select')) {
    await all.first().selectOption({ label: value });
    return;
  }
  if (kind.endsWith('radio')) {
    await page
      .locator(`label:has([data-path="${path}"])`)
      .filter({ hasText: new RegExp(`^\\s*${value}\\s*$`) })
      .click();
    return;
  }
  await all.first().fill(value);
  await all.first().press('Enter');
}

/** The job as its file goes out by the button of the step Case. */
export async function exported(page: Page): Promise<unknown> {
  const steps = page.getByRole('navigation', { name: 'Steps of the work' });
  await steps.getByRole('link', { name: /^Case/ }).click();
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.getByTestId('save-mark').getByText('On the server').waitFor();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download its file' }).click(),
  ]);
  const chunks: Buffer[] = [];
  for await (const chunk of await download.createReadStream()) chunks.push(chunk as Buffer);
  return JSON.parse(Buffer.concat(chunks).toString('utf8'));
}
