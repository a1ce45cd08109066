import { BANK, sample } from '../job/sample.spec-data';
import { inMillimetres } from '../length';
import type { Patch } from '../job';
import { AT, cutParts, gate, worked } from './cutting.spec-data';
import { partsOf, toCut } from './parts';

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
      front: 'forecast',
      back: 'forecast',
      bottom: 'forecast',
      face: 'forecast',
    });
    expect(releases()).toEqual({ side: 'slides', front: 'now', back: 'now', bottom: 'slides', face: 'hung' });
    expect(releases(gates({ slides: gate }))).toMatchObject({ side: 'now', bottom: 'groove', face: 'hung' });
    expect(releases(gates({ slides: gate, groove: gate }))).toMatchObject({ bottom: 'now', face: 'hung' });
    expect(releases(gates({ hung: gate }))).toMatchObject({ side: 'slides', face: 'now' });
  });

  it('needs no slides in hand where their sheet is entered or wood is their stuff', () => {
    const own = { id: 'loft', like: 'side-ball-bearing' };
    const choose = (family: string): Patch => ({ path: `${BANK}.slide`, value: { family } });
    expect(releases({ path: 'slides', value: [own] }, choose('loft')).side).toBe('now');
    expect(releases(choose('wood-runner')).side).toBe('now');
  });

  it('is held by what must be mended, but not by a case that tips', () => {
    const deep = releases({ path: `${BANK}.drawers[1].contents`, value: [{ name: 'cone', height: '900 mm' }] });
    expect(Object.values(deep)).not.toContain('now');
    const stand = { weight_kg: 1, depth: '300 mm', frontFeet: '200 mm' };
    const { job, planned } = worked(sample, { path: 'cases[0].stand', value: stand });
    expect(planned.cases[0]!.banks[0]!.findings.map(({ code }) => code)).toContain('TIPS');
    expect(partsOf(job, planned).parts.some(({ release }) => release === 'now')).toBe(true);
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
