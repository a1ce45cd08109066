import type { Length } from '../../length';
import type { Words } from '../words';

const KINDS = {
  'cut/rabbet': 'rabbet',
  'cut/dado': 'dado',
  'cut/tongue': 'tongue',
  'cut/tails': 'tails',
  'cut/groove': 'groove',
  'cut/notch': 'notch',
  'cut/bore': 'bore',
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
};

interface CutParams {
  readonly kind: keyof typeof KINDS;
  readonly at: keyof typeof PLACES;
}

/** What is worked into a part, and where. */
export const CUTS = {
  ...KINDS,
  ...PLACES,
  'cut-listed': ({ kind, at }: CutParams) => `${KINDS[kind]} (${PLACES[at]})`,
  /** As it is written on a part whose cut is not drawn. */
  'cut-noted': ({ kind, at, depth }: CutParams & { readonly depth: Length | undefined }, w: Words) =>
    `${KINDS[kind]}${depth === undefined ? '' : ` ${w.exact(depth)} deep`}, ${PLACES[at]}`,
  'grain/along': 'along the length',
  'grain/any': 'any',
};
