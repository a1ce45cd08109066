import type { FaultKind, Measured } from '../job';

/** A habit of the shop that a fault speaks against, and which way it should go. */
export interface Habit {
  readonly setting: 'ease' | 'play' | 'gap' | 'kerf';
  readonly way: 'more' | 'less';
}

/** What is called what, what would have prevented it, and which habit it speaks against where it does. Common practice. */
export const FAULT_WORDS: Readonly<
  Record<FaultKind, { readonly says: string; readonly otherwise: string; readonly habit?: Habit }>
> = {
  'box-wide': {
    says: 'a box came out too wide',
    otherwise: 'Take more ease off the width, and measure the sides’ real thickness.',
    habit: { setting: 'ease', way: 'more' },
  },
  'box-narrow': {
    says: 'a box came out too narrow',
    otherwise: 'Take less ease off the width.',
    habit: { setting: 'ease', way: 'less' },
  },
  'box-out-of-square': {
    says: 'a box came out of square',
    otherwise: 'Measure both diagonals in the clamps, before the glue takes.',
  },
  'bottom-tight': {
    says: 'a bottom did not go in',
    otherwise: 'Give bottoms more play, and measure the groove before they are cut.',
    habit: { setting: 'play', way: 'more' },
  },
  'bottom-loose': {
    says: 'a bottom was loose',
    otherwise: 'Give bottoms less play, and try the groove with the bottom itself.',
    habit: { setting: 'play', way: 'less' },
  },
  'groove-off': {
    says: 'a groove was off its place or depth',
    otherwise: 'Cut a test piece at every change of the saw and measure it.',
  },
  'slide-off': {
    says: 'a slide hung off its line',
    otherwise: 'Set both slides of a drawer on one spacer, and mark the set-back first.',
  },
  'runs-hard': {
    says: 'a drawer runs hard',
    otherwise: 'Measure between the slides at front and back before the boxes are cut.',
  },
  'front-tight': {
    says: 'a front came out tight',
    otherwise: 'Leave a wider gap, and size fronts from the case as it hangs.',
    habit: { setting: 'gap', way: 'more' },
  },
  'front-wide-gap': {
    says: 'a front came out with a wide gap',
    otherwise: 'Size fronts from the case as it hangs.',
    habit: { setting: 'gap', way: 'less' },
  },
  'cut-short': {
    says: 'a part was cut short',
    otherwise: 'Measure the kerf of the blade that is in the saw.',
    habit: { setting: 'kerf', way: 'more' },
  },
  'sheet-off': {
    says: 'a sheet was not its thickness',
    otherwise: 'Measure every sheet in three places and write that down as its thickness.',
  },
  'grain-wrong': { says: 'grain or face lay wrong', otherwise: 'Mark face and front edge on every part as it is cut.' },
  'screw-through': {
    says: 'a screw came through',
    otherwise: 'Measure what the screw passes, and set a stop on the driver.',
  },
  split: { says: 'wood split', otherwise: 'Bore first, and keep screws away from ends and edges.' },
  other: { says: 'something else went wrong', otherwise: 'Write down what you would do otherwise.' },
};

/** What is measured back, in words. */
export const MEASURED_WORDS: Readonly<Record<Measured, string>> = {
  width: 'width of the opening',
  slides: 'between the slides',
  'box-width': 'box width as made',
  groove: 'depth of the groove',
  thickness: 'thickness',
  reveal: 'reveal as hung',
};
