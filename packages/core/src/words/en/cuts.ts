import type { Length, Said } from '../../length';
import type { Words } from '../words';

const KINDS = {
  'cut/rabbet': 'rabbet',
  'cut/dado': 'dado',
  'cut/tongue': 'tongue',
  'cut/tails': 'tails',
  'cut/mitre': 'mitre',
  'cut/bevel': 'bevel',
  'cut/grip': 'grip',
  'cut/groove': 'groove',
  'cut/notch': 'notch',
  'cut/bore': 'bore',
  'cut/pin-hole': 'pin holes',
  'cut/cut-out': 'hole',
  'cut/cup': 'cup of a hinge',
  'cut/plate': 'plate of a hinge',
  'cut/pull': 'bore for the pull',
  'cut/batten-groove': 'batten-groove',
};

const PLACES = {
  'cut-at/lower edge': 'lower edge',
  'cut-at/both edges': 'both edges',
  'cut-at/front end': 'front end',
  'cut-at/back end': 'back end',
  'cut-at/both ends': 'both ends',
  'cut-at/lower corners': 'lower corners',
  'cut-at/middle': 'middle',
  'cut-at/upper edge': 'upper edge',
  'cut-at/inner edge': 'inner edge',
  'cut-at/both inner edges': 'both edges',
  'cut-at/all round the back': 'back, all round',
};

interface CutParams {
  readonly kind: keyof typeof KINDS;
  readonly at: keyof typeof PLACES;
}

interface SawCutParams {
  readonly kind: keyof typeof KINDS;
  readonly width: Length;
  readonly depth: Length;
  readonly first: Length;
  readonly last: Length;
  readonly passes: number;
  readonly centred: boolean;
  readonly tooNarrow: boolean;
  readonly served: Said;
  readonly count: number;
}

/** What is worked into a part, and where. */
export const CUTS = {
  /** Which face of a part of a case is drawn, and where its front edge is (of a door what stands: its left edge). */
  'face-seen': ({ face }: { face: 'left' | 'right' | 'upper' | 'lower' | 'front' | 'back' }) =>
    face === 'back'
      ? 'back face seen, left edge below'
      : face === 'front'
        ? 'front face seen'
        : `${face} face seen, front edge ${face === 'left' ? 'above' : 'below'}`,
  ...KINDS,
  ...PLACES,
  'cut-listed': ({ kind, at }: CutParams) => `${KINDS[kind]} (${PLACES[at]})`,
  /** As it is written on a part whose cut is not drawn. */
  'cut-noted': ({ kind, at, depth }: CutParams & { readonly depth: Length | undefined }, w: Words) =>
    `${KINDS[kind]}${depth === undefined ? '' : ` ${w.exact(depth)} deep`}, ${PLACES[at]}`,
  /** “groove 7/32 wide, 7/32 deep: fence 1/2, then 19/32, 2 passes · sides of 1, 2”. */
  'saw-cut': (p: SawCutParams, w: Words) => {
    const last =
      p.last === p.first ? '' : p.passes > 2 ? ` … ${w.bare(p.last, 'gap')}` : `, then ${w.bare(p.last, 'gap')}`;
    const passes = p.tooNarrow ? 'with a cutter as narrow as it' : w.count(p.passes, { one: 'pass', other: 'passes' });
    const turned = p.centred ? ', turned round and cut again' : '';
    return `${KINDS[p.kind]} ${w.bare(p.width, 'reading')} wide, ${w.bare(p.depth, 'reading')} deep: fence ${w.bare(p.first, 'gap')}${last}, ${passes}${turned} · ${w.say(p.served)} (${p.count})`;
  },
  'grain/along': 'along the length',
  'grain/any': 'any',
};
