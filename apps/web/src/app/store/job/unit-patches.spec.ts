import { patched, readJobDocument, type Patch } from '@zabble/core';
import { newJob } from './new-job';
import { unitPatches } from './unit-patches';

const PATH = 'cases[0].banks[0]';
const job = (...patches: Patch[]) => patched(newJob('in'), patches);
const turned = (...patches: Patch[]) => {
  const before = job({ path: 'step', value: '1/64 in' }, ...patches);
  return patched(before, unitPatches(before, 'mm'));
};

describe('lengths told in another unit', () => {
  it('the step goes, and nothing else changes', () => {
    expect(turned()).toEqual({ ...newJob('in'), unit: 'mm' });
    expect(unitPatches(newJob('in'), 'in')).toEqual([]);
  });

  it('a slide whose length was chosen stays on its list, of the bank and of one drawer', () => {
    const bank = turned({ path: `${PATH}.slide.length`, value: '20 in' });
    expect(bank.cases[0]!.banks[0]!.slide).toMatchObject({ length: '20 in', lengths: 'in' });
    expect(readJobDocument(bank).ok).toBe(true);
    const drawer = turned({ path: `${PATH}.drawers[1].slide`, value: { length: '18 in' } });
    expect(drawer.cases[0]!.banks[0]!.drawers[1]!.slide).toEqual({ length: '18 in', lengths: 'in' });
    expect(readJobDocument(drawer).ok).toBe(true);
    const both = turned(
      { path: `${PATH}.slide.length`, value: '20 in' },
      { path: `${PATH}.drawers[1].slide`, value: { length: '18 in' } },
    );
    expect(both.cases[0]!.banks[0]!.drawers[1]!.slide).toEqual({ length: '18 in' });
    expect(readJobDocument(both).ok).toBe(true);
  });
});
