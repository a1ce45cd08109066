import { millimetres, plus, tally, type Length } from '../length';
import { BUILT_IN } from '../slides';
import { guidesOf } from './behind-frame';

const mm = millimetres;
const size = (of: number) => tally(plus('depth-opening', mm(of)));
const family = (id: string) => BUILT_IN.find((row) => row.id === id)!;
const [wooden, bearing] = [family('wood-runner'), family('side-ball-bearing')];
type Behind = Parameters<typeof guidesOf>[0];
type Drawer = Behind['drawers'][number];

const drawer = (place: number, lowerEdge: number | undefined, more: Partial<Drawer> = {}): Drawer =>
  ({
    ...{ id: `d${place + 1}`, place, family: wooden, runner: mm(20), bayTop: size(600) },
    ...(lowerEdge === undefined ? {} : { lowerEdge: size(lowerEdge) }),
    ...more,
  }) as unknown as Drawer;
const guides = (drawers: readonly Drawer[], buildOut: object = { left: mm(25), right: mm(30) }) =>
  guidesOf({ bank: { buildOut }, depth: size(500), drawers } as unknown as Behind).map(
    ({ drawer: of, side, width, thickness, length }) => [of, side, ...[width.total, thickness, length.total].map(inMm)],
  );
const inMm = (length: Length | number): number => length / 1e6;

/** Common practice; reckoned here by hand. */
describe('guides between wooden runners', () => {
  it('stand from a runner’s top to the underside of the next, or to what is over the top drawer', () => {
    // The lower one: from 100 + 20 to 350. The upper one: from 350 + 20 to 600.
    expect(guides([drawer(0, 350), drawer(1, 100)])).toEqual([
      ['d1', 'left', 230, 25, 500],
      ['d1', 'right', 230, 30, 500],
      ['d2', 'left', 230, 25, 500],
      ['d2', 'right', 230, 30, 500],
    ]);
  });

  it('stand only behind a frame’s edge, and where there is room', () => {
    expect(guides([drawer(0, 350)], {})).toEqual([]);
    expect(guides([drawer(0, 350)], { left: mm(0), right: mm(30) })).toEqual([['d1', 'right', 230, 30, 500]]);
    expect(guides([drawer(0, 580)])).toEqual([]);
    expect(guides([drawer(0, 579)]).map(([, , width]) => width)).toEqual([1, 1]);
  });

  it('guide boxes on wooden runners alone; under slides of another kind they end at the bay', () => {
    expect(guides([drawer(0, 350, { family: bearing }), drawer(1, 100)])).toEqual([
      ['d2', 'left', 480, 25, 500],
      ['d2', 'right', 480, 30, 500],
    ]);
  });

  it.each<[string, Partial<Drawer>, number | undefined]>([
    ['whose slide has no height', {}, undefined],
    ['whose bay has no top', { bayTop: undefined } as Partial<Drawer>, 350],
    ['whose runner has no thickness', { runner: undefined } as Partial<Drawer>, 350],
    ['on another kind of slide', { family: bearing }, 350],
  ])('are none of a drawer %s', (_, more, lowerEdge) => expect(guides([drawer(0, lowerEdge, more)])).toEqual([]));
});
