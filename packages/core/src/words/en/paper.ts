import type { Length, Said } from '../../length';
import type { Words } from '../words';

interface Size {
  readonly length: Length;
  readonly width: Length;
}

const by = ({ length, width }: Size, w: Words): string => `${w.bare(length, 'part')} × ${w.bare(width, 'part')}`;

/** Rough boards to buy. */
interface Bought {
  readonly feet: number;
  readonly metres: number;
  readonly boardFeet: number;
  readonly cubicMetres: number;
}

/** In the measures of the job: feet and board feet, or metres and cubic metres. */
function bought(p: Bought, { unit }: Words): string {
  return unit === 'in'
    ? `${p.feet.toFixed(1)} ft · ${p.boardFeet.toFixed(1)} board ft`
    : `${p.metres.toFixed(2)} m · ${p.cubicMetres.toFixed(4)} m³`;
}

/** The line on a page by which its print is checked. */
const CHECKS = { in: '4 in', mm: '100 mm' } as const;

/** What stands on printed pages beside names and sizes. */
export const PAPER = {
  'paper/caution':
    'Guards on, push stick at hand, small parts from a long strip with a sled. The saw’s manual and local rules decide.',
  'paper/bench-card': 'bench card',
  'paper/cut-list': 'cut list',
  'paper/labels': 'labels',
  'paper/sheets': 'sheets',
  'paper/solid-view': 'solid view',
  'paper/story-stick': 'story stick',
  'paper/templates': 'templates',
  'paper/of-job': ({ job, what }: { job: string; what: Said }, w: Words) => `${job}: ${w.say(what)}`,
  'paper/as-built': 'as built',
  'paper/forecast': 'FORECAST: planned sizes',
  'paper/part-forecast': 'in part a FORECAST',
  'paper/page': ({ page, of }: { page: number; of: number }) => `page ${page} of ${of}`,
  'paper/tile': ({ page, of }: { page: number; of: number }) => `page ${page} of ${of}, from the bottom up`,
  'paper/page-below': 'on the page below',
  'paper/next-page': 'on the next page',
  'paper/check': (_: object, w: Words) => CHECKS[w.unit],
  'paper/size-mark': (_: object, w: Words) => `${CHECKS[w.unit]} when printed at full size`,
  'paper/bank': (p: { job: string; owner: string; bank: Said | undefined; planned: boolean }, w: Words) =>
    `${p.job} · ${p.owner}${p.bank ? `, ${w.say(p.bank)}` : ''}${p.planned ? ' · PLANNED, a forecast' : ''}`,
  'paper/size': by,
  'paper/section': ({ drawer }: { drawer: number }) => `Drawer ${drawer}, cut from front to back`,
  'paper/spacers': ({ spacing }: { spacing: Said }, w: Words) => `Spacers, ${w.say(spacing)}`,
  'paper/no-spacer': ({ number }: { number: number }) => `${number}. spacer`,
  'paper/fence': ({ number }: { number: number }) => `${number}. fence at`,
  'paper/list-heading': (_: object, { unit }: Words) =>
    `Cut list · ${unit === 'in' ? 'inches' : 'millimetres'} · as sawn`,
  'paper/unsized': ({ count }: { count: number }) =>
    `${count} parts have no size yet: HOLD until what stops them is mended.`,
  'paper/material': (p: { thickness: Length; count: number; grain: boolean }, w: Words) =>
    `${w.exact(p.thickness)} thick · ${w.count(p.count, { one: 'part', other: 'parts' })}${p.grain ? ' · grain along' : ''}`,
  'paper/panel': (p: { size: Size | Said; up: boolean; fronts: readonly string[] }, w: Words) => {
    const size = 'code' in p.size ? `HOLD, ${w.say(p.size)}` : by(p.size, w);
    return `One panel ${size}, ${p.up ? 'grain up' : 'grain across'}: its fronts from the top down ${p.fronts.join(', ')}, one after the other`;
  },
  'paper/cut-done': ({ count }: { count: number }) => `${count} cut`,
  /** “sides of 1, 2, 3”. */
  'paper/served': (
    p: { parts: readonly { part: Said; of: readonly { bank: readonly string[]; place: number }[] }[] },
    w: Words,
  ) =>
    p.parts
      .map(({ part, of }) => {
        const drawers = of.map(({ bank, place }) => [...bank, place + 1].join(' '));
        return of.length === 0 ? w.say(part) : `${w.say(part)} of ${drawers.join(', ')}`;
      })
      .join('; '),
  'list-column/rip': 'Rip to',
  'list-column/cut': 'Cut to',
  'list-column/count': 'Count',
  'list-column/parts': 'Parts, of which drawers',
  'paper/is-forecast':
    'FORECAST: by planned sizes, good for buying and pricing. Nothing is cut by them until the case is measured.',
  'paper/to-buy': 'Sheets to buy',
  'paper/to-buy-told': 'whole sheets',
  'paper/to-buy-row': (p: { sheets: number; material: Said; size: Size; by: 'layout' | 'area' }, w: Words) =>
    `${p.sheets} × ${w.say(p.material)}, ${by(p.size, w)}: ${p.by === 'layout' ? 'as laid out' : 'by area, a fifth more for waste'}`,
  'paper/settings': 'Saw settings',
  'paper/settings-told': 'longest first, each set once',
  'paper/fences': 'Fence',
  'paper/stops': 'Stop',
  'paper/past-stop': ({ sizes }: { sizes: readonly Length[] }, w: Words) =>
    `Past the stop: ${sizes.map((size) => w.bare(size, 'part')).join('; ')}. Stack those parts, flush one end, and cut them together.`,
  'paper/by-blade': 'Grooves and rabbets by the blade',
  'paper/by-blade-told': ({ kerf }: { kerf: Length }, w: Words) =>
    `kerf ${w.size(kerf, 'reading')}; depth is the blade’s height`,
  'paper/boards': (p: Bought, w: Words) => `boards, over size · ${bought(p, w)}`,
  'boards/bought': bought,
  'paper/glue-up': (
    p: { size: Size; boards: number; wide: Length; fronts: number; part: Said | undefined },
    w: Words,
  ) =>
    `Glue up ${by(p.size, w)} from ${p.boards} of ${w.bare(p.wide, 'part')} for ${p.part ? `the ${w.say(p.part)}` : w.count(p.fronts, { one: 'front', other: 'fronts' })}.`,
  'paper/no-dowel': (p: { clear: Length; lines: readonly Length[]; up: boolean }, w: Words) =>
    `No dowel within ${w.bare(p.clear, 'gap')} of a cut line: ${p.lines.map((line) => w.bare(line, 'part')).join('; ')} from its upper ${p.up ? 'end' : 'edge'}.`,
  'paper/board-parts': (p: { count: number; size: Size; rough: Length; what: Said }, w: Words) =>
    `${p.count} × ${w.bare(p.size.length, 'part')} long, ${w.bare(p.size.width, 'part')} wide, from ${w.bare(p.rough, 'part')} rough: ${w.say(p.what)}`,
  'paper/arrow-to': ({ edge }: { edge: Said }, w: Words) => `arrow to the ${w.say(edge)}`,
  'lies/inside': 'inside',
  'lies/inside-up': 'inside up',
  'lies/show-face': 'show face',
  'lies/towards-box': 'towards the box',
  'lies/underside': 'underside',
  'lies/top': 'top',
  'lies/face': 'face',
  'lies/right-face': 'right face',
  'edge/front-end': 'front end',
  'edge/top-edge': 'top edge',
  'edge/front-edge': 'front edge',
  'edge/top-end': 'top end',
  'paper/no-sheets': 'There is nothing to lay out.',
  'paper/sheet': (p: { size: Size; whole: boolean; kerf: Length; trim: Length }, w: Words) =>
    `${by(p.size, w)}, ${p.whole ? 'a whole sheet' : 'from the rack'} · kerf ${w.bare(p.kerf, 'gap')}, trim ${w.bare(p.trim, 'gap')}`,
  'paper/sheet-number': ({ job, number }: { job: string; number: number }) => `${job}: sheet ${number}`,
  'paper/held-part': ({ part }: { part: Said }, w: Words) => `${w.say(part)} HOLD`,
  'paper/saw-order': ({ settings }: { settings: number }) =>
    `In this order, what lies at one setting together. ${settings === 1 ? 'The saw is set once.' : `The saw is set ${settings} times.`}`,
  'paper/held-cuts':
    'Parts on this sheet are held, and the saw’s settings with them: print it again when they are released.',
  'paper/more-cuts': ({ count }: { count: number }) => `… and ${count} more cuts, on the screen`,
  'paper/trim': (p: { rip: boolean; by: Length }, w: Words) =>
    `trim both ${p.rip ? 'long edges' : 'ends'} by ${w.bare(p.by, 'gap')}`,
  'paper/cut': (p: { rip: boolean; at: Length; times: number; of: Size }, w: Words) =>
    `${p.rip ? 'rip' : 'cut'} ${w.bare(p.at, 'part')}${p.times > 1 ? ` × ${p.times}` : ''} of ${by(p.of, w)}`,
  'paper/template': (p: { bank: string; template: Said; places: readonly number[] }, w: Words) =>
    `${p.bank} · ${w.say(p.template)}, ${w.form(p.places.length, { one: 'drawer', other: 'drawers' })} ${p.places.join(', ')}`,
  'paper/case-template': ({ job, owner, template }: { job: string; owner: string; template: Said }, w: Words) =>
    `${job} · ${owner} · ${w.say(template)}`,
  'paper/case-stick': ({ job, owner, way }: { job: string; owner: string; way: 'up' | 'across' }) =>
    `${job} · ${owner}, the case ${way === 'up' ? 'up from the floor' : 'across from its left face'}`,
  'paper/parts-of-case': 'Parts of the case',
  'paper/no-templates':
    'This job has no pulls, no undermount backs, no slides with screws, no pin rows and no notches.',
};
