import { inches, inMillimetres, millimetres, type Length } from '../length';
import type { BuildOf, Material, NodeOf } from '../job';
import { planCasework, type CaseStock } from '.';

const i = (whole: number, numerator = 0, denominator = 1): Length =>
  (inches(whole) + inches(numerator, denominator)) as Length;
const material = (id: string, thickness: Length): Material => ({ id, name: id, kind: 'plywood', thickness });
const MATERIALS = [
  material('ply18', millimetres(17.7)),
  material('ply6', millimetres(5.6)),
  material('ash19', i(0, 3, 4)),
];

const BUILD: BuildOf<Length> = {
  width: i(60),
  height: i(34, 1, 2),
  depth: i(23, 1, 4),
  panel: 'ply18',
  base: { kind: 'toe-kick', height: i(3, 1, 2), setback: i(3), board: { material: 'ply18', run: 'between' } },
  stands: { kind: 'feet', height: i(0, 3, 4), most: i(2) },
  bottom: { kind: 'between' },
  top: { kind: 'stretchers', lie: 'flat', width: i(4), count: 2 },
  joint: { kind: 'dado', depth: i(0, 1, 4), fixing: 'glue' },
  back: { kind: 'rabbeted', material: 'ply6', depth: i(0, 3, 8) },
  frame: {
    material: 'ash19',
    stile: i(1, 3, 4),
    middle: i(1, 1, 2),
    topRail: i(1, 1, 2),
    bottomRail: i(1, 1, 2),
    rail: i(0, 3, 4),
    over: i(0, 1, 8),
    tenon: i(0),
  },
  worktop: {
    material: 'ply18',
    over: { front: i(1), left: i(1), right: i(1), back: i(0) },
    trim: { material: 'ash19', width: i(1, 1, 2), edges: ['front', 'left', 'right'], corner: 'butt' },
  },
};
const LAYOUT: NodeOf<Length> = {
  id: 'front',
  across: [
    { id: 'left', size: i(17) },
    { id: 'right', down: [{ id: 'upper', size: i(4, 1, 2) }, { id: 'lower' }], between: 'rail' },
  ],
};

function planned(build: Partial<BuildOf<Length>> = {}, layout: NodeOf<Length> = LAYOUT, more: Partial<CaseStock> = {}) {
  const stock: CaseStock = {
    build: { ...BUILD, ...build },
    style: 'face-frame',
    shelves: [],
    unit: 'in',
    materials: MATERIALS,
    path: 'cases[0]',
    ...more,
  };
  return planCasework(stock, layout);
}
const WITHOUT_FRAME = { frame: undefined, worktop: undefined } as unknown as Partial<BuildOf<Length>>;
type Planned = ReturnType<typeof planned>;
/** `role [node] count × length × width` in millimetres. */
const listed = ({ members }: Planned): readonly string[] =>
  members.map(
    ({ role, node, count, length, width }) =>
      `${role}${node === undefined ? '' : ` ${node}`}: ${count} × ${inMillimetres(length.total)} × ${inMillimetres(width.total)}`,
  );
const sizeOf = (plan: Planned, role: string): readonly number[] => {
  const found = plan.members.find((member) => member.role === role);
  return found ? [inMillimetres(found.length.total), inMillimetres(found.width.total)] : [];
};

// Reckoned by hand from the definitions in docs/job-file.md; no published source.
describe('a stitching bench of 60 in, with a face frame', () => {
  const plan = planned({}, LAYOUT, { shelves: [{ compartment: 'left', count: 2 }] });

  it('has its openings where the frame leaves them', () => {
    expect(
      plan.openings.map(({ compartment: { id, x, y, width, height }, depth, buildOut }) => [
        id,
        ...[x, y, width.total, height.total, depth.total, buildOut.left, buildOut.right].map(inMillimetres),
      ]),
    ).toEqual([
      ['left', 41.275, 146.05, 431.8, 692.15, 584.95, 23.575, 10.2],
      ['upper', 511.175, 723.9, 971.55, 114.3, 584.95, 10.2, 23.575],
      ['lower', 511.175, 146.05, 971.55, 558.8, 584.95, 10.2, 23.575],
    ]);
  });

  it('has these parts, and no others', () => {
    expect(listed(plan)).toEqual([
      'case-side-left: 1 × 857.25 × 571.5',
      'case-side-right: 1 × 857.25 × 571.5',
      'case-bottom: 1 × 1501.3 × 565.9',
      'stretcher: 2 × 1488.6 × 101.6',
      'divider left: 1 × 739.3 × 565.9',
      'case-rail upper: 2 × 1005.325 × 76.2',
      'case-back: 1 × 768.35 × 1507.65',
      'kick-board: 1 × 1488.6 × 87.3125',
      'frame-stile: 2 × 768.35 × 44.45',
      'frame-rail: 2 × 1441.45 × 38.1',
      'frame-middle-stile left: 1 × 692.15 × 38.1',
      'frame-middle-rail upper: 1 × 971.55 × 19.05',
      'worktop: 1 × 1536.7 × 596.9',
      'worktop-trim: 1 × 1574.8 × 38.1',
      'worktop-trim: 2 × 596.9 × 38.1',
      'shelf left: 2 × 462.4 × 559.55',
    ]);
  });

  it('stands on six feet', () => expect(plan.feet).toBe(6));
});

describe('ways of making a case', () => {
  it('lies its top over the sides and its bottom under them', () => {
    const plan = planned({
      ...WITHOUT_FRAME,
      top: { kind: 'over' },
      bottom: { kind: 'under' },
      base: { kind: 'none' },
    });
    // 876.3 − 17.7 − 17.7 − 19.05
    expect(sizeOf(plan, 'case-side-left')).toEqual([821.85, 590.55]);
    expect([sizeOf(plan, 'case-top'), sizeOf(plan, 'case-bottom')]).toEqual([
      [1524, 590.55],
      [1524, 590.55],
    ]);
    // 876.3 − 19.05 − 17.7 − 17.7
    expect(sizeOf(plan, 'case-back')).toEqual([821.85, 1507.65]);
  });

  it('has its back applied, shy of every edge; or in a groove, with the depth that costs', () => {
    const applied = planned({ back: { kind: 'applied', material: 'ply6', shy: millimetres(1) } });
    expect(sizeOf(applied, 'case-back')).toEqual([766.35, 1522]);
    // 590.55 − 19.05 − 5.6
    expect(sizeOf(applied, 'case-side-left')[1]).toBe(565.9);
    const grooved = planned({
      back: { kind: 'grooved', material: 'ply6', depth: millimetres(6), set: millimetres(20), play: millimetres(1) },
    });
    // 1524 − 35.4 + 12 − 1
    expect(sizeOf(grooved, 'case-back')).toEqual([768.35, 1499.6]);
    expect(sizeOf(grooved, 'case-bottom')[1]).toBe(545.9);
    expect(sizeOf(grooved, 'case-side-left')[1]).toBe(571.5);
  });

  it('lets rails of the frame run through, with tenons where they enter', () => {
    const tenon = millimetres(10);
    const plan = planned({ frame: { ...BUILD.frame!, through: 'rails', tenon } });
    // 768.35 − 38.1 + 10; 1524 + 6.35; 1441.45 + 20; 692.15 + 20
    expect(sizeOf(plan, 'frame-stile')).toEqual([740.25, 44.45]);
    expect(listed(plan).filter((each) => each.startsWith('frame-rail'))).toEqual([
      'frame-rail: 1 × 1530.35 × 38.1',
      'frame-rail: 1 × 1461.45 × 38.1',
    ]);
    expect(sizeOf(plan, 'frame-middle-stile')[0]).toBe(712.15);
  });

  it('runs dividers up round upright stretchers', () => {
    const plan = planned({ top: { kind: 'stretchers', lie: 'upright', width: i(3) } });
    // 876.3 − 125.65 + 6.35
    expect(sizeOf(plan, 'divider')[0]).toBe(757);
    expect(inMillimetres(plan.outline.ceiling)).toBe(800.1);
  });

  it('lets shelves into the uprights beside them, and dividers into shelves', () => {
    const plan = planned(WITHOUT_FRAME, {
      id: 'front',
      down: [{ id: 'top', size: i(6), across: [{ id: 'a' }, { id: 'b' }] }, { id: 'low' }],
    });
    // 1524 − 35.4 + 12.7; depth 590.55 − 5.6
    expect(sizeOf(plan, 'fixed-shelf')).toEqual([1501.3, 584.95]);
    // Clear 152.4, let into the shelf below it; above are stretchers.
    expect(sizeOf(plan, 'divider')).toEqual([158.75, 584.95]);
    expect(plan.openings.map(({ buildOut }) => [buildOut.left, buildOut.right])).toEqual(Array(3).fill([0, 0]));
  });

  it('takes the width from a space, with fillers that can be shaped to the walls', () => {
    const place = { width: [i(61), i(61, 1, 8)], fillers: { left: i(0, 1, 2), right: i(0, 1, 2) }, scribe: i(0, 3, 8) };
    const { width: _, ...build } = BUILD;
    const plan = planCasework(
      { build: { ...build, place }, style: 'face-frame', shelves: [], unit: 'in', materials: MATERIALS, path: 'c' },
      LAYOUT,
    );
    // 1549.4 − 25.4 − 6.35; (1552.575 − 1517.65 − 6.35) / 2 + 9.525
    expect(inMillimetres(plan.outline.width.total)).toBe(1517.65);
    expect(sizeOf(plan, 'filler')).toEqual([768.35, 23.8125]);
  });

  it('stands on a plinth made apart, or on legs with aprons', () => {
    const plinth = planned({
      base: { kind: 'none' },
      stands: { kind: 'plinth', height: i(4), setback: i(2), inLeft: i(1), inRight: i(1) },
    });
    // 1524 − 50.8; 590.55 − 50.8 − 35.4
    expect([sizeOf(plinth, 'plinth-front'), sizeOf(plinth, 'plinth-end')]).toEqual([
      [1473.2, 101.6],
      [504.35, 101.6],
    ]);
    const stands = { kind: 'legs', height: i(6), size: i(2), apron: i(3), tenon: i(1) } as const;
    const legs = planned({ base: { kind: 'none' }, stands });
    expect(listed(legs).filter((each) => /leg|apron/.test(each))).toEqual([
      'leg: 4 × 152.4 × 50.8',
      'apron: 2 × 1473.2 × 76.2',
      'apron: 2 × 539.75 × 76.2',
    ]);
    expect(legs.feet).toBe(0);
  });

  it('leaves trims their outer length where they are mitred', () => {
    const worktop = { ...BUILD.worktop!, trim: { ...BUILD.worktop!.trim!, corner: 'mitre' as const } };
    expect(listed(planned({ worktop })).filter((each) => each.startsWith('worktop-trim'))).toEqual([
      'worktop-trim: 1 × 1574.8 × 38.1',
      'worktop-trim: 2 × 615.95 × 38.1',
    ]);
  });

  it('cuts a banded member smaller by its band, on the edges that have one', () => {
    const band = { thickness: millimetres(1), members: { 'case-bottom': ['front', 'left'] as const } };
    const bottom = planned({ band }).members.find(({ role }) => role === 'case-bottom');
    expect([bottom?.blank?.length.total, bottom?.blank?.width.total].map((each) => inMillimetres(each!))).toEqual([
      1500.3, 564.9,
    ]);
  });

  it('makes a kick board that can be shaped to a floor that falls away', () => {
    const floor = [i(0), i(0, 1, 4), i(0), i(0, 3, 8)];
    // 87.3125 + 9.525 + 9.525
    expect(sizeOf(planned({ floor }), 'kick-board')).toEqual([1488.6, 106.3625]);
  });
});
