import { WHOLE_CASE, wholeBank, wholeJob } from './plan/whole-case.spec-data';

const { build } = WHOLE_CASE;
const DOOR = { mount: 'overlay', top: '10 mm', bottom: '10 mm', left: '10 mm', right: '10 mm', gap: '3 mm' };
const sheet = { length: '2440 mm', width: '1220 mm' };
const thick = [
  { id: 'ply25', name: 'Thick ply', kind: 'plywood', thickness: '24.6 mm', sheet, price: 92 },
  {
    id: 'ash45',
    name: 'Ash for legs',
    kind: 'solid',
    thickness: '45 mm',
    species: 'ash-white',
    price: 1400,
    price_per: 'm3',
  },
];
const withThick = (job: { readonly materials: readonly object[] }): object => ({
  ...job,
  materials: [...job.materials.map((each) => ({ ...each, sheet })), ...thick],
});

/** Holes through members, notches round what the wall has, a still, a shelf that sags, lines across, a thing that is fitted. */
const CABLES = withThick(
  wholeJob(
    {
      ...{ ...WHOLE_CASE, id: 'c1', name: 'Cable bench' },
      build: {
        ...{ ...build, stands: undefined, onBench: true, dividersLast: true },
        back: { kind: 'grooved', material: 'ply6', depth: '6 mm', set: '12 mm', play: '1 mm' },
        place: {
          ...{ width: ['61 in', '60 15/16 in'], height: ['41 1/2 in'], depth: ['24 in'] },
          ...{ studs: { first: '9 in', pitch: '16 in' }, way: { width: '30 in', height: '80 in' } },
        },
        notches: [
          { member: 'case-side-left', steps: [{ height: '108 mm', depth: '15 mm' }] },
          { member: 'divider left', steps: [{ height: '90 mm', depth: '40 mm' }] },
        ],
        band: {
          thickness: '1/32 in',
          over: '1/16 in',
          members: { divider: ['front'], 'case-bottom': ['front', 'left'] },
        },
        cleats: { material: 'ply18', width: '90 mm', count: 2 },
      },
      layout: {
        id: 'front',
        across: [
          { id: 'left', fit: { name: 'Reel', of: 'thing', width: '16 in', height: '4 in' } },
          { id: 'middle', size: '14 in', down: [{ id: 'air' }, { id: 'still' }], between: 'shelf' },
          { id: 'right', down: [{ id: 'upper', size: '4 1/2 in' }, { id: 'lower' }], between: 'rail' },
        ],
      },
      cutOuts: [
        { member: 'case-side-left', x: '100 mm', y: '400 mm', width: '60 mm', height: '40 mm', radius: '8 mm' },
        { member: 'case-bottom', x: '300 mm', y: '120 mm', width: '50 mm', height: '50 mm' },
        { member: 'case-back', x: '350 mm', y: '300 mm', width: '80 mm', height: '60 mm', radius: '20 mm' },
      ],
      keepOuts: [
        {
          ...{ compartment: 'still', name: 'Still', x: '0 in', y: '0 in', z: '12 in', room: '20 mm' },
          ...{ width: '10 in', height: '6 in', depth: '8 in' },
        },
      ],
      shelves: [{ compartment: 'air', count: 1, load_kg: 900, pins: { from: '2 in', depth: '9 mm' } }],
      gates: { survey: { at: '2026-11-20T09:00:00Z' } },
    } as never,
    [
      wholeBank('b0', 'left', 3, { mounting: { order: 'top-first', fronts: 'top-down', rise: 'third' } }),
      wholeBank('b1', 'upper', 1),
      wholeBank('b2', 'lower', 3, {
        drawers: [{ id: 'd1', line: { bank: 'b0', drawer: 'd1' } }, { id: 'd2', name: 'Fids' }, { id: 'd3' }],
      }),
    ],
    { pricing: { bought: [{ id: 'top', name: 'Slate', count: 2, price: 40 }], margin: { percent: 20, of: 'price' } } },
  ),
);

/** On legs, framed doors, rabbeted and muntin bottoms, boxes of solid wood, bands of stock, a table saw with little room. */
const LEGS = withThick(
  wholeJob(
    {
      ...{ id: 'c1', name: 'Chart table', style: 'frameless' },
      build: {
        ...{ width: '1500 mm', height: '900 mm', depth: '600 mm', panel: 'ply18', base: { kind: 'none' } },
        stands: { kind: 'legs', height: '250 mm', size: '60 mm', apron: '70 mm', tenon: '25 mm', material: 'ash45' },
        joint: { kind: 'butt', fixing: 'loose-tenon' },
        back: { kind: 'rabbeted', material: 'ply6', depth: '8 mm', fixing: 'brad' },
        worktop: { material: 'ash19', trim: { material: 'ash19', width: '38 mm', edges: ['front', 'left'] } },
      },
      layout: { id: 'all', across: [{ id: 'l', size: '450 mm' }, { id: 'm' }, { id: 'r', size: '440 mm' }] },
      doors: [
        {
          ...{ id: 'd1', over: 'm', ...DOOR, material: 'ash19', leaves: 2, hinge: { family: 'piano' } },
          frame: { stile: '60 mm', corner: 'stub', tenon: '10 mm', groove: '10 mm', play: '3 mm', panel: 'ply6' },
        },
      ],
      shelves: [{ compartment: 'm', count: 2, material: 'ply18', load_kg: 40 }],
      run: { kerf: '3 mm', trim: '2 mm' },
    } as never,
    [
      wholeBank('b1', 'l', 3, {
        ...{ slide: { family: 'wood-runner' }, division: { scheme: 'ratio', ratio: 1.2, increment: '1 mm' } },
        box: {
          ...{ sides: 'ash19', ends: 'ash19', bottom: 'ply6', corner: { joint: 'half-blind', depth: '10 mm' } },
          ...{ bottomFit: 'slid-in', groove: { depth: '6 mm', offset: '12 mm' }, play: '1 mm' },
          muntin: { material: 'ash19', width: '60 mm' },
        },
      }),
      wholeBank('b2', 'r', 4, {
        ...{ slide: { family: 'undermount-16' }, division: { scheme: 'step', step: '20 mm', increment: '1 mm' } },
        front: {
          mount: 'inset',
          top: '3 mm',
          bottom: '3 mm',
          left: '3 mm',
          right: '3 mm',
          gap: '3 mm',
          material: 'ash19',
        },
      }),
    ],
    { unit: 'mm', name: 'Chart table', saw: { limits: { rip: '600 mm', crosscut: '400 mm', planer: '150 mm' } } },
  ),
);

/** Jobs of what those that are told of elsewhere lack. */
export const LACKING_JOBS: Readonly<Record<string, object>> = { cables: CABLES, legs: LEGS };
