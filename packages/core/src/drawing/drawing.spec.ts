import { patched, type Patch } from '../job';
import { BANK, sample } from '../job/sample.spec-data';
import { plan, readJobDocument } from '../plan';
import { drawFace } from './face';
import { drawStick } from './stick';

function bank(...patches: Patch[]) {
  const reading = readJobDocument(patched(sample, patches));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return plan(reading.job).cases[0]!.banks[0]!;
}

describe('the face', () => {
  it('draws the opening, every front and every box to its size', () => {
    const { shapes } = drawFace(bank());
    const boxes = shapes.filter((shape) => shape.kind === 'box');
    expect(boxes.find(({ role }) => role === 'opening')).toMatchObject({ x: 0, y: 0, width: 600, height: 500 });
    const fronts = boxes.filter(({ role }) => role === 'front');
    expect(fronts.map(({ drawer }) => drawer)).toEqual(['d1', 'd2', 'd3']);
    expect(fronts[2]).toMatchObject({ x: -10, y: -10, width: 620 });
    expect(Math.max(...fronts.map(({ y, height }) => y + height))).toBe(510);
    for (const box of boxes.filter(({ role }) => role === 'drawer-box'))
      expect(box.x * 2 + box.width).toBeCloseTo(600, 6);
    expect(shapes.filter((shape) => shape.kind === 'line' && shape.role === 'slide-line')).toHaveLength(6);
  });

  it('stands inset fronts inside and fills rails between the bays', () => {
    const { shapes } = drawFace(
      bank(
        { path: `${BANK}.front.mount`, value: 'inset' },
        { path: `${BANK}.rail`, value: '20 mm' },
        { path: `${BANK}.front.gap`, value: '24 mm' },
      ),
    );
    const boxes = shapes.filter((shape) => shape.kind === 'box');
    expect(boxes.find(({ role }) => role === 'front')).toMatchObject({ x: 10, width: 580 });
    const rails = boxes.filter(({ role }) => role === 'rail');
    expect(rails).toHaveLength(2);
    for (const rail of rails) {
      const [above] = boxes.filter(({ role, y }) => role === 'front' && y > rail.y).sort((a, b) => a.y - b.y);
      expect(above!.y - (rail.y + rail.height)).toBeCloseTo(2, 6);
    }
  });

  it('draws what there is when the height can’t be divided', () => {
    const broken = bank({ path: `${BANK}.drawers[0].height`, value: '900 mm' });
    expect(drawFace(broken).shapes.map(({ role }) => role)).toEqual(['case', 'opening']);
    expect(drawStick(broken)).toEqual([]);
  });
});

describe('the story stick', () => {
  it('marks five heights a drawer, from the top down', () => {
    const marks = drawStick(bank());
    expect(marks).toHaveLength(15);
    expect(marks.map(({ y }) => y)).toEqual(marks.map(({ y }) => y).sort((a, b) => b - a));
    expect(marks[0]).toMatchObject({ kind: 'front-top', drawer: 'd1', y: 510_000_000 });
    expect(marks.at(-1)).toMatchObject({ kind: 'front-bottom', drawer: 'd3', y: -10_000_000 });
  });
});
