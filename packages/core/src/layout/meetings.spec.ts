import { millimetres, plus, tally, type Length } from '../length';
import { frontOf, type Ground, type Node } from './front';
import { meetings, sharedEdges } from './meetings';

const mm = millimetres;
const whole = (length: Length) => tally(plus('width', length));
const ground: Ground = {
  ...{ x: mm(18), y: mm(18), width: whole(mm(964)), height: whole(mm(664)), left: mm(18), right: mm(982) },
  ...{ floor: mm(18), ceiling: mm(682), floorIs: 'panel', ceilingIs: 'panel', divider: mm(18), shelf: mm(18) },
  ...{ middleStile: mm(0), middleRail: mm(0) },
};
/** Two columns, each in two rows of different heights. */
const layout: Node = {
  id: 'f',
  across: [
    { id: 'l', down: [{ id: 'a', size: mm(200) }, { id: 'b' }] },
    { id: 'r', down: [{ id: 'c', size: mm(400) }, { id: 'd' }] },
  ],
};

describe('compartments that meet', () => {
  const front = frontOf(layout, ground, 'layout');

  it('are those that face each other across one member', () => {
    const pairs = meetings(front).map(({ first, second, edges }) => [first.id, second.id, ...edges].join(' '));
    // Upper left 200 high beside upper right 400 high: the lower right begins 218 lower.
    expect(pairs.sort()).toEqual([
      'a b bottom top',
      'a c right left',
      'b c right left',
      'b d right left',
      'c d bottom top',
    ]);
  });

  it('are told the edges they share', () => {
    const of = (id: string) =>
      Object.keys(
        sharedEdges(
          front,
          front.compartments.find((each) => each.id === id)!,
        ),
      ).sort();
    expect([of('a'), of('d')]).toEqual([
      ['bottom', 'right'],
      ['left', 'top'],
    ]);
  });

  it('are none where only their corners touch: above one another, not aside', () => {
    // Two rows, each in two columns as wide, nothing between them: what parts the rows runs over both.
    const rows: Node = {
      id: 'f',
      down: [
        { id: 'u', size: mm(300), across: [{ id: 'a', size: mm(482) }, { id: 'b' }] },
        { id: 'w', across: [{ id: 'c', size: mm(482) }, { id: 'd' }] },
      ],
    };
    const pairs = meetings(frontOf(rows, { ...ground, divider: mm(0) }, 'layout')).map(
      ({ first, second }) => `${first.id} ${second.id}`,
    );
    expect(pairs.sort()).toEqual(['a b', 'a c', 'b d', 'c d']);
  });
});
