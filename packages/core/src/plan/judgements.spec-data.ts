import { sample } from '../job/sample.spec-data';
import type { Patch } from '../reading';

export const at = (field: string, value: unknown): Patch => ({ path: `BANK.${field}`, value });
export const job = (path: string, value: unknown): Patch => ({ path, value });
export const stored = (thing: object, drawer = 0): Patch =>
  at(`drawers[${drawer}].contents`, [{ name: 'chart roll', height: '40 mm', ...thing }]);
export const undermount = [at('slide.family', 'undermount-16'), at('box.groove.offset', '13 mm')];
const inset = at('front', {
  mount: 'inset',
  top: '2 mm',
  bottom: '2 mm',
  left: '2 mm',
  right: '2 mm',
  gap: '2 mm',
  material: 'front',
});
const oak = [job('materials[2].kind', 'solid'), job('materials[2].species', 'oak-red')];
const equal = at('division', { scheme: 'equal', increment: '1 mm' });

/** Two banks on one divider, the second with a lap of its own at the right. */
const neighbours = (right: string, ...more: Patch[]): Patch[] => {
  const [bank] = sample.cases[0]!.banks;
  const { front } = bank!;
  const banks = [
    { ...bank, front: { ...front, left: '10 mm', right: '7.5 mm' }, opening: { ...bank!.opening, width: ['600 mm'] } },
    {
      ...bank,
      id: 'b2',
      front: { ...front, left: '7.5 mm', right },
      opening: { ...bank!.opening, width: ['600 mm'] },
    },
  ];
  return [job('cases[0].banks', banks), job('cases[0].divider', '18 mm'), ...more];
};
const planned = [job('cases[0].banks[0].basis', 'planned'), job('cases[0].banks[1].basis', 'planned')];

/** What a sound plan is spared: code, severity, where it fires, just inside, and how many remedies it offers. */
export const JUDGEMENTS: [string, string, Patch[], Patch[], number][] = [
  [
    'BOTTOM_TOO_THIN',
    'warn',
    [...undermount, job('materials[1].thickness', '5.49 mm')],
    [...undermount, job('materials[1].thickness', '5.5 mm')],
    1,
  ],
  [
    'HOOK_IN_BOTTOM',
    'warn',
    [...undermount, at('box.bottomFit', 'slid-in'), job('materials[1].thickness', '8.01 mm')],
    [...undermount, at('box.bottomFit', 'slid-in'), job('materials[1].thickness', '8 mm')],
    0,
  ],
  ['FRONT_TOO_LOW', 'warn', [at('drawers[0].height', '59.9 mm')], [at('drawers[0].height', '60 mm')], 1],
  [
    'FRONT_TOO_LOW',
    'warn',
    [
      equal,
      at('drawers[2].height', '372 mm'),
      at('front.pull', { school: 'centre', purchase: '8 mm', height: '32 mm' }),
    ],
    [
      equal,
      at('drawers[2].height', '372 mm'),
      at('front.pull', { school: 'centre', purchase: '8 mm', height: '31 mm' }),
    ],
    1,
  ],
  [
    'CONTENTS_TOO_WIDE',
    'stop',
    [stored({ footprint: ['551.1 mm', '300 mm'] }), at('slide.length', '350 mm')],
    [stored({ footprint: ['551 mm', '300 mm'] }), at('slide.length', '350 mm')],
    0,
  ],
  [
    'CONTENTS_TOO_WIDE',
    'stop',
    [stored({ footprint: ['540 mm', '520 mm'] }), at('slide.length', '500 mm')],
    [stored({ footprint: ['540 mm', '520 mm'] })],
    1,
  ],
  [
    'CONTENTS_DO_NOT_FIT',
    'warn',
    [stored({ footprint: ['100 mm', '100 mm'], count: 26 })],
    [stored({ footprint: ['100 mm', '100 mm'], count: 25 })],
    0,
  ],
  [
    'CONTENTS_DO_NOT_FIT',
    'warn',
    [
      at('drawers[0].contents', [
        { name: 'chart', height: '40 mm', count: 20, footprint: ['100 mm', '100 mm'] },
        { name: 'ruler', height: '10 mm', count: 6, footprint: ['100 mm', '100 mm'] },
      ]),
    ],
    [],
    1,
  ],
  ['WIDE_DRAWER', 'warn', [at('opening.width', ['658.601 mm'])], [at('opening.width', ['658.6 mm'])], 2],
  // 551 inside: one and a half times 350 is less, 400 more.
  ['WIDE_DRAWER', 'warn', [at('slide.length', '350 mm')], [at('slide.length', '400 mm')], 1],
  ['GROOVE_TOO_DEEP', 'warn', [at('box.groove.depth', '5.901 mm')], [at('box.groove.depth', '5.9 mm')], 1],
  [
    'GROOVE_TOO_DEEP',
    'warn',
    [at('box.corner', { joint: 'tongue-dado', depth: '5.901 mm' })],
    [at('box.corner', { joint: 'tongue-dado', depth: '5.9 mm' })],
    1,
  ],
  [
    'GROOVE_TOO_DEEP',
    'warn',
    [at('box.corner', { joint: 'through', back: { joint: 'tongue-dado', depth: '6 mm' } })],
    [at('box.corner', { joint: 'through', back: { joint: 'tongue-dado', depth: '5 mm' } })],
    1,
  ],
  // The batten's groove, 8 − 0.8 + 0.5 = 7.7, wants sides of twice that.
  [
    'GROOVE_TOO_DEEP',
    'warn',
    [at('slide.family', 'side-hung'), job('materials[0].thickness', '15.39 mm')],
    [at('slide.family', 'side-hung'), job('materials[0].thickness', '15.4 mm')],
    0,
  ],
  ['GROOVE_NEAR_EDGE', 'warn', [at('box.groove.offset', '7.99 mm')], [at('box.groove.offset', '8 mm')], 1],
  // 12 + 8.7 + 6 above the lower edge.
  ['SCREW_IN_GROOVE', 'warn', [at('mounting', { rise: '26.69 mm' })], [at('mounting', { rise: '26.7 mm' })], 1],
  ['SCREW_IN_GROOVE', 'warn', [at('drawers[0].boxHeight', '53.3 mm')], [at('drawers[0].boxHeight', '53.4 mm')], 1],
  ['SCREW_IN_GROOVE', 'warn', [at('mounting', { rise: '10 mm' })], [at('slide.family', 'wood-runner')], 1],
  ['REVEAL_TOO_TIGHT', 'warn', [at('front.gap', '1.49 mm')], [at('front.gap', '1.5 mm')], 1],
  ['REVEAL_TOO_TIGHT', 'warn', [inset, at('front.top', '1.49 mm')], [inset, at('front.top', '1.5 mm')], 1],
  [
    'REVEAL_TOO_TIGHT',
    'warn',
    [inset, at('rail', '18 mm'), at('front.gap', '20.9 mm')],
    [inset, at('rail', '18 mm'), at('front.gap', '21 mm')],
    1,
  ],
  ['REVEAL_TOO_TIGHT', 'warn', [inset, at('front.left', '1.49 mm')], [inset, at('front.left', '1.5 mm')], 1],
  ['REVEAL_TOO_TIGHT', 'warn', [inset, at('front.bottom', '1.49 mm')], [inset, at('front.bottom', '1.5 mm')], 1],
  // Red oak, flat-sawn: 0.00369 for each of 4 % of moisture: 204 mm grow 3.01, 203 mm 2.996 into a gap of 3.
  [
    'REVEAL_TOO_TIGHT',
    'warn',
    [...oak, equal, at('drawers[1].height', '204 mm')],
    [...oak, equal, at('drawers[1].height', '203 mm')],
    2,
  ],
  [
    'REVEAL_TOO_TIGHT',
    'warn',
    [...oak, equal, at('drawers[1].height', '204 mm')],
    [...oak, equal, at('drawers[1].height', '204 mm'), job('materials[2].cut', 'quarter-sawn')],
    2,
  ],
  [
    'REVEAL_TOO_TIGHT',
    'warn',
    [...oak, equal, at('drawers[1].height', '204 mm')],
    [
      ...oak,
      equal,
      at('drawers[1].height', '204 mm'),
      job('climate', { fitting: { temperature_c: 20, humidity: 60 }, wettest: { temperature_c: 20, humidity: 65 } }),
    ],
    2,
  ],
  // Unlisted wood, 0.0035: a quarter-sawn board of it still moves too much.
  ['REVEAL_TOO_TIGHT', 'warn', [job('materials[2].kind', 'solid'), at('front.gap', '0.5 mm')], [], 1],
  [
    'FRONT_PROUD',
    'warn',
    [inset, at('mounting', { setback: '20.41 mm' })],
    [inset, at('mounting', { setback: '20.4 mm' })],
    1,
  ],
  [
    'FRONT_PROUD',
    'warn',
    [inset, at('mounting', { setback: '18.79 mm' })],
    [inset, at('mounting', { setback: '18.8 mm' })],
    1,
  ],
  [
    'NOMINAL_THICKNESS',
    'note',
    [job('materials[0].thickness', '12 mm')],
    [job('materials[0].thickness', '11.999 mm')],
    0,
  ],
  [
    'NOMINAL_THICKNESS',
    'note',
    [job('materials[0]', { id: 'ply12', name: '1/2 in MDF', kind: 'mdf', thickness: '12.7 mm' })],
    [job('materials[0]', { id: 'ply12', name: '1/2 in ash', kind: 'solid', thickness: '1/2 in' })],
    0,
  ],
  [
    'GRAIN_JUMPS',
    'note',
    [at('front.run', { kerf: '1.99 mm', trim: '10 mm' })],
    [at('front.run', { kerf: '2 mm', trim: '10 mm' })],
    2,
  ],
  [
    'GRAIN_JUMPS',
    'note',
    [at('front.run', { kerf: '4.01 mm', trim: '10 mm' })],
    [at('front.run', { kerf: '4 mm', trim: '0 mm' })],
    1,
  ],
  [
    'GRAIN_JUMPS',
    'note',
    [
      at('front.run', { kerf: '3 mm', trim: '0 mm' }),
      at('front.band', { thickness: '1 mm', edges: ['top', 'bottom'] }),
    ],
    [at('front.run', { kerf: '3 mm', trim: '0 mm' }), at('front.band', { thickness: '1 mm', edges: ['left', 'top'] })],
    2,
  ],
  [
    'GRAIN_JUMPS',
    'note',
    neighbours('10 mm', job('cases[0].run', { kerf: '1 mm', trim: '0 mm' })),
    neighbours('10 mm', job('cases[0].run', { kerf: '2 mm', trim: '0 mm' })),
    1,
  ],
  ['SMALL_PART', 'warn', [at('drawers[0].boxHeight', '49.9 mm')], [at('drawers[0].boxHeight', '50 mm')], 0],
  ['SMALL_PART', 'warn', [at('opening.width', ['198.9 mm'])], [at('opening.width', ['199 mm'])], 0],
  ['LIKE_BOXES', 'note', [at('drawers[2].boxHeight', '160.95 mm')], [at('drawers[2].boxHeight', '160.951 mm')], 1],
  ['NEIGHBOUR_FRONTS_UNEQUAL', 'note', neighbours('9.1 mm'), neighbours('9.2 mm'), 1],
  ['NEIGHBOUR_FRONTS_UNEQUAL', 'note', neighbours('7.5 mm', ...planned), neighbours('10 mm', ...planned), 2],
  [
    'NEIGHBOUR_FRONTS_UNEQUAL',
    'note',
    neighbours('7.5 mm', job('cases[0].alike', 'fronts'), ...planned),
    neighbours('7.5 mm', job('cases[0].alike', 'openings'), ...planned),
    1,
  ],
];
