import { signed, size, type WayField } from './case-way';

const usual = $localize`usual`;

/** How a door closes its opening, and what it is made of. */
export const DOOR_FIELDS: readonly WayField[] = [
  {
    ...{ kind: 'choice', name: 'mount', label: $localize`Set`, fallback: 'overlay' },
    options: [
      { value: 'overlay', label: $localize`before it` },
      { value: 'inset', label: $localize`in it` },
    ],
  },
  signed('top', $localize`Laps (gap) above`),
  signed('bottom', $localize`Below`),
  signed('left', $localize`At the left`),
  signed('right', $localize`At the right`),
  {
    ...{ kind: 'choice', name: 'leaves', label: $localize`Leaves`, fallback: 1 },
    options: [
      { value: 1, label: $localize`one` },
      { value: 2, label: $localize`a pair` },
    ],
  },
  size('gap', $localize`Gap between`),
  { kind: 'material', name: 'material', label: $localize`Made of` },
];

export const HUNG_FIELDS: readonly WayField[] = [
  {
    ...{ kind: 'choice', name: 'hinge.side', label: $localize`Hinged at the`, fallback: 'left' },
    options: [
      { value: 'left', label: $localize`left` },
      { value: 'right', label: $localize`right` },
    ],
  },
  { kind: 'count', name: 'hinge.count', label: $localize`So many hinges`, placeholder: '–' },
  { kind: 'lengths', name: 'plates', label: $localize`Plates at hand` },
  { kind: 'count', name: 'opens', label: $localize`Opens to, degrees`, placeholder: '–' },
  {
    ...{ kind: 'choice', name: 'stop', label: $localize`Stopped by`, fallback: undefined },
    options: [
      { value: undefined, label: $localize`nothing` },
      { value: 'bumper', label: $localize`a bumper` },
      { value: 'rail', label: $localize`a rail` },
    ],
  },
];

/** What a trial hinge was bored with, what it stood on, and what it lapped. */
export const TRIAL_FIELDS: readonly WayField[] = [
  size('tab', $localize`From the edge to its cup`),
  size('plate', $localize`On a plate of`),
  size('overlay', $localize`It lapped by`),
];

export const BAND_FIELDS: readonly WayField[] = [
  size('thickness', $localize`Thickness of the band`),
  {
    ...{ kind: 'many', name: 'edges', label: $localize`On edges` },
    options: [
      { value: 'top', label: $localize`top` },
      { value: 'bottom', label: $localize`bottom` },
      { value: 'left', label: $localize`left` },
      { value: 'right', label: $localize`right` },
    ],
  },
];

export const FRAME_FIELDS: readonly WayField[] = [
  size('stile', $localize`Stiles`),
  size('rail', $localize`Rails`, $localize`as stiles`),
  size('middle', $localize`What parts its lights`, $localize`as rails`),
  {
    ...{ kind: 'choice', name: 'corner', label: $localize`Corners`, fallback: 'stub' },
    options: [
      { value: 'stub', label: $localize`tongue in groove` },
      { value: 'plain', label: $localize`butted` },
      { value: 'mitre', label: $localize`mitred` },
    ],
  },
  size('tenon', $localize`Tongue long`, $localize`as the groove`),
  size('groove', $localize`Groove deep`),
  size('grooveWidth', $localize`Groove wide`, $localize`as the panel`),
  size('grooveFrom', $localize`Groove from the face`, $localize`in the middle`),
  size('play', $localize`Play of the panel`, usual),
  { kind: 'material', name: 'panel', label: $localize`Panel of` },
  { kind: 'count', name: 'lights.across', label: $localize`Lights across`, placeholder: '1' },
  { kind: 'count', name: 'lights.down', label: $localize`Lights down`, placeholder: '1' },
];

export const PULL_FIELDS: readonly WayField[] = [
  size('fromEdge', $localize`In from the edges`, usual),
  size('projection', $localize`Stands out`, '0'),
  size('width', $localize`Its width`, usual),
  { kind: 'text', name: 'name', label: $localize`Bought by the name`, optional: true },
];

export const BUILT_FIELDS: readonly WayField[] = [
  { kind: 'lengths', name: 'opening.width', label: $localize`Opening wide, at both ends` },
  { kind: 'lengths', name: 'opening.height', label: $localize`High, at both sides` },
];

/** A hinge from its own sheet. */
export const SHEET_FIELDS: readonly WayField[] = [
  { kind: 'text', name: 'name', label: $localize`What it is called` },
  {
    ...{ kind: 'choice', name: 'kind', label: $localize`Kind`, fallback: undefined },
    options: [
      { value: undefined, label: $localize`as the row it is like` },
      { value: 'cup', label: $localize`with a cup` },
      { value: 'butt', label: $localize`butt` },
      { value: 'piano', label: $localize`continuous` },
      { value: 'knife', label: $localize`knife` },
    ],
  },
  { kind: 'count', name: 'opens', label: $localize`Opens to, degrees`, placeholder: usual },
  signed('overlay.base', $localize`Laps, with no tab and no plate`, usual),
  size('overlay.least', $localize`Laps at least`, usual),
  size('overlay.most', $localize`Laps at most`, usual),
  size('bore.diameter', $localize`Cup across`, usual),
  size('bore.depth', $localize`Cup deep`, usual),
  size('bore.tabLeast', $localize`Tab at least`, usual),
  size('bore.tabMost', $localize`Tab at most`, usual),
  size('plate.height', $localize`Its plate stands off`, usual),
  size('plate.back', $localize`Plate’s screws from the front`, usual),
  size('protrusion', $localize`Stands in the opening`, usual),
  size('zone', $localize`Takes, above and below`, usual),
  size('adjust', $localize`Its screws move it`, usual),
  { kind: 'count', name: 'load_kg', label: $localize`A pair carries, kg`, placeholder: '6' },
];

/** Trays in place of drawers with fronts, and what keeps them clear of a door. */
export const TRAY_FIELDS: readonly WayField[] = [
  size('pack.left', $localize`Packed at the left`, '0'),
  size('pack.right', $localize`Packed at the right`, '0'),
  size('front.setBehind', $localize`Behind the front`, usual),
  size('front.dip', $localize`Front lower by`, '0'),
  size('front.over', $localize`Front wider, each side`, '0'),
];
