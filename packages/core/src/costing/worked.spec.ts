import type { CutPart } from '../cutting';
import { millimetres, plus, tally } from '../length';
import { groovesIn } from './worked';

const mm = millimetres;
const size = (of: number) => tally(plus('side', mm(of)));
type Cut = CutPart['machining'][number];
const part = (machining: readonly Partial<Cut>[], cuts: readonly object[] = []): CutPart =>
  ({ length: size(500), width: size(100), machining, cuts }) as unknown as CutPart;
const cut = (kind: string, where: string, width?: number): Partial<Cut> =>
  ({ kind, where, sizes: { depth: size(6), ...(width === undefined ? {} : { width: size(width) }) } }) as never;
const grooves = (of: CutPart, kerf = 3) =>
  groovesIn(of, mm(kerf)).map(({ long, runs, width, passes }) => [long / 1e6, runs, width / 1e6, passes]);

describe('what the saw runs in a part', () => {
  it.each([
    ['a groove along an edge', cut('groove', 'lower edge', 6), [[500, 1, 6, 2]]],
    ['one along both', cut('groove', 'both edges', 6), [[500, 2, 6, 2]]],
    ['along both inner edges', cut('tongue', 'both inner edges', 6), [[500, 2, 6, 2]]],
    ['a dado at an end', cut('dado', 'front end', 12), [[100, 1, 12, 4]]],
    ['at the other', cut('dado', 'back end', 12), [[100, 1, 12, 4]]],
    ['a rabbet at both ends', cut('rabbet', 'both ends', 9), [[100, 2, 9, 3]]],
    [
      'one all round',
      cut('rabbet', 'all round the back', 9),
      [
        [500, 2, 9, 3],
        [100, 2, 9, 3],
      ],
    ],
    ['a groove as wide as the saw', cut('groove', 'lower edge', 3), [[500, 1, 3, 1]]],
    ['one a little wider', cut('groove', 'lower edge', 3.1), [[500, 1, 3.1, 2]]],
    ['one narrower', cut('groove', 'lower edge', 2), [[500, 1, 2, 1]]],
    ['what is bored', cut('bore', 'middle', 35), []],
    ['what has no width', cut('groove', 'lower edge'), []],
  ])('%s', (_, machined, runs) => expect(grooves(part([machined]))).toEqual(runs));

  it('members: along their longer way, as wide as their shorter; what goes through or is bored is none', () => {
    const member = (kind: string, more: object = { depth: size(6) }) => ({
      ...{ kind, length: size(18), width: size(400) },
      ...more,
    });
    const cuts = [member('dado'), member('groove'), member('rabbet'), member('pin-hole'), member('dado', {})];
    expect(grooves(part([], cuts))).toEqual(Array.from({ length: 3 }, () => [400, 1, 18, 6]));
  });
});
