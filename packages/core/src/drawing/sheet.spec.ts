import { inMillimetres, millimetres } from '../length';
import type { SheetLayout } from '../sheets';
import { drawSheet, isOffcut } from './sheet';
import type { Shape } from './shapes';

const mm = millimetres;
const SAW = {
  ...{ kerf: mm(3), trim: mm(0), stages: 2, ripFirst: true },
  offcut: { length: mm(300), width: mm(200) },
};
/** A sheet ripped in three: a part, a narrow part, and what is left over. */
const SHEET: SheetLayout = {
  ...{ stock: 'ply18', length: mm(1200), width: mm(606) },
  panel: {
    ...{ kind: 'cuts', direction: 'rip' },
    children: [
      { size: mm(280), panel: { kind: 'part', piece: 'a', turned: false } },
      { size: mm(12), panel: { kind: 'part', piece: 'b', turned: false } },
      { size: mm(308), panel: { kind: 'rest' } },
    ],
  },
};
const say = (length: number): string => `${inMillimetres(length as never)}`;
const drawn = (held: string, more?: typeof say): readonly Shape[] =>
  drawSheet(SHEET, SAW, (part) => ({ says: part.toUpperCase(), held: part === held }), more).shapes;
const wordsOf = (shapes: readonly Shape[]) => shapes.flatMap((shape) => (shape.kind === 'words' ? [shape] : []));

describe('a sheet that is cut up', () => {
  it('is drawn as wide as it is long, with each part and what is kept where it lies', () => {
    expect(drawSheet(SHEET, SAW, (says) => ({ says, held: false }))).toMatchObject({
      x: 0,
      y: 0,
      width: 1200,
      height: 606,
    });
    expect(drawn('').flatMap((shape) => (shape.kind === 'box' ? [shape] : []))).toEqual([
      { kind: 'box', role: 'sheet', x: 0, y: 0, width: 1200, height: 606 },
      { kind: 'box', role: 'part', part: 'a', x: 0, y: 0, width: 1200, height: 280 },
      { kind: 'box', role: 'part', part: 'b', x: 0, y: 283, width: 1200, height: 12 },
      { kind: 'box', role: 'off-cut', x: 0, y: 298, width: 1200, height: 308 },
    ]);
  });

  it('has names in the middle of their parts, and sizes below them where there is room for both', () => {
    const words = wordsOf(drawn('', say));
    expect(words.map(({ role, text, part }) => [role, text, part])).toEqual([
      ['name', 'A', 'a'],
      ['size', '1200 × 280', undefined],
      // Six tenths of 12 mm hold one line of the least letters at most.
      ['name', 'B', 'b'],
      ['name', '1200 × 308', undefined],
    ]);
    const [name, size] = words;
    expect(name?.x).toBe(600);
    expect(name?.height).toBe(28);
    expect(size?.height).toBe(name?.height);
    expect([name?.y, size?.y]).toEqual([140 + 28 * 0.6, 140 - 28 * 0.6]);
    expect(words[2]).toMatchObject({ x: 600, y: 289, height: 8 });
  });

  it('says no size of what is held, which is no number to cut by', () => {
    const [name, ...rest] = wordsOf(drawn('a', say));
    expect(name).toMatchObject({ role: 'name', text: 'A', x: 600, y: 140 });
    expect(rest.some(({ text }) => text === '1200 × 280')).toBe(false);
    expect(drawn('a', say).flatMap((shape) => (shape.kind === 'box' ? [[shape.role, shape.size]] : []))).toEqual([
      ['sheet', undefined],
      ['held-part', undefined],
      ['part', '1200 × 12'],
      ['off-cut', '1200 × 308'],
    ]);
  });

  it('writes smaller where a name is long: no letter wider than its share of the part', () => {
    const long = 'N'.repeat(120);
    const [name] = wordsOf(drawSheet(SHEET, SAW, () => ({ says: long, held: false })).shapes);
    expect(name?.height).toBeCloseTo((1.6 * 1200) / 120, 9);
  });

  it('keeps an off-cut whichever way it lies, if it is large enough both ways', () => {
    expect(isOffcut(SAW.offcut, mm(300), mm(200))).toBe(true);
    expect(isOffcut(SAW.offcut, mm(200), mm(300))).toBe(true);
    expect(isOffcut(SAW.offcut, mm(299.9), mm(900))).toBe(true);
    expect(isOffcut(SAW.offcut, mm(299.9), mm(299.9))).toBe(false);
    expect(isOffcut(SAW.offcut, mm(2000), mm(199.9))).toBe(false);
  });
});
