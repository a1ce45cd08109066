import fc from 'fast-check';
import { memberParts } from '../cutting';
import { drawLid, drawLidGauges } from '../drawing';
import { millimetres } from '../length';
import { caseFixings, plan, planDocument, readJobDocument } from '../plan';
import { wholeJob } from '../plan/whole-case.spec-data';
import { movedBy, solidOf } from '../solid';
import { ENGLISH, wordsIn } from '../words';

const BUILD = {
  ...{ width: '900 mm', height: '500 mm', depth: '450 mm', panel: 'ply18' },
  ...{ joint: { kind: 'butt' }, top: { kind: 'none' }, back: { kind: 'applied', material: 'ply6' } },
};
const LID = { id: 'l1', material: 'ash19', front: '20 mm', left: '10 mm', right: '10 mm', strip: '60 mm', stay: true };

function planned(lid: object, more: object = {}, room?: object) {
  const owner = {
    id: 'c1',
    name: 'Sail chest',
    style: 'frameless',
    build: BUILD,
    layout: { id: 'in' },
    banks: [],
    ...more,
  };
  const job = { ...wholeJob({}, [], { unit: 'mm' }), cases: [{ ...owner, lids: [lid] }], ...(room ? { room } : {}) };
  const read = readJobDocument(JSON.parse(JSON.stringify(job)));
  if (!read.ok) throw new Error(JSON.stringify(read.errors));
  const made = plan(read.job);
  const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(0.5) });
  const [written] = planDocument(made, words).cases;
  const [owned] = made.cases;
  return {
    job: read.job,
    made,
    owner: owned!,
    lid: (written as unknown as { lids: Record<string, never>[] }).lids[0]!,
    cut: memberParts(read.job, made),
    of: (code: string) => owned!.findings.filter((each) => each.code === code),
  };
}

const THICK = 19.05;

/** Another way to the same: both corners of its front edge turned about the line a hundredth of a degree at a time. */
function simulated(long: number, thick: number, opens: number) {
  let [rise, leans] = [0, 0];
  for (let step = 0; step <= opens * 100; step += 1) {
    const [c, s] = [Math.cos((step * Math.PI) / 18_000), Math.sin((step * Math.PI) / 18_000)];
    for (const y of [0, -thick]) rise = Math.max(rise, long * s + y * c);
    leans = Math.max(leans, -long * c);
  }
  return { rise, leans };
}

describe('a lid', () => {
  it('has a gauge at full size whose edges stand apart by as much as it opens', () => {
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 120 }), (opens) => {
        const { owner } = planned({ ...LID, opens });
        const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(0.5) });
        const [gauge, ...more] = drawLidGauges([...owner.things, ...owner.things], words);
        expect(more).toEqual([]);
        const arms = gauge!.drawing.shapes.filter((shape) => shape.kind === 'line' && shape.role === 'edge');
        const [shut, open] = arms as unknown as readonly { x2: number; y2: number }[];
        const between = ((Math.atan2(shut!.y2, shut!.x2) - Math.atan2(open!.y2, open!.x2)) * 180) / Math.PI;
        expect(between).toBeCloseTo(opens, 6);
        expect(words.say(gauge!.says[0]!)).toContain(`${opens}°`);
      }),
      { numRuns: 20 },
    );
  });

  it('is as large as its case and what it passes it by, less the strip it hangs on; both are cut', () => {
    const { lid, cut } = planned(LID);
    expect(lid).toMatchObject({ width: 920, depth: 450 + 20 - 60, opens: 95 });
    expect((lid as unknown as { line: object }).line).toEqual({ back: 390, up: 519.05 });
    const parts = cut.filter(({ use }) => String(use.role).startsWith('lid'));
    expect(parts.map(({ use, length, width }) => [use.role, length.total / 1e6, width.total / 1e6])).toEqual([
      ['lid', 920, 410],
      ['lid-strip', 920, 60],
    ]);
  });

  it('rises and leans back as far as turning it step by step finds', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 900 }), fc.integer({ min: 10, max: 179 }), (deep, opens) => {
        const build = { ...BUILD, depth: `${deep} mm` };
        const { lid } = planned({ id: 'l1', material: 'ash19', opens, stay: true }, { build });
        const found = simulated(deep, THICK, opens);
        expect(Math.abs(lid['rise']! - found.rise)).toBeLessThan(0.01);
        expect(Math.abs(lid['leans']! - found.leans)).toBeLessThan(0.01);
      }),
      { numRuns: 20 },
    );
  });

  it('stops at a wall behind it and at a shelf over it, at the angle that reckoning finds', () => {
    const at = { x: '0 mm', z: '0 mm' };
    const free = { id: 'l1', material: 'ash19', opens: 120, stay: true };
    // A wall 50 mm behind the case: it leans on it where 450·cosθ = −50. Reckoned apart.
    const wall = { id: 'w', from: ['-500 mm', '-50 mm'], to: ['2000 mm', '-50 mm'] };
    const room = { height: '2400 mm', walls: [wall], things: [] };
    const leaning = planned(free, { at }, room);
    expect(leaning.lid['travel']).toBeCloseTo(90 + (Math.asin(50 / 450) * 180) / Math.PI, 3);
    expect(leaning.lid['stoppedBy']).toBe('room/w');
    // Of a case with nothing but a lid too what stops it is seen.
    expect(solidOf(leaning.job, leaning.made, leaning.owner).around.map(({ name }) => name)).toEqual(['room/w']);
    expect(leaning.of('TRAVEL_LIMITED')).toMatchObject([{ severity: 'warn', remedies: [{ code: 'opens-to' }] }]);
    // A shelf 300 mm over its line, as deep as the case: its front edge comes under it where 450·sinθ = 300.
    const shelf = { id: 's', x: '0 mm', z: '0 mm', y: '819.05 mm', width: '900 mm', depth: '450 mm', height: '20 mm' };
    const under = planned(free, { at }, { height: '2400 mm', walls: [], things: [shelf] });
    expect(under.lid['travel']).toBeCloseTo((Math.asin(300 / 450) * 180) / Math.PI, 3);
    expect(under.of('TRAVEL_LIMITED')).toMatchObject([{ severity: 'stop' }]);
    // The same beside the case is not in its way.
    const beside = planned(free, { at }, { height: '2400 mm', walls: [], things: [{ ...shelf, x: '900 mm' }] });
    expect(beside.lid['travel']).toBe(120);
  });

  it('opens onto nothing where the case is closed, and falls without a stay', () => {
    const { of } = planned({ ...LID, stay: false });
    expect(of('LID_SHUT')).toEqual([]);
    expect(of('LID_FALLS')).toMatchObject([
      { severity: 'warn', remedies: [{ patches: [{ path: 'cases[0].lids[0].stay', value: true }] }] },
    ]);
    expect(planned(LID).of('LID_FALLS')).toEqual([]);
    const closed = planned(LID, { build: { ...BUILD, top: { kind: 'between' } } });
    expect(closed.of('LID_SHUT')).toMatchObject([{ severity: 'stop', params: { over: 'top' } }]);
    // Nothing of it is cut before.
    const held = closed.cut.filter(({ use }) => use.role === 'lid');
    expect(held.map(({ release }) => release)).not.toContain('now');
    const worktop = { ...BUILD, worktop: { material: 'ply18' } };
    expect(planned(LID, { build: worktop }).of('LID_SHUT')).toMatchObject([{ params: { over: 'worktop' } }]);
  });

  it('is bought a long hinge and its stay, drawn shut and open, and turned as a solid about one line', () => {
    const { job, made, owner } = planned(LID);
    expect(caseFixings(job, owner).hardware).toEqual(
      expect.arrayContaining([
        { kind: 'lid-hinge', count: 1 },
        { kind: 'lid-stay', count: 1 },
      ]),
    );
    const solid = solidOf(job, made, owner);
    expect(solid.unplaced).toEqual([]);
    const motion = solid.motions.find(({ kind }) => kind === 'lid')!;
    expect(motion).toMatchObject({ full: 95, reach: 95, name: 'c1/l1' });
    expect(solid.pieces.find(({ role }) => role === 'lid')!.moves).toBe('c1/l1');
    expect(solid.pieces.find(({ role }) => role === 'lid-strip')!.moves).toBeUndefined();
    // Its front edge upright over the line.
    const [x, y, z] = movedBy(motion, 90, [0, 519.05, -20]);
    expect([x, y, z].map((each) => Math.round(each * 1000) / 1000)).toEqual([0, 929.05, 390]);
    const [thing] = owner.things;
    const drawn = drawLid(thing as never, 90, 450);
    expect(Math.max(...drawn.open.map((each) => each.y))).toBeCloseTo(410, 9);
    expect(drawn.way.at(-1)).toMatchObject({ x: expect.closeTo(0, 9), y: expect.closeTo(410, 9) });
  });
});
