import { readFileSync } from 'node:fs';
import { expect, kept, test } from './app';
import { DEEDS, SCREENS, step } from './field-screens';
import { fieldsOf, writeAll } from './field-writing';
import { schemaFields } from './schema-fields';

/** Fields no screen sets, and why. */
const EXCEPT: readonly (readonly [field: RegExp, why: string])[] = [
  [/^(format|version|minor)$/, 'says what the file is'],
  [/(^|\.|\])id$/, 'given by Zabble where a thing is made'],
  [/\.(at|by)$/, 'the moment and the person of a deed, written with it'],
  [/^log\[\]/, 'written by what is done at the case, never set: see record.e2e'],
  [/\.opening\.height\[\]\.drawer$/, 'a tape laid upright has no drawer’s level'],
  [/\.sheets\[\]\.panel\b/, 'how a sheet is cut up, as the search found it; kept by taking the layout'],
  [/\.sheets\[\]\.price$/, 'of a piece of the rack, kept with the layout that takes it'],
  [/\.sheets\[\]\.(begun|done)\b/, 'written by cutting a sheet step by step: see cut.e2e'],
  [
    /^cases\[\]\.(build|layout|shelves|keepOuts|cutOuts|measured|doors)\b/,
    'of a whole case: see every-case-field.long.spec',
  ],
  [/^cases\[\]\.gates\b/, 'passed at the cut list: see case.e2e'],
  [/^(room|cases\[\]\.(tiltOuts|boards|lids|uprights|at))\b/, 'of whole cases: see every-case-field.long.spec'],
  [/^inTurn\b/, 'written by a button of a finding'],
  [/^hinges\b/, 'from a door’s card: see every-case-field.long.spec'],
  [/^cases\[\]\.banks\[\]\.compartment$/, 'as the case it stands in'],
  [
    /^cases\[\]\.banks\[\]\.(behind|pack|front\.(dip|over|setBehind|reveals)|drawers\[\]\.y$)/,
    'of banks in compartments: see every-case-field.long.spec and doors.e2e',
  ],
  [/\.aside\./, 'the readings of the other basis, set aside by turning it: see below'],
];

type Job = Readonly<Record<string, unknown>>;

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
