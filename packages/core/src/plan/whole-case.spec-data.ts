const box = {
  ...{ sides: 'ply12', ends: 'ply12', bottom: 'ply6', corner: { joint: 'butt-sides-run' }, bottomFit: 'captured' },
  ...{ groove: { depth: '1/4 in', offset: '3/8 in' }, play: '1/16 in' },
};
const front = { mount: 'overlay', top: '1/2 in', bottom: '5/16 in', left: '1/2 in', right: '1/2 in', gap: '1/8 in' };

/** A bank of a made-up case, standing in a compartment. */
export const wholeBank = (id: string, compartment: string, drawers: number, more: object = {}) => ({
  ...{ id, compartment, basis: 'planned', slide: { family: 'side-ball-bearing', lengths: 'in' }, box },
  front: { ...front, material: 'ash19' },
  division: { scheme: 'equal', increment: '1/16 in' },
  drawers: Array.from({ length: drawers }, (_, index) => ({ id: `d${index + 1}` })),
  ...more,
});

const material = (id: string, thickness: string, kind = 'plywood') => ({ id, name: `${id} made up`, kind, thickness });

/** How a made-up case is made and divided. */
export const WHOLE_CASE = {
  build: {
    ...{ width: '60 in', height: '34 1/2 in', depth: '23 1/4 in', panel: 'ply18' },
    base: { kind: 'toe-kick', height: '3 1/2 in', setback: '3 in', board: { material: 'ply18', run: 'between' } },
    stands: { kind: 'feet', height: '3/4 in', most: '2 in' },
    bottom: { kind: 'between' },
    top: { kind: 'stretchers', lie: 'flat', width: '4 in', count: 2 },
    joint: { kind: 'dado', depth: '1/4 in', fixing: 'glue' },
    back: { kind: 'rabbeted', material: 'ply6', depth: '3/8 in' },
    frame: {
      ...{ material: 'ash19', stile: '1 3/4 in', middle: '1 1/2 in', topRail: '1 1/2 in', bottomRail: '1 1/2 in' },
      ...{ rail: '3/4 in', over: '1/8 in', tenon: '0 in' },
    },
  },
  layout: {
    id: 'front',
    across: [
      { id: 'left', size: '17 in' },
      { id: 'right', down: [{ id: 'upper', size: '4 1/2 in' }, { id: 'lower' }], between: 'rail' },
    ],
  },
};

/** A job of one such case. */
export const wholeJob = (
  over: object = WHOLE_CASE,
  banks: readonly object[] = [wholeBank('b1', 'upper', 1), wholeBank('b2', 'lower', 3)],
  more: object = {},
) => ({
  ...{ format: 'zabble-job', version: 1, name: 'Stitching bench', unit: 'in' },
  materials: [
    ...[material('ply18', '17.7 mm'), material('ply12', '11.8 mm'), material('ply6', '5.6 mm')],
    material('ash19', '3/4 in', 'solid'),
  ],
  cases: [{ id: 'c1', name: 'Bench', style: 'face-frame', banks, ...over }],
  ...more,
});
