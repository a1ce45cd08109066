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
    [
      'a cut neither along nor across',
      (text) => text.replace('"direction":"rip"', '"direction":"round"'),
      'sheet-no-layout',
    ],
    [
      'a part that is not said to lie how',
      (text) => text.replace(/"turned":(?:true|false)/, '"turned":1'),
      'sheet-no-layout',
    ],
    ['a part without a name', (text) => text.replace(/"piece":"[^"]+"/, '"piece":7'), 'sheet-no-layout'],
    ['a cut of no size', (text) => text.replace(/"size":\d+/, '"size":-1'), 'sheet-no-layout'],
    ['children that are no list', (text) => text.replace('"children":[', '"children":7,"other":['), 'sheet-no-layout'],
    ['a sheet of no stock', (text) => text.replace(/"stock":"[^"]+"/, '"stock":null'), 'sheet-no-layout'],
    ['no list', () => '{}', 'layouts-no-list'],
  ])('are refused with %s', (_, change, code) => {
    expect(spoilt(change)).toMatchObject({ ok: false, wrong: { code } });
  });

  it('are refused nested deeper than any saw cuts', () => {
    const nested = (depth: number): unknown =>
      depth === 0
        ? { kind: 'rest' }
        : { kind: 'cuts', direction: 'rip', children: [{ size: 1_000_000, panel: nested(depth - 1) }] };
    const [first] = layouts;
    const of = (depth: number) =>
      readLayouts([{ ...first!, sheet: { ...first!.sheet, panel: nested(depth) } }], job, planned);
    expect(of(3).ok).toBe(true);
    expect([of(41).ok, of(42).ok]).toEqual([true, false]);
    expect(of(60)).toMatchObject({ ok: false, wrong: { code: 'sheet-no-layout', params: { sheet: 0 } } });
  });

  it('are refused with more cuts in one panel than a list of them may be long', () => {
    const [first] = layouts;
    const of = (cuts: number) => {
      const children = Array.from({ length: cuts }, () => ({ size: 1, panel: { kind: 'rest' } }));
      const panel = { kind: 'cuts', direction: 'rip', children };
      const read = readLayouts([{ ...first!, sheet: { ...first!.sheet, panel } }], job, planned);
      return read.ok ? undefined : read.wrong.code;
    };
    // So many blades do not find room on a sheet: it is read, and then looked at.
    expect([of(2000), of(2001)]).toEqual(['cut-outside-sheet', 'sheet-no-layout']);
  });

  it('keep the blade they were cut with, where both of its figures are told', () => {
    const [first] = layouts;
    const blade = (of: object) => {
      const read = readLayouts([{ ...first!, blade: of }], job, planned);
      return read.ok ? read.layouts[0]!.blade : read.wrong.code;
    };
    expect(blade({ kerf: 2_000_000, trim: 0 })).toEqual({ kerf: 2_000_000, trim: 0 });
    expect(blade({ kerf: 2_000_000 })).toBeUndefined();
    expect(blade({ kerf: 'thin', trim: 0 })).toBeUndefined();
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
