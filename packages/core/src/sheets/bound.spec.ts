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
