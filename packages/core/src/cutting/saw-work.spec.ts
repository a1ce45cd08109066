import { patched, type Patch } from '../reading';
import { BANK, sample } from '../job/sample.spec-data';
import { inches, inMillimetres, millimetres, nm, type Length } from '../length';
import { demo, IN_ENGLISH } from '../plan/plan.spec-data';
import { layOut, lyingIn, stepsOf } from '../sheets';
import { replay } from '../sheets/replay.spec-data';
import { boardList } from './boards';
import { cutList } from './cut-list';
import { boxSteps } from './box-steps';
import { gate, worked } from './cutting.spec-data';
import { bestOf, cutDocument } from './document';
import { partsOf } from './parts';
import { rulesOf, sawOf } from './saw';
import { sawSettings } from './settings';
import { sheetParts } from './sheet-parts';

const sheet = { length: '2440 mm', width: '1220 mm' };
const sheeted = patched(
  sample,
  [0, 1, 2].map((index) => ({ path: `materials[${index}].sheet`, value: sheet })),
);

describe('saw settings', () => {
  it('names every fence and stop once, longest first, and gangs what is alike', () => {
    const { job, planned } = worked(demo('notions-bank'));
    const { parts } = partsOf(job, planned);
    const { fences, stops } = sawSettings(parts);
    for (const settings of [fences, stops]) {
      const sizes = settings.map(({ size }) => size);
      expect(sizes).toEqual([...new Set(sizes)].sort((a, b) => b - a));
      expect(settings.reduce((sum, { parts: ganged }) => sum + ganged.length, 0)).toBe(parts.length);
    }
    expect(stops.length).toBeLessThan(fences.length);
  });

  it('says how many settings another choice of box heights saves, and keeps its word', () => {
    const document = demo('notions-bank');
    const { job, planned } = worked(document);
    const now = sawSettings(partsOf(job, planned).parts).fences.length;
    const [best] = boxSteps(job, planned);
    expect(best!.saves).toBeGreaterThan(0);
    const then = worked(patched(document, best!.patches));
    expect(sawSettings(partsOf(then.job, then.planned).parts).fences.length).toBe(now - best!.saves);
    expect(best!.loses).toBeGreaterThan(0);
    expect(best!.loses).toBeLessThan(best!.step);
  });
});

describe('layouts of a job', () => {
  it('are of what is released, or of all to buy by, less what is cut', () => {
    const { job, planned } = worked(sheeted, { path: `${BANK}.gates`, value: { slides: gate } });
    const count = (which: 'now' | 'all') => sheetParts(job, planned, which).map(({ parts }) => parts.length);
    expect(count('now')).toEqual([12]);
    expect(count('all')).toEqual([12, 3, 3]);
    const [first] = partsOf(job, planned).parts;
    const record = { part: first!.name, length: '600 mm', width: '200 mm', at: gate.at };
    const after = worked(sheeted, { path: 'cutting', value: { cut: [record] } });
    expect(sheetParts(after.job, after.planned, 'all')[0]!.parts).toHaveLength(11);
  });

  it('use what the rack has of a material by its name before sheets are bought', () => {
    const { job, planned } = worked(sheeted);
    const [material] = job.materials;
    const rack = [
      {
        id: 's7',
        material: ` ${material!.name.toUpperCase()}  `,
        length: millimetres(1200),
        width: millimetres(600),
        count: 2,
      },
      { id: 's8', material: 'something else', length: millimetres(1200), width: millimetres(600), count: 9 },
    ];
    const { task } = sheetParts(job, planned, 'all', rack)[0]!;
    expect(task.stock.map(({ id, count }) => [id, count])).toEqual([
      ['s7', 2],
      [material!.id, undefined],
    ]);
    const found = bestOf(layOut(task), 200)!;
    replay(task, found.layout);
    expect(found.layout.sheets.map(({ stock }) => stock)).toEqual(['s7', 's7']);
    expect(found).toMatchObject({ fewest: 0, proven: true });
  });

  it.each([
    ['down a bank, grain up', `${BANK}.front.run`, 'up'],
    ['across a case, grain up', 'cases[0].run', 'up'],
    ['down a bank, grain across', `${BANK}.front.run`, 'across'],
    ['across a case, grain across', 'cases[0].run', undefined],
  ])('keep grain-matched fronts together in their order, %s', (_, path, grain) => {
    for (const strip of [undefined, '20 mm']) {
      const run = { kerf: '3.2 mm', trim: '12 mm', ...(strip ? { strip } : {}) };
      const grained = { path: 'materials[2].grain', value: true };
      const runs = { path: `${BANK}.front.grain`, value: grain };
      const { job, planned } = worked(sheeted, { path, value: run }, grained, runs);
      const rules = rulesOf(sawOf(job));
      const fronts = sheetParts(job, planned, 'all').find(({ material }) => material.id === 'front')!;
      expect(fronts.task.pieces).toHaveLength(1);
      const { layout } = bestOf(layOut(fronts.task), 100)!;
      const pieces = fronts.parts.map(({ name, length, width }) => ({
        id: name,
        length: length.total,
        width: width.total,
        // List, saw and sheet have the grain one way.
        mayTurn: false,
      }));
      for (const part of fronts.parts) expect(part.length.total < part.width.total).toBe(grain === 'up');
      replay({ ...fronts.task, pieces }, layout);
      const lying = lyingIn(layout.sheets[0]!, rules).filter(({ piece }) => piece);
      expect(lying.map(({ piece }) => piece)).toEqual(fronts.parts.map(({ name }) => name));
      const between = lying.slice(1).map(({ x, y }, index) => {
        const before = lying[index]!;
        const gap = grain === 'up' ? x - before.x - before.long : y - before.y - before.wide;
        return inMillimetres(gap as never);
      });
      expect(new Set(between)).toEqual(new Set([strip ? 23.2 : 3.2]));
    }
  });

  it('are cut in steps that make every part, each cut inside its panel', () => {
    const { job, planned } = worked(demo('rope-bench'));
    const rules = rulesOf(sawOf(job));
    for (const { task } of sheetParts(job, planned, 'all')) {
      const { layout } = bestOf(layOut(task), 300)!;
      for (const sheet of layout.sheets) {
        const steps = stepsOf(sheet, rules);
        expect(steps.slice(0, 2).map(({ trims }) => trims)).toEqual([true, true]);
        for (const { panel, pieces, direction, setting, trims } of steps)
          for (const piece of pieces) {
            expect(trims ? setting : direction === 'rip' ? piece.wide : piece.long).toBe(setting);
            expect(piece.x).toBeGreaterThanOrEqual(panel.x);
            expect(piece.y + piece.wide).toBeLessThanOrEqual(panel.y + panel.wide);
          }
        const made = steps.flatMap(({ pieces }) => pieces.map(({ x, y, long, wide }) => [x, y, long, wide].join()));
        const parts = lyingIn(sheet, rules).filter(({ piece }) => piece);
        const last = parts.filter(({ x, y, long, wide }) => !made.includes([x, y, long, wide].join()));
        // What no step takes off is what the last cut of its panel leaves.
        for (const { x, y, long, wide } of last)
          expect(steps.some(({ panel: p }) => x + long === p.x + p.long || y + wide === p.y + p.wide)).toBe(true);
      }
    }
  });
});

describe('boards', () => {
  it('are listed over size with what is bought of them', () => {
    const { job, planned } = worked(demo('flag-chest'));
    const [cherry, rails] = boardList(job, planned);
    const { fronts } = { fronts: partsOf(job, planned).parts.filter(({ use }) => use.role === 'drawer-front') };
    expect(cherry!.wood.params).toEqual({ text: 'Black cherry, 20 mm' });
    // 140 mm is as wide as boards come: what is wider, and a quarter inch over, is of as many side by side.
    const many = (width: Length): number =>
      width > millimetres(140) ? Math.ceil((width + millimetres(6)) / millimetres(140)) : 1;
    const boards = fronts.reduce((sum, { width }) => sum + many(width.total), 0);
    expect(boards).toBeGreaterThan(fronts.length);
    expect(cherry!.rows.reduce((sum, { count }) => sum + count, 0)).toBe(boards);
    expect(cherry!.glueUps).toHaveLength(fronts.filter(({ width }) => width.total > millimetres(140)).length);
    expect(cherry!.rows[0]!.rough).toBe(inches(1, 1));
    expect(cherry!.rows[0]!.length).toBe(fronts[0]!.length.total + millimetres(25));
    const { metres, feet, boardFeet, cubicMetres } = cherry!.bought;
    const metresByHand =
      fronts.reduce((sum, { length, width }) => sum + many(width.total) * (inMillimetres(length.total) + 25), 0) / 1000;
    expect(metres).toBeCloseTo(metresByHand, 9);
    expect(feet * 0.3048).toBeCloseTo(metres, 9);
    // A board foot is 2 359 737.216 mm³ exactly.
    expect(boardFeet).toBeCloseTo((cubicMetres * 1e9) / 2_359_737.216, 9);
    expect(rails!.rows[0]).toMatchObject({
      what: 'drawer-rail',
      count: planned.cases[0]!.banks[0]!.drawers.length - 1,
    });
  });

  // Common practice: 21 mm comes out of a board of an inch; over two inches 5 mm are left to plane.
  it.each([
    ['21 mm', inches(1, 1)],
    ['21.01 mm', inches(5, 4)],
    ['27 mm', inches(5, 4)],
    ['46 mm', inches(2, 1)],
    ['46.01 mm', inches(3, 1)],
  ])('%s is planed from a board of so much', (thickness, rough) => {
    const wood = { path: 'materials[2]', value: { id: 'front', name: 'Ash', kind: 'solid', thickness } };
    const { job, planned } = worked(sample, wood);
    const ash = boardList(job, planned).find(({ wood: of }) => (of.params as { text?: string }).text === 'Ash');
    expect(ash!.rows[0]!.rough).toBe(rough);
  });

  it('hold the runners of drawers that ride on wood', () => {
    const { job, planned } = worked(demo('rope-bench'));
    const runners = boardList(job, planned).find(({ wood }) => wood.code === 'planed/runner')!;
    const banks = planned.cases.flatMap((owner) => owner.banks);
    const drawers = banks.flatMap((bank) => bank.drawers);
    const count = (what: string) =>
      runners.rows.filter((row) => row.what === what).reduce((sum, row) => sum + row.count, 0);
    expect([count('runner'), count('kicker')]).toEqual([2 * drawers.length, 2 * banks.length]);
    // Flat: as thick as they are high, out of boards of an inch and not of two.
    expect(runners.rows.every(({ thickness, rough }) => thickness === inches(3, 4) && rough === inches(1, 1))).toBe(
      true,
    );
  });
});

describe('fronts from one panel of solid wood', () => {
  const ash = { path: 'materials[2]', value: { id: 'front', name: 'Ash', kind: 'solid', thickness: '20 mm' } };
  const run = { path: `${BANK}.front.run`, value: { kerf: '3 mm', trim: '10 mm' } };
  const glueUps = (...patches: Patch[]) => {
    const { job, planned } = worked(sample, ash, run, ...patches);
    return boardList(job, planned).find(({ wood }) => (wood.params as { text?: string }).text === 'Ash')!;
  };

  it('are glued up from boards that can be had, with the lines it is cut at', () => {
    const group = glueUps();
    // 514 of fronts, two kerfs of 3.2 as the saw takes and 10 of trim, 6 over: four boards of up to 150.
    const [glued, ...others] = group.glueUps;
    expect(others).toEqual([]);
    expect(inMillimetres(glued!.length)).toBe(620 + 25);
    expect(inMillimetres(glued!.width)).toBeCloseTo(514 + 2 * 3.2 + 10 + 6, 6);
    expect(glued!.boards).toEqual({ count: 4, width: nm(134_100_000) });
    expect(glued!.parts.map(({ use }) => use.place)).toEqual([0, 1, 2]);
    const heights = glued!.parts.map(({ width }) => inMillimetres(width.total));
    expect(glued!.cutLines.map(inMillimetres)).toEqual([
      3,
      3 + heights[0]!,
      3 + heights[0]! + 3.2 + heights[1]!,
      3 + heights[0]! + heights[1]! + 6.4 + heights[2]!,
    ]);
    expect(inMillimetres(glued!.clear)).toBe(12);
    // No board as wide as a whole panel is asked for.
    expect(Math.max(...group.rows.map(({ width }) => inMillimetres(width)))).toBeLessThan(160);
    expect(group.rows.reduce((sum, { count }) => sum + count, 0)).toBe(4);
  });

  it('stand with the grain up where that is chosen', () => {
    const [glued] = glueUps({ path: `${BANK}.front.grain`, value: 'up' }).glueUps;
    expect(inMillimetres(glued!.length)).toBeCloseTo(514 + 6.4 + 10 + 25, 6);
    expect(inMillimetres(glued!.width)).toBe(620 + 6);
  });

  it('are told in the cut list as one panel, until one of them is cut', () => {
    const { job, planned } = worked(sample, run);
    const [panel] = cutList(job, planned).panels;
    expect(panel).toMatchObject({ length: millimetres(620), width: millimetres(514 + 6.4 + 10), release: 'hung' });
    expect(panel!.parts.map(({ name }) => name)).toEqual(['c1/b1/d1/face', 'c1/b1/d2/face', 'c1/b1/d3/face']);
    expect(cutList(worked(sample).job, worked(sample).planned).panels).toEqual([]);
  });
});

describe('the figure across a case', () => {
  it('jumps by what stands between two fronts, whatever it is', () => {
    const [bank] = sample.cases[0]!.banks;
    const inset = { ...bank!.front, mount: 'inset', left: '3 mm', right: '3 mm', top: '3 mm', bottom: '3 mm' };
    const jumps = (front: object, divider?: string) =>
      worked(
        sample,
        { path: 'cases[0].banks', value: [1, 2].map((n) => ({ ...bank, id: `b${n}`, front })) },
        { path: 'cases[0].run', value: { kerf: '3 mm', trim: '0 mm' } },
        ...(divider ? [{ path: 'cases[0].divider', value: divider }] : []),
      ).planned.cases[0]!.run!.jumps.map(({ total }) => inMillimetres(total));
    expect(jumps(inset, '19 mm')).toEqual([19 + 6 - 3]);
    expect(jumps({ ...bank!.front, left: '8 mm', right: '8 mm' }, '19 mm')).toEqual([0]);
    expect(jumps({ ...bank!.front, gap: '4 mm' })).toEqual([1]);
  });
});

describe('the cut document', () => {
  it('is the same for the same job, tries and seed, and holds every part once', () => {
    const { job, planned } = worked(demo('rope-bench'));
    const once = cutDocument(job, planned, IN_ENGLISH, { tries: 150, seed: 3 });
    expect(cutDocument(job, planned, IN_ENGLISH, { tries: 150, seed: 3 })).toEqual(once);
    const names = once.materials.flatMap(({ parts }) => parts.flatMap((row) => row.parts));
    expect(names.sort()).toEqual(
      partsOf(job, planned)
        .parts.map(({ name }) => name)
        .sort(),
    );
    for (const { sheets, parts } of once.materials) {
      const laid = sheets?.layouts.flatMap(({ lying }) => lying.flatMap((each) => ('part' in each ? [each.part] : [])));
      if (laid) expect(laid.sort()).toEqual(parts.flatMap((row) => row.parts).sort());
    }
  });
});
