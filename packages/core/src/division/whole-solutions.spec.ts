import fc from 'fast-check';
import { wholeSolutions } from './whole-solutions';

const times = (rows: readonly (readonly number[])[], x: readonly number[]): readonly number[] =>
  rows.map((row) => row.reduce((sum, entry, at) => sum + entry * (x[at] ?? 0), 0));

const small = fc.integer({ min: -6, max: 6 });
const system = fc
  .record({ rows: fc.integer({ min: 1, max: 3 }), columns: fc.integer({ min: 1, max: 4 }) })
  .chain(({ rows, columns }) =>
    fc.record({
      rows: fc.array(fc.array(small, { minLength: columns, maxLength: columns }), { minLength: rows, maxLength: rows }),
      x: fc.array(small, { minLength: columns, maxLength: columns }),
      y: fc.array(small, { minLength: rows, maxLength: rows }),
    }),
  );

describe('whole-number solutions of a system', () => {
  it.each([
    ['6x + 10y = 8', [[6, 10]], [8], 2, true],
    ['6x + 10y = 7: both sides would be even', [[6, 10]], [7], 2, false],
    [
      'x + y = 3 and 2x + 2y = 7: they say two things',
      [
        [1, 1],
        [2, 2],
      ],
      [3, 7],
      2,
      false,
    ],
    [
      'x + y = 3 and 2x + 2y = 6: said twice',
      [
        [1, 1],
        [2, 2],
      ],
      [3, 6],
      2,
      true,
    ],
    ['0x = 1', [[0]], [1], 1, false],
  ] as const)('%s', (_, rows, sums, count, has) => {
    const found = wholeSolutions(rows, sums, count);
    expect(found !== undefined).toBe(has);
    if (found) expect(times(rows, found.one)).toEqual(sums);
  });

  it('are found where there is one, of the whole numbers, and may be moved by each of its moves', () => {
    fc.assert(
      fc.property(system, ({ rows, x }) => {
        const sums = times(rows, x);
        const { one, moves } = wholeSolutions(rows, sums, x.length)!;
        expect(times(rows, one)).toEqual(sums);
        expect(one.every(Number.isSafeInteger)).toBe(true);
        for (const move of moves) {
          expect(times(rows, move).every((each) => each === 0)).toBe(true);
          expect(move.some((each) => each !== 0)).toBe(true);
        }
      }),
    );
  });

  it('are all of them: whatever differs from one is put together from its moves', () => {
    fc.assert(
      fc.property(system, ({ rows, x }) => {
        const { one, moves } = wholeSolutions(rows, times(rows, x), x.length)!;
        const apart = x.map((each, at) => each - (one[at] ?? 0));
        // As columns of another system: so many of each move.
        const together = apart.map((_, at) => moves.map((move) => move[at] ?? 0));
        if (moves.length === 0) expect(apart.every((each) => each === 0)).toBe(true);
        else expect(wholeSolutions(together, apart, moves.length)).toBeDefined();
      }),
    );
  });

  it('has none only where no small numbers solve it either', () => {
    fc.assert(
      fc.property(system, ({ rows, y }) => {
        const found = wholeSolutions(rows, y, rows[0]!.length);
        if (found) expect(times(rows, found.one)).toEqual(y);
        else expect(tried(rows[0]!.length).some((x) => times(rows, x).every((each, at) => each === y[at]))).toBe(false);
      }),
      { numRuns: 60 },
    );
  });
});

/** Every row of so many numbers from -4 to 4. */
function tried(count: number): readonly (readonly number[])[] {
  if (count === 0) return [[]];
  return tried(count - 1).flatMap((x) => Array.from({ length: 9 }, (_, at) => [...x, at - 4]));
}
