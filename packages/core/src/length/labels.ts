import { plain, type Said } from './said';

/** Where a reading was taken: at a drawer's level (0 is the top one), and at which ends of the opening. */
export interface ReadAt {
  readonly level?: number;
  readonly places: readonly string[];
}

type Edge = 'top' | 'bottom' | 'left' | 'right';

/** What terms of a tally are called that are about something; places count from 0. */
export interface LabelParams {
  readonly 'thickness-of-end': { readonly end: 'front' | 'back' };
  readonly 'half-thickness-of-end': { readonly end: 'front' | 'back' };
  readonly 'lap-at': { readonly edge: Edge };
  readonly 'gap-at': { readonly edge: Edge };
  readonly 'room-at-end': { readonly edge: Edge };
  readonly 'front-of': { readonly place: number };
  readonly 'fronts-of-bank': { readonly place: number };
  /** The governing reading of a size, of how many. */
  readonly 'size-of-opening': { readonly size: 'width' | 'height' | 'depth'; readonly of: number; readonly at: ReadAt };
  readonly 'width-measured': ReadAt;
  readonly 'between-slides-measured': ReadAt;
  /** What is stored, by its name. */
  readonly stored: { readonly name: string };
  /** A material of the job, by its name. */
  readonly material: { readonly name: string };
  /** `rise` in per cent of moisture. */
  readonly growth: { readonly species: string; readonly rise: number };
  readonly 'share-of-length': { readonly share: number };
}

/** What terms of a tally are called that are about nothing but themselves. */
export const PLAIN_LABELS = [
  'above-bottom-underside',
  'air-above-stored',
  'bay',
  'bearing',
  'below-top-edge',
  'bore',
  'bottom',
  'bottom-applied-below',
  'bottom-bay',
  'bottom-bay-above',
  'bottom-wanted',
  'bottom-which-back-stands-on',
  'box-back',
  'box-front',
  'box-height',
  'box-height-by-hand',
  'box-length',
  'box-shorter-than-slide',
  'box-width',
  'box-width-as-made',
  'by-contents',
  'by-ratio',
  'centre-line-slide',
  'clear-above',
  'clear-below',
  'clear-below-box-above',
  'clear-bottom',
  'clearance',
  'comes-out',
  'dado',
  'dado-at-back',
  'deeper-by',
  'depth-groove',
  'depth-joint',
  'depth-opening',
  'divider',
  'down-to-height-step',
  'drawer-front',
  'drawer-front-inset',
  'ease',
  'edge-band',
  'edge-face-frame',
  'equal-share',
  'first-hole',
  'floor-opening',
  'front',
  'front-above',
  'front-beyond-clear',
  'gap',
  'gap-above',
  'gap-between-fronts',
  'groove',
  'groove-above-lower-edge',
  'groove-for-batten',
  'groove-for-bottom',
  'half-bore-centres',
  'half-box-height',
  'half-divider-less-gap',
  'half-front-height',
  'half-front-width',
  'half-gap-below',
  'half-inside-width-less-muntin',
  'half-rail-above',
  'half-rail-below',
  'half-slide-height',
  'half-thickness-it-is-cut-in',
  'height-batten',
  'height-between-lines',
  'height-build-out',
  'height-front',
  'height-opening',
  'height-runner',
  'height-shared-with-another-box',
  'height-slide-below',
  'height-to-share',
  'held-down-at-most',
  'held-up-at-least',
  'held-up-by-contents',
  'highest',
  'hollow-behind-panel',
  'in-from-side-inner-face',
  'inside-above-box-edge',
  'inside-length',
  'inside-width',
  'kerf',
  'lap-at-left-it',
  'lap-at-right-it',
  'left',
  'left-by-line',
  'left-off-by',
  'left-side',
  'length',
  'length-slide',
  'line-above-lower-edge',
  'line-batten',
  'locked',
  'lost-at-back-corner',
  'lost-at-front-corner',
  'lower-edge-box',
  'lower-edge-front',
  'lower-edge-slide',
  'lower-edge-slide-below',
  'lowest',
  'measured',
  'middle-gap-above',
  'most-that-looks-right',
  'narrowest',
  'narrowest-reading',
  'nominal-length-slide',
  'notch',
  'opening',
  'over-travel',
  'overhang-top',
  'packing',
  'panel-of-front',
  'planed-to-fit',
  'play',
  'purchase-in-pull',
  'quarter-front-width',
  'rail',
  'reach-into-side',
  'reading',
  'reveal',
  'right',
  'right-off-by',
  'rise',
  'room-behind',
  'sag-in-middle',
  'set-back',
  'set-back-by-hand',
  'set-back-by-hand-over-usual',
  'set-back-slide',
  'short-face',
  'side',
  'size',
  'slide',
  'slide-height',
  'slide-to-inside-width',
  'step',
  'stile',
  'strip-cut-out',
  'thickness',
  'thickness-batten',
  'third-box-height',
  'third-front-height',
  'tied-and-to-increment',
  'to-increment',
  'tongue',
  'top-front-by-scheme',
  'trim',
  'under-back',
  'upper-edge-slide-below',
  'usual-screw',
  'wanted',
  'what-slides-take',
  'whole-length',
  'widest',
  'widest-reading',
  'widest-that-runs-true',
  'width',
  'width-front',
  'width-muntin',
  'width-opening',
  'written',
] as const;

export type PlainLabel = (typeof PLAIN_LABELS)[number];
export type LabelCode = PlainLabel | keyof LabelParams;

/** What a term is called, as a code with what it is about. */
export type Label = Said<LabelCode>;

/** A label about something. */
export function label<C extends keyof LabelParams>(code: C, params: LabelParams[C]): Label {
  return { code, params };
}

/** A label as it is written down: its code alone will do where it is about nothing else. */
export function asLabel(given: PlainLabel | Label): Label {
  return typeof given === 'string' ? plain(given) : given;
}
