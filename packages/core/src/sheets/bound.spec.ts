import { millimetres } from '../length';
import { fewestSheets } from './bound';
import { cutUp, RULES, SHEET } from './cut-up.spec-data';
import { layOut } from './search';
import type { Piece } from './types';

const alike = (count: number, length: number, width: number, mayTurn = false): readonly Piece[] =>
  Array.from({ length: count }, (_, i) => ({
    id: `${i}`,
    length: millimetres(length),
    width: millimetres(width),
    mayTurn,
  }));
const fewest = (pieces: readonly Piece[], count?: number): number =>
  fewestSheets({ pieces, stock: [{ ...SHEET, ...(count ? { count } : {}) }], rules: RULES });

describe('the fewest sheets there can be', () => {
  it('is by area at least', () => {
    expect(fewest(alike(1, 100, 100))).toBe(1);
    expect(fewest(alike(30, 1200, 600))).toBe(8);
  });

  it('sees pieces too large to share a sheet, or a third of one', () => {
    expect(fewest(alike(5, 1300, 700))).toBe(5);
    expect(fewest(alike(20, 900, 450))).toBe(5);
    expect(fewest(alike(20, 450, 900, true))).toBeGreaterThanOrEqual(4);
    expect(fewest(alike(6, 900, 450), 4)).toBe(0);
  });

  it('counts no piece that fits nowhere: trimmed, 980 by 480 is left of a sheet, as long as it lies or may be turned', () => {
    const [small, large] = [
      { id: 'small', length: millimetres(300), width: millimetres(300) },
      { id: 'large', length: millimetres(1000), width: millimetres(500) },
    ];
    const of = (length: number, width: number, mayTurn: boolean, stock = [large]): number =>
      fewestSheets({
        ...{ pieces: alike(1, length, width, mayTurn), stock },
        rules: { ...RULES, trim: millimetres(10) },
      });
    expect([of(980, 480, false), of(980, 480, true), of(480, 980, true)]).toEqual([1, 1, 1]);
    expect([of(480, 980, false), of(980.5, 480, true), of(980, 480.5, true)]).toEqual([0, 0, 0]);
    expect([of(480.5, 980, true), of(480, 980.5, true)]).toEqual([0, 0]);
    expect(of(980, 480, false, [small, large])).toBe(1);
    expect(of(980, 480, false, [small])).toBe(0);
  });

  it('is never over what is known to do', () => {
    for (const seed of [1, 2, 3, 4, 5, 6]) {
      expect(fewest(cutUp(40, seed, 2))).toBe(2);
      expect(fewest(cutUp(25, seed, 1, true))).toBe(1);
      const pieces = cutUp(60, seed, 3, seed % 2 === 0).filter((_, i) => i % 5 !== 0);
      const [first] = layOut({ pieces, stock: [SHEET], rules: { ...RULES, stages: 40 } });
      expect(fewest(pieces)).toBeLessThanOrEqual(first!.layout.sheets.length);
    }
  });
});
