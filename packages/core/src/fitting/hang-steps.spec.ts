import { banks, demo } from '../plan/plan.spec-data';
import { hangSteps, spacerStands } from './hang-steps';

const [bank] = banks(demo('notions-bank'));
const [upward] = banks(demo('notions-bank'), { path: 'cases[0].banks[0].mounting.order', value: 'bottom-up' });

describe('hanging in order', () => {
  it('pads out, sets both slides of each drawer from the top on one shrinking spacer, then tries and locks', () => {
    const steps = hangSteps(bank!);
    expect(steps.slice(0, 7).map(({ name }) => name)).toEqual([
      'build-out',
      'd1/spacer',
      'd1/left',
      'd1/right',
      'd2/spacer',
      'd2/left',
      'd2/right',
    ]);
    expect(steps.slice(-2).map(({ name }) => name)).toEqual(['d6/test', 'd6/lock']);
    expect(new Set(steps.map(({ name }) => name)).size).toBe(1 + 6 * 5);
    const fences = steps.filter(({ kind }) => kind === 'spacer').map(({ spacer }) => spacer!.total);
    expect(fences).toEqual([...fences].sort((a, b) => b - a));
    expect(steps.find(({ kind }) => kind === 'left')).toMatchObject({ place: 0, holes: bank!.drawers[0]!.holes });
  });

  it('goes from the bottom up with spacers on the slide below', () => {
    const steps = hangSteps(upward!);
    expect(steps[1]!.name).toBe('d6/spacer');
    for (const { kind, place, spacer } of steps) {
      if (kind !== 'spacer') continue;
      const { from, to } = spacerStands(upward!, place!)!;
      expect(to - from).toBe(spacer!.total);
    }
  });

  it('has none while the heights can’t be worked out', () => {
    const [stopped] = banks(demo('notions-bank'), { path: 'cases[0].banks[0].drawers[0].height', value: '90 in' });
    expect(hangSteps(stopped!)).toEqual([]);
  });
});
