import type { Words } from '../words';

/** The steps of the work, how each stands, and what opens a gate. */
export const STEP_WORDS = {
  'step-of/case': 'Case',
  'step-of/measure': 'Measure',
  'step-of/slides': 'Slides',
  'step-of/divide': 'Divide',
  'step-of/boxes': 'Boxes',
  'step-of/fronts': 'Fronts',
  'step-of/cut': 'Cut',
  'step-of/fit': 'Fit',
  'step-of/price': 'Price',
  'cut-view/saw': 'At the saw',
  'cut-view/sheets': 'Sheets',
  'cut-view/boards': 'Boards',
  'cut-view/rack': 'Rack',
  'cut-view/files': 'Files',
  'fit-view/doors': 'Doors',
  'fit-view/hang': 'Hang',
  'fit-view/measure': 'Measure back',
  'fit-view/fronts': 'Fronts',
  'fit-view/record': 'Record',
  'fit-view/paper': 'On paper',
  'open-gate/survey': 'The space is surveyed, the sheets are measured',
  'open-gate/case-glued': 'The case is glued',
  'open-gate/standing': 'The case stands',
  'open-gate/hinges': 'The hinges are in hand',
  'open-gate/slides': 'The slides are in hand',
  'open-gate/groove': 'The groove is tried',
  'open-gate/glued': 'The boxes are glued',
  'open-gate/hung': 'The boxes are hung',
  'standing/to-mend': ({ count }: { count: number }, w: Words) =>
    `${w.count(count, { one: 'thing', other: 'things' })} to mend`,
  'standing/drawers': ({ count }: { count: number }, w: Words) => w.count(count, { one: 'drawer', other: 'drawers' }),
  'standing/planned': 'planned sizes',
  'standing/as-built': 'as built',
  'standing/kinds': ({ count }: { count: number }, w: Words) => w.count(count, { one: 'kind', other: 'kinds' }),
  'standing/trays': ({ count }: { count: number }, w: Words) => w.count(count, { one: 'tray', other: 'trays' }),
  'standing/fronts': ({ count }: { count: number }, w: Words) => w.count(count, { one: 'front', other: 'fronts' }),
  'standing/heights': ({ count }: { count: number }, w: Words) =>
    w.count(count, { one: 'box height', other: 'box heights' }),
  'standing/mount': ({ mount, pulls }: { mount: 'overlay' | 'inset' | 'none'; pulls: boolean }) =>
    `${{ overlay: 'overlay', inset: 'inset', none: 'trays' }[mount]}${pulls ? ', with pulls' : ''}`,
  'standing/held-by-stops': 'held by what is to mend',
  'standing/held-until-measured': 'held until measured',
  'standing/ready': 'ready for the saw',
  'standing/forecast': 'a forecast',
  'standing/hung': 'boxes hung',
  'standing/to-be-hung': 'to be hung',
};

/** How a step stands. */
export type StandingCode = Extract<keyof typeof STEP_WORDS, `standing/${string}`>;
