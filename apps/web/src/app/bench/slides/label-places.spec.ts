import { labelSides } from './label-places';

describe('names by their points', () => {
  it('stand on the right while there is room', () => {
    expect(
      labelSides(
        [
          { x: 10, y: 10, name: 'one' },
          { x: 10, y: 80, name: 'two' },
        ],
        300,
      ),
    ).toEqual(['right', 'right']);
  });

  it('go to another side rather than over a name, a point or the edge', () => {
    const beside = [
      { x: 100, y: 50, name: 'a long name' },
      { x: 150, y: 50, name: 'next' },
    ];
    expect(labelSides(beside, 300)).toEqual(['left', 'right']);
    expect(labelSides([{ x: 290, y: 50, name: 'at the edge' }], 300)).toEqual(['left']);
  });
});
