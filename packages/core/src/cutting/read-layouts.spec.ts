import { demo } from '../plan/plan.spec-data';
import { layOut } from '../sheets';
import { worked } from './cutting.spec-data';
import { bestOf } from './document';
import { readLayouts } from './read-layouts';
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

  it.each<[string, (text: string) => string, RegExp]>([
    ['a part of another size', (text) => text.replace(/"size":\d+/, '"size":99000000'), /not in the plan in this size/],
    ['a part twice', (text) => text.replace(/side 2/g, 'side 1'), /not in the plan/],
    ['another material', (text) => text.replace(/"material":"\w+"/, '"material":"gold"'), /not in the plan/],
    ['a cut outside', (text) => text.replace(/"width":\d+/, '"width":9000000'), /outside its sheet/],
    ['no panel', (text) => text.replace('"kind":"cuts"', '"kind":"jigsaw"'), /can’t be read/],
    ['no list', () => '{}', /not a list/],
  ])('are refused with %s', (_, change, says) => {
    expect(spoilt(change)).toMatchObject({ ok: false, says: expect.stringMatching(says) as string });
  });
});
