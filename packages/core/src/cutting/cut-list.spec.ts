import { patched, type Patch } from '../reading';
import { BANK, sample } from '../job/sample.spec-data';
import { inMillimetres } from '../length';
import { plan, readJobDocument } from '../plan';
import { cutList } from './cut-list';

function listOf(...patches: Patch[]) {
  const reading = readJobDocument(patched(sample, patches));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return cutList(reading.job, plan(reading.job));
}

describe('the cut list', () => {
  it('groups by material, then rip width, then length, and counts every part once', () => {
    const { groups, unsized } = listOf(
      { path: `${BANK}.division.scheme`, value: 'equal' },
      { path: `${BANK}.box.heightStep`, value: '5 mm' },
    );
    expect(unsized).toBe(0);
    expect(groups.map(({ material, count }) => [material.id, count])).toEqual([
      ['ply12', 12],
      ['ply6', 3],
      ['front', 3],
    ]);
    const [box] = groups;
    const widths = box!.rips.map(({ width }) => inMillimetres(width));
    expect(widths).toEqual([...widths].sort((a, b) => b - a));
    expect(box!.rips.flatMap(({ crosscuts }) => crosscuts).reduce((sum, { count }) => sum + count, 0)).toBe(12);
    for (const { crosscuts } of box!.rips) {
      const lengths = crosscuts.map(({ length }) => length);
      expect(lengths).toEqual([...lengths].sort((a, b) => b - a));
    }
  });

  it('serves the drawers by their share, and says how many are left', () => {
    const [box] = listOf(
      { path: `${BANK}.division.scheme`, value: 'equal' },
      { path: `${BANK}.box.heightStep`, value: '5 mm' },
    ).groups;
    const sides = box!.rips.flatMap(({ crosscuts }) => crosscuts).filter(({ uses }) => uses[0]!.role === 'side');
    expect(sides.flatMap(({ uses }) => uses.map(({ drawer, count }) => [drawer, count])).sort()).toEqual([
      ['d1', 2],
      ['d2', 2],
      ['d3', 2],
    ]);
    expect(sides.reduce((sum, { left }) => sum + left, 0)).toBe(6);
  });

  it('keeps parts apart that are worked differently, though they are of one size', () => {
    const { groups } = listOf(
      { path: `${BANK}.slide.family`, value: 'undermount-16' },
      { path: `${BANK}.box.groove.offset`, value: '13 mm' },
      { path: `${BANK}.gates`, value: { slides: { at: '2026-11-20T09:00:00Z' } } },
    );
    const rows = groups.flatMap(({ rips }) => rips.flatMap(({ crosscuts }) => crosscuts));
    const worked = rows.map(
      ({ parts }) => new Set(parts.map(({ machining }) => machining.map(({ kind }) => kind).join())),
    );
    expect(worked.map(({ size }) => size)).toEqual(rows.map(() => 1));
    const backs = rows.filter(({ uses }) => uses.some(({ role }) => role === 'back'));
    expect(backs.map(({ uses }) => [...new Set(uses.map(({ role }) => role))])).toEqual(backs.map(() => ['back']));
    for (const { parts } of backs)
      expect(parts[0]!.machining.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['notch', 'bore']));
  });

  it('leaves parts without a size out and counts them', () => {
    const { groups, unsized } = listOf({ path: `${BANK}.drawers[0].height`, value: '900 mm' });
    expect(unsized).toBe(15);
    expect(groups.map(({ material }) => material.id)).toEqual(['ply6']);
  });
});
