import { patched, type JobDocument, type Patch } from '..';
import { WHOLE_CASE, wholeBank, wholeJob } from './whole-case.spec-data';

const sheets = (document: object): JobDocument => document as JobDocument;
const bare = { ...WHOLE_CASE.build, frame: undefined };
export const place = (more: object) => ({ place: { width: ['61 in'], ...more } });
const wall = (middle: string) => [
  { y: '0 in', in: '0 in' },
  { y: '30 in', in: middle },
  { y: '60 in', in: '0 in' },
];
export const cleats = { material: 'ply18', width: '90 mm', count: 2 };
export const shelves = (load: number) => [{ compartment: 'left', count: 1, load_kg: load }];
export const pins = (depth: string) =>
  ['left', 'right'].map((compartment) => ({ compartment, count: 1, pins: { from: '2 in', depth } }));
/** Two columns alike, side by side. */
export const columns = { layout: { id: 'front', across: [{ id: 'left' }, { id: 'right' }] }, banks: [] };
export const grooved = { kind: 'grooved', material: 'ply6', depth: '9 mm', set: '20 mm' };

const slide = { family: 'side-ball-bearing', lengths: 'in' };
const still = {
  ...{ compartment: 'left', name: 'still', x: '0 in', y: '0 in', z: '17 in' },
  ...{ width: '10 in', height: '6 in', depth: '6 in' },
};
/** Drawers below, with a slide that comes to where the still would stand; air above them. */
const stacked = {
  layout: { id: 'front', across: [{ id: 'high' }, { id: 'low', down: [{ id: 'air' }, { id: 'left' }] }] },
  banks: [wholeBank('b1', 'left', 3, { slide: { ...slide, length: '22 in' } })],
};
const inAir = { ...still, compartment: 'air' };
const narrow = (size: string) => ({
  layout: { id: 'front', across: [{ id: 'left', size }, { id: 'right' }] },
  banks: [wholeBank('b1', 'left', 2)],
});

const hole = (x: string, y: string) => ({
  cutOuts: [{ member: 'case-side-left', x, y, width: '3 in', height: '2 in' }],
});

export interface Row {
  readonly build?: object;
  readonly over?: object;
  readonly materials?: readonly Patch[];
}

/** What fires it, and what just does not; common practice, worked out by hand. */
export const CASE_ROWS: readonly (readonly [code: string, fires: Row, holds: Row])[] = [
  // √(34.5² + 23.25²) = 41.603 in.
  ['TILT_UP', { build: place({ height: ['41 1/2 in'] }) }, { build: place({ height: ['41 5/8 in'] }) }],
  // On 23 1/4 and 34 1/2 in, with 1/2 in to spare each way.
  [
    'CASE_TOO_BIG_FOR_WAY',
    { build: place({ way: { width: '23 5/8 in', height: '80 in' } }) },
    { build: place({ way: { width: '23 3/4 in', height: '35 in' } }) },
  ],
  [
    'WALL_HUMP',
    { build: place({ walls: { left: wall('7/16 in') } }) },
    { build: place({ walls: { left: wall('3/8 in') } }) },
  ],
  [
    'FEW_STUDS',
    { build: { ...place({ studs: { first: '20 in', pitch: '60 in' } }), cleats } },
    { build: { ...place({ studs: { first: '20 in', pitch: '16 in' } }), cleats } },
  ],
  [
    'FEET_OUT_OF_REACH',
    { build: { floor: ['0 in', '0 in', '1 5/16 in', '0 in'] } },
    { build: { floor: ['0 in', '0 in', '1 1/4 in', '0 in'] } },
  ],
  [
    'PART_OVER_SHEET',
    { materials: [{ path: 'materials[0].sheet', value: { length: '59 in', width: '48 in' } }] },
    { materials: [{ path: 'materials[0].sheet', value: { length: '60 in', width: '48 in' } }] },
  ],
  [
    'JOINT_TOO_DEEP',
    { build: { joint: { kind: 'dado', depth: '9 mm' } } },
    { build: { joint: { kind: 'dado', depth: '8.8 mm' } } },
  ],
  ['SHELF_SAGS', { over: { shelves: shelves(400) } }, { over: { shelves: shelves(10) } }],
  [
    'PIN_HOLES_MEET',
    { over: { ...columns, shelves: pins('8 mm') } },
    { over: { ...columns, shelves: pins('7.8 mm') } },
  ],
  // The bottom lies from 107.95 mm up.
  [
    'NOTCH_MEETS_BOTTOM',
    { build: { notches: [{ member: 'case-side-left', steps: [{ height: '108 mm', depth: '15 mm' }] }] } },
    { build: { notches: [{ member: 'case-side-left', steps: [{ height: '107 mm', depth: '15 mm' }] }] } },
  ],
  // Sides 571.5 mm deep.
  [
    'NOTCH_TOO_DEEP',
    { build: { notches: [{ member: 'divider left', steps: [{ height: '90 mm', depth: '500 mm' }] }] } },
    { build: { notches: [{ member: 'divider left', steps: [{ height: '90 mm', depth: '400 mm' }] }] } },
  ],
  [
    'TOP_MOVES',
    {
      build: { worktop: { material: 'ash19', trim: { material: 'ash19', width: '38 mm', edges: ['front', 'left'] } } },
    },
    { build: { worktop: { material: 'ash19', trim: { material: 'ash19', width: '38 mm', edges: ['front'] } } } },
  ],
  ['EDGE_SHOWS', { build: bare }, {}],
  // A slide of 22 in ends 20 mm (a wall of it) before the back of 23.03 in; a still 12 in deep stands behind.
  [
    'KEEP_OUT_MET',
    { over: { keepOuts: [still], banks: [wholeBank('b1', 'left', 3, { slide: { ...slide, length: '22 in' } })] } },
    { over: { keepOuts: [still], banks: [wholeBank('b1', 'left', 3, { slide })] } },
  ],
  // It stands in its own compartment, whichever comes first: drawers beside it do not come to it.
  ['KEEP_OUT_MET', { over: { ...stacked, keepOuts: [still] } }, { over: { ...stacked, keepOuts: [inAir] } }],
  // One shelf halfway up a compartment: a still that reaches up into it, with the room it needs, and one that does not.
  [
    'KEEP_OUT_CROSSED',
    { over: { keepOuts: [{ ...still, height: '20 in' }], banks: [], shelves: [{ compartment: 'left', count: 1 }] } },
    { over: { keepOuts: [{ ...still, height: '8 in' }], banks: [], shelves: [{ compartment: 'left', count: 1 }] } },
  ],
  // In a left side, from its lower back corner: the rabbet of the back is 5.6 mm wide there.
  ['CUT_OUT_MEETS', { over: hole('5 mm', '10 in') }, { over: hole('6 mm', '10 in') }],
  // The side is 33 3/4 in high; its stretchers butt.
  ['CUT_OUT_MEETS', { over: hole('6 in', '32 in') }, { over: hole('6 in', '31 3/4 in') }],
  // Walls stand 23.575 and 10.2 mm behind the frame's edges: 4 1/2 in + 33.775 = 148.075 mm, 5 in 160.775; 150 is wanted.
  ['NO_ROOM_TO_WORK', { over: narrow('4 1/2 in') }, { over: narrow('5 in') }],
];

export const documentOf = ({ build = {}, over = {}, materials = [] }: Row): JobDocument => {
  const made = { ...WHOLE_CASE.build, ...build };
  return patched(sheets(wholeJob({ ...WHOLE_CASE, build: made, ...over })), materials);
};
