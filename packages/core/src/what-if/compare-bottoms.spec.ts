import { plan, readJobDocument } from '../plan';
import { patched, type Patch } from '../reading';
import { BANK, sample } from '../job/sample.spec-data';
import { bottomPatches } from './compare-bottoms';

const bank = (...patches: Patch[]) => {
  const reading = readJobDocument(patched(sample, patches));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return plan(reading.job).cases[0]!.banks[0]!;
};
const at = (field: string, value?: unknown): Patch => ({ path: `${BANK}.box.${field}`, value });
const bare = [at('bottomFit', 'applied'), at('groove'), at('play')];

describe('what another bottom needs beside its name', () => {
  it('is nothing where its groove and play are told already', () => {
    expect(bottomPatches(bank(), 'slid-in', 'mm')).toEqual([at('bottomFit', 'slid-in')]);
    expect(bottomPatches(bank(), 'applied', 'mm')).toEqual([at('bottomFit', 'applied')]);
  });

  it('is a groove and a play, in the unit of the job, where there are none', () => {
    expect(bottomPatches(bank(...bare), 'captured', 'mm')).toEqual([
      at('bottomFit', 'captured'),
      at('groove', { depth: '5.5 mm', offset: '12 mm' }),
      at('play', '1.5 mm'),
    ]);
    expect(bottomPatches(bank(...bare), 'captured', 'in')).toEqual([
      at('bottomFit', 'captured'),
      at('groove', { depth: '7/32 in', offset: '1/2 in' }),
      at('play', '1/16 in'),
    ]);
    expect(bottomPatches(bank(...bare), 'applied', 'mm')).toEqual([at('bottomFit', 'applied')]);
  });

  it('is to do without a muntin where nothing holds it', () => {
    const halved = bank(at('muntin', { material: 'ply12', width: '60 mm' }));
    const gone = [at('muntin', undefined)];
    expect(bottomPatches(halved, 'applied', 'mm')).toEqual([at('bottomFit', 'applied'), ...gone]);
    expect(bottomPatches(halved, 'slid-in', 'mm')).toEqual([at('bottomFit', 'slid-in')]);
  });

  it('plans, and changes nothing else', () => {
    for (const fit of ['captured', 'slid-in', 'applied'] as const) {
      const patches = bottomPatches(bank(...bare), fit, 'mm');
      const made = bank(...bare, ...patches);
      expect(made.bank.box.bottomFit).toBe(fit);
      expect(made.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    }
  });
});
