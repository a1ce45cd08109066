import type { Job } from '../job';
import { patched, type Patch } from '../reading';
import { BANK, sample } from '../job/sample.spec-data';
import { BUILT_IN } from '../slides';
import { compareBottoms } from './compare-bottoms';
import { compareSlides } from './compare-slides';
import { readJobDocument } from '../plan';
import { one, IN_ENGLISH } from '../plan/plan.spec-data';

function read(...patches: Patch[]): Job {
  const reading = readJobDocument(patched(sample, patches));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.job;
}
const of = (id: string, ...patches: Patch[]) =>
  compareSlides(read(...patches), BANK).find(({ family }) => family.id === id)!;

describe('slides side by side', () => {
  it('are every family there is, own rows among them, as each would serve the bank', () => {
    expect(compareSlides(read(), BANK).map(({ family }) => family.id)).toEqual(BUILT_IN.map(({ id }) => id));
    const own = { path: 'slides', value: [{ id: 'loft', like: 'side-light', price: 12.5 }] };
    expect(of('loft', own).cost).toBe(37.5);
    for (const { family, insideWidth, volume, hidden } of compareSlides(read(), BANK)) {
      const bank = one({ path: 'BANK.slide', value: { family: family.id } });
      expect(insideWidth).toBe(bank.drawers[0]!.dimensions['inside.width']!.total);
      const litres = bank.drawers.reduce(
        (sum, { dimensions: d }) =>
          sum + (d['inside.width']!.total * d['inside.length']!.total * d['inside.wallHeight']!.total) / 1e24,
        0,
      );
      expect(volume).toBeCloseTo(litres, 6);
      expect(hidden).toBe(Math.max(...bank.drawers.map(({ dimensions }) => dimensions['slide.hidden']!.total)));
    }
  });

  it('say what would have to be mended, and which do not fit at all', () => {
    expect(of('side-ball-bearing').stops).toEqual([]);
    // 12 up where 13 is wanted is within a millimetre; an applied bottom is not for it.
    const applied = { path: `${BANK}.box.bottomFit`, value: 'applied' };
    expect(of('undermount-16', applied).stops.map(IN_ENGLISH.say)).toContainEqual(
      expect.stringContaining('wants a bottom captured'),
    );
    const shallow = { path: `${BANK}.opening.depth[0]`, value: '200 mm' };
    expect(of('side-ball-bearing', shallow)).toMatchObject({
      volume: 0,
      stops: [{ code: 'DEPTH_TOO_SHORT' }],
    });
    expect(of('side-ball-bearing', shallow).nominal).toBeUndefined();
    expect(of('wood-runner', shallow).nominal).toBeGreaterThan(0);
  });

  it('are not held for what is amiss with the case or the opening, whichever slide is taken', () => {
    const tips = { path: 'cases[0].stand', value: { weight_kg: 1, depth: '560 mm', frontFeet: '0 mm' } };
    const tapers = { path: `${BANK}.opening.width`, value: ['600 mm', '606 mm'] };
    expect(one(tips, tapers).findings.map(({ code }) => code)).toEqual(
      expect.arrayContaining(['TIPS', 'OPENING_TAPERED']),
    );
    expect(of('side-ball-bearing', tips, tapers).stops).toEqual([]);
    expect(compareBottoms(patched(sample, [tips, tapers]), BANK).find(({ fit }) => fit === 'captured')!.stops).toEqual(
      [],
    );
  });

  it('weigh the heaviest drawer against what each carries', () => {
    const heavy = {
      path: `${BANK}.drawers[1].contents`,
      value: [{ name: 'shackles', height: '30 mm', weight_kg: 2, count: 12 }],
    };
    expect(of('side-light', heavy).heaviest).toBeGreaterThan(24);
    expect(of('side-light', heavy).stops.map(({ code }) => code)).toContain('LOAD_OVER');
    expect(compareSlides(read(), 'cases[9].banks[0]')).toEqual([]);
  });
});
