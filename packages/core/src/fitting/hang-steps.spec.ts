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
    expect(new Set(steps.map(({ name }) => name)).size).toBe(1 + 6 * 6);
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

  it('goes by the kind of slide: locks, notch and hooks for what lies under the box; guides, kicker and wax for wood', () => {
    const kindsOf = (family: string, more: object = {}) => {
      const [hung] = banks(
        demo('notions-bank'),
        { path: 'cases[0].banks[0].slide', value: { family } },
        ...Object.entries(more).map(([path, value]) => ({ path: `cases[0].banks[0].${path}`, value })),
      );
      return new Set(hangSteps(hung!).map(({ kind }) => kind));
    };
    const under = kindsOf('undermount-16', { mounting: { behind: 'strips' }, 'box.bottomFit': 'captured' });
    for (const kind of ['strips', 'notch', 'hooks', 'locks', 'adjust'] as const) expect(under.has(kind)).toBe(true);
    expect([under.has('member'), under.has('wax')]).toEqual([false, false]);
    const wood = kindsOf('wood-runner');
    for (const kind of ['guide', 'kicker', 'wax'] as const) expect(wood.has(kind)).toBe(true);
    expect([wood.has('lock'), wood.has('member')]).toEqual([false, false]);
    const [first] = hangSteps(bank!).filter(({ kind }) => kind === 'member');
    const { dimensions: of } = bank!.drawers[0]!;
    expect(first!.line!.total).toBe(of['slide.centreY']!.total - of['box.bottomY']!.total);
  });

  it('sets slides on the sides of boxes by the school that is chosen', () => {
    const by = (hanging: string, family?: string) => {
      const [hung] = banks(
        demo('notions-bank'),
        { path: 'cases[0].banks[0].mounting', value: { hanging } },
        ...(family ? [{ path: 'cases[0].banks[0].slide', value: { family } }] : []),
      );
      return { hung: hung!, steps: hangSteps(hung!) };
    };
    const ofFirst = (hanging: string): readonly string[] =>
      by(hanging).steps.flatMap(({ name }) => (name.startsWith('d1/') ? [name.slice(3)] : []));
    expect(ofFirst('spacers')).toEqual(['spacer', 'left', 'right', 'member', 'test', 'lock']);
    expect(ofFirst('jig')).toEqual(['left', 'right', 'member', 'test', 'lock']);
    expect(ofFirst('standing')).toEqual(['member', 'stand', 'left', 'right', 'test', 'lock']);
    expect(ofFirst('carried')).toEqual(['member', 'carry', 'left', 'right', 'test', 'lock']);
    const { hung, steps } = by('jig');
    const edges = hung.drawers.map(({ dimensions }) => dimensions['slide.lowerEdgeY']!.total);
    expect(steps.find(({ kind }) => kind === 'jig')!.heights!.map(({ y }) => y.total)).toEqual(edges);
    const up = (kind: string, of: typeof steps) => of.find((step) => step.kind === kind)!.up!.total;
    const first = hung.drawers[0]!.dimensions;
    expect(up('stand', by('standing').steps)).toBe(first['box.bottomY']!.total);
    expect(up('carry', by('carried').steps)).toBe(first['slide.centreY']!.total);
    // What lies under the box has no line on it.
    expect(by('jig', 'undermount-16').steps.some(({ kind }) => kind === 'jig')).toBe(false);
  });

  it('has none while the heights can’t be worked out', () => {
    const [stopped] = banks(demo('notions-bank'), { path: 'cases[0].banks[0].drawers[0].height', value: '90 in' });
    expect(hangSteps(stopped!)).toEqual([]);
  });
});
