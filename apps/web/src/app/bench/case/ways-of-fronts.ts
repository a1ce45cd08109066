import { usualFrame } from '../../store/case/whole-case';
import { laidBy } from './held-by';
import { UPPER, type Usual, type WayField, type WayGroup, type WrittenBuild } from './case-way';

const width = (name: string, label: string): WayField => ({ kind: 'length', name, label });
export const FRAME: WayGroup = {
  field: 'frame',
  title: $localize`Face frame`,
  view: 'front',
  crop: { x: -0.05, y: -0.03, width: 1.1, height: 1.06 },
  without: ['worktop', 'worktop-trim', 'filler'],
  chosen: ({ frame }) => (frame ? (frame.through ?? 'stiles') : 'none'),
  ways: [
    {
      id: 'none',
      name: $localize`None`,
      says: $localize`Widest openings: panel edges show, unless they are banded.`,
      value: () => undefined,
    },
    {
      id: 'stiles',
      name: $localize`Stiles run through`,
      says: $localize`Stiff, and hides every edge: costs width, slides are built out to it.`,
      value: (usual, now) => framed(usual, now, 'stiles'),
    },
    {
      id: 'rails',
      name: $localize`Top rail runs over`,
      says: $localize`No end grain seen from the side above: else as the other.`,
      value: (usual, now) => framed(usual, now, 'rails'),
    },
  ],
  fields: Object.fromEntries(
    ['stiles', 'rails'].map((id) => [
      id,
      [
        width('stile', $localize`End stiles`),
        {
          kind: 'length',
          name: 'middle',
          label: $localize`Middle stiles`,
          optional: true,
          placeholder: $localize`none`,
        },
        { kind: 'length', name: 'topRail', label: $localize`Top rail`, optional: true, placeholder: $localize`none` },
        {
          kind: 'length',
          name: 'bottomRail',
          label: $localize`Bottom rail`,
          optional: true,
          placeholder: $localize`none`,
        },
        { kind: 'length', name: 'rail', label: $localize`Middle rails`, optional: true, placeholder: $localize`none` },
        { kind: 'length', name: 'over', label: $localize`Past the sides`, optional: true, placeholder: '0' },
        { kind: 'length', name: 'tenon', label: $localize`Tenons`, optional: true, placeholder: '0' },
        {
          ...{ kind: 'choice', name: 'stiles', label: $localize`Stiles run down to`, fallback: 'base' },
          options: [
            { value: 'base', label: $localize`the base` },
            { value: 'floor', label: $localize`the sides’ ends` },
          ],
        },
        laidBy('pocket-screw', $localize`Corners without tenon held by`),
        { kind: 'material', name: 'material', label: $localize`Of` },
      ] satisfies readonly WayField[],
    ]),
  ),
};

function framed({ size, front }: Usual, { frame }: WrittenBuild, through: 'stiles' | 'rails') {
  return { ...(frame ?? usualFrame(size, front)), through };
}

const EDGES: readonly ('front' | 'left' | 'right')[] = ['front', 'left', 'right'];
export const WORKTOP: WayGroup = {
  field: 'worktop',
  title: $localize`Worktop`,
  view: 'section',
  crop: UPPER,
  chosen: ({ worktop }) => (worktop ? (worktop.trim ? 'trimmed' : 'plain') : 'none'),
  ways: [
    {
      id: 'none',
      name: $localize`None`,
      says: $localize`The case’s own top is its upper face.`,
      value: () => undefined,
    },
    {
      id: 'plain',
      name: $localize`A plain panel`,
      says: $localize`Its edges as they are, or banded.`,
      value: ({ size, panel: of }, { worktop }) => ({
        material: worktop?.material ?? of,
        over: worktop?.over ?? { front: size('1 in', '25 mm') },
      }),
    },
    {
      id: 'trimmed',
      name: $localize`Trimmed with solid wood`,
      says: $localize`Takes knocks and looks thicker: the trim’s thickness comes off the panel.`,
      value: ({ size, panel: of, front }, { worktop }) => ({
        material: worktop?.material ?? of,
        over: worktop?.over ?? { front: size('1 in', '25 mm') },
        trim: { material: front, width: size('1 1/2 in', '40 mm'), edges: EDGES, corner: 'butt' },
      }),
    },
  ],
  fields: { plain: overs(), trimmed: [...overs(), ...trim()] },
};

function overs(): readonly WayField[] {
  return [
    { kind: 'material', name: 'material', label: $localize`Of` },
    { kind: 'length', name: 'over.front', label: $localize`Past the front`, optional: true, placeholder: '0' },
    { kind: 'length', name: 'over.left', label: $localize`Past the left`, optional: true, placeholder: '0' },
    { kind: 'length', name: 'over.right', label: $localize`Past the right`, optional: true, placeholder: '0' },
    { kind: 'length', name: 'over.back', label: $localize`Past the back`, optional: true, placeholder: '0' },
  ];
}

function trim(): readonly WayField[] {
  return [
    { kind: 'length', name: 'trim.width', label: $localize`Trim high` },
    { kind: 'material', name: 'trim.material', label: $localize`Trim of` },
    {
      ...{ kind: 'many', name: 'trim.edges', label: $localize`Edges with trim` },
      options: [
        { value: 'front', label: $localize`front` },
        { value: 'left', label: $localize`left` },
        { value: 'right', label: $localize`right` },
        { value: 'back', label: $localize`back` },
      ],
    },
    {
      ...{ kind: 'choice', name: 'trim.corner', label: $localize`Its corners`, fallback: 'butt' },
      options: [
        { value: 'butt', label: $localize`butted` },
        { value: 'mitre', label: $localize`mitred` },
      ],
    },
  ];
}
