import { millimetres } from '../length';
import type { CutGroup } from './cut-list';
import type { MaterialLayout } from './read-layouts';
import { sheetsToBuy } from './to-buy';

const mm = millimetres;
const group = (id: string, count: number, sheet = true): CutGroup =>
  ({
    ...{ material: { id, ...(sheet ? { sheet: { length: mm(2000), width: mm(1000) } } : {}) }, count },
    rips: [
      {
        width: mm(500),
        crosscuts: [
          { length: mm(1000), count: 2 },
          { length: mm(500), count: 1 },
        ],
      },
      { width: mm(100), crosscuts: [{ length: mm(1000), count: 4 }] },
    ],
  }) as unknown as CutGroup;
const part = { kind: 'part', piece: 'x', turned: false };
const sheet = (material: string, stock: string, pieces: number): MaterialLayout =>
  ({
    material,
    sheet: {
      stock,
      panel: {
        kind: 'cuts',
        children: [
          { panel: { kind: 'cuts', children: Array.from({ length: pieces }, () => ({ panel: part })) } },
          { panel: { kind: 'rest' } },
        ],
      },
    },
  }) as unknown as MaterialLayout;
const told = (...layouts: MaterialLayout[]) =>
  sheetsToBuy([group('ply', 7)], layouts).map(({ sheets, by }) => [sheets, by]);

describe('whole sheets to buy', () => {
  it('are by area with a fifth over while not all parts are laid out', () => {
    // 1.25 + 0.4 m², a fifth over: 1.98 of 2 m².
    expect(told()).toEqual([[1, 'area']]);
    expect(told(sheet('ply', 'ply', 6))).toEqual([[1, 'area']]);
    expect(told(sheet('other', 'other', 7))).toEqual([[1, 'area']]);
    const more = {
      ...group('ply', 7),
      rips: [...group('ply', 7).rips, { width: mm(100), crosscuts: [{ length: mm(200), count: 1 }] }],
    };
    expect(sheetsToBuy([more as unknown as CutGroup], []).map(({ sheets }) => sheets)).toEqual([2]);
  });

  it('are those of the layout where it has every part, what comes from the rack not counted', () => {
    expect(told(sheet('ply', 'ply', 3), sheet('ply', 'ply', 4))).toEqual([[2, 'layout']]);
    expect(told(sheet('ply', 'ply', 3), sheet('ply', 'off-cut 1', 4))).toEqual([[1, 'layout']]);
    expect(told(sheet('ply', 'off-cut 1', 7))).toEqual([[0, 'layout']]);
  });

  it('are none of what comes in no sheets, nor of a layout of nothing', () => {
    expect(sheetsToBuy([group('ash', 7, false)], [])).toEqual([]);
    expect(sheetsToBuy([group('ply', 0)], []).map(({ by }) => by)).toEqual(['area']);
    expect(sheetsToBuy([group('ply', 7), group('mdf', 7)], []).map(({ group: { material } }) => material.id)).toEqual([
      'ply',
      'mdf',
    ]);
  });
});
