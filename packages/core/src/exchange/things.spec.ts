import fc from 'fast-check';
import { memberParts } from '../cutting';
import { drawCase, drawTiltOut, drawTiltTemplates, drawWholeCase, withThings } from '../drawing';
import { millimetres } from '../length';
import { patched, type Patch } from '../reading';
import { ENGLISH, wordsIn } from '../words';
import { caseFixings, plan, planDocument, readJobDocument } from '../plan';
import { wholeJob } from '../plan/whole-case.spec-data';
import { weightOf } from '../timber';

const BUILD = {
  ...{ width: '600 mm', height: '800 mm', depth: '560 mm', panel: 'ply18' },
  joint: { kind: 'butt' },
  back: { kind: 'applied', material: 'ply6' },
};
const DOOR = { mount: 'overlay', top: '10 mm', left: '10 mm', right: '10 mm', material: 'ply18' };
const BIN = { width: '300 mm', depth: '250 mm', height: '400 mm' };
const TILT = { id: 't1', compartment: 'in', bin: BIN, back: '40 mm', up: '30 mm', angle: 30, door: DOOR };

function planned(more: object, patches: readonly Patch[] = []) {
  const owner = { id: 'c1', name: 'Bin', style: 'frameless', build: BUILD, layout: { id: 'in' }, banks: [], ...more };
  const read = readJobDocument(
    JSON.parse(JSON.stringify(patched({ ...wholeJob({}, [], { unit: 'mm' }), cases: [owner] }, patches))),
  );
  if (!read.ok) throw new Error(JSON.stringify(read.errors));
  const made = plan(read.job);
  const [written] = planDocument(made, wordsIn(ENGLISH, { unit: 'mm', step: made.step })).cases;
  return {
    written: written as unknown as {
      parts: Record<string, unknown>[];
      tiltOuts: Record<string, unknown>[];
      boards: Record<string, unknown>[];
    },
    job: read.job,
    made: made.cases[0]!,
    cut: memberParts(read.job, made),
    of: (code: string) => made.cases[0]!.findings.filter((each) => each.code === code),
  };
}

/** Another way to the same: the bin turned by a hundredth of a degree at a time about its hinge line. Common practice. */
function simulated({ back, up, depth, height }: Record<'back' | 'up' | 'depth' | 'height', number>, angle: number) {
  const turned = (hundredths: number, z: number, y: number) => {
    const [c, s] = [Math.cos((hundredths * Math.PI) / 18_000), Math.sin((hundredths * Math.PI) / 18_000)];
    return [z * c - y * s, z * s + y * c] as const;
  };
  let rise = 0;
  for (let step = 0; step <= angle * 100; step += 1)
    for (const z of [back, back + depth]) {
      const [from, high] = turned(step, z, up + height);
      if (from >= 0) rise = Math.max(rise, high);
    }
  const mouth = Array.from(
    { length: 2001 },
    (_, at) => turned(angle * 100, back + (depth * at) / 2000, up + height)[0] < 0,
  );
  return { rise, mouth: mouth.filter(Boolean).length / 2001 };
}

describe('a tilt-out', () => {
  it('hangs on one long hinge, which is bought, and its block has a template at full size', () => {
    const { made, job } = planned({ tiltOuts: [TILT] });
    expect(caseFixings(job, made).hardware).toContainEqual({ kind: 'hinge', count: 1 });
    const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(0.5) });
    const [template, ...more] = drawTiltTemplates([...made.things, ...made.things], words);
    expect(more).toEqual([]);
    // Its lower far corner, 290 behind and 30 over the hinge line, by 30°. Common practice.
    const [c, s] = [Math.cos(Math.PI / 6), Math.sin(Math.PI / 6)];
    const lines = template!.drawing.shapes.filter((shape) => shape.kind === 'line' && shape.role === 'tick');
    const [level, upright] = lines as unknown as { x1: number; y1: number }[];
    expect(level!.y1).toBeCloseTo(290 * s + 30 * c, 5);
    expect(upright!.x1).toBeCloseTo(290 * c - 30 * s, 5);
    expect(words.say(template!.says[0]!)).toContain(
      'lower edge of the block ≈171.0 mm over the hinge line and ≈236.0 mm behind it',
    );
  });

  it('rises as high, and shows as much of its mouth, as turning it step by step finds', () => {
    const size = fc.integer({ min: 60, max: 300 });
    const small = fc.integer({ min: 0, max: 80 });
    fc.assert(
      fc.property(
        size,
        fc.integer({ min: 100, max: 600 }),
        small,
        small,
        fc.integer({ min: 15, max: 45 }),
        (depth, height, back, up, angle) => {
          const bin = { width: '300 mm', depth: `${depth} mm`, height: `${height} mm` };
          const [found] = planned({ tiltOuts: [{ ...TILT, bin, back: `${back} mm`, up: `${up} mm`, angle }] }).written
            .tiltOuts;
          const { rise, mouth } = simulated({ back, up, depth, height }, angle);
          expect(Math.abs((found!['rise'] as number) - rise)).toBeLessThan(0.01);
          expect(Math.abs((found!['mouthOut'] as number) - mouth)).toBeLessThan(0.001);
        },
      ),
      { numRuns: 25 },
    );
  });

  it('has its door on its lower edge, a platform 6 mm clear of both sides and a gusset at each end, all to cut', () => {
    const { written, cut } = planned({ tiltOuts: [TILT] });
    // Inside 564.6 by 782.3 over the bottom of 17.7.
    expect(written.tiltOuts[0]).toMatchObject({
      leaf: { width: 584.6 },
      parts: [
        { role: 'door', width: 584.6 },
        { role: 'platform', count: 1, length: 552.6, width: 290 },
        { role: 'gusset', count: 2, length: 290, width: 290 },
      ],
    });
    expect(cut.map(({ name }) => name)).toEqual(
      expect.arrayContaining(['c1/door t1', 'c1/platform t1', 'c1/gusset t1 1', 'c1/gusset t1 2']),
    );
  });

  it('is drawn from its side: the way of its far edge passes its limit only where it fouls', () => {
    const of = (height: string) => {
      const { made, of: found } = planned({ tiltOuts: [{ ...TILT, bin: { ...BIN, height } }] });
      const [tilt] = made.things;
      if (tilt?.kind !== 'tilt-out') throw new Error('a tilt-out');
      return { drawn: drawTiltOut(tilt), fouls: found('TILT_FOULS').length > 0, angle: tilt.angle };
    };
    for (const height of ['400 mm', '760 mm']) {
      const { drawn, fouls } = of(height);
      const inside = drawn.way.filter(({ x }) => x >= 0).map(({ y }) => y);
      expect([height, Math.max(...inside) > drawn.over]).toEqual([height, fouls]);
    }
    const { drawn } = of('400 mm');
    // Its near lower corner, 40 behind and 30 over the hinge line, open by 30°.
    const [c, sine] = [Math.cos(Math.PI / 6), Math.sin(Math.PI / 6)];
    expect(drawn.open.bin[0]!.x).toBeCloseTo(40 * c - 30 * sine, 9);
    expect(drawn.open.bin[0]!.y).toBeCloseTo(40 * sine + 30 * c, 9);
    expect(drawn.shut.door.map(({ x }) => x)).toEqual([-17.7, 0, 0, -17.7]);
  });

  it('is drawn with its case: its door before it, its platform and gussets from above', () => {
    const { made } = planned({ tiltOuts: [TILT] });
    const whole = drawWholeCase(made, made.casework!);
    expect(whole.doors).toMatchObject([{ id: 't1', width: 584.6, hinges: { ys: [] } }]);
    const { shapes } = drawCase(withThings(made.casework!, made), 'plan');
    const seen = shapes.map((shape) => (shape.kind === 'box' ? shape.member : undefined));
    expect(seen.filter((role) => role === 'platform' || role === 'gusset')).toEqual(
      expect.arrayContaining(['platform', 'gusset', 'gusset']),
    );
  });

  it('TILT_FOULS on the one side of its limit, and the tallest bin is just under it', () => {
    const of = (height: string, patches: readonly Patch[] = []) =>
      planned({ tiltOuts: [{ ...TILT, bin: { ...BIN, height } }] }, patches);
    // Nothing of it is cut before that is mended; the rest of its case is.
    const released = (height: string, part: string) => of(height).cut.find(({ name }) => name === part)!.release;
    for (const part of ['c1/platform t1', 'c1/door t1', 'c1/gusset t1 1'])
      expect([part, released('400 mm', part), released('760 mm', part)]).toEqual([part, 'standing', 'mend']);
    expect(released('760 mm', 'c1/case-bottom')).toBe('survey');
    const [foul] = of('760 mm').of('TILT_FOULS');
    expect(foul).toMatchObject({ severity: 'stop', params: { against: 'above' } });
    const { value } = foul!.remedies![0]!.patches[0]!;
    expect(of(value as string).of('TILT_FOULS')).toEqual([]);
    expect(of(`${parseFloat(value as string) + 0.01} mm`).of('TILT_FOULS').length).toBe(1);
  });

  it('too deep, in its own door or too wide is said with what mends it', () => {
    const limits: readonly (readonly [object, object, string])[] = [
      [{ bin: { ...BIN, depth: '508.0 mm' } }, { bin: { ...BIN, depth: '530 mm' } }, 'TILT_FOULS'],
      [
        { back: '17.7 mm', door: { ...DOOR, mount: 'inset' } },
        { back: '17.6 mm', door: { ...DOOR, mount: 'inset' } },
        'TILT_FOULS',
      ],
      [{ bin: { ...BIN, width: '544.6 mm' } }, { bin: { ...BIN, width: '544.7 mm' } }, 'BIN_TOO_WIDE'],
      [{ angle: 40 }, { angle: 20 }, 'MOUTH_HIDDEN'],
    ];
    for (const [fits, fouls, code] of limits) {
      const low = { ...BIN, height: '300 mm' };
      const of = (over: object, patches: readonly Patch[] = []) =>
        planned(
          {
            tiltOuts: [
              {
                ...TILT,
                bin: low,
                ...over,
                ...('bin' in over ? { bin: { ...(over.bin as object), height: '300 mm' } } : {}),
              },
            ],
          },
          patches,
        ).of(code);
      expect([code, of(fits)]).toEqual([code, []]);
      const [found] = of(fouls);
      expect(found?.remedies?.length).toBeGreaterThan(0);
      for (const { patches } of found!.remedies!) expect(of(fouls, patches)).toEqual([]);
    }
  });
});

describe('a work board', () => {
  const layout = (size: string) => ({ id: 'front', down: [{ id: 'slot', size }, { id: 'low' }] });
  const board = (size: string, over: object = {}, patches: readonly Patch[] = []) =>
    planned(
      {
        layout: layout(size),
        boards: [{ id: 'w1', compartment: 'slot', material: 'ply18', length: '450 mm', ...over }],
      },
      patches,
    );

  it('is 1/16 in narrower than its opening, its panel less the edging, in a slot 3 mm higher', () => {
    const edging = { material: 'ash19', width: '40 mm', edges: ['front', 'left', 'right'] };
    const { written, cut } = board('20.7 mm', { edging });
    const wide = 564.6 - 1.5875;
    expect(written.boards[0]).toMatchObject({ id: 'w1', slot: 20.7, out: 270 });
    const parts = written.parts.filter(({ node }) => node === 'w1');
    expect(parts).toMatchObject([
      { role: 'board', count: 1, width: 410 },
      { role: 'board-edging', count: 1, width: 40 },
      { role: 'board-edging', count: 2, length: 410 },
    ]);
    expect(parts[0]!['length']).toBeCloseTo(wide - 80, 6);
    expect(parts[1]!['length']).toBeCloseTo(wide, 6);
    expect(cut.filter(({ name }) => name.includes('w1')).length).toBe(4);
  });

  it('comes out by three fifths, and is told where something keeps it from that', () => {
    const at = { x: '0 mm', z: '0 mm' };
    const room = (z: number) => ({
      ...{
        path: 'room',
        value: { height: '2400 mm', walls: [{ id: 's', from: ['900 mm', `${z} mm`], to: ['0 mm', `${z} mm`] }] },
      },
    });
    const of = (z: number) => board('20.7 mm', {}, [room(z), { path: 'cases[0].at', value: at }]);
    expect(of(560 + 270).written.boards[0]).toMatchObject({ travel: 270 });
    expect(of(560 + 270).of('TRAVEL_LIMITED')).toEqual([]);
    const short = of(560 + 200);
    expect(short.written.boards[0]).toMatchObject({ travel: 200, stoppedBy: 'room/s' });
    expect(short.of('TRAVEL_LIMITED')).toMatchObject([{ severity: 'stop' }]);
  });

  it('tips its case with what it bears at its front edge, and not where nothing is told', () => {
    const stand = { path: 'cases[0].stand', value: { weight_kg: 12, depth: '560 mm', frontFeet: '50 mm' } };
    const balance = (over: object) => board('20.7 mm', over, [stand]).made.balance!;
    // Its own weight: 17.7 mm of 450 by 563, at 225; the case’s 12 kg hang at 280, the feet stand at 50.
    const own = board('20.7 mm', {}, [stand]);
    const [weight] = own.cut
      .filter(({ use }) => use.node === 'w1')
      .map(({ material, length, width }) => weightOf(material, length.total, width.total, material.thickness));
    const behind = 12 * (0.28 - 0.05);
    const before = (bears: number): number => weight! * (0.05 - (0.225 - 0.27)) + bears * (0.05 + 0.27);
    expect(balance({}).ratio).toBeCloseTo(behind / before(0), 6);
    expect(balance({ load_kg: 25 }).ratio).toBeCloseTo(behind / before(25), 6);
    expect(board('20.7 mm', { load_kg: 25 }, [stand]).of('TIPS')).toMatchObject([{ severity: 'stop' }]);
    expect(own.of('TIPS')).toEqual([]);
  });

  it('wants its slot high enough and deep enough', () => {
    expect(board('20.7 mm').of('SLOT_TOO_LOW')).toEqual([]);
    const [low] = board('20.6 mm').of('SLOT_TOO_LOW');
    expect(low).toMatchObject({ severity: 'stop', params: { short: 100_000 } });
    expect(board('20.6 mm', {}, low!.remedies![0]!.patches).of('SLOT_TOO_LOW')).toEqual([]);
    expect(board('20.7 mm', { length: '554.4 mm' }).of('BOARD_TOO_LONG')).toEqual([]);
    const [long] = board('20.7 mm', { length: '554.5 mm' }).of('BOARD_TOO_LONG');
    expect(board('20.7 mm', { length: '554.5 mm' }, long!.remedies![0]!.patches).of('BOARD_TOO_LONG')).toEqual([]);
  });
});

describe('upright dividers', () => {
  const of = (count: number) => planned({ uprights: [{ compartment: 'in', count, material: 'ply6', groove: '4 mm' }] });

  it('stand in grooves of floor and ceiling, the ways between them alike to the nanometre', () => {
    const { written, made, cut } = of(5);
    const clear = 800 - 17.7 * 2;
    const upright = written.parts.find(({ role }) => role === 'upright')!;
    expect(upright).toMatchObject({ count: 5, width: 554.4, node: 'in' });
    expect(upright['length']).toBeCloseTo(clear + 8 - 1.5875, 6);
    const standing = made.casework!.bodies.filter(({ role }) => role === 'upright').map(({ x }) => x);
    const edges = [17.7e6, ...standing.flatMap(({ from, to }) => [from, to]), 582.3e6];
    const ways = Array.from({ length: 6 }, (_, index) => edges[2 * index + 1]! - edges[2 * index]!);
    expect(ways.reduce((sum, way) => sum + way, 0)).toBe(564.6e6 - 5 * 5.6e6);
    expect(Math.max(...ways) - Math.min(...ways)).toBeLessThanOrEqual(1);
    // Five grooves 4 mm deep in the bottom, and five in the top.
    for (const name of ['c1/case-bottom', 'c1/case-top']) {
      const grooves = cut.find((each) => each.name === name)!.cuts!.filter(({ depth }) => depth?.total === 4e6);
      expect([name, grooves.length]).toEqual([name, 5]);
      expect(grooves.map(({ width }) => width.total)).toEqual(Array(5).fill(554.4e6));
    }
  });

  it('that leave no way between them are too many', () => {
    expect(of(20).of('UPRIGHTS_CROWDED')).toEqual([]);
    const [many] = planned({ uprights: [{ compartment: 'in', count: 60, material: 'ply18', groove: '4 mm' }] }).of(
      'UPRIGHTS_CROWDED',
    );
    expect(many).toMatchObject({ severity: 'stop' });
  });
});
