import fc from 'fast-check';
import { readJob } from './read';
import { documentText } from './document-text';
import { BANK, sample } from './sample.spec-data';
import { patched } from '../reading';
import type { JobDocument } from './types';

describe('a document as text', () => {
  it('is what JSON writes, read before or not, whatever stands in it', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.string(), (strange, notes) => {
        const document = patched(sample, [
          { path: 'minor', value: 999 },
          { path: 'notes', value: notes },
          { path: `${BANK}.scent`, value: strange },
          { path: 'customer', value: undefined },
        ]) as unknown as JobDocument;
        expect(documentText(document)).toBe(JSON.stringify(document));
        readJob(document);
        expect(documentText(document)).toBe(JSON.stringify(document));
      }),
      { numRuns: 200 },
    );
  });
});

describe('a bank that was read before', () => {
  const fresh = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

  it('is what it was read as', () => {
    const [one, two] = [readJob(fresh(sample)), readJob(fresh(sample))];
    expect(one.ok && two.ok && one.job.cases[0]!.banks[0] === two.job.cases[0]!.banks[0]).toBe(true);
  });

  it('is told of each time where something is wrong with it', () => {
    const wrong = patched(sample, [{ path: `${BANK}.front.gap`, value: '3' }]);
    for (const each of [wrong, fresh(wrong), fresh(wrong)])
      expect(readJob(each)).toMatchObject({ ok: false, errors: [{ path: `${BANK}.front.gap` }] });
  });

  it('with fields of a newer minor is known in a newer file only', () => {
    const strange = Array.from({ length: 60 }, (_, n) => ({ path: `${BANK}.box.f${n}`, value: 1 }));
    const newer = patched(sample, [{ path: 'minor', value: 999 }, ...strange]);
    expect(readJob(fresh(newer)).ok).toBe(true);
    expect(readJob(patched(fresh(newer), [{ path: 'minor', value: 0 }])).ok).toBe(false);
  });
});
