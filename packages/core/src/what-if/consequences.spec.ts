import { readJobText, type Job } from '../job';
import { patched, type Patch } from '../reading';
import { BANK, sample } from '../job/sample.spec-data';
import { compareBottoms } from './compare-bottoms';
import { consequences } from './consequences';
import { inOtherBasis, turnBasis } from './other-basis';
import { plan, readJobDocument } from '../plan';

function read(...patches: Patch[]): Job {
  const reading = readJobDocument(patched(sample, patches));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.job;
}
const of = (...patches: Patch[]) => consequences(plan(read()), plan(read(...patches)));

describe('what follows from a change', () => {
  it('is nothing where nothing changes', () => {
    expect(of()).toEqual({ sizes: [], gone: [], come: [] });
  });

  it('is told once for all drawers alike, in the order of the work', () => {
    const { sizes } = of({ path: `${BANK}.opening.width`, value: ['598.4 mm'] });
    expect(sizes.map(({ size, places }) => [size, places])).toEqual([
      ['opening.width', []],
      ['front.width', [0, 1, 2]],
      ['box.width', [0, 1, 2]],
    ]);
    for (const { before, after } of sizes) expect((before ?? 0) - (after ?? 0)).toBe(1_600_000);
  });

  it('names the findings that go and those that come', () => {
    const planned = [{ path: `${BANK}.basis`, value: 'planned' }];
    expect(of(...planned).come.map(({ code }) => code)).toEqual(['FORECAST']);
    const back = consequences(plan(read(...planned)), plan(read()));
    expect(back.gone.map(({ code }) => code)).toEqual(['FORECAST']);
  });

  it('tells a size that can no longer be worked out, and a drawer that is new', () => {
    const shallow = of({ path: `${BANK}.opening.depth`, value: ['150 mm'] });
    const length = shallow.sizes.find(({ size }) => size === 'box.length');
    expect(length).toMatchObject({ places: [0, 1, 2] });
    expect(length).not.toHaveProperty('after');
    const more = of({ path: `${BANK}.drawers[3]`, value: { id: 'new' } });
    expect(more.sizes.find(({ size, places }) => size === 'box.width' && places.includes(3))).not.toHaveProperty(
      'before',
    );
  });
});

describe('planned and as built', () => {
  const built = { ...sample, cases: sample.cases };

  it('keeps the readings of both, however often it is turned', () => {
    const once = patched(built, turnBasis(built, BANK));
    const measured = patched(once, [{ path: `${BANK}.opening.width`, value: ['500 mm'] }]);
    const back = patched(measured, turnBasis(measured, BANK));
    const again = patched(back, turnBasis(back, BANK));
    expect(back.cases[0]!.banks[0]).toMatchObject({
      basis: sample.cases[0]!.banks[0]!.basis,
      opening: sample.cases[0]!.banks[0]!.opening,
      aside: { width: ['500 mm'] },
    });
    expect(again).toEqual(measured);
  });

  it('is not taken for measured while every reading is the planned one', () => {
    const planned = patched(sample, [{ path: `${BANK}.basis`, value: 'planned' }]);
    const turned = patched(planned, turnBasis(planned, BANK));
    const codes = (document: typeof turned): readonly string[] => {
      const reading = readJobDocument(document);
      if (!reading.ok) throw new Error('unread');
      return plan(reading.job).cases[0]!.banks[0]!.findings.map(({ code }) => code);
    };
    expect(codes(turned)).toContain('NOT_YET_MEASURED');
    const [finding] = plan((readJobDocument(turned) as { job: Job }).job).cases[0]!.banks[0]!.findings;
    for (const { patches } of finding!.remedies!)
      expect(codes(patched(turned, patches))).not.toContain('NOT_YET_MEASURED');
    expect(codes(patched(turned, [{ path: `${BANK}.opening.width[0]`, value: '19 in' }]))).not.toContain(
      'NOT_YET_MEASURED',
    );
  });

  it('compares the bank by the readings set aside with what it is', () => {
    const text = JSON.stringify(
      patched(sample, [
        { path: `${BANK}.aside`, value: { width: ['20 1/8 in'], height: ['18 in'], depth: ['22 1/2 in'] } },
      ]),
    );
    const reading = readJobText(text);
    if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
    expect(inOtherBasis(reading.job, BANK)?.opening.width.total).toBe(20.125 * 25_400_000);
    expect(inOtherBasis(read(), BANK)).toBeUndefined();
  });
});

describe('ways of fitting the bottom', () => {
  it('tells what each leaves clear, against the one in use', () => {
    const rows = compareBottoms(sample, BANK);
    expect(rows.map(({ fit }) => fit)).toEqual(['captured', 'slid-in', 'applied', 'rabbeted']);
    const [captured, slidIn, applied, rabbeted] = rows;
    expect(captured!.won).toBe(0);
    expect(slidIn!.won).toBe(0);
    // A bottom flush with the lower edge gives back what a groove’s offset had taken.
    expect([applied!.won, rabbeted!.won]).toEqual([read().cases[0]!.banks[0]!.box.groove!.offset, applied!.won]);
  });

  it('can each be taken by its patches', () => {
    for (const { fit, patches } of compareBottoms(sample, BANK)) {
      const reading = readJobDocument(patched(sample, patches));
      expect(reading.ok && reading.job.cases[0]!.banks[0]!.box.bottomFit).toBe(fit);
    }
  });

  it('says what would stand in the way', () => {
    const under = patched(sample, [
      { path: `${BANK}.slide.family`, value: 'undermount-16' },
      { path: `${BANK}.slide.length`, value: undefined },
    ]);
    const applied = compareBottoms(under, BANK).find(({ fit }) => fit === 'applied');
    expect(applied!.stops.map(({ code }) => code)).toContain('BOTTOM_NOT_ALLOWED');
  });

  it('brings the groove a fit needs, and is nothing of a job that can’t be read', () => {
    const plainly = patched(sample, [
      { path: `${BANK}.box.bottomFit`, value: 'applied' },
      { path: `${BANK}.box.groove`, value: undefined },
    ]);
    expect(compareBottoms(plainly, BANK).find(({ fit }) => fit === 'captured')?.clearHeight).toBeGreaterThan(0);
    expect(compareBottoms(patched(sample, [{ path: 'unit', value: 'ell' }]), BANK)).toEqual([]);
  });
});
