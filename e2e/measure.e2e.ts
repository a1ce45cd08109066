import { expect, figure, kept, openFindings, openJob, test } from './app';

test('the laser: choose the size it fills, take readings with one key; planned sizes are kept and compared', async ({
  page,
}) => {
  await openJob(page, 'Flag chest');
  expect(await figure(page, 'Width that governs')).toBe('864.0');
  await page.getByRole('button', { name: 'Laser measure' }).click();
  const laser = page.getByRole('region', { name: 'Laser measure' });
  await expect(laser).toContainText('Simulated');
  for (const number of [1, 2, 3]) {
    const take = laser.getByRole('button', { name: `Take width ${number}` });
    await expect(take).toBeEnabled();
    await page.keyboard.press('t');
    await expect(laser).toContainText(`Taken: width ${number}, `);
  }
  await laser.getByRole('button', { name: 'Height', exact: true }).click();
  const take = laser.getByRole('button', { name: 'Take height 1' });
  await expect(take).toBeEnabled();
  await take.click();
  await expect(laser).toContainText('Taken: height 1, ');
  await expect(page.getByText('solid: sized to the opening as built')).toBeVisible();
  const widths = page.getByLabel(/^Width, reading/);
  await expect(widths).toHaveCount(3);
  const read = await widths.evaluateAll((fields) =>
    fields.map((field) => parseFloat((field as HTMLInputElement).value)),
  );
  for (const each of read) expect(Math.abs(each - 864)).toBeLessThanOrEqual(2.1);
  const governs = Number((await figure(page, 'Width that governs')).replace('≈ ', ''));
  expect(Math.abs(governs - Math.min(...read))).toBeLessThan(0.5);
  // What it does downstream: the boxes are as much narrower as the case came out.
  const against = page.getByRole('region', { name: 'Planned against as built' });
  const row = against.getByRole('row', { name: /^Box width, all drawers/ });
  await expect(row).toBeVisible();
  await expect(against.getByRole('row', { name: /^Opening width/ })).toContainText('864.0');
  await page.getByText('Planned', { exact: true }).click();
  await expect.poll(() => figure(page, 'Width that governs')).toBe('864.0');
  await expect(row).toBeVisible();
  await page.getByText('As built', { exact: true }).click();
  await expect(widths).toHaveCount(3);
  await kept(page);
  await page.reload();
  await expect(widths).toHaveCount(3);
});

test('called as built without measuring: it is said, and nothing may be cut', async ({ page }) => {
  await openJob(page, 'Rope bench');
  await page.getByText('As built', { exact: true }).click();
  await openFindings(page);
  const finding = page.locator('[data-code="NOT_YET_MEASURED"]');
  await expect(finding).toContainText('still the planned sizes');
  await expect(page.getByRole('link', { name: /^Cut held/ })).toBeVisible();
  await page.getByLabel('Width, reading 1').fill('17 15/16');
  await expect(finding).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await finding.getByRole('button', { name: 'They are planned sizes' }).click();
  await finding.getByRole('button', { name: 'Do it' }).click();
  await expect(page.getByText('dashed: planned sizes, a forecast')).toBeVisible();
});

test('the opening is drawn true to its readings: what governs, where to pack and by how much', async ({ page }) => {
  await openJob(page, 'Flag chest');
  await page.getByText('Planned', { exact: true }).click();
  await page.getByRole('button', { name: 'Another width reading' }).click();
  await page.getByLabel('Width, reading 2').fill('867');
  const drawing = page.locator('z-opening-drawing');
  await expect(drawing.getByRole('img')).toHaveAttribute('aria-label', /drawn 20 times as large/);
  await expect(drawing.getByText('pack 1.5 mm')).toHaveCount(2);
  await page.getByRole('button', { name: 'Add diagonals' }).click();
  await page.getByLabel('To the top right').fill('1154');
  await expect(page.getByText('Leans to the right by')).toBeVisible();
});

test('on a phone: readings by thumb, nothing wider than the screen', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openJob(page, 'Notions bank');
  await page.getByRole('button', { name: 'Laser measure' }).click();
  const take = page.getByRole('button', { name: /^Take width/ });
  await expect(take).toBeEnabled();
  const box = (await take.boundingBox())!;
  expect(box.height).toBeGreaterThanOrEqual(44);
  await take.click();
  await expect(page.getByRole('region', { name: 'Laser measure' })).toContainText('Taken: width');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a bank in a compartment follows from its case until that stands; then it is measured', async ({
  page,
  zabble,
}) => {
  const whole = await (await page.request.get(`${zabble.url}/api/jobs?search=notions`)).json();
  const { id: like } = (whole as { items: { id: string }[] }).items[0]!;
  const { document } = (await (await page.request.get(`${zabble.url}/api/jobs/${like}`)).json()) as {
    document: { materials: { id: string }[]; cases: { banks: Record<string, unknown>[] }[] };
  };
  const { opening: _, aside: __, buildOut: ___, ...bank } = document.cases[0]!.banks[0]!;
  const panel = document.materials[0]!.id;
  const made = await page.request.post(`${zabble.url}/api/jobs`, {
    data: {
      document: {
        ...document,
        name: 'Chart case',
        cases: [
          {
            ...{ id: 'c1', name: 'Case', style: 'frameless' },
            build: {
              width: '50 in',
              height: '36 in',
              depth: '24 in',
              panel,
              back: { kind: 'applied', material: panel },
            },
            layout: { id: 'front', across: [{ id: 'left', size: '24 in' }, { id: 'right' }] },
            banks: [{ ...bank, basis: 'planned', compartment: 'left' }],
          },
        ],
      },
    },
  });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`/jobs/${id}/measure`);
  await expect(page.getByText('this bank stands in its compartment “left”')).toBeVisible();
  expect(await figure(page, 'width')).toBe('24');
  await page.getByRole('button', { name: 'The case stands: measure it' }).click();
  await expect(page.getByLabel('Width, reading 1')).toHaveValue('24');
  await page.getByLabel('Width, reading 1').fill('23 7/8');
  await expect.poll(() => figure(page, 'Width that governs')).toBe('23 7/8');
  await kept(page);
});
