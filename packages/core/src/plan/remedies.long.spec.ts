import { told } from './plan.spec-data';
import fc from 'fast-check';
import { BOTTOMS } from '../box';
import type { Finding } from '../findings';
import { JOINTS, type JobDocument } from '../job';
import { patched } from '../reading';
import { BUILT_IN } from '../slides';
import { plan, readJobDocument } from './plan';

/** One value in so many; else none. */
const seldom = <T>(value: fc.Arbitrary<T>, times = 4) =>
  fc.oneof({ weight: times - 1, arbitrary: fc.constant(undefined) }, { weight: 1, arbitrary: value });
const mm = (least: number, most: number) => fc.integer({ min: least * 10, max: most * 10 }).map((n) => `${n / 10} mm`);
const families = fc.constantFrom(...BUILT_IN.map(({ id }) => id), 'own');
const materials = ['ply12', 'ply6', 'thick', 'oak'];
const material = fc.constantFrom(...materials);
const corner = fc.record({ joint: fc.constantFrom(...JOINTS), depth: mm(2, 16) });

const drawer = fc.record(
  {
    height: seldom(mm(40, 220), 6),
    least: seldom(mm(40, 200), 8),
    most: seldom(mm(60, 260), 8),
    tie: seldom(fc.nat({ max: 4 }), 8),
    boxHeight: seldom(mm(20, 260), 6),
    contents: seldom(
      fc.array(
        fc.record(
          {
            height: mm(10, 240),
            count: fc.integer({ min: 1, max: 12 }),
            weight_kg: fc.integer({ min: 0, max: 30 }),
            footprint: fc.tuple(mm(40, 700), mm(40, 600)),
          },
          { requiredKeys: ['height'] },
        ),
        { minLength: 1, maxLength: 2 },
      ),
    ),
    slide: seldom(
      fc.record(
        { family: families, length: fc.constantFrom('300 mm', '450 mm', '600 mm') },
        { requiredKeys: ['family'] },
      ),
      8,
    ),
    box: seldom(
      fc.record(
        {
          bottomFit: fc.constantFrom(...Object.keys(BOTTOMS)),
          bottom: material,
          sides: material,
          groove: fc.record({ depth: mm(2, 14), offset: mm(4, 20) }),
          play: mm(0, 12),
        },
        { requiredKeys: [] },
      ),
      8,
    ),
    front: seldom(fc.record({ material }), 10),
  },
  { requiredKeys: [] },
);

const bank = fc.record({
  basis: fc.constantFrom('planned', 'as-built'),
  opening: fc.record(
    {
      width: fc.array(mm(250, 900), { minLength: 1, maxLength: 1 }),
      height: fc.array(mm(300, 1200), { minLength: 1, maxLength: 1 }),
      depth: fc.array(mm(280, 640), { minLength: 1, maxLength: 1 }),
    },
    { requiredKeys: ['width', 'height', 'depth'] },
  ),
  buildOut: seldom(
    fc.record(
      { left: mm(0, 40), right: mm(0, 40), from: fc.constant(['thick', 'ply12']) },
      { requiredKeys: ['left', 'right'] },
    ),
  ),
  rail: seldom(mm(0, 22)),
  slide: fc.record({ family: families, length: seldom(fc.constantFrom('300 mm', '400 mm', '500 mm', '600 mm'), 5) }),
  front: fc.record({
    mount: fc.constantFrom('overlay', 'inset'),
    top: mm(0, 16),
    bottom: mm(0, 16),
    left: mm(0, 16),
    right: mm(0, 16),
    gap: mm(0, 24),
    material,
    band: seldom(fc.record({ thickness: mm(0.5, 2), edges: fc.constant(['top', 'bottom']) }), 6),
    frame: seldom(fc.record({ stile: mm(20, 70), groove: mm(4, 30), play: mm(0, 14), panel: material }), 6),
    run: seldom(fc.record({ kerf: mm(0, 4), trim: mm(0, 10) }), 5),
    pull: seldom(
      fc.record(
        {
          school: fc.constantFrom('centre', 'from-top', 'third-when-low'),
          fromTop: mm(5, 90),
          lowUnder: mm(100, 900),
          centres: mm(30, 300),
          height: mm(5, 60),
          purchase: mm(4, 10),
        },
        { requiredKeys: ['school', 'fromTop', 'lowUnder', 'purchase'] },
      ),
    ),
  }),
  division: fc.record({
    scheme: fc.constantFrom('equal', 'step', 'ratio', 'contents', 'manual'),
    step: mm(0, 30),
    ratio: fc.constantFrom(0.9, 1.1, 1.3),
    increment: fc.constantFrom('1 mm', '5 mm', '10 mm', '1/16 in'),
    makeup: fc.constantFrom('top', 'bottom'),
  }),
  box: fc.record({
    sides: material,
    ends: material,
    bottom: material,
    corner: fc.oneof(
      corner,
      fc.tuple(corner, corner).map(([front, back]) => ({ ...front, back })),
    ),
    bottomFit: fc.constantFrom(...Object.keys(BOTTOMS)),
    groove: fc.record({ depth: mm(2, 14), offset: mm(4, 20) }),
    play: mm(0, 12),
    ease: seldom(mm(0, 4)),
    heightStep: seldom(mm(5, 30)),
  }),
  mounting: seldom(
    fc.record(
      {
        rise: fc.oneof(fc.constantFrom('half', 'third'), mm(0, 90)),
        setback: mm(0, 40),
        order: fc.constantFrom('top-first', 'bottom-up'),
      },
      { requiredKeys: [] },
    ),
    2,
  ),
  drawers: fc.array(drawer, { minLength: 1, maxLength: 6 }),
});

type Any = fc.Arbitrary<unknown> extends never ? never : Record<string, unknown>;

/** Without fields that hold nothing; ties only to drawers above. */
const anyJob = fc
  .record({
    unit: fc.constantFrom('in', 'mm'),
    style: fc.constantFrom('frameless', 'face-frame'),
    divider: seldom(mm(10, 30), 2),
    ends: seldom(fc.record({ left: mm(0, 20), right: mm(0, 20) }, { requiredKeys: [] }), 3),
    run: seldom(fc.record({ kerf: mm(0, 4), trim: mm(0, 10) }), 6),
    stand: seldom(fc.record({ weight_kg: fc.integer({ min: 5, max: 60 }), depth: mm(300, 600), frontFeet: mm(0, 80) })),
    groove: seldom(mm(2, 9), 6),
    banks: fc.array(bank, { minLength: 1, maxLength: 2 }),
  })
  .map(({ unit, banks, groove, ...owner }): JobDocument => {
    const made = banks.map(({ drawers, ...each }, b) => ({
      ...each,
      id: `b${b}`,
      drawers: drawers.map(({ tie, ...one }, d) => ({
        ...one,
        id: `d${d}`,
        ...(tie !== undefined && tie < d ? { sameAs: `d${tie}`, height: undefined } : {}),
        contents: (one.contents as Any[] | undefined)?.map((thing, index) => ({ name: `thing ${index}`, ...thing })),
      })),
    }));
    const reading = {
      id: 'l',
      kind: 'reading',
      at: '2026-11-20T09:00:00Z',
      bank: 'c/b0',
      drawer: 'd0',
      what: 'groove',
    };
    return JSON.parse(
      JSON.stringify({
        format: 'zabble-job',
        version: 1,
        name: 'Any',
        unit,
        materials: [
          { id: 'ply12', name: '12 mm plywood', kind: 'plywood', thickness: '11.8 mm' },
          { id: 'ply6', name: '6 mm plywood', kind: 'plywood', thickness: '5.5 mm' },
          { id: 'thick', name: '18 mm plywood', kind: 'plywood', thickness: '17.8 mm' },
          { id: 'oak', name: 'oak', kind: 'solid', thickness: '20 mm', species: 'oak-red' },
        ],
        slides: [{ id: 'own', like: 'side-light', minBox: '20 mm', load_kg: 8 }],
        ...(groove === undefined ? {} : { log: [{ ...reading, length: groove }] }),
        cases: [{ ...owner, id: 'c', name: 'Case', banks: made }],
      }),
    ) as JobDocument;
  });

const findingsOf = (document: JobDocument): readonly (Finding & { readonly bank: string })[] | undefined => {
  const reading = readJobDocument(document);
  if (!reading.ok) return undefined;
  return plan(reading.job).cases.flatMap((owner) =>
    owner.banks.flatMap(({ path, findings }) => findings.map((finding) => ({ ...finding, bank: path }))),
  );
};

describe('every remedy of random jobs', () => {
  it('leaves a job that can be read, its finding gone or saying what remains', () => {
    const tried = new Map<string, number>();
    fc.assert(
      fc.property(anyJob, (document) => {
        const before = findingsOf(document);
        if (!before) return;
        for (const finding of before)
          for (const { code: says, patches } of finding.remedies ?? []) {
            tried.set(finding.code, (tried.get(finding.code) ?? 0) + 1);
            const mended = patched(document, patches);
            const after = findingsOf(mended);
            if (!after) throw new Error(`${finding.code}, ${says}: can't be read any more`);
            const same = after.find(
              ({ code, bank: at, drawer: of }) => code === finding.code && at === finding.bank && of === finding.drawer,
            );
            if (same && told(same) === told(finding))
              throw new Error(`${finding.code}, ${says}: it says the same: ${told(same)}`);
          }
      }),
      { numRuns: 140 },
    );
    expect([...tried.values()].reduce((sum, each) => sum + each, 0)).toBeGreaterThan(1200);
    expect(tried.size).toBeGreaterThan(25);
  });
});
