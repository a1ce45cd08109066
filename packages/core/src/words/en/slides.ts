import type { Words } from '../words';

/** The built-in slides. Sides are called by their nominal thickness. */
export const SLIDES = {
  'slide/side-ball-bearing': 'Side-mount, ball bearing',
  'slide/side-light': 'Side-mount, light',
  'slide/side-heavy': 'Side-mount, heavy',
  'slide/roller-corner': 'Roller, under the corner',
  'slide/undermount-16': (_: object, w: Words) => `Undermount, sides to ${w.unit === 'in' ? '5/8 in' : '16 mm'}`,
  'slide/undermount-19': (_: object, w: Words) => `Undermount, sides to ${w.unit === 'in' ? '3/4 in' : '19 mm'}`,
  'slide/centre-mount': 'Centre-mount, one rail',
  'slide/wood-runner': 'Wooden runner',
  'slide/side-hung': 'Side-hung on battens',
  'slide/tray-base': 'Under a tray, on the floor',
  'slide/side-over-travel': 'Side-mount, over-travel',
};

export type SlideCode = keyof typeof SLIDES;
