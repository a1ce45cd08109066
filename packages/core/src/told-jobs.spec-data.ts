import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { WHOLE_CASE, wholeBank, wholeJob } from './plan/whole-case.spec-data';

const EXAMPLES = join(__dirname, '../../../examples');

/** A job of those the project ships. */
function shipped(name: string): object {
  return JSON.parse(readFileSync(join(EXAMPLES, `${name}.json`), 'utf8')) as object;
}

const DOOR = { mount: 'overlay', top: '10 mm', left: '10 mm', right: '10 mm', material: 'ash19' };
const ROOM = {
  height: '2400 mm',
  walls: [{ id: 'w1', from: ['0 mm', '0 mm'], to: ['4000 mm', '0 mm'] }],
  things: [{ id: 'winch', x: '200 mm', z: '900 mm', width: '500 mm', depth: '400 mm', height: '900 mm' }],
};

/** A bin that tips out over a board that is drawn out, beside a drawer; invented. */
const BIN = wholeJob({}, [], {
  ...{ name: 'Rope-end bin', unit: 'mm' },
  hinges: [{ id: 'h1', like: 'cup-110-full', name: 'made up', opens: 120 }],
  slides: [{ id: 's1', like: 'side-ball-bearing', name: 'made up', load_kg: 60, narrowBy: '26 mm' }],
  cases: [
    {
      ...{ id: 'c1', name: 'Bin', style: 'frameless' },
      build: {
        ...{ width: '900 mm', height: '900 mm', depth: '560 mm', panel: 'ply18' },
        ...{ joint: { kind: 'dado', depth: '6 mm', fixing: 'screw' }, back: { kind: 'applied', material: 'ply6' } },
      },
      layout: {
        id: 'all',
        across: [
          { id: 'left', size: '420 mm', down: [{ id: 'slot', size: '60 mm' }, { id: 'bin' }] },
          { id: 'right', down: [{ id: 'drawers', size: '400 mm' }, { id: 'shelves' }] },
        ],
      },
      tiltOuts: [
        {
          ...{ id: 't1', compartment: 'bin', back: '40 mm', up: '30 mm', angle: 28 },
          ...{ bin: { width: '300 mm', depth: '250 mm', height: '400 mm' }, door: DOOR },
        },
      ],
      boards: [
        {
          ...{ id: 'w1', compartment: 'slot', material: 'ply18', length: '480 mm', load_kg: 20 },
          edging: { material: 'ash19', width: '25 mm', edges: ['front', 'left', 'right'], corner: 'mitre' },
        },
      ],
      shelves: [{ compartment: 'shelves', count: 2, material: 'ply18', load_kg: 15 }],
      doors: [{ id: 'd1', over: 'shelves', bottom: '10 mm', ...DOOR, gap: '3 mm', leaves: 1, hinge: { family: 'h1' } }],
      banks: [wholeBank('b1', 'drawers', 3, { slide: { family: 's1' } })],
    },
  ],
});

/** A chest with a lid before a wall, and a case that faces it; invented. */
const CHEST = wholeJob({}, [], {
  ...{ name: 'Chart chest', unit: 'mm', room: ROOM },
  cases: [
    {
      ...{ id: 'c1', name: 'Chest', style: 'frameless', layout: { id: 'in' } },
      build: {
        ...{ width: '900 mm', height: '500 mm', depth: '450 mm', panel: 'ply18' },
        ...{
          joint: { kind: 'butt', fixing: 'dowel' },
          top: { kind: 'none' },
          back: { kind: 'grooved', material: 'ply6', depth: '6 mm', set: '12 mm', play: '1 mm' },
        },
      },
      lids: [{ id: 'l1', material: 'ash19', opens: 80, stay: true, front: '20 mm' }],
      banks: [wholeBank('b1', 'in', 2)],
      at: { x: '300 mm', z: '0 mm' },
    },
    {
      ...{ ...WHOLE_CASE, id: 'c2', name: 'Bench', style: 'face-frame' },
      banks: [wholeBank('b2', 'upper', 1), wholeBank('b3', 'lower', 3, { front: { mount: 'inset', ...INSET() } })],
      at: { x: '1500 mm', z: '0 mm' },
    },
  ],
});

function INSET() {
  return { top: '2 mm', bottom: '2 mm', left: '2 mm', right: '2 mm', gap: '3 mm', material: 'ash19' };
}

/** Jobs that have between them most of what a job can have. */
export const TOLD_JOBS: Readonly<Record<string, object>> = {
  'flag-chest': shipped('flag-chest'),
  'notions-bank': shipped('notions-bank'),
  'rope-bench': shipped('rope-bench'),
  bin: BIN,
  chest: CHEST,
  'signal-locker': shipped('signal-locker'),
  'splicing-bench': shipped('splicing-bench'),
};
