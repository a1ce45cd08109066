import type { SettledLine } from './lines';
import { countedOf, sumsOf, type Counted } from './sums';

const line = (job: string, more: Partial<SettledLine>): SettledLine =>
  ({ job, made: undefined, fault: undefined, ...more }) as SettledLine;
const one = (job: string, about: string, off = 0n): Counted => ({ job, kind: 'reading', about, off });

describe('sums of what was measured and what went wrong', () => {
  it('count how far what was made is off, and faults; nothing of other lines', () => {
    const made = { what: 'box-width', planned: 500_000_000, made: 499_000_000 };
    expect(countedOf([line('a', { made }), line('a', {}), line('b', { fault: 'split' })])).toEqual([
      { job: 'a', kind: 'reading', about: 'box-width', off: -1_000_000n },
      { job: 'b', kind: 'fault', about: 'split', off: 0n },
    ]);
  });

  it('are of those of the same keys, wherever one key ends and the next begins', () => {
    const counted = [one('a', 'x', 3n), one('a', 'x', -5n), one('b', 'x', 1n), one('a', 'xx', 2n)];
    expect(sumsOf(counted, ({ job, about }) => [job, about])).toEqual([
      ['a', 'x', 2, '-2', '34'],
      ['a', 'xx', 1, '2', '4'],
      ['b', 'x', 1, '1', '1'],
    ]);
    expect(sumsOf(counted, ({ about }) => [about])).toEqual([
      ['x', 3, '-1', '35'],
      ['xx', 1, '2', '4'],
    ]);
    expect(sumsOf([one('a', 'bc'), one('ab', 'c')], ({ job, about }) => [job, about])).toHaveLength(2);
  });

  it('stand in the same order, whichever came first', () => {
    const counted = ['d', 'b', 'a', 'c', 'e'].map((job) => one(job, 'x'));
    const order = (those: readonly Counted[]) => sumsOf(those, ({ job }) => [job]).map(([job]) => job);
    expect([order(counted), order([...counted].reverse())]).toEqual([
      ['a', 'b', 'c', 'd', 'e'],
      ['a', 'b', 'c', 'd', 'e'],
    ]);
  });
});
