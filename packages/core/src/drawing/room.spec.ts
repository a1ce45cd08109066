import { plan, readJobDocument } from '../plan';
import { WHOLE_CASE, wholeBank, wholeJob } from '../plan/whole-case.spec-data';
import { drawRoom } from './room';

const DOOR = {
  ...{ id: 'o1', over: 'left', mount: 'overlay', top: '1/2 in', bottom: '1/2 in', left: '1/2 in', right: '1/2 in' },
  ...{ gap: '1/8 in', material: 'ply18', hinge: { family: 'cup-165-full', side: 'right' } },
};

function drawn(more: object = {}, room?: object) {
  const read = readJobDocument(
    wholeJob({ ...WHOLE_CASE, doors: [DOOR], ...more }, [wholeBank('b1', 'lower', 3)], room ? { room } : {}),
  );
  if (!read.ok) throw new Error(JSON.stringify(read.errors));
  const made = plan(read.job);
  return drawRoom(read.job, made, made.cases[0]!)!;
}

describe('a room drawn from above', () => {
  it('has a case alone where it has no place, its front towards who stands before it, every way as far as it goes', () => {
    const { cases, walls, ways } = drawn();
    expect(walls).toEqual([]);
    const [only] = cases;
    // 23 1/4 in deep; the frame passes its sides by 1/8 in.
    const width = 60 * 25.4;
    expect(only!.front).toEqual([
      { x: -3.175, y: 590.55 },
      { x: width + 3.175, y: 590.55 },
    ]);
    expect(ways.map(({ name }) => name)).toEqual(['c1/b1/d1', 'c1/b1/d2', 'c1/b1/d3', 'c1/o1/right']);
    const far = Math.max(...ways[0]!.rings[0]!.map(({ y }) => y));
    // 22 in out, and its front of 3/4 in.
    expect(far).toBeCloseTo(590.55 + 22.75 * 25.4, 6);
  });

  it('marks where two meet inside both ways, and where one is stopped', () => {
    const inside = (ring: readonly { x: number; y: number }[], x: number, y: number) => {
      const [xs, ys] = [ring.map((each) => each.x), ring.map((each) => each.y)];
      return (
        x >= Math.min(...xs) - 1 && x <= Math.max(...xs) + 1 && y >= Math.min(...ys) - 1 && y <= Math.max(...ys) + 1
      );
    };
    const { meets, ways } = drawn();
    expect(meets.map(({ a, b }) => [a, b])).toContainEqual(['c1/b1/d1', 'c1/o1/right']);
    for (const { a, x, y } of meets)
      expect(ways.find(({ name }) => name === a)!.rings.some((ring) => inside(ring, x, y))).toBe(true);
    const wall = { id: 's', from: ['90 in', '40 in'], to: ['0 in', '40 in'] };
    const { meets: stopped, ways: short } = drawn({ at: { x: '0 in', z: '0 in' } }, { height: '96 in', walls: [wall] });
    expect(short.every((way) => way.short)).toBe(true);
    expect(stopped.find(({ a, b }) => a === 'c1/b1/d1' && b === 'room/s')!.y).toBeCloseTo(40 * 25.4, 0);
  });
});
