import type { Bank } from '../job';
import { inches, millimetres, nm, type Length } from '../length';
import { doubts, governOpening } from './opening';

const mm = millimetres;
function bank(width: Length[], height: Length[], diagonals?: [Length, Length]): Bank {
  return { opening: { width, height, depth: [mm(500)], ...(diagonals ? { diagonals } : {}) } } as unknown as Bank;
}

describe('the opening', () => {
  it('is governed by the least of its readings, and says which', () => {
    const { width, height, taper } = governOpening(bank([mm(601), mm(600), mm(602.5)], [mm(700)]), 'P');
    expect(width).toEqual({
      total: mm(600),
      terms: [
        {
          label: { code: 'size-of-opening', params: { size: 'width', of: 3, at: { places: [] } } },
          amount: mm(600),
          from: { kind: 'field', path: 'P.opening.width[1]' },
        },
      ],
    });
    expect(height.terms[0]!.label).toEqual({
      code: 'size-of-opening',
      params: { size: 'height', of: 1, at: { places: [] } },
    });
    expect(taper.total).toBe(mm(2.5));
    expect(taper.terms.map(({ from }) => from)).toEqual([
      { kind: 'field', path: 'P.opening.width[2]' },
      { kind: 'field', path: 'P.opening.width[1]' },
    ]);
  });

  it('doubts readings that differ, whichever was taken first', () => {
    const spread = (...width: number[]): number => {
      const read = bank(width.map(mm), [mm(700)]);
      return doubts(read, governOpening(read, 'P')).spread;
    };
    expect(spread(602, 600, 605)).toBe(mm(5));
    expect(spread(605, 600)).toBe(mm(5));
    expect(spread(600)).toBe(0);
  });

  // Common practice: shear from diagonals, e = Δ·d/(2w): 600 wide, 720 high (937.2 across), 3 mm apart lean 2.34 mm.
  it('leans by the difference of its diagonals, to the right when the first is the longer', () => {
    const right = governOpening(bank([mm(600)], [mm(720)], [mm(938.7), mm(935.7)]), 'P').rack as number;
    expect(right / 1e6).toBeCloseTo(2.34, 2);
    const left = governOpening(bank([mm(600)], [mm(720)], [mm(935.7), mm(938.7)]), 'P').rack as number;
    expect(left).toBe(-right);
    expect(governOpening(bank([mm(600)], [mm(720)]), 'P')).not.toHaveProperty('rack');
  });

  it('rounds the lean half up to the nanometre, also below nothing', () => {
    // (d1² − d2²) / (4·W) with W = 1 nm: 1/4 → 0, 3/4 → 1, −1/4 → 0, −3/4 → −1 (in squares of whole nanometres).
    const rack = (d1: number, d2: number, w: number): Length | undefined =>
      governOpening(bank([nm(w)], [nm(1)], [nm(d1), nm(d2)]), 'P').rack;
    expect(rack(2, 1, 3)).toBe(0); // 3/12 = 0.25
    expect(rack(4, 2, 4)).toBe(1); // 12/16 = 0.75
    expect(rack(3, 1, 4)).toBe(1); // 8/16 = 0.5, half up
    expect(rack(1, 3, 4)).toBe(0); // −0.5, half up
    expect(rack(2, 4, 4)).toBe(-1); // −0.75
    expect(rack(99_999_999_999, 1, 1_000_000)).toBe(2_499_999_999_950_000);
  });

  it('doubts diagonals no such opening has, and readings far apart', () => {
    const b = bank([inches(24), inches(24, 1)], [inches(30), inches(31)], [inches(39), inches(38)]);
    const { diagonalOff, spread } = doubts(b, governOpening(b, 'P'));
    expect((diagonalOff as number) / 25.4e6).toBeCloseTo(39 - Math.hypot(24, 30), 6);
    expect(spread).toBe(inches(1));
  });
});
