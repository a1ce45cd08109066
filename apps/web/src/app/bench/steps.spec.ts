import { patched, plan, readJobDocument, type BankPlan, type Patch, said } from '@zabble/core';
import { newJob } from '../store/job/new-job';
import { standingOf, stepOfPath } from './steps';

const PATH = 'cases[0].banks[0]';
function bank(...patches: Patch[]): BankPlan {
  const reading = readJobDocument(
    patched(
      newJob('mm'),
      patches.map(({ path, value }) => ({ path: `${PATH}.${path}`, value })),
    ),
  );
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return plan(reading.job).cases[0]!.banks[0]!;
}
const built = { path: 'basis', value: 'as-built' };

describe('how the steps stand', () => {
  it('a planned bank wants measuring and holds the cutting', () => {
    expect(standingOf(bank(), 'measure')).toEqual({ state: 'wants', said: said('standing/planned') });
    expect(standingOf(bank(), 'cut')).toEqual({ state: 'held', said: said('standing/held-until-measured') });
    expect(standingOf(bank(), 'divide')).toEqual({ state: 'done', said: said('standing/fronts', { count: 4 }) });
  });

  it('a bank as built, without a stop, is ready for the saw', () => {
    expect(standingOf(bank(built), 'measure')).toEqual({ state: 'done', said: said('standing/as-built') });
    expect(standingOf(bank(built), 'cut')).toEqual({ state: 'done', said: said('standing/ready') });
  });

  it('a stop is counted in its step and holds the cutting', () => {
    const broken = bank(built, { path: 'drawers[0].height', value: '900 mm' });
    expect(standingOf(broken, 'divide')).toEqual({ state: 'mend', said: said('standing/to-mend', { count: 1 }) });
    expect(standingOf(broken, 'cut')).toEqual({ state: 'held', said: said('standing/held-by-stops') });
  });

  it('a stop that holds nothing, as a case that tips, keeps nothing from the saw', () => {
    const sound = bank(built);
    const tips = { ...said('CASE_RACKS'), severity: 'stop', step: 'case', holds: 'nothing' } as const;
    const tipping = { ...sound, findings: [...sound.findings, tips] };
    expect(standingOf(tipping, 'case').state).toBe('mend');
    expect(standingOf(tipping, 'cut')).toEqual(standingOf(sound, 'cut'));
  });

  it.each([
    [`${PATH}.opening.width[1]`, 'measure'],
    [`${PATH}.buildOut.left`, 'measure'],
    [`${PATH}.front.gap`, 'fronts'],
    [`${PATH}.rail`, 'fronts'],
    ['climate.fitting.humidity', 'fronts'],
    [`${PATH}.division.step`, 'divide'],
    [`${PATH}.drawers[2].height`, 'divide'],
    [`${PATH}.box.groove.depth`, 'boxes'],
    [`${PATH}.slide.length`, 'slides'],
    ['slides[0].side', 'slides'],
    ['materials[0].thickness', 'boxes'],
  ])('%s is written in %s', (path, step) => {
    expect(stepOfPath(path)).toBe(step);
  });
});
