import { HOLDINGS } from '../job/types';
import { inMillimetres } from '../length';
import { one } from '../plan/plan.spec-data';
import { frontSteps, type FrontStep } from './front-steps';

const pull = { path: 'BANK.front.pull', value: { school: 'centre', purchase: '10 mm', centres: '96 mm' } };

function ofTop(holding: string | undefined, pulls = true): readonly FrontStep[] {
  const plan = one(
    ...(pulls ? [pull] : [{ path: 'BANK.front.pull', value: undefined }]),
    ...(holding === undefined ? [] : [{ path: 'BANK.mounting', value: { holding } }]),
  );
  return frontSteps(plan);
}
const kinds = (steps: readonly FrontStep[], place = 0): readonly string[] =>
  steps.filter((step) => step.place === place).map(({ kind }) => kind);

// Common practice.
describe('holding a front while it is fixed', () => {
  it('has steps of its own in each school', () => {
    expect(kinds(ofTop(undefined))).toEqual(['hold', 'drive', 'pull']);
    expect(Object.fromEntries(HOLDINGS.map((school) => [school, kinds(ofTop(school)).join(' ')]))).toEqual({
      'pull-bores': 'hold drive pull',
      pins: 'pins hold drive bores pull',
      tape: 'tape hold drive bores pull',
      clamps: 'hold bored drive bores pull',
      wedges: 'wedges tack drive bores pull',
      'drop-of-glue': 'glue hold drive bores pull',
      'wide-holes': 'wide hold shift bores pull',
    });
  });

  it('bores for no pull where there is none', () => {
    for (const school of HOLDINGS)
      expect(kinds(ofTop(school, false)).some((kind) => kind === 'bores' || kind === 'pull')).toBe(false);
  });

  it('does nothing but its pull to a front that is the box’s own', () => {
    for (const school of HOLDINGS) {
      const own = { path: 'BANK.front.asBox', value: true };
      const steps = frontSteps(one(pull, own, { path: 'BANK.mounting', value: { holding: school } }));
      expect(new Set(steps.map(({ kind }) => kind))).toEqual(
        new Set(school === 'pull-bores' ? ['pull'] : ['bores', 'pull']),
      );
    }
  });

  it('cuts spacers for the gaps, but for wedges, which are set to them', () => {
    for (const school of HOLDINGS)
      expect(ofTop(school).some(({ kind }) => kind === 'reveal')).toBe(school !== 'wedges');
    const wedged = ofTop('wedges').filter(({ kind }) => kind === 'wedges');
    expect(wedged.every(({ gap, ledge }) => gap !== undefined || ledge !== undefined)).toBe(true);
  });

  it('tells the longest screw wherever one is driven from inside', () => {
    for (const school of HOLDINGS)
      for (const step of ofTop(school))
        if (['drive', 'tack', 'bored', 'shift'].includes(step.kind)) expect(step.screw).toBeDefined();
  });

  it('gives every step a name of its own', () => {
    for (const school of HOLDINGS) {
      const names = ofTop(school).map(({ name }) => name);
      expect(new Set(names).size).toBe(names.length);
    }
  });
});

describe('what fronts are spaced by', () => {
  const spacers = (mount: object, rail: string): readonly number[] => {
    const front = Object.entries(mount).map(([name, value]) => ({
      path: `BANK.front.${name}`,
      value: value as unknown,
    }));
    const steps = frontSteps(one(...front, { path: 'BANK.rail', value: rail }));
    return steps.filter(({ kind }) => kind === 'reveal').map(({ gap }) => inMillimetres(gap!));
  };
  const round = { mount: 'inset', top: '2 mm', bottom: '2 mm', left: '2 mm', right: '2 mm' };

  it('is the gap between two, or what is left of it beside a rail that stands in it', () => {
    expect(spacers({ ...round, gap: '3 mm' }, '0 mm')).toEqual([3]);
    expect(spacers({ ...round, gap: '24 mm' }, '20 mm')).toEqual([2]);
    expect(spacers({ gap: '24 mm' }, '20 mm')).toEqual([24]);
  });
});
