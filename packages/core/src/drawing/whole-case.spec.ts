import {
  drawCase,
  drawExploded,
  drawWholeCase,
  assembly,
  plan,
  readJobDocument,
  type JobDocument,
  squareDiagonal,
} from '..';
import { WHOLE_CASE, wholeJob } from '../plan/whole-case.spec-data';

function drawn(over: object = {}) {
  const reading = readJobDocument(wholeJob({ ...WHOLE_CASE, ...over }) as JobDocument);
  if (!reading.ok) throw new Error('unread');
  const [whole] = plan(reading.job).cases;
  return { plan: whole!, casework: whole!.casework! };
}

describe('a whole case drawn', () => {
  it('shows every member from the front, the nearest last, and its feet', () => {
    const { casework } = drawn();
    const { shapes, x, width } = drawCase(casework, 'front');
    expect(shapes.filter(({ role }) => role === 'member')).toHaveLength(casework.bodies.length);
    expect(shapes.filter(({ role }) => role === 'foot')).toHaveLength(casework.feet / 2);
    expect(shapes.at(-1)).toMatchObject({ member: expect.stringMatching(/^frame-/) });
    // Frame 1/8 in past both sides of 60 in.
    expect([x, width]).toEqual([-3.175, 60.25 * 25.4]);
  });

  it('is cut through where it is asked: what lies before the cut is not there', () => {
    const { casework } = drawn();
    const { shapes } = drawCase(casework, 'section', 200);
    const members = shapes.flatMap((shape) => ('member' in shape ? [shape] : []));
    expect(members.some(({ member }) => member === 'case-side-right')).toBe(false);
    expect(members.filter(({ role }) => role === 'cut-member').map(({ member }) => member)).toContain('case-bottom');
    expect(members.find(({ member }) => member === 'case-side-left')?.role).toBe('member');
  });

  it('puts the faces of its banks where their compartments are', () => {
    const { plan: whole, casework } = drawn();
    const { compartments, banks } = drawWholeCase(whole, casework);
    expect(compartments.map(({ id, bank }) => [id, bank])).toEqual([
      ['left', undefined],
      ['upper', 'cases[0].banks[0]'],
      ['lower', 'cases[0].banks[1]'],
    ]);
    const front = banks[0]!.shapes.find(({ role }) => role === 'front');
    // Laps of 1/2 and 5/16 in from the opening's corner, by hand.
    expect(front).toMatchObject({ x: 511.175 - 12.7, y: 723.9 - 7.9375 });
  });

  it('is taken apart in the order it is put together', () => {
    const { casework } = drawn();
    const order = assembly(casework, []).flatMap(({ roles }) => roles.map(({ role }) => role));
    expect(order.indexOf('case-bottom')).toBeLessThan(order.indexOf('case-side-left'));
    expect(order.indexOf('case-side-left')).toBeLessThan(order.indexOf('case-back'));
    expect(order.indexOf('case-back')).toBeLessThan(order.indexOf('frame-stile'));
    // 60 in over the sides, which are 33 3/4 in high: by hand √(60² + 33.75²) = 68.841 in.
    expect(squareDiagonal(casework) / 25_400_000).toBeCloseTo(68.841, 3);
    expect(drawExploded(casework).shapes).toHaveLength(3 * casework.bodies.length);
  });
});
