import { patched, plan, readJobDocument, type JobDocument } from '..';
import { WHOLE_CASE, wholeJob } from './whole-case.spec-data';

const bench = (over: object = {}): JobDocument => wholeJob({ ...WHOLE_CASE, ...over }) as JobDocument;
const planned = (document: JobDocument) => {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(reading.errors.map(({ path, said }) => `${path} ${said.code}`).join('; '));
  return plan(reading.job).cases[0]!;
};
const box = {
  build: { width: '1000 mm', height: '500 mm', depth: '400 mm', panel: 'ply18', back: { kind: 'none' } },
  layout: { id: 'A' },
};

describe('how a whole case stands', () => {
  // By hand: two sides 500 × 400 and top and bottom 964.6 × 400 of 17.7 mm, at the density of the plywood.
  it('weighs what its members do, where nobody says', () => {
    const document = patched(wholeJob(box, []) as JobDocument, [{ path: 'materials[0].density_kg_m3', value: 700 }]);
    const volume = 2 * 0.0177 * 0.4 * (0.5 + 0.9646);
    expect(planned(document).stand?.weight_kg).toBeCloseTo(700 * volume, 6);
  });

  it('stands as deep as it is, its front feet behind the recess for toes', () => {
    const { stand } = planned(bench());
    expect(stand).toMatchObject({ depth: 590_550_000, frontFeet: 76_200_000 + 19_050_000 });
  });

  it('keeps what is told of it, and is judged: anchored it does not tip', () => {
    expect(planned(bench({ stand: { weight_kg: 400 } })).stand?.weight_kg).toBe(400);
    const codes = (document: JobDocument) =>
      planned(document).banks.flatMap(({ findings }) => findings.map(({ code }) => code as string));
    const document = bench({ stand: { weight_kg: 1 } });
    expect(codes(document)).toContain('TIPS');
    const [finding] = planned(document).banks.flatMap(({ findings }) => findings.filter(({ code }) => code === 'TIPS'));
    for (const { patches } of finding!.remedies!) expect(codes(patched(document, patches))).not.toContain('TIPS');
  });

  it('is told whole for a case that is not planned whole', () => {
    const reading = readJobDocument({
      ...bench(),
      cases: [{ ...bench().cases[0], build: undefined, layout: undefined, banks: [], stand: { weight_kg: 30 } }],
    });
    expect(reading.ok ? [] : reading.errors.map(({ path }) => path)).toEqual(
      expect.arrayContaining(['cases[0].stand.depth', 'cases[0].stand.frontFeet']),
    );
  });
});
