import {
  drawPart,
  dxfOf,
  ENGLISH,
  inMillimetres,
  millimetres,
  partsOf,
  plan,
  readJobDocument,
  wordsIn,
  type CutPart,
  type JobDocument,
} from '..';
import { WHOLE_CASE, wholeJob } from '../plan/whole-case.spec-data';

const WORDS = wordsIn(ENGLISH, { unit: 'in', step: millimetres(0.5) });

function partsIn(over: object, banks?: readonly object[]) {
  const reading = readJobDocument(wholeJob({ ...WHOLE_CASE, ...over }, banks) as JobDocument);
  if (!reading.ok) throw new Error(reading.errors.map(({ path, said }) => `${path} ${said.code}`).join(' '));
  const all = partsOf(reading.job, plan(reading.job)).parts;
  return (name: string) => all.find((each) => each.name === `c1/${name}`)!;
}
/** `dado right 88.9+17.7 0+565.9 6.35`: kind, face, along and length, in and width, depth. */
const told = ({ cuts = [] }: CutPart): readonly string[] =>
  cuts.map(({ kind, face, along, in: from, length, width, depth }) =>
    [
      ...[kind, face, `${inMillimetres(along.total)}+${inMillimetres(length.total)}`],
      ...[`${inMillimetres(from.total)}+${inMillimetres(width.total)}`, depth ? inMillimetres(depth.total) : 'through'],
    ].join(' '),
  );

describe('what is worked into the members of a case', () => {
  // By hand from the made-up bench: sides from 19.05 up, bottom at 107.95, back 5.6 in a rabbet of 9.525.
  it('is the dado of the bottom, the rabbet of the back and the recess for toes in a side', () => {
    const part = partsIn({});
    expect(told(part('case-side-left'))).toEqual([
      'dado right 88.9+17.7 0+565.9 6.35',
      'rabbet right 88.9+768.35 565.9+5.6 9.525',
      'notch left 0+88.9 0+76.2 through',
    ]);
    expect(told(part('case-side-right'))[0]).toBe('dado left 88.9+17.7 0+565.9 6.35');
  });

  it('is the dado of the divider in the bottom, and in a divider that of a shelf', () => {
    expect(told(partsIn({})('case-bottom'))).toEqual(['dado upper 471.925+17.7 0+565.9 6.35']);
    const layout = {
      id: 'front',
      across: [
        { id: 'left', size: '17 in' },
        { id: 'right', down: [{ id: 'upper', size: '4 1/2 in' }, { id: 'lower' }], between: 'shelf' },
      ],
    };
    const divider = told(partsIn({ layout })('divider left'));
    // Shelf 17.7 under 723.9: from 706.2 up, over the divider's end at 119.3 (in the bottom).
    expect(divider).toEqual(['dado right 586.9+17.7 0+565.9 6.35']);
  });

  it('is nothing for a trim that hangs before a side, where the top stands out less than the trim is thick', () => {
    const worktop = {
      ...{ material: 'ply18', over: { left: '1/2 in' } },
      trim: { material: 'ash19', width: '1 1/2 in', edges: ['left'] },
    };
    const plain = told(partsIn({})('case-side-left'));
    expect(told(partsIn({ build: { ...WHOLE_CASE.build, worktop } })('case-side-left'))).toEqual(plain);
  });

  it('is a hole through, from the lower left corner with the outer face seen: of the two hands in mirror', () => {
    const at = { x: '4 in', y: '10 in', width: '3 in', height: '2 in' };
    const cutOuts = ['case-side-left', 'case-side-right', 'case-back'].map((member) => ({
      member,
      radius: '1/2 in',
      ...at,
    }));
    const part = partsIn({ cutOuts });
    // Sides 571.5 deep: from the back edge of the left one, 571.5 − 101.6 − 76.2 = 393.7 from its front.
    expect(told(part('case-side-left')).at(-1)).toBe('cut-out left 254+50.8 393.7+76.2 through');
    expect(told(part('case-side-right')).at(-1)).toBe('cut-out left 254+50.8 101.6+76.2 through');
    // The back is 1507.65 wide, seen from behind.
    expect(told(part('case-back'))).toEqual(['cut-out front 254+50.8 1329.85+76.2 through']);
    const { shapes } = drawPart(part('case-side-left'), '', WORDS);
    expect(shapes.find(({ role }) => role === 'cut-out')).toMatchObject({ kind: 'outline' });
    expect(dxfOf(drawPart(part('case-side-left'), '', WORDS), 'in')).toContain('CUTOUT');
  });

  it('is rows of pin holes on both walls of a compartment, front and back', () => {
    const shelves = [{ compartment: 'left', count: 2, pins: { from: '6 in', to: '12 in', pitch: '3 in' } }];
    const part = partsIn({ shelves });
    const holes = told(part('case-side-left')).filter((each) => each.startsWith('pin-hole'));
    // Floor of the compartment at 125.65, the side from 19.05: the first 259 up; 1 1/2 in behind the shelf's front edge,
    // which is 1/4 in behind the frame.
    expect(holes).toHaveLength(6);
    expect(holes[0]).toBe('pin-hole right 259+6.35 44.45+6.35 7.35');
    expect(told(part('divider left')).filter((each) => each.startsWith('pin-hole left'))).toHaveLength(6);
  });

  it('keeps to finished edges where one is banded', () => {
    const band = { thickness: '1 mm', members: { 'case-side-left': ['front'] } };
    const [dado] = told(partsIn({ build: { ...WHOLE_CASE.build, frame: undefined, band } })('case-side-left'));
    expect(dado).toBe('dado right 88.9+17.7 -1+584.95 6.35');
  });

  it('is drawn for either hand so that the one is the other’s mirror', () => {
    const layout = { id: 'A' };
    const shelves = [{ compartment: 'A', count: 1 }];
    const part = partsIn({ layout, shelves }, []);
    const drawn = (name: string) => drawPart(part(name), name, WORDS);
    const [left, right] = [drawn('case-side-left'), drawn('case-side-right')];
    const placed = ({ shapes, height }: typeof left, mirrored: boolean) =>
      shapes
        .flatMap((shape): (string | number)[][] => {
          if (shape.kind === 'box')
            return [
              [shape.role, shape.x, mirrored ? height - shape.y - shape.height : shape.y, shape.width, shape.height],
            ];
          if (shape.kind === 'circle')
            return [[shape.role, shape.x, mirrored ? height - shape.y : shape.y, shape.diameter]];
          return [];
        })
        .map((each) =>
          each.map((value) => (typeof value === 'number' ? Math.round(value * 1e6) / 1e6 + 0 : value)).join(' '),
        )
        .sort();
    expect(placed(right, true)).toEqual(placed(left, false));
  });

  it('is on named layers of a machine file, what the other face has apart', () => {
    const layout = { id: 'front', across: [{ id: 'left' }, { id: 'right' }] };
    const shelves = ['left', 'right'].map((compartment) => ({ compartment, count: 1 }));
    const part = partsIn({ layout, shelves }, []);
    const file = dxfOf(drawPart(part('divider left'), 'divider', WORDS), 'mm');
    expect(file).toContain('BORE_OTHER_FACE');
    expect(dxfOf(drawPart(part('case-side-left'), 'side', WORDS), 'mm')).toContain('DADO');
  });
});

describe('what holds the pieces of rows that share a name', () => {
  it('stands on the piece it is of: trims in front and at the sides, each by where it is', () => {
    const worktop = {
      ...{ material: 'ply18', over: { front: '1 in', left: '1 in', right: '1 in' } },
      trim: { material: 'ash19', width: '1 1/2 in', edges: ['front', 'left', 'right'] },
    };
    const part = partsIn({ build: { ...WHOLE_CASE.build, worktop } });
    const last = (name: string): number => inMillimetres(part(name).fixings!.at(-1)!.along);
    // Two inches longer than 60 in: 20 mm from its right end, less the trims' 3/4 in at both ends of what it lies on.
    expect(last('worktop-trim 1')).toBeCloseTo(62 * 25.4 - 19.05 - 20, 6);
    // Depth 23 1/4 in and 1 over, less the front trim; the last 20 mm from its back end.
    expect(last('worktop-trim 2')).toBeCloseTo(23.5 * 25.4 - 20, 6);
    expect(last('worktop-trim 3')).toBe(last('worktop-trim 2'));
  });
});
