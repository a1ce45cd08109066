import fc from 'fast-check';
import { visitNearest, type Grid } from './nearest-point';

const offBy = ({ moves, target }: Grid, times: readonly number[]): number =>
  target.reduce((sum, each, at) => {
    const here = times.reduce((all, n, move) => all + n * (moves[move]?.[at] ?? 0), 0);
    return sum + (each - here) ** 2;
  }, 0);

/** The nearest that was visited, and how many were. */
function searched(grid: Grid) {
  let [best, visits] = [Infinity, 0];
  const seen = new Set<string>();
  const { proven } = visitNearest(grid, (times) => {
    seen.add(times.join());
    visits += 1;
    best = Math.min(best, offBy(grid, times));
    return best * (1 + 1e-9) + 1e-9;
  });
  return { best, visits, seen, proven };
}

/** Every point within so many of each move. */
function tried(grid: Grid, most: number): number {
  const all = (left: number): number[][] =>
    left === 0
      ? [[]]
      : all(left - 1).flatMap((rest) => Array.from({ length: 2 * most + 1 }, (_, n) => [...rest, n - most]));
  return Math.min(...all(grid.moves.length).map((times) => offBy(grid, times)));
}

describe('points of a grid near a target', () => {
  it('are visited from the nearest outward: none is nearer than the nearest of them', () => {
    const small = fc.integer({ min: -6, max: 6 });
    const grid = fc
      .record({ moves: fc.array(fc.tuple(small, small, small), { minLength: 1, maxLength: 3 }) })
      .filter(({ moves }) => independent(moves))
      .chain(({ moves }) =>
        fc.tuple(fc.constant(moves), fc.tuple(...Array.from({ length: 3 }, () => fc.integer({ min: -9, max: 9 })))),
      );
    fc.assert(
      fc.property(grid, ([moves, target]) => {
        const { best, proven } = searched({ moves, target });
        expect(proven).toBe(true);
        expect(best).toBeLessThanOrEqual(tried({ moves, target }, 6) + 1e-6);
      }),
      { numRuns: 300 },
    );
  });

  it('are each visited once, those as near as the best too', () => {
    const { seen, visits, best } = searched({
      moves: [
        [2, 0],
        [0, 2],
      ],
      target: [1, 1],
    });
    expect(best).toBe(2);
    expect(visits).toBe(seen.size);
    expect([...seen].sort()).toEqual(['0,0', '0,1', '1,0', '1,1']);
  });

  it('are told in the moves that were given, however long those are', () => {
    // 101 × (1, 0) and 100 × (1, 0) with a step aside: together they reach what neither does alone.
    const grid = {
      moves: [
        [101, 1],
        [100, 1],
      ],
      target: [1, 0],
    };
    const { best, seen } = searched(grid);
    expect(best).toBe(0);
    expect(seen.has('1,-1')).toBe(true);
  });

  it('are no more than are looked at: it is said where there may be nearer ones', () => {
    let visits = 0;
    const all = visitNearest(
      {
        moves: [
          [1, 0],
          [0, 1],
        ],
        target: [0.5, 0.5],
      },
      () => {
        visits += 1;
        return Infinity;
      },
    );
    expect([all.proven, visits]).toEqual([false, 600]);
    expect(visitNearest({ moves: [], target: [3] }, () => 0)).toEqual({ proven: true });
  });
});

/** No move lies along the others together. */
function independent(moves: readonly (readonly number[])[]): boolean {
  const rows = moves.map((move) => [...move]);
  let rank = 0;
  for (let column = 0; column < 3 && rank < rows.length; column += 1) {
    const at = rows.findIndex((row, index) => index >= rank && row[column] !== 0);
    if (at < 0) continue;
    [rows[rank], rows[at]] = [rows[at]!, rows[rank]!];
    const pivot = rows[rank]!;
    for (let other = rank + 1; other < rows.length; other += 1) {
      const share = rows[other]![column]! / pivot[column]!;
      rows[other] = rows[other]!.map((each, index) => each - share * pivot[index]!);
    }
    rank += 1;
  }
  return rank === rows.length && rows.every((row) => row.some((each) => Math.abs(each) > 1e-9));
}
