import type { Job, JobDocument } from '../job';
import { patched, type Patch } from '../reading';
import { BANK, sample } from '../job/sample.spec-data';
import { alternatives } from './alternatives';
import { plan, readJobDocument } from '../plan';
import { demo } from '../plan/plan.spec-data';

function read(document: JobDocument, ...patches: Patch[]): Job {
  const reading = readJobDocument(patched(document, patches));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.job;
}
const heightsOf = (document: JobDocument): readonly number[] =>
  plan(read(document)).cases[0]!.banks[0]!.drawers.map(({ dimensions }) => dimensions['front.height']?.total ?? 0);

describe('alternatives', () => {
  it('are at most three of each scheme, best first, no two alike', () => {
    const found = alternatives(read(sample), BANK);
    expect(new Set(found.map(({ scheme }) => scheme))).toEqual(new Set(['equal', 'step', 'ratio']));
    for (const scheme of ['equal', 'step', 'ratio'])
      expect(found.filter((each) => each.scheme === scheme).length).toBeLessThanOrEqual(3);
    const scores = found.map(({ measure }) => measure.score);
    expect(scores).toEqual([...scores].sort((a, b) => a - b));
    expect(new Set(found.map(({ heights }) => heights.join())).size).toBe(found.length);
  });

  it('are what the bank becomes when one is taken', () => {
    for (const document of [sample, demo('notions-bank'), demo('flag-chest')])
      for (const { patches, heights } of alternatives(read(document), BANK))
        expect(heightsOf(patched(document, patches))).toEqual(heights);
  });

  it('are measured as they say: departure in the mean square, settings, and a quarter of what is spare', () => {
    const [equal] = alternatives(read(sample), BANK).filter(({ scheme }) => scheme === 'equal');
    // 514 shared by three: two at 171, one at 172, each off 171.333; three bays, so three box heights.
    const off = Math.sqrt((2 * (1 / 3) ** 2 + (2 / 3) ** 2) / 3);
    expect(equal!.measure.departure).toBeCloseTo(off, 6);
    expect(equal!.measure).toMatchObject({ spare: 0, settings: 3 });
    expect(equal!.measure.score).toBeCloseTo(off + 2 * 3, 6);
    for (const { measure } of alternatives(read(demo('notions-bank')), BANK))
      expect(measure.score).toBeCloseTo(measure.departure + measure.spare / 4 + 3 * (measure.settings - 1), 9);
  });

  it('what is spare is clear height over what is stored and a quarter inch, in the mean square', () => {
    const stored = read(sample, { path: `${BANK}.drawers[2].contents`, value: [{ name: 'roll', height: '50 mm' }] });
    const found = alternatives(stored, BANK);
    for (const { measure, patches } of found) {
      const taken = plan(
        read(
          patched(sample, [
            { path: `${BANK}.drawers[2].contents`, value: [{ name: 'roll', height: '50 mm' }] },
            ...patches,
          ]),
        ),
      );
      const clear = taken.cases[0]!.banks[0]!.drawers[2]!.dimensions['inside.clearHeight']!.total;
      expect(measure.spare).toBeCloseTo(Math.abs(clear / 1e6 - 50 - 25.4 / 4), 6);
    }
    expect(found.some(({ measure }) => measure.spare > 10)).toBe(true);
  });

  it('keep the wishes: locks, bounds and what is stored', () => {
    const wishes = [
      { path: `${BANK}.drawers[0].height`, value: '120 mm' },
      { path: `${BANK}.drawers[1].most`, value: '180 mm' },
      { path: `${BANK}.drawers[2].contents`, value: [{ name: 'roll', height: '150 mm' }] },
    ];
    const found = alternatives(read(sample, ...wishes), BANK);
    expect(found.some(({ scheme }) => scheme === 'contents')).toBe(true);
    for (const { heights } of found) {
      expect(heights[0]).toBe(120_000_000);
      expect(heights[1]).toBeLessThanOrEqual(180_000_000);
    }
  });

  it('prefer, for like departures, fewer box heights and evenly spared clear height', () => {
    const stepped = alternatives(read(sample, { path: `${BANK}.box.heightStep`, value: '25 mm' }), BANK);
    const settings = stepped.map(({ measure }) => measure.settings);
    expect(Math.min(...settings)).toBeLessThan(3);
    expect(stepped[0]!.measure.settings).toBe(Math.min(...settings));
  });

  it('are the same every time, need no increment, and are none where nothing can be divided', () => {
    const job = read(demo('notions-bank'));
    expect(alternatives(job, BANK)).toEqual(alternatives(job, BANK));
    const byHand = [
      { path: `${BANK}.division`, value: { scheme: 'manual' } },
      { path: `${BANK}.drawers[0].height`, value: '100 mm' },
    ];
    const found = alternatives(read(sample, ...byHand), BANK);
    expect(found[0]!.patches.some(({ path }) => path.endsWith('increment'))).toBe(true);
    expect(alternatives(read(sample, { path: `${BANK}.drawers[0].height`, value: '900 mm' }), BANK)).toEqual([]);
    expect(alternatives(job, 'cases[7].banks[9]')).toEqual([]);
    // A lock goes under what is stored: that can be divided, and is no way to.
    const stored = (height: string) => [
      { path: `${BANK}.drawers[0].height`, value: '120 mm' },
      { path: `${BANK}.drawers[0].contents`, value: [{ name: 'roll', height }] },
    ];
    expect(alternatives(read(sample, ...stored('40 mm')), BANK).length).toBeGreaterThan(0);
    expect(alternatives(read(sample, ...stored('200 mm')), BANK)).toEqual([]);
  });
});
