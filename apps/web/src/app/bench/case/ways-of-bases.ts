import { kindOf, LOWER, type WayField, type WayGroup } from './case-way';

const high: WayField = { kind: 'length', name: 'height', label: $localize`High` };
const setback: WayField = {
  kind: 'length',
  name: 'setback',
  label: $localize`Set back`,
  optional: true,
  placeholder: '0',
};
const insets: readonly WayField[] = [
  setback,
  { kind: 'length', name: 'inLeft', label: $localize`In at the left`, optional: true, placeholder: '0' },
  { kind: 'length', name: 'inRight', label: $localize`In at the right`, optional: true, placeholder: '0' },
  { kind: 'material', name: 'material', label: $localize`Of`, like: $localize`as the panels` },
];
const most: WayField = {
  kind: 'length',
  name: 'most',
  label: $localize`At most`,
  optional: true,
  placeholder: $localize`not said`,
};

export const BASE: WayGroup = {
  field: 'base',
  title: $localize`Recess for toes`,
  view: 'section',
  crop: LOWER,
  chosen: kindOf('base', 'none'),
  ways: [
    {
      id: 'none',
      name: $localize`None`,
      says: $localize`The front runs down to what the case stands on.`,
      value: () => undefined,
    },
    {
      id: 'toe-kick',
      name: $localize`Toe-kick`,
      says: $localize`Stand close without stooping: costs its height of drawers.`,
      value: ({ size, panel: of }) => ({
        ...{ kind: 'toe-kick', height: size('4 in', '100 mm'), setback: size('3 in', '75 mm') },
        board: { material: of, run: 'between' },
      }),
    },
  ],
  fields: {
    'toe-kick': [
      high,
      { kind: 'length', name: 'setback', label: $localize`Set back` },
      {
        ...{ kind: 'choice', name: 'board.run', label: $localize`Its board runs`, fallback: 'between' },
        options: [
          { value: 'between', label: $localize`between the sides` },
          { value: 'across', label: $localize`across them` },
        ],
      },
      { kind: 'material', name: 'board.material', label: $localize`Board of` },
    ],
  },
};

export const STANDS: WayGroup = {
  field: 'stands',
  title: $localize`Stands on`,
  view: 'front',
  crop: { x: -0.05, y: -0.06, width: 1.1, height: 0.5 },
  chosen: kindOf('stands', 'floor'),
  ways: [
    {
      id: 'floor',
      name: $localize`The floor`,
      says: $localize`Nothing more to make: a floor out of level is taken up by shims.`,
      value: () => undefined,
    },
    {
      id: 'feet',
      name: $localize`Levelling feet`,
      says: $localize`Level in minutes on any floor: costs their least height.`,
      value: ({ size }) => ({ kind: 'feet', height: size('3/4 in', '20 mm'), most: size('2 in', '50 mm') }),
    },
    {
      id: 'plinth',
      name: $localize`A loose plinth`,
      says: $localize`Made level first, the case is set on it: tilts up under a low ceiling.`,
      value: ({ size }) => ({ kind: 'plinth', height: size('4 in', '100 mm'), setback: size('3 in', '75 mm') }),
    },
    {
      id: 'legs',
      name: $localize`Legs and aprons`,
      says: $localize`Light, and swept under: costs height, and the aprons’ joints.`,
      value: ({ size, front }) => ({
        kind: 'legs',
        height: size('6 in', '150 mm'),
        size: size('1 3/4 in', '45 mm'),
        apron: size('2 1/2 in', '65 mm'),
        tenon: size('3/4 in', '20 mm'),
        material: front,
      }),
    },
    {
      id: 'casters',
      name: $localize`Casters`,
      says: $localize`Rolls where the work is: wants a stiff bottom, and tips sooner.`,
      value: ({ size }) => ({ kind: 'casters', height: size('3 in', '75 mm') }),
    },
  ],
  fields: {
    feet: [high, most],
    casters: [high, most],
    plinth: [high, ...insets],
    legs: [
      high,
      { kind: 'length', name: 'size', label: $localize`Thick` },
      { kind: 'length', name: 'apron', label: $localize`Aprons wide`, optional: true, placeholder: $localize`none` },
      { kind: 'length', name: 'tenon', label: $localize`Tenons`, optional: true, placeholder: '0' },
      ...insets,
    ],
  },
};
