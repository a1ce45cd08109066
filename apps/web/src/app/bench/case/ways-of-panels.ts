import { heldBy, laidBy } from './held-by';
import { kindOf, LOWER, panel, UPPER, type WayField, type WayGroup } from './case-way';

const stretchers: readonly WayField[] = [
  { kind: 'length', name: 'width', label: $localize`Wide` },
  { kind: 'count', name: 'count', label: $localize`How many`, placeholder: '2' },
  { kind: 'yes', name: 'letIn', label: $localize`Let into the sides` },
  { kind: 'material', name: 'material', label: $localize`Of`, like: $localize`as the panels` },
];
export const TOP: WayGroup = {
  field: 'top',
  title: $localize`Top`,
  view: 'section',
  crop: UPPER,
  without: ['worktop', 'worktop-trim'],
  chosen: ({ top }) => (top?.kind === 'stretchers' ? `stretchers-${top.lie ?? 'flat'}` : (top?.kind ?? 'between')),
  ways: [
    {
      id: 'between',
      name: $localize`Panel between the sides`,
      says: $localize`Its edges hidden by the sides: the sides’ ends show on top.`,
      value: () => ({ kind: 'between' }),
    },
    {
      id: 'over',
      name: $localize`Panel over the sides`,
      says: $localize`An unbroken top without a worktop: its ends show at the sides.`,
      value: () => ({ kind: 'over' }),
    },
    {
      id: 'stretchers-flat',
      name: $localize`Flat stretchers`,
      says: $localize`Saves a sheet and lets screws into a worktop: wants one over it.`,
      value: ({ size }) => ({ kind: 'stretchers', lie: 'flat', width: size('4 in', '100 mm'), count: 2 }),
    },
    {
      id: 'stretchers-upright',
      name: $localize`Upright stretchers`,
      says: $localize`Stiffer than flat ones: takes their width off the inside.`,
      value: ({ size }) => ({ kind: 'stretchers', lie: 'upright', width: size('3 in', '75 mm'), count: 2 }),
    },
    {
      id: 'none',
      name: $localize`None`,
      says: $localize`Open above: only where something else holds the sides.`,
      value: () => ({ kind: 'none' }),
    },
  ],
  fields: { between: panel, over: panel, 'stretchers-flat': stretchers, 'stretchers-upright': stretchers },
};

export const BOTTOM: WayGroup = {
  field: 'bottom',
  title: $localize`Bottom`,
  view: 'section',
  crop: LOWER,
  chosen: kindOf('bottom', 'between'),
  ways: [
    {
      id: 'between',
      name: $localize`Panel between the sides`,
      says: $localize`The usual one: goes with every base.`,
      value: () => ({ kind: 'between' }),
    },
    {
      id: 'under',
      name: $localize`Panel under the sides`,
      says: $localize`Carries the load on its face: no toe-kick can be cut in the sides.`,
      value: () => ({ kind: 'under' }),
    },
    {
      id: 'stretchers',
      name: $localize`Stretchers`,
      says: $localize`Light, for casters inside or a machine below: dust falls through.`,
      value: ({ size }) => ({ kind: 'stretchers', width: size('4 in', '100 mm'), count: 2 }),
    },
    {
      id: 'none',
      name: $localize`None`,
      says: $localize`Open below: the lowest drawer hangs over the floor.`,
      value: () => ({ kind: 'none' }),
    },
  ],
  fields: {
    between: [{ kind: 'length', name: 'up', label: $localize`Lifted by`, optional: true, placeholder: '0' }, ...panel],
    under: panel,
    stretchers: stretchers.filter(({ name }) => name !== 'letIn'),
  },
};

export const BACK: WayGroup = {
  field: 'back',
  title: $localize`Back`,
  view: 'plan',
  crop: { x: -0.03, y: 0.72, width: 0.4, height: 0.34 },
  without: ['case-top', 'stretcher', 'case-bottom', 'fixed-shelf', 'case-rail', 'shelf', 'cleat', 'frame-rail'],
  chosen: kindOf('back', 'none'),
  ways: [
    {
      id: 'rabbeted',
      name: $localize`In a rabbet`,
      says: $localize`Hidden from the side, and squares the case: the case is glued before it is cut.`,
      value: ({ size, thin }) => ({ kind: 'rabbeted', material: thin, depth: size('3/8 in', '9 mm') }),
    },
    {
      id: 'grooved',
      name: $localize`In a groove`,
      says: $localize`Room for cleats behind it: costs the depth it is set in.`,
      value: ({ size, thin }) => ({
        kind: 'grooved',
        material: thin,
        depth: size('3/8 in', '9 mm'),
        set: size('3/4 in', '20 mm'),
        play: size('1/16 in', '1.5 mm'),
      }),
    },
    {
      id: 'applied',
      name: $localize`On the back edges`,
      says: $localize`Quickest, can be cut with the case: its edges show from the side.`,
      value: ({ thin }) => ({ kind: 'applied', material: thin }),
    },
    {
      id: 'none',
      name: $localize`None`,
      says: $localize`Open behind: cleats or a face frame must keep it square.`,
      value: () => undefined,
    },
  ],
  fields: {
    rabbeted: [
      { kind: 'length', name: 'depth', label: $localize`Let in` },
      laidBy('brad'),
      { kind: 'material', name: 'material', label: $localize`Of` },
    ],
    grooved: [
      { kind: 'length', name: 'depth', label: $localize`Groove deep` },
      { kind: 'length', name: 'set', label: $localize`Set in` },
      { kind: 'length', name: 'play', label: $localize`Play`, optional: true, placeholder: '0' },
      laidBy('glue'),
      { kind: 'material', name: 'material', label: $localize`Of` },
    ],
    applied: [
      { kind: 'length', name: 'shy', label: $localize`Inside every edge by`, optional: true, placeholder: '0' },
      laidBy('brad'),
      { kind: 'material', name: 'material', label: $localize`Of` },
    ],
  },
};

export const JOINT: WayGroup = {
  field: 'joint',
  title: $localize`Joints of panels`,
  view: 'front',
  crop: { x: -0.03, y: -0.02, width: 0.24, height: 0.3 },
  without: [
    'frame-stile',
    'frame-rail',
    'frame-middle-stile',
    'frame-middle-rail',
    'kick-board',
    'case-back',
    'filler',
    'plinth-front',
    'leg',
    'apron',
  ],
  chosen: kindOf('joint', 'butt'),
  ways: [
    {
      id: 'dado',
      name: $localize`In a dado`,
      says: $localize`Places every panel by itself and carries load: one more cut each.`,
      value: ({ size }) => ({ kind: 'dado', depth: size('1/4 in', '6 mm'), fixing: 'glue' }),
    },
    {
      id: 'butt',
      name: $localize`Butted`,
      says: $localize`Nothing to cut: screws or dowels alone hold it.`,
      value: () => ({ kind: 'butt', fixing: 'pocket-screw' }),
    },
  ],
  fields: { dado: [{ kind: 'length', name: 'depth', label: $localize`Deep` }, heldBy('glue')], butt: [heldBy('glue')] },
};
