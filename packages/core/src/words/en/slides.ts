/** The built-in slides. */
export const SLIDES = {
  'slide/side-ball-bearing': 'Side-mount, ball bearing',
  'slide/side-light': 'Side-mount, light',
  'slide/side-heavy': 'Side-mount, heavy',
  'slide/roller-corner': 'Roller, under the corner',
  'slide/undermount-16': 'Undermount, sides to 16 mm',
  'slide/undermount-19': 'Undermount, sides to 19 mm',
  'slide/centre-mount': 'Centre-mount, one rail',
  'slide/wood-runner': 'Wooden runner',
  'slide/side-hung': 'Side-hung on battens',
  'slide/side-over-travel': 'Side-mount, over-travel',
};

export type SlideCode = keyof typeof SLIDES;
