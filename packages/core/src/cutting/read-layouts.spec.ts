import { demo } from '../plan/plan.spec-data';
import { layOut, lyingIn } from '../sheets';
import { worked } from './cutting.spec-data';
import { bestOf } from './document';
import { readLayouts } from './read-layouts';
import { rulesOf, sawOf } from './saw';
import { sheetParts } from './sheet-parts';

const { job, planned } = worked(demo('rope-bench'));
const layouts = sheetParts(job, planned, 'all').flatMap(({ material, task }) =>
  bestOf(layOut(task), 200)!.layout.sheets.map((sheet) => ({ material: material.id, sheet })),
);
const spoilt = (change: (text: string) => string) =>
  readLayouts(JSON.parse(change(JSON.stringify(layouts))), job, planned);

describe('layouts from elsewhere', () => {
  it('are taken where they hold against the plan', () => {
    expect(spoilt((text) => text)).toEqual({ ok: true, layouts });
  });

  it.each<[string, (text: string) => string, string]>([
    ['a part of another size', (text) => text.replace(/"size":\d+/, '"size":99000000'), 'piece-not-in-plan'],
    ['a part twice', (text) => text.replace(/side 2/g, 'side 1'), 'piece-not-in-plan'],
    ['another material', (text) => text.replace(/"material":"\w+"/, '"material":"gold"'), 'piece-not-in-plan'],
    ['a cut outside', (text) => text.replace(/"width":\d+/, '"width":9000000'), 'cut-outside-sheet'],
    ['no panel', (text) => text.replace('"kind":"cuts"', '"kind":"jigsaw"'), 'sheet-no-layout'],
    ['no list', () => '{}', 'layouts-no-list'],
  ])('are refused with %s', (_, change, code) => {
    expect(spoilt(change)).toMatchObject({ ok: false, wrong: { code } });
  });

  it('are refused where a cut lies in what is trimmed off, as much as beyond the sheet', () => {
    const { width } = layouts[0]!.sheet;
    const nearer = (by: number) =>
      readLayouts([{ ...layouts[0]!, sheet: { ...layouts[0]!.sheet, width: width - by } }], job, planned);
    const reach = Math.max(...lyingIn(layouts[0]!.sheet, rulesOf(sawOf(job))).map(({ y, wide }) => y + wide));
    const free = width - rulesOf(sawOf(job)).trim - reach;
    expect(nearer(free).ok).toBe(true);
    expect(nearer(free + 1)).toMatchObject({ wrong: { code: 'cut-outside-sheet' } });
  });
});
