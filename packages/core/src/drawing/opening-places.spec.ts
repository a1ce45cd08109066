import { columnsOf } from './opening-places';

const at = (...place: string[]) => ({ length: 1, place }) as never;

describe('where readings of the height are drawn', () => {
  it('by the side they say, a little in from the edge, in the middle, or spread where they say none', () => {
    expect(columnsOf([at('left'), at('middle'), at('right')], 100)).toEqual([6, 50, 94]);
    expect(columnsOf([1 as never, 1 as never], 100)).toEqual([6, 94]);
  });

  it('those at the back off those in front, toward the middle', () => {
    expect(columnsOf([at('left', 'back'), at('right', 'back')], 100)).toEqual([13, 87]);
  });
});
