import { millimetres } from '../length';
import { stretchesOf } from './stretches';

const mm = millimetres;
const at = (place: number, below: number) => ({ place, below: mm(below) });

describe('a bank cut at its lines', () => {
  it('shares what is above each and what is left below', () => {
    expect(stretchesOf(mm(500), 4, [at(1, 200)])).toEqual([
      { places: [0, 1], total: mm(300) },
      { places: [2, 3], total: mm(200) },
    ]);
  });

  it.each([
    ['nothing above it', at(1, 500), 0],
    ['less than nothing above it', at(1, 510), 10],
    ['nothing below it', at(1, 0), 0],
  ])('fails where a line leaves %s', (_, line, by) => {
    expect(stretchesOf(mm(500), 4, [line])).toEqual({ ok: false, fails: 'line', by: mm(by), place: 1 });
  });

  it('two lines at one drawer are one, where they are level', () => {
    expect(stretchesOf(mm(500), 4, [at(1, 200), at(1, 200)])).toHaveLength(2);
    expect(stretchesOf(mm(500), 4, [at(1, 200), at(1, 193)])).toEqual({
      ok: false,
      fails: 'line',
      by: mm(7),
      place: 1,
    });
  });

  it('a line at the last drawer is met only at the bottom', () => {
    expect(stretchesOf(mm(500), 2, [at(1, 0)])).toEqual([{ places: [0, 1], total: mm(500) }]);
    expect(stretchesOf(mm(500), 2, [at(1, 3)])).toEqual({ ok: false, fails: 'line', by: mm(3), place: 1 });
  });
});
