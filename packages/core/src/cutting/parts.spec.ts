import { ROLES, type PartRole } from '../box';
import { BANK, sample } from '../job/sample.spec-data';
import { inMillimetres } from '../length';
import type { Patch } from '../reading';
import { AT, cutParts, gate, worked } from './cutting.spec-data';
import { partsOf, toCut } from './parts';
import { walkHeld } from './release';

/** How the parts of each role stand, each once. */
function releases(...patches: Patch[]): Record<string, string> {
  return Object.fromEntries(cutParts(...patches).map(({ use, release }) => [use.role, release]));
}
const gates = (value: object): Patch => ({ path: `${BANK}.gates`, value });

describe('when a part may be cut', () => {
  // Common practice: lengths wait for the slides or their sheet, bottoms for the real groove, fronts for boxes as hung.
  it('waits for the opening, the slides, the groove and the hanging, in this order', () => {
    expect(releases({ path: `${BANK}.basis`, value: 'planned' })).toEqual({
      side: 'forecast',
      'box-front': 'forecast',
      back: 'forecast',
      bottom: 'forecast',
      'drawer-front': 'forecast',
    });
    // Ends are as long as the slide's clearance leaves them: they wait for it like sides.
    expect(releases()).toEqual({
      side: 'slides',
      'box-front': 'slides',
      back: 'slides',
      bottom: 'slides',
      'drawer-front': 'hung',
    });
    expect(releases(gates({ slides: gate }))).toMatchObject({ side: 'now', bottom: 'groove', 'drawer-front': 'hung' });
    expect(releases(gates({ slides: gate, groove: gate }))).toMatchObject({ bottom: 'now', 'drawer-front': 'hung' });
    expect(releases(gates({ hung: gate }))).toMatchObject({ side: 'slides', 'drawer-front': 'now' });
  });

  it('needs no slides in hand where their sheet is entered or wood is their stuff', () => {
    const own = {
      id: 'loft',
      like: 'side-ball-bearing',
      side: '12.7 mm',
      narrowBy: '1 mm',
      top: '6 mm',
      bottom: '12 mm',
      setback: '2 mm',
      lengths: { mm: { list: ['500 mm', '550 mm'] } },
    };
    const choose = (family: string): Patch => ({ path: `${BANK}.slide`, value: { family } });
    expect(releases({ path: 'slides', value: [own] }, choose('loft'))).toMatchObject({
      side: 'now',
      'box-front': 'now',
    });
    // A copied row is no sheet: each of these figures is the slide's own, or it is to be in hand.
    for (const figure of ['side', 'narrowBy', 'top', 'bottom', 'setback', 'lengths']) {
      const copied = Object.fromEntries(Object.entries(own).filter(([name]) => name !== figure));
      expect(releases({ path: 'slides', value: [copied] }, choose('loft')).side).toBe('slides');
    }
    const inches = { ...own, lengths: { in: { list: ['20 in'] } } };
    expect(releases({ path: 'slides', value: [inches] }, choose('loft')).side).toBe('slides');
    expect(releases(choose('wood-runner')).side).toBe('now');
  });

  it('is held by what must be mended, but not by a case that tips', () => {
    const deep = releases({ path: `${BANK}.drawers[1].contents`, value: [{ name: 'cone', height: '900 mm' }] });
    expect(Object.values(deep)).not.toContain('now');
    const stand = { weight_kg: 1, depth: '300 mm', frontFeet: '200 mm' };
    const { job, planned } = worked(sample, { path: 'cases[0].stand', value: stand });
    expect(planned.cases[0]!.banks[0]!.findings.map(({ code }) => code)).toContain('TIPS');
    expect(partsOf(job, planned).parts.some(({ release }) => release === 'slides')).toBe(true);
  });

  it('an applied bottom waits for the glued box, not for a groove it does not have', () => {
    const applied: Patch = { path: `${BANK}.box.bottomFit`, value: 'applied' };
    expect(releases(applied, gates({ slides: gate })).bottom).toBe('glued');
    expect(releases(applied, gates({ slides: gate, glued: gate })).bottom).toBe('now');
    // A box that hangs is glued.
    expect(releases(applied, gates({ slides: gate, hung: gate })).bottom).toBe('now');
    expect(releases(gates({ slides: gate, glued: gate })).bottom).toBe('groove');
  });

  it('fronts that collide wait for their laps, boxes do not', () => {
    const [bank] = sample.cases[0]!.banks;
    const two = [
      { path: 'cases[0].banks', value: [bank, { ...bank, id: 'b2' }] },
      { path: 'cases[0].divider', value: '18 mm' },
      gates({ slides: gate, groove: gate, hung: gate }),
    ];
    expect(releases(...two)).toMatchObject({ 'drawer-front': 'mend' });
    const boxes = cutParts(...two).filter(({ use }) => use.bank === 'b1' && use.role !== 'drawer-front');
    expect(new Set(boxes.map(({ release }) => release))).toEqual(new Set(['now']));
  });

  it('a front that is the box’s own is cut with the box: it can’t wait until that hangs', () => {
    const own = { path: `${BANK}.front.asBox`, value: true };
    expect(releases(own)).toMatchObject({ side: 'slides', 'drawer-front': 'slides' });
    expect(releases(own, gates({ slides: gate }))).toMatchObject({ side: 'now', 'drawer-front': 'now' });
  });

  it('nothing is hung by sizes that were never measured, no front before its box hangs', () => {
    const held = (which: 'hang' | 'fronts', ...patches: Patch[]) =>
      walkHeld(worked(sample, ...patches).planned.cases[0]!.banks[0]!, which);
    const [first] = sample.cases[0]!.banks;
    const unmeasured = { path: `${BANK}.aside`, value: first!.opening };
    expect(held('hang', { path: `${BANK}.basis`, value: 'planned' })).toBe('forecast');
    expect(held('hang', unmeasured)).toBe('forecast');
    expect(held('fronts', unmeasured, gates({ hung: gate }))).toBe('forecast');
    expect(held('hang')).toBeUndefined();
    expect(held('fronts')).toBe('hung');
    expect(held('fronts', gates({ hung: gate }))).toBeUndefined();
    const deep = { path: `${BANK}.drawers[1].contents`, value: [{ name: 'cone', height: '900 mm' }] };
    expect(held('hang', deep)).toBe('mend');
  });

  it('wood that carries the slides is cut with the rest: build-outs, runners, kickers, guides', () => {
    const names = (...patches: Patch[]) =>
      cutParts({ path: 'cases[0].style', value: 'face-frame' }, ...patches)
        .filter(({ use }) => (ROLES[use.role as PartRole] as { of: string } | undefined)?.of === 'carrier')
        .map((part) => [part.name, ...[part.length, part.width].map((size) => inMillimetres(size.total))]);
    const built = { path: `${BANK}.buildOut`, value: { left: '35.2 mm', right: '17.6 mm', from: ['front'] } };
    expect(names(built).slice(0, 4)).toEqual([
      ['c1/b1/d1/build-out left 1', 550, 50],
      ['c1/b1/d1/build-out left 2', 550, 50],
      ['c1/b1/d1/build-out right', 550, 50],
      ['c1/b1/d2/build-out left 1', 550, 50],
    ]);
    // A runner bridges the frame's edge by itself: 25.4 and what stands in front of the wall.
    const runner = { path: `${BANK}.slide`, value: { family: 'wood-runner' } };
    expect(
      names(built, runner)
        .slice(8)
        .map(([name]) => name),
    ).toEqual(['d1', 'd2', 'd3'].flatMap((drawer) => ['left', 'right'].map((side) => `c1/b1/${drawer}/guide ${side}`)));
    expect(names(built, runner).slice(0, 8)).toEqual([
      ['c1/b1/d1/runner left', 560, 60.6],
      ['c1/b1/d1/kicker left', 560, 60.6],
      ['c1/b1/d1/runner right', 560, 43],
      ['c1/b1/d1/kicker right', 560, 43],
      ['c1/b1/d2/runner left', 560, 60.6],
      ['c1/b1/d2/runner right', 560, 43],
      ['c1/b1/d3/runner left', 560, 60.6],
      ['c1/b1/d3/runner right', 560, 43],
    ]);
    const thick = cutParts(runner).filter(({ use }) => use.role === 'runner');
    expect(thick.every(({ material }) => inMillimetres(material.thickness) === 19.05)).toBe(true);
    // What no material of the job is, is planed for what it carries; what presses on a runner from above is of its wood.
    const planed = (...patches: Patch[]) =>
      new Set(
        cutParts(...patches).flatMap(({ use, material }) =>
          material.planedFor ? [`${use.role} ${material.planedFor}`] : [],
        ),
      );
    expect(planed(runner)).toEqual(new Set(['runner runner', 'kicker runner']));
    expect(planed({ path: `${BANK}.slide`, value: { family: 'side-hung' } })).toEqual(new Set(['batten batten']));
  });

  it('is released by hand, with the reason kept', () => {
    const name = cutParts().find(({ use }) => use.role === 'bottom')!.name;
    const released = [{ part: name, reason: 'groove known from the last job', at: AT }];
    const parts = cutParts({ path: 'cutting', value: { released } });
    const bottoms = parts.filter(({ use }) => use.role === 'bottom');
    expect(bottoms[0]).toMatchObject({ name, release: 'now', byHand: 'groove known from the last job' });
    expect(bottoms[1]).toMatchObject({ release: 'slides' });
    expect(bottoms[1]).not.toHaveProperty('byHand');
  });
});

describe('parts already cut', () => {
  const [first] = cutParts().filter(({ use }) => use.role === 'side');
  const cut = (length: number, width: number, more: object = {}): Patch => ({
    path: 'cutting',
    value: { cut: [{ part: first!.name, length: `${length} mm`, width: `${width} mm`, at: AT, ...more }] },
  });
  const [long, wide] = [inMillimetres(first!.length.total), inMillimetres(first!.width.total)];
  const standing = (...patches: Patch[]) => cutParts(...patches).find(({ name }) => name === first!.name)!;

  it('fit, can be trimmed, or are made again as the plan changes', () => {
    expect(standing(cut(long, wide)).standing).toMatchObject({ fits: 'fits', overLength: 0, overWidth: 0 });
    expect(standing(cut(long, wide + 5)).standing).toMatchObject({ fits: 'trim', overWidth: 5_000_000 });
    expect(standing(cut(long - 1, wide)).standing).toMatchObject({ fits: 'again', overLength: -1_000_000 });
    expect(standing(cut(long - 1, wide + 9)).standing?.fits).toBe('again');
    expect(standing(cut(long, wide + 0.1)).standing?.fits).toBe('fits');
    const lower = { path: `${BANK}.division.step`, value: '0 mm' };
    expect(standing(cut(long, wide), lower).standing).toMatchObject({ fits: 'again' });
  });

  it('are cut again where they came out wrong, and the newest record counts', () => {
    const wrong = standing(cut(long, wide, { wrong: 'the groove ran out' }));
    expect(wrong.standing?.fits).toBe('again');
    expect(toCut(wrong)).toBe(true);
    const record = (more: object) => ({
      part: first!.name,
      length: `${long} mm`,
      width: `${wide} mm`,
      at: AT,
      ...more,
    });
    const both = { path: 'cutting', value: { cut: [record({ wrong: 'split' }), record({ by: 'Ines' })] } };
    expect(toCut(standing(both))).toBe(false);
    expect(standing(both).standing?.record.by).toBe('Ines');
  });

  it('keep their names when the plan changes around them', () => {
    const names = cutParts().map(({ name }) => name);
    expect(new Set(names).size).toBe(names.length);
    expect(cutParts({ path: `${BANK}.opening.width`, value: ['590 mm'] }).map(({ name }) => name)).toEqual(names);
    const third = cutParts({ path: `${BANK}.drawers[0]`, value: undefined }).map(({ name }) => name);
    expect(third).toEqual(names.filter((name) => !name.includes('/d1/')));
  });
});
