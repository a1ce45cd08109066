import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, goTo, kept, test } from './app';
import { schemaFields } from './schema-fields';

/** Fields no screen sets, and why. */
const EXCEPT: readonly (readonly [field: RegExp, why: string])[] = [
  [/^(format|version|minor)$/, 'says what the file is'],
  [/(^|\.|\])id$/, 'given by Zabble where a thing is made'],
  [/\.(at|by)$/, 'the moment and the person of a deed, written with it'],
  [/^log\[\]/, 'written by what is done at the case, never set: see record.e2e'],
  [/\.opening\.height\[\]\.drawer$/, 'a tape laid upright has no drawer’s level'],
  [/\.sheets\[\]\.panel\b/, 'how a sheet is cut up, as the search found it; kept by taking the layout'],
  [/\.sheets\[\]\.(begun|done)\b/, 'written by cutting a sheet step by step: see cut.e2e'],
  [
    /^cases\[\]\.(build|layout|shelves|keepOuts|cutOuts|measured|doors)\b/,
    'of a whole case: see every-case-field.spec',
  ],
  [/^cases\[\]\.gates\b/, 'passed at the cut list: see case.e2e'],
  [/^cases\[\]\.(tiltOuts|boards|uprights|at)\b/, 'read and kept; of no plan yet'],
  [/^room\b/, 'as rooms: read and kept, of no plan yet'],
  [/^hinges\b/, 'from a door’s card: see every-case-field.spec'],
  [/^cases\[\]\.banks\[\]\.compartment$/, 'as the case it stands in'],
  [
    /^cases\[\]\.banks\[\]\.(behind|pack|front\.(dip|over|setBehind|reveals)|drawers\[\]\.y$)/,
    'of banks in compartments: see every-case-field.spec and doors.e2e',
  ],
  [/\.aside\./, 'the readings of the other basis, set aside by turning it: see below'],
];

type Job = Readonly<Record<string, unknown>>;

/** One screen of the job: how it is come to. What it shows that can be written is written. */
interface Screen {
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
const step =
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

const SCREENS: readonly Screen[] = [
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
  { name: 'the unit', open: step('Case'), but: /^step$/ },
  { name: 'the step', open: step('Case') },
];

/** What buttons and lists of their own set, one deed each. */
const DEEDS: readonly { readonly fields: readonly string[]; readonly does: (page: Page) => Promise<void> }[] = [
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
    fields: ['material', 'length', 'height'].map((name) => `cases[].banks[].front.pull.made.${name}`),
    does: async (page) => {
      await step('Fronts', 'bank b2')(page);
      await page.getByText('made', { exact: true }).click();
      const at = 'cases[0].banks[1].front.pull.made';
      await page.locator(`[data-path="${at}.length"]`).waitFor();
      await page.evaluate(writeAt, { path: `${at}.material`, value: '' });
      await fill(page, [`${at}.length`, `${at}.height`]);
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

test('every field of the job file is set on a screen', async ({ page, zabble }) => {
  test.setTimeout(300_000);
  page.setDefaultTimeout(10_000);
  const amiss: string[] = [];
  page.on('console', (message) => message.type() === 'error' && amiss.push(message.text()));
  const wanted = [...schemaFields()].filter((field) => !EXCEPT.some(([except]) => except.test(field)));
  expect(wanted.length).toBeGreaterThan(180);
  const text = readFileSync(new URL('every-field.json', import.meta.url), 'utf8');
  const made = await page.request.post(`${zabble.url}/api/jobs/import`, { data: JSON.parse(text) as Job });
  const { id } = (await made.json()) as { id: string };
  const stored = async (): Promise<Job> => {
    await kept(page);
    const answer = await page.request.get(`${zabble.url}/api/jobs/${id}`);
    return ((await answer.json()) as { document: Job }).document;
  };
  await page.goto(`/jobs/${id}/case`);
  const set = new Set<string>();
  let before = await stored();
  for (const screen of SCREENS) {
    await screen.open(page);
    const left = new Set(wanted.filter((field) => !set.has(field)));
    const written = await writeAll(page, left, screen.but);
    await page.keyboard.press('Escape');
    const after = await stored();
    for (const path of written)
      if (JSON.stringify(at(before, path)) !== JSON.stringify(at(after, path)))
        for (const field of fieldsOf(path)) set.add(field);
    before = after;
  }
  for (const { fields, does } of DEEDS) {
    await does(page);
    const after = await stored();
    for (const field of fields)
      if (JSON.stringify(all(before, field)) !== JSON.stringify(all(after, field))) set.add(field);
    before = after;
  }
  expect(wanted.filter((field) => !set.has(field))).toEqual([]);
  expect(amiss).toEqual([]);
  // What is set aside by turning the basis.
  await step('Measure')(page);
  await page.getByText('Planned', { exact: true }).click();
  expect(all(await stored(), 'cases[].banks[].aside').length).toBeGreaterThan(0);
});

/**
 * Writes something else into every control of the screen whose field is wanted; answers the paths it wrote to. In the page
 * itself, one after another: what a person does with each kind of control is tried elsewhere.
 */
async function writeAll(page: Page, wanted: ReadonlySet<string>, but = /^$/): Promise<readonly string[]> {
  const done: string[] = [];
  const fields = new Set<string>();
  for (let round = 0; round < 120; round += 1) {
    const paths = await page.evaluate(shownPaths);
    const waiting = paths.filter((each) => {
      const own = fieldsOf(each);
      const wants = !but.test(each) && own.some((field) => wanted.has(field) && !fields.has(field));
      if (wants) for (const field of own) fields.add(field);
      return wants;
    });
    if (waiting.length === 0) return done;
    for (const path of waiting) {
      const now = await page.evaluate(valueAt, path);
      // What was written before may have taken it away.
      if (now === undefined) for (const field of fieldsOf(path)) fields.delete(field);
      else {
        done.push(path);
        await page.evaluate(writeAt, { path, value: now.text === undefined ? '' : other(path, now.text) });
      }
    }
  }
  return done;
}

/** Paths of what can be written on the screen that is uppermost. */
function shownPaths(): readonly string[] {
  const screen = document.querySelector('[role=dialog]') ?? document.querySelector('z-bench-page');
  return [...(screen?.querySelectorAll<HTMLElement>('[data-path]') ?? [])]
    .filter((each) => each.checkVisibility())
    .map((each) => each.dataset['path'] ?? '');
}

/** What stands in a field of the screen; `text` of one that is written in. */
function valueAt(path: string): { readonly text: string | undefined } | undefined {
  const screen = document.querySelector('[role=dialog]') ?? document.querySelector('z-bench-page');
  const found = [...(screen?.querySelectorAll<HTMLElement>(`[data-path="${path}"]`) ?? [])];
  const one = found.find((each) => each.checkVisibility());
  if (!one) return undefined;
  const typed = one instanceof HTMLInputElement && !['radio', 'checkbox', 'range'].includes(one.type);
  return { text: typed || one instanceof HTMLTextAreaElement ? one.value : undefined };
}

/** Something else than stands there: another choice, what is not pressed, the text given. */
async function writeAt({ path, value }: { readonly path: string; readonly value: string }): Promise<void> {
  const screen = document.querySelector('[role=dialog]') ?? document.querySelector('z-bench-page');
  const shown = [...(screen?.querySelectorAll<HTMLElement>(`[data-path="${path}"]`) ?? [])].filter((each) =>
    each.checkVisibility(),
  );
  const [one] = shown;
  const tell = (what: string): boolean | undefined => one?.dispatchEvent(new Event(what, { bubbles: true }));
  one?.focus();
  if (one instanceof HTMLSelectElement) {
    const values = [...one.options].map((each) => each.value);
    one.value = values.filter((each) => each !== one.value && each !== '\n' && each !== '').at(-1) ?? one.value;
    tell('change');
  } else if (one instanceof HTMLInputElement && one.type === 'radio')
    shown.find((each) => each instanceof HTMLInputElement && !each.checked)?.click();
  else if (one instanceof HTMLInputElement && one.type === 'range') {
    one.stepUp();
    tell('input');
    tell('change');
  } else if (one instanceof HTMLButtonElement)
    // Of several the one that is not pressed; one alone is turned.
    (shown.find((each) => each.ariaPressed === 'false') ?? one).click();
  else if (one instanceof HTMLInputElement && one.type === 'checkbox') one.click();
  else if (one instanceof HTMLInputElement || one instanceof HTMLTextAreaElement) {
    one.value = value;
    tell('input');
    tell('change');
    one.blur();
  }
  // What follows is drawn.
  for (let frame = 0; frame < 2; frame += 1) await new Promise((drawn) => requestAnimationFrame(drawn));
}

/** Writes something into the fields that a choice brings. */
async function fill(page: Page, paths: readonly string[]): Promise<void> {
  for (const path of paths) {
    await page.locator(`[data-path="${path}"]`).first().waitFor();
    await page.evaluate(writeAt, { path, value: '1/2' });
  }
}

const NUMBER = /_kg$|_kg_m3|_gpa|_c$|humidity|price|extension|stages|ratio|count|share$/;

function other(path: string, now: string): string {
  if (path.endsWith('species')) return 'Oak, white';
  if (/ratio|extension/.test(path)) return '1.3';
  if (path.endsWith('stages')) return '3';
  if (path.endsWith('density_kg_m3')) return '44';
  if (path.endsWith('.most')) return '20';
  if (NUMBER.test(path)) return now === '' ? '7' : String(Number(now) + 1);
  if (/\.list$/.test(path)) return '12; 14; 16; 18';
  if (/(^|\.)(name|customer|notes)$/.test(path)) return `${now} x`;
  // Short sums are lengths too: a sixty-fourth more than stands there.
  return now === '' ? '1/2' : `${now} + 1/64`;
}

/** The fields of the schema that a path may stand for: of a list, its entries. */
function fieldsOf(path: string): readonly string[] {
  const field = path.replace(/\[\d+\]/g, '[]');
  return [field, `${field}[]`];
}

function at(job: Job, path: string): unknown {
  return [...path.matchAll(/[A-Za-z_]\w*|\d+/g)].reduce<unknown>(
    (value, [name]) => (value as Readonly<Record<string, unknown>> | undefined)?.[name],
    job,
  );
}

/** All that stands at a field, wherever it does. */
function all(job: unknown, field: string): readonly unknown[] {
  const steps = [...field.matchAll(/[A-Za-z_]\w*|\[\]/g)].map(([name]) => name);
  return steps.reduce<readonly unknown[]>(
    (values, name) =>
      values.flatMap((value) => {
        if (name === '[]') return Array.isArray(value) ? (value as readonly unknown[]) : [];
        const inside = (value as Readonly<Record<string, unknown>> | undefined)?.[name];
        return inside === undefined ? [] : [inside];
      }),
    [job],
  );
}
