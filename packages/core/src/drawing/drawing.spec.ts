import { inMillimetres, millimetres } from '../length';
import { patched, type Patch } from '../reading';
import { BANK, sample } from '../job/sample.spec-data';
import { plan, readJobDocument } from '../plan';
import { banks, demo, one, IN_ENGLISH } from '../plan/plan.spec-data';
import { drawCorner } from './corner';
import { drawCaseFace } from './case-face';
import { drawFace } from './face';
import { drawPanel, drawRow } from './panel';
import { drawSection } from './section';
import type { Box } from './shapes';
import { drawPart } from './part';
import { drawStick } from './stick';
import { drawStickPaper } from './stick-paper';

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

describe('the section of a drawer', () => {
  const inside = (a: { x: number; y: number; width: number; height: number }, b: typeof a): boolean =>
    a.x >= b.x - 1e-6 &&
    a.y >= b.y - 1e-6 &&
    a.x + a.width <= b.x + b.width + 1e-6 &&
    a.y + a.height <= b.y + b.height + 1e-6;

  it.each(['notions-bank', 'flag-chest', 'rope-bench'])(
    '%s: ends and bottom in the box, the box in its bay',
    (name) => {
      for (const bank of banks(demo(name)))
        for (const { id, dimensions } of bank.drawers) {
          const { shapes } = drawSection(bank, id)!;
          const of = (role: string) =>
            shapes.filter((shape): shape is Box => shape.kind === 'box' && shape.role === role);
          const [[bay], [side]] = [of('bay'), of('box-side')];
          expect(inside(side!, bay!)).toBe(true);
          for (const part of [...of('box-end'), ...of('box-bottom'), ...of('notch'), ...of('bore')])
            expect(inside(part, side!)).toBe(true);
          expect(side!.width * 1e6).toBeCloseTo(dimensions['box.length']!.total, 3);
        }
    },
  );

  it('a front stands before its bay, or in it where it is set in; a tray has none but its box’s', () => {
    const fronts = (...patches: Patch[]) =>
      drawSection(bank(...patches), 'd2')!.shapes.filter(
        (shape): shape is Box => shape.kind === 'box' && shape.role === 'front',
      );
    const { dimensions } = bank().drawers[1]!;
    expect(fronts()).toEqual([
      expect.objectContaining({
        ...{ x: -17.6, width: 17.6 },
        y: inMillimetres(dimensions['front.bottomY']!.total),
        height: inMillimetres(dimensions['front.height']!.total),
      }),
    ]);
    expect(fronts({ path: `${BANK}.front.mount`, value: 'inset' })).toEqual([
      expect.objectContaining({ x: 0, width: 17.6 }),
    ]);
    expect(fronts({ path: `${BANK}.front`, value: { mount: 'none' } })).toEqual([]);
  });

  it('its sizes are the plan’s: clearances, wall, groove, notch and bore', () => {
    const [bank] = banks(demo('flag-chest'));
    const sizes = drawSection(bank!, 'd1')!.shapes.flatMap((shape) =>
      shape.kind === 'measure' ? [[IN_ENGLISH.say(shape.label), shape.length / 1e6]] : [],
    );
    // Bay 123, box 100 by steps of 5: 14 below, 9 left above; the bottom 13 up and 8.8 thick.
    expect(Object.fromEntries(sizes)).toEqual({
      'clear below': 14,
      'clear above': 9,
      box: 100,
      'wall inside': 78.2,
      'bottom up': 13,
      'box length': 440,
      'behind it': 57,
      'set-back': 23,
      groove: 6,
      notch: 13,
      bore: 11,
    });
  });

  it('is none where the box can’t be worked out', () => {
    const [bank] = banks(demo('flag-chest'), { path: 'cases[0].banks[0].drawers[0].height', value: '2000 mm' });
    expect(drawSection(bank!, 'd1')).toBeUndefined();
    expect(drawSection(bank!, 'nobody')).toBeUndefined();
  });
});

describe('the panel of a run', () => {
  it('holds the fronts in their order with the kerf between, half the trim at either end', () => {
    const run = { path: 'cases[0].banks[0].front.run', value: { kerf: '3 mm', trim: '10 mm' } };
    const [bank] = banks(demo('flag-chest'), run);
    const { shapes, height } = drawPanel(bank!)!;
    const fronts = shapes.filter((shape): shape is Box => shape.kind === 'box' && shape.role === 'front');
    expect(height).toBe(119 + 148 + 185 + 232 + 9 + 10);
    fronts.slice(1).forEach((front, index) => expect(fronts[index]!.y - front.y - front.height).toBeCloseTo(3, 9));
    expect(fronts.at(-1)!.y).toBeCloseTo(5, 9);
    expect(drawPanel(banks(demo('flag-chest'))[0]!)).toBeUndefined();
  });

  it('a row of banks comes from one panel across, each bank’s fronts in a column of it', () => {
    const run = { kerf: '3 mm', trim: '10 mm' };
    const document = patched(demo('rope-bench'), [{ path: 'cases[0].run', value: run }]);
    const reading = readJobDocument(document);
    if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
    const [owner] = plan(reading.job).cases;
    const { shapes, width, height } = drawRow(owner!, reading.job.cases[0]!.run!)!;
    const fronts = shapes.filter((shape): shape is Box => shape.kind === 'box' && shape.role === 'front');
    expect(fronts).toHaveLength(owner!.banks.reduce((sum, { drawers }) => sum + drawers.length, 0));
    expect(new Set(fronts.map(({ bank }) => bank)).size).toBe(owner!.banks.length);
    expect(width).toBe(owner!.run!.panel.total / 1e6);
    const [first, second] = owner!.banks.map(({ id }) => fronts.filter(({ bank }) => bank === id));
    expect(second![0]!.x - first![0]!.x - first![0]!.width).toBeCloseTo(3, 9);
    for (const { x, y, width: across, height: up } of fronts) {
      expect([x, y].every((each) => each >= -1e-9)).toBe(true);
      expect([x + across <= width + 1e-9, y + up <= height + 1e-9]).toEqual([true, true]);
    }
    expect(drawRow({ ...owner!, run: undefined } as never, reading.job.cases[0]!.run!)).toBeUndefined();
  });

  it('pulls sit on their fronts: a bar over two bores, a knob on one', () => {
    const pull = (value: object) => ({ path: 'cases[0].banks[0].front.pull', value });
    const pulls = (value: object) =>
      drawFace(banks(demo('flag-chest'), pull(value))[0]!).shapes.filter((shape) => shape.role === 'pull') as Box[];
    const bars = pulls({ school: 'centre', purchase: '8 mm', centres: '128 mm' });
    expect(bars).toHaveLength(8);
    expect(bars[0]).toMatchObject({ width: 140, height: 12 });
    expect(pulls({ school: 'centre', purchase: '8 mm', count: 1 })).toHaveLength(4);
  });
});

describe('the corner of a drawer from above', () => {
  const boxesOf = (style: 'face-frame' | 'frameless', ...patches: Patch[]) =>
    drawCorner(one(...patches), style)!.shapes.filter((shape): shape is Box => shape.kind === 'box');
  const by = (shapes: readonly Box[], role: Box['role']) => shapes.find((shape) => shape.role === role);

  it('has the slide fill what the family wants between case and box, the front before the case', () => {
    const shapes = boxesOf('frameless');
    expect(by(shapes, 'slide')).toMatchObject({ x: 0, width: 12.7 });
    expect(by(shapes, 'box-side')).toMatchObject({ x: 12.7, width: 11.8 });
    expect(by(shapes, 'front')).toMatchObject({ x: -10, y: -17.6, height: 17.6 });
    expect(by(shapes, 'case')).toMatchObject({ x: -18, y: 0 });
    expect(by(shapes, 'rail')).toBeUndefined();
  });

  it('has the frame before the case, the build-out behind it, an inset front in the opening', () => {
    const inset = {
      mount: 'inset',
      top: '2 mm',
      bottom: '2 mm',
      left: '2 mm',
      right: '2 mm',
      gap: '2 mm',
      material: 'front',
    };
    const shapes = boxesOf(
      'face-frame',
      { path: 'BANK.front', value: inset },
      { path: 'BANK.buildOut', value: { left: '25 mm', right: '20 mm' } },
    );
    expect(by(shapes, 'rail')).toMatchObject({ x: -43, width: 43, y: 0 });
    expect(by(shapes, 'spacer')).toMatchObject({ x: -25, width: 25 });
    expect(by(shapes, 'front')).toMatchObject({ x: 2, y: 0 });
    expect(by(shapes, 'box-side')!.y).toBeGreaterThan(17.6);
  });

  it('has a slide under the box lie under it', () => {
    const under = boxesOf('frameless', { path: 'BANK.slide.family', value: 'wood-runner' });
    expect(by(under, 'slide')).toBeUndefined();
    expect(by(under, 'hung-slide')!.width).toBeCloseTo(25.4, 6);
  });
});

describe('what a part has cut into it', () => {
  // Common practice: a tongue half as thick as its end, at its inner face.
  const tongued = { path: `${BANK}.box.corner`, value: { joint: 'tongue-dado', depth: '5 mm' } };
  const worked = (role: 'side' | 'box-front') => {
    const [drawer] = bank(tongued).drawers;
    const part = drawer!.parts.find((each) => each.role === role)!;
    const machining = drawer!.machining.filter((cut) => cut.role === role);
    return drawPart({ name: role, length: part.length!, width: part.width!, machining, bores: [] }, role, IN_ENGLISH);
  };
  const boxes = (role: 'side' | 'box-front', of: string) =>
    worked(role).shapes.flatMap((shape) =>
      shape.kind === 'box' && shape.role === of ? [[shape.x, shape.width, shape.height]] : [],
    );

  it('has the dado’s place and width, at both ends of a side', () => {
    const { width, height } = worked('side');
    expect(boxes('side', 'dado')).toEqual([
      [5.9, 5.9, height],
      [width - 11.8, 5.9, height],
    ]);
  });

  it('has a tongue as long as it goes in, no wider than its end', () => {
    const { width, height } = worked('box-front');
    expect(boxes('box-front', 'tongue')).toEqual([
      [0, 5, height],
      [width - 5, 5, height],
    ]);
    const tongue = bank(tongued).drawers[0]!.machining.find(({ kind }) => kind === 'tongue')!;
    expect(tongue.sizes['width']!.total).toBe(5_900_000);
  });

  it('stands upright where the grain of a front does', () => {
    const part = { name: 'face', length: bank().share, width: bank().opening.width, machining: [], bores: [] };
    const [lying, standing] = [drawPart(part, 'f', IN_ENGLISH), drawPart({ ...part, upright: true }, 'f', IN_ENGLISH)];
    expect([standing.width, standing.height]).toEqual([lying.height, lying.width]);
  });
});

describe('the stick on paper', () => {
  it('has a mark at the floor and at the top of the opening', () => {
    const { shapes, y, height } = drawStickPaper(bank(), IN_ENGLISH);
    const levels = shapes.flatMap((shape) => (shape.kind === 'line' && shape.role === 'floor' ? [shape.y1] : []));
    expect(levels).toEqual([0, 500]);
    expect(y + height).toBeGreaterThan(500);
    const words = shapes.flatMap((shape) => (shape.kind === 'words' ? [shape.text] : []));
    expect(words).toEqual(expect.arrayContaining(['floor of the opening  0', 'top of the opening  500.0 mm']));
    // Fronts on its left edge, boxes and slides on its right, each at its height.
    const ticks = shapes.flatMap((shape) => (shape.kind === 'line' && shape.role === 'tick' ? [shape] : []));
    const marks = drawStick(bank());
    const heights = (isFront: boolean) =>
      marks.filter(({ kind }) => kind.startsWith('front') === isFront).map((mark) => inMillimetres(mark.y));
    const left = ticks.filter(({ x1 }) => x1 === 0).map(({ y1 }) => y1);
    const right = ticks.filter(({ x1 }) => x1 > 0).map(({ y1 }) => y1);
    const up = (all: readonly number[]) => [...all].sort((one, other) => one - other);
    expect([left, right].map((each) => each.length > 2)).toEqual([true, true]);
    expect([up(left), up(right)]).toEqual([up(heights(true)), up(heights(false))]);
    expect(new Set(ticks.map(({ drawer }) => drawer))).toEqual(new Set(['d1', 'd2', 'd3']));
  });
});

describe('a case from the front', () => {
  const reading = readJobDocument(demo('rope-bench'));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  const [own] = reading.job.cases;
  const [planned] = plan(reading.job).cases;
  const face = drawCaseFace(planned!, own!);

  it('has its banks side by side, their dividers between them', () => {
    const [left, right] = face.banks;
    const wide = inMillimetres(planned!.banks[0]!.opening.width.total);
    expect([left!.x, right!.x]).toEqual([0, wide + inMillimetres(own!.divider ?? millimetres(26))]);
    for (const { face: each, x } of face.banks) {
      expect(x + each.x).toBeGreaterThanOrEqual(face.x);
      expect(x + each.x + each.width).toBeLessThanOrEqual(face.x + face.width + 1e-9);
      expect(each.height).toBeLessThanOrEqual(face.height);
    }
  });
});
