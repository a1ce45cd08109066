import fc from 'fast-check';
import { nm } from '../length';
import { frontTree, gapsAcross, treeSize, type FrontFace, type FrontTree } from './front-tree';

const NONE = { left: nm(0), right: nm(0), top: nm(0), bottom: nm(0) };
/** A face from one corner to the other, in made-up units. */
function face(x: number, y: number, toX: number, toY: number): FrontFace {
  return {
    of: { door: `${x}/${y}`, leaf: 0, leaves: 1 },
    ...{ material: 'm', up: true, band: NONE },
    x: { from: nm(x), to: nm(toX) },
    y: { from: nm(y), to: nm(toY) },
    blank: { width: nm(toX - x), height: nm(toY - y) },
  };
}
function namesOf(tree: FrontTree): readonly string[] {
  return tree.kind === 'face' ? ['door' in tree.face.of ? tree.face.of.door : ''] : tree.children.flatMap(namesOf);
}

describe('the front as cuts from edge to edge part it', () => {
  it('goes from the left, and in each column from the top', () => {
    const left = [face(0, 0, 10, 20), face(0, 22, 10, 40)];
    const tree = frontTree([...left, face(13, 0, 30, 40)])!;
    expect(namesOf(tree)).toEqual(['0/22', '0/0', '13/0']);
    expect(tree).toMatchObject({ kind: 'split', along: 'x', gaps: [3] });
    expect(gapsAcross(tree)).toEqual([3]);
    // One lost between two: 10 + 1 + 17 wide, 20 + 1 + 18 or 40 high.
    expect(treeSize(tree, nm(1))).toEqual({ width: 28, height: 40 });
  });

  it('is none where nothing parts it: four in a ring, or two that overlap', () => {
    const ring = [face(0, 0, 20, 9), face(21, 0, 30, 20), face(10, 21, 30, 30), face(0, 10, 9, 30)];
    expect(frontTree([...ring, face(10, 10, 20, 20)])).toBeUndefined();
    expect(frontTree([face(0, 0, 10, 10), face(5, 5, 15, 15)])).toBeUndefined();
  });

  it('finds every front there is once, and what stands open between columns', () => {
    const size = fc.integer({ min: 1, max: 50 });
    const column = fc.record({ wide: size, gap: size, rows: fc.array(size, { minLength: 1, maxLength: 4 }) });
    fc.assert(
      fc.property(fc.array(column, { minLength: 2, maxLength: 4 }), (columns) => {
        let x = 0;
        const faces = columns.flatMap(({ wide, gap, rows }) => {
          let y = 0;
          const own = rows.map((high) => {
            const made = face(x, y, x + wide, y + high);
            y += high + 1;
            return made;
          });
          x += wide + gap;
          return own;
        });
        const tree = frontTree([...faces].reverse())!;
        expect([...namesOf(tree)].sort()).toEqual(faces.map(({ of }) => ('door' in of ? of.door : '')).sort());
        expect(gapsAcross(tree)).toEqual(columns.slice(0, -1).map(({ gap }) => gap));
        const { width } = treeSize(tree, nm(2));
        expect(width).toBe(columns.reduce((sum, { wide }) => sum + wide, 0) + 2 * (columns.length - 1));
      }),
    );
  });

  it('counts the bands that are put on between two blanks', () => {
    const banded = { ...face(0, 0, 10, 10), band: { ...NONE, right: nm(2) } };
    const other = { ...face(13, 0, 20, 10), band: { ...NONE, left: nm(1) } };
    expect(gapsAcross(frontTree([banded, other])!)).toEqual([6]);
    const upper = { ...face(0, 13, 10, 20), band: { ...NONE, bottom: nm(4), top: nm(8) } };
    const lower = { ...face(0, 0, 10, 10), band: { ...NONE, top: nm(2), bottom: nm(16) } };
    // 3 open, 4 below the upper one and 2 above the lower.
    expect(frontTree([lower, upper])).toMatchObject({ kind: 'split', along: 'y', gaps: [9] });
  });

  it('is none where one of its columns is parted by nothing', () => {
    const ring = [face(0, 0, 20, 9), face(21, 0, 30, 20), face(10, 21, 30, 30), face(0, 10, 9, 30)];
    expect(frontTree([...ring, face(10, 10, 20, 20), face(33, 0, 40, 30)])).toBeUndefined();
  });
});
