import type { CalledDrawer } from '../called';
import type { Words } from '../words';

/** A kind of part: one of them, or several. */
type PartOf = (p: { count: number }, w: Words) => string;

const named =
  (one: string, other: string): PartOf =>
  ({ count }, w) =>
    w.form(count, { one, other });

/** What parts are called, one and several. */
const PART_NAMES = {
  'part/side': named('side', 'sides'),
  'part/box-front': named('box front', 'box fronts'),
  'part/back': named('back', 'backs'),
  'part/bottom': named('bottom', 'bottoms'),
  'part/muntin': named('muntin', 'muntins'),
  'part/drawer-front': named('drawer front', 'drawer fronts'),
  'part/stile': named('stile', 'stiles'),
  'part/rail': named('front rail', 'front rails'),
  'part/panel': named('panel', 'panels'),
  'part/pull': named('pull', 'pulls'),
  'part/build-out': named('build-out', 'build-outs'),
  'part/runner': named('runner', 'runners'),
  'part/batten': named('batten', 'battens'),
  'part/kicker': named('kicker', 'kickers'),
  'part/strip': named('strip behind the frame', 'strips behind the frame'),
  'part/blocking': named('blocking', 'blocks'),
  'part/guide': named('guide', 'guides'),
  'part/board': named('board', 'boards'),
  'part/drawer-rail': named('rail', 'rails'),
  'part/extra': named('extra part', 'extra parts'),
  'part/case-side': named('side of the case', 'sides of the case'),
  'part/case-side-left': named('left side of the case', 'left sides of cases'),
  'part/case-side-right': named('right side of the case', 'right sides of cases'),
  'part/case-bottom': named('case bottom', 'case bottoms'),
  'part/case-top': named('case top', 'case tops'),
  'part/stretcher': named('stretcher', 'stretchers'),
  'part/divider': named('divider', 'dividers'),
  'part/fixed-shelf': named('fixed shelf', 'fixed shelves'),
  'part/case-rail': named('case rail', 'case rails'),
  'part/case-back': named('case back', 'case backs'),
  'part/cleat': named('cleat', 'cleats'),
  'part/kick-board': named('kick board', 'kick boards'),
  'part/plinth-front': named('plinth front or back', 'plinth fronts and backs'),
  'part/plinth-end': named('plinth end', 'plinth ends'),
  'part/leg': named('leg', 'legs'),
  'part/apron': named('apron', 'aprons'),
  'part/frame-stile': named('frame stile', 'frame stiles'),
  'part/frame-rail': named('frame rail', 'frame rails'),
  'part/frame-middle-stile': named('middle stile', 'middle stiles'),
  'part/frame-middle-rail': named('middle rail', 'middle rails'),
  'part/worktop': named('worktop', 'worktops'),
  'part/worktop-trim': named('worktop trim', 'worktop trims'),
  'part/filler': named('filler', 'fillers'),
  'part/shelf': named('shelf on pins', 'shelves on pins'),
  'part/upright': named('upright divider', 'upright dividers'),
  'part/lid': named('lid', 'lids'),
  'part/lid-strip': named('strip behind a lid', 'strips behind lids'),
  'part/work-board': named('work board', 'work boards'),
  'part/board-edging': named('edging of a work board', 'edgings of work boards'),
  'part/board-guide': named('guide of a work board', 'guides of work boards'),
  'part/platform': named('platform of a tilt-out', 'platforms of tilt-outs'),
  'part/gusset': named('gusset of a tilt-out', 'gussets of tilt-outs'),
  'part/door': named('door', 'doors'),
  'part/door-panel': named('door panel', 'door panels'),
  'part/door-stile': named('door stile', 'door stiles'),
  'part/door-rail': named('door rail', 'door rails'),
  'part/door-middle-stile': named('middle stile of a door', 'middle stiles of doors'),
  'part/door-middle-rail': named('middle rail of a door', 'middle rails of doors'),
};

/** A kind of part there is a name for. */
export type PartCode = keyof typeof PART_NAMES;

const SIDES = { left: 'left', right: 'right' };

export interface PartParams {
  readonly part: PartCode;
  readonly side?: 'left' | 'right';
  readonly number?: number;
  /** Where a part of a case stands, by a compartment. */
  readonly at?: 'right-of' | 'under' | 'in' | 'of';
  readonly node?: string;
}

const AT = { 'right-of': 'right of', under: 'under', in: 'in', of: '' };

function partName({ part, side, number, at, node }: PartParams, w: Words): string {
  const name = w.say({ code: part, params: { count: 1 } });
  const placed = at && node !== undefined ? [AT[at], node].filter((word) => word !== '') : [];
  return [name, ...(side ? [SIDES[side]] : []), ...placed, ...(number === undefined ? [] : [number])].join(' ');
}

/** Parts as they are called on lists and labels, and when they may be cut. */
export const PARTS = {
  ...PART_NAMES,
  /** One part among its drawer's: “side 1”, “runner left”. */
  'part-named': partName,
  /** A part among the job's: `bank` tells its bank from others. */
  'part-of-job': (p: PartParams & { readonly bank: readonly string[]; readonly place: number }, w: Words) =>
    [...p.bank, p.place + 1, partName(p, w)].join(' '),
  /** A part of a case among the job's: `case` tells its case from others. */
  'part-of-case': (p: PartParams & { readonly case: readonly string[] }, w: Words) =>
    [...p.case, partName(p, w)].join(' '),
  /** A part that is nobody's, by its own name. */
  'part-called': (p: { readonly called: string; readonly number?: number }) =>
    p.number === undefined ? p.called : `${p.called} ${p.number}`,
  'drawer-of-job': ({ bank, drawer }: { readonly bank: readonly string[]; readonly drawer: CalledDrawer }) => {
    const name = drawer.name ? `, ${drawer.name}` : '';
    return `${bank.length === 0 ? 'Drawer' : `${bank.join(' ')}, drawer`} ${drawer.place + 1}${name}`;
  },
  'planed/build-out': 'Solid wood for build-outs',
  'planed/runner': 'Hardwood for runners',
  'planed/strip': 'Wood for strips behind the frame',
  'planed/blocking': 'Solid wood for blocking',
  'planed/guide': 'Wood planed for guides',
  'planed/batten': 'Hardwood for battens',
  'planed/leg': 'Wood for legs',
  'wood/case-rails': 'Rails of the case',
  'when/now': 'may be cut now',
  'when/forecast': 'held until the opening is measured as built',
  'when/mend': 'held by what is to mend',
  'when/survey': 'held until the space is surveyed and the sheets’ thicknesses are measured',
  'when/case-glued': 'held until the case is glued: it fits the case as it is',
  'when/standing': 'held until the case stands where it will stay',
  'when/door-measured': 'held until its opening is measured back at both ends',
  'when/hinges': 'held until the hinges are in hand, or their sheet is written down',
  'when/slides': 'held until the slides are in hand',
  'when/groove': 'held until the groove is cut and tried',
  'when/glued': 'held until the boxes are glued: an applied bottom fits the box as it is',
  'when/hung': 'held until the boxes are hung and trued',
  'printed-when/now': 'cut now',
  'printed-when/forecast': 'FORECAST',
  'printed-when/mend': 'HOLD: mend',
  'printed-when/survey': 'HOLD: survey',
  'printed-when/case-glued': 'HOLD: case glued',
  'printed-when/standing': 'HOLD: case stands',
  'printed-when/door-measured': 'HOLD: measure the opening',
  'printed-when/hinges': 'HOLD: hinges',
  'printed-when/slides': 'HOLD: slides',
  'printed-when/groove': 'HOLD: groove',
  'printed-when/glued': 'HOLD: boxes glued',
  'printed-when/hung': 'HOLD: boxes hung',
};
