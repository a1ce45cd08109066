import type { Page } from '@playwright/test';
import { expect, goTo } from './app';
import { fill, writeAt } from './field-writing';

/** One screen of the job: how it is come to. What it shows that can be written is written. */
export interface Screen {
  readonly name: string;
  readonly open: (page: Page) => Promise<void>;
  /** What would take the others of this screen away: it is written on another. */
  readonly but?: RegExp;
}

const bank = async (page: Page, name: string): Promise<void> => {
  const button = page.getByRole('group', { name: 'Banks of this job' }).getByRole('button', { name });
  await button.click();
  await expect(button).toHaveAttribute('aria-pressed', 'true');
};
export const step =
  (name: string, bankName = 'Left', then?: (page: Page) => Promise<void>) =>
  async (page: Page): Promise<void> => {
    await goTo(page, name);
    await bank(page, bankName);
    await then?.(page);
  };
const tab =
  (name: string) =>
  async (page: Page): Promise<void> => {
    const one = page.getByRole('tab', { name, exact: true });
    await one.click();
    await expect(one).toHaveAttribute('aria-selected', 'true');
  };
const material =
  (name: string) =>
  async (page: Page): Promise<void> => {
    await goTo(page, 'Measure');
    await page.keyboard.press('m');
    const sheet = page.getByRole('dialog');
    await sheet.getByRole('button', { name, exact: true }).click();
    await sheet.getByRole('region', { name, exact: true }).waitFor();
  };
const drawer =
  (place: number) =>
  async (page: Page): Promise<void> => {
    await page.getByRole('button', { name: new RegExp(`^Drawer ${place}(,|$)`) }).click();
  };

/** A finish and something bought in begun. */
const decided = async (page: Page): Promise<void> => {
  await tab('Decided')(page);
  await page.getByRole('button', { name: '+ finish' }).click();
  await page.getByRole('button', { name: '+ thing' }).click();
};

/** A share of the price told in one of its ways. */
const share = (name: string, way: number, fields: readonly string[]) => ({
  fields,
  does: async (page: Page) => {
    await step('Price')(page);
    await tab('Decided')(page);
    await page.getByRole('group', { name, exact: true }).getByRole('combobox').selectOption({ index: way });
  },
});

export const SCREENS: readonly Screen[] = [
  { name: 'Case', open: step('Case'), but: /^(unit|step)$/ },
  { name: 'a sheet material', open: material('9 mm ply') },
  { name: 'boards', open: material('Ash boards') },
  { name: 'Measure', open: step('Measure') },
  { name: 'Slides', open: step('Slides'), but: /slide\.(family|lengths?)$/ },
  { name: 'lengths of slides', open: step('Slides', 'bank b3'), but: /slide\.(family|lengths)$/ },
  { name: 'lists of slides', open: step('Slides', 'bank b3'), but: /slide\.family$/ },
  { name: 'other slides', open: step('Slides', 'bank b2') },
  { name: 'Divide by a step', open: step('Divide', 'Left', drawer(1)), but: /scheme$/ },
  { name: 'Divide by a ratio', open: step('Divide', 'bank b2'), but: /scheme$/ },
  { name: 'Divide by contents', open: step('Divide', 'bank b3', drawer(1)), but: /\.line$|scheme$|sameAs$/ },
  { name: 'Boxes', open: step('Boxes', 'Left', drawer(1)), but: /joint$|bottomFit$|front\.material$/ },
  { name: 'other boxes', open: step('Boxes', 'bank b3', drawer(1)) },
  { name: 'Fronts framed', open: step('Fronts'), but: /school$|front\.material$/ },
  { name: 'Fronts banded', open: step('Fronts', 'bank b2'), but: /school$/ },
  { name: 'other fronts', open: step('Fronts', 'bank b3') },
  { name: 'a scheme', open: step('Divide', 'bank b2') },
  { name: 'Cut, sheets', open: step('Cut', 'Left', tab('Sheets')) },
  { name: 'Cut, files', open: step('Cut', 'Left', tab('Files')) },
  { name: 'Fit, fronts', open: step('Fit', 'Left', tab('Fronts')) },
  { name: 'Price', open: step('Price', 'Left', decided) },
  { name: 'the unit', open: step('Case'), but: /^step$/ },
  { name: 'the step', open: step('Case') },
];

/** What buttons and lists of their own set, one deed each. */
export const DEEDS: readonly { readonly fields: readonly string[]; readonly does: (page: Page) => Promise<void> }[] = [
  share('Overhead', 1, ['pricing.overhead.percent']),
  share('Overhead', 2, ['pricing.overhead.hour']),
  share('Margin', 1, ['pricing.margin.percent', 'pricing.margin.of']),
  share('Discount', 1, ['pricing.discount']),
  share('Tax', 1, ['pricing.tax.percent', 'pricing.tax.how']),
  {
    fields: ['cases[].banks[].opening.width[].drawer'],
    does: async (page) => {
      await step('Measure')(page);
      await page.getByLabel('level of width reading 1').selectOption('drawer 2');
    },
  },
  {
    fields: ['cases[].banks[].opening.width[].place[]'],
    does: async (page) => {
      await step('Measure')(page);
      await page.getByLabel('edge of width reading 2').selectOption('front');
    },
  },
  {
    fields: ['cases[].banks[].opening.depth[].drawer'],
    does: async (page) => {
      await step('Measure')(page);
      await page.getByLabel('level of depth reading 1').selectOption('drawer 2');
    },
  },
  {
    fields: ['cases[].banks[].opening.height[].length', 'cases[].banks[].opening.height[].place[]'],
    does: async (page) => {
      await step('Measure', 'bank b3')(page);
      await page.getByLabel('side of height reading 1').selectOption('left');
    },
  },
  {
    fields: ['cases[].banks[].opening.depth[].length', 'cases[].banks[].opening.depth[].place[]'],
    does: async (page) => {
      await step('Measure', 'bank b3')(page);
      await page.getByLabel('level of depth reading 1').selectOption('top');
    },
  },
  {
    fields: ['cases[].banks[].mounting.behind'],
    does: async (page) => {
      await step('Case', 'bank b2')(page);
      await page.locator('label:has([data-path="cases[0].style"])').filter({ hasText: 'ace frame' }).click();
      await step('Slides', 'bank b2')(page);
      await page
        .locator('[data-path="cases[0].banks[1].slide.family"]')
        .selectOption({ label: 'Undermount, sides to 16 mm' });
      await step('Measure', 'bank b2')(page);
      await page.getByText('strips', { exact: true }).click();
    },
  },
  {
    fields: ['cases[].banks[].drawers[].line.y'],
    does: async (page) => {
      await step('Divide', 'bank b2', drawer(1))(page);
      await page.getByLabel('Lower edge level with').selectOption('a height above the floor');
    },
  },
  {
    fields: ['cases[].banks[].drawers[].line.bank', 'cases[].banks[].drawers[].line.drawer'],
    does: async (page) => {
      await step('Divide', 'bank b3', drawer(1))(page);
      await page.getByLabel('Lower edge level with').selectOption('bank b2, drawer 1');
    },
  },
  {
    fields: ['cases[].banks[].division.makeup.drawer'],
    does: async (page) => {
      await step('Divide', 'bank b2')(page);
      await page.getByLabel('The odd rest goes to').selectOption('drawer 1');
    },
  },
  {
    fields: ['cases[].banks[].drawers[].height'],
    does: async (page) => {
      await step('Divide')(page);
      await page.getByRole('button', { name: 'Lock drawer 2' }).click();
    },
  },
  {
    fields: [
      ...['material', 'seed', 'tries', 'kerf', 'trim'].map((field) => `cutting.layouts[].${field}`),
      ...['stock', 'length', 'width'].map((field) => `cutting.layouts[].sheets[].${field}`),
    ],
    does: async (page) => {
      await step('Cut', 'Left', tab('Sheets'))(page);
      await page.getByRole('button', { name: 'All, to buy by' }).click();
      await page.getByRole('button', { name: 'Take this layout' }).first().click();
    },
  },
  {
    fields: ['cases[].banks[].box.corner.short', 'cases[].banks[].box.corner.back.short'],
    does: async (page) => {
      await step('Boxes', 'Left')(page);
      const at = 'cases[0].banks[0].box.corner';
      await page.locator(`[data-path="${at}.joint"]`).selectOption('housed');
      await page.locator(`[data-path="${at}.back.joint"]`).selectOption('housed');
      await fill(page, [`${at}.short`, `${at}.back.short`]);
    },
  },
  {
    fields: ['cases[].banks[].drawers[].box.corner.short', 'cases[].banks[].drawers[].box.corner.back.short'],
    does: async (page) => {
      await step('Boxes', 'Left', drawer(1))(page);
      const at = 'cases[0].banks[0].drawers[0].box.corner';
      await page.locator(`[data-path="${at}.joint"]`).selectOption('housed');
      await page.locator(`[data-path="${at}.back.joint"]`).selectOption('housed');
      await fill(page, [`${at}.short`, `${at}.back.short`]);
    },
  },
  {
    fields: ['material', 'length', 'height', 'angle'].map((name) => `cases[].banks[].front.pull.made.${name}`),
    does: async (page) => {
      await step('Fronts', 'bank b2')(page);
      await page.getByText('made', { exact: true }).click();
      const at = 'cases[0].banks[1].front.pull.made';
      await page.locator(`[data-path="${at}.length"]`).waitFor();
      await page.evaluate(writeAt, { path: `${at}.material`, value: '' });
      await fill(page, [`${at}.length`, `${at}.height`]);
      await page.evaluate(writeAt, { path: `${at}.angle`, value: '30' });
    },
  },
  {
    fields: ['width', 'height', 'radius', 'fromTop'].map((name) => `cases[].banks[].front.pull.grip.${name}`),
    does: async (page) => {
      await step('Fronts', 'bank b2')(page);
      await page.getByText('a grip cut out', { exact: true }).click();
      await fill(
        page,
        ['width', 'height', 'radius', 'fromTop'].map((name) => `cases[0].banks[1].front.pull.grip.${name}`),
      );
    },
  },
  {
    fields: ['cutting.released[].part', 'cutting.released[].reason'],
    does: async (page) => {
      await step('Measure')(page);
      await page.getByText('As built', { exact: true }).click();
      await step('Cut', 'Left', tab('At the saw'))(page);
      await page.getByRole('button', { name: 'What they will be' }).first().click();
      await page
        .getByRole('region', { name: 'Held' })
        .getByRole('listitem')
        .getByRole('button', { name: /^\d/ })
        .first()
        .click();
      await page.getByLabel('Why it may be cut before its turn').fill('a trial');
      await page.getByRole('button', { name: 'Release by hand' }).click();
    },
  },
  {
    fields: ['cutting.cut[].part', 'cutting.cut[].length', 'cutting.cut[].width', 'cutting.cut[].wrong'],
    does: async (page) => {
      await page.getByLabel('What came out wrong, if anything').fill('a chip');
      await page.getByRole('button', { name: 'Write it down' }).click();
    },
  },
];
