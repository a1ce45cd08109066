import { minus, millimetres as mm, tally, ZERO } from '../length';
import type { Material } from '../job';
import type { Stack } from './stack';
import { stackSaid } from './stack-said';

const MATERIALS = [{ id: 'ply18', name: 'Birch ply' }] as unknown as readonly Material[];
const stack = (more: Partial<Stack>): Stack => ({
  ...{ wanted: mm(40), made: tally(), pieces: [{ material: 'ply18', count: 2 }], off: tally(minus('wanted', mm(4))) },
  ...more,
});

describe('what a build-out is made of', () => {
  it('names its pieces, and what it is off by', () => {
    expect(stackSaid(stack({}), MATERIALS).params).toMatchObject({
      pieces: [{ name: 'Birch ply', count: 2 }],
      off: -4_000_000,
    });
    // Of a material that is gone, what it is called by is left.
    const [piece] = stackSaid(stack({ pieces: [{ material: 'oak', count: 1 }] }), MATERIALS).params.pieces;
    expect(piece).toEqual({ name: 'oak', count: 1 });
  });

  it('tells packing where there is any, and whether it is planed', () => {
    const told = (more: Partial<Stack>) => {
      const { packing, planed } = stackSaid(stack(more), MATERIALS).params;
      return [packing, planed];
    };
    expect(told({})).toEqual([undefined, false]);
    expect(told({ packing: ZERO, rest: 'packed' })).toEqual([undefined, false]);
    expect(told({ packing: mm(1), rest: 'packed' })).toEqual([1_000_000, false]);
    expect(told({ rest: 'planed' })).toEqual([undefined, true]);
  });
});
