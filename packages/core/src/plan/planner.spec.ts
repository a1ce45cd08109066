import fc from 'fast-check';
import type { Job, JobDocument } from '../job';
import { keepIdentity, patched, type Patch } from '../reading';
import { plan, readJobDocument } from './plan';
import { demo } from './plan.spec-data';
import { planner } from './planner';

const [BANK, OTHER] = ['cases[0].banks[0]', 'cases[0].banks[1]'];
const two = ((): JobDocument => {
  const document = demo('notions-bank');
  const { banks } = (document as unknown as { cases: { banks: object[] }[] }).cases[0]!;
  return patched(document, [{ path: OTHER, value: { ...banks[0], id: 'beside' } }]);
})();

function read(document: JobDocument): Job {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.job;
}

const changes: readonly Patch[] = [
  { path: `${BANK}.drawers[0].height`, value: '3 in' },
  { path: `${BANK}.drawers[0].height`, value: undefined },
  { path: `${BANK}.opening.width`, value: ['23 3/4 in'] },
  { path: `${OTHER}.opening.width`, value: ['23 1/2 in', '23 3/4 in'] },
  { path: `${OTHER}.basis`, value: 'planned' },
  { path: `${OTHER}.drawers[0].line`, value: { bank: 'b1', drawer: 'd2' } },
  { path: `${OTHER}.drawers[0].line`, value: undefined },
  { path: 'materials[0].thickness', value: '12 mm' },
  { path: 'materials[0].thickness', value: '11.8 mm' },
  { path: 'unit', value: 'mm' },
  { path: 'climate', value: { from: 20, to: 80 } },
  { path: 'cases[0].divider', value: '3/4 in' },
  { path: 'cases[0].style', value: 'frameless' },
  { path: 'cases[0].run', value: { kerf: '1/8 in' } },
  { path: 'cases[0].overhang', value: '1/2 in' },
  { path: 'cases[0].stand', value: { weight_kg: 30, depth: '20 in', frontFeet: '1 in' } },
];

describe('planner', () => {
  it('gives what plan gives, whatever changed before', () => {
    const sequence = fc.array(fc.constantFrom(...changes), { minLength: 1, maxLength: 8 });
    fc.assert(
      fc.property(sequence, (patches) => {
        const planNext = planner();
        let [document, before] = [two, read(two)];
        planNext(before);
        for (const patch of patches) {
          const next = patched(document, [patch]);
          const reading = readJobDocument(next);
          if (!reading.ok) continue;
          const job = keepIdentity(before, reading.job);
          expect(planNext(job)).toEqual(plan(reading.job));
          [document, before] = [next, job];
        }
      }),
      { numRuns: 20 },
    );
  });

  it('keeps the bank that did not change', () => {
    const planNext = planner();
    const job = read(two);
    const [first] = planNext(job).cases;
    const changed = keepIdentity(job, read(patched(two, [{ path: `${BANK}.rail`, value: '1/4 in' }])));
    const [then] = planNext(changed).cases;
    expect(then?.banks[1]).toBe(first?.banks[1]);
    expect(then?.banks[0]).not.toBe(first?.banks[0]);
  });
});
