import { demo } from '../plan/plan.spec-data';
import { patched, type Patch } from '../reading';
import { WHOLE_CASE, wholeJob } from '../plan/whole-case.spec-data';
import { gateOfCase, isHeldByCase } from './case-release';
import { worked } from './cutting.spec-data';
import { partsOf } from './parts';

const exact = ({ total }: { readonly total: number }): string => `${total / 1e6} mm`;
const DEED = { at: '2026-11-29T10:00:00Z' };

/** What parts of the case may be cut, by the role that is asked for. */
function releases(document: object, ...patches: readonly Patch[]): ReadonlyMap<string, string> {
  const { job, planned } = worked(patched(document, patches) as never);
  return new Map(partsOf(job, planned).parts.map(({ use, release }) => [use.role, release]));
}
const gates = (...names: readonly string[]): Patch => ({
  ...{ path: 'cases[0].gates', value: Object.fromEntries(names.map((name) => [name, DEED])) },
});

describe('what a part of a case waits for', () => {
  const whole = wholeJob({ ...WHOLE_CASE, shelves: [{ compartment: 'left', count: 1, material: 'ply18' }] } as never);
  const roles = ['case-side-left', 'divider', 'case-back', 'frame-stile', 'shelf'] as const;
  const told = (...patches: readonly Patch[]) => {
    const found = releases(whole, ...patches);
    return roles.map((role) => found.get(role));
  };

  it('is its survey, the case as glued, and where it stands; each gate opens those before it', () => {
    const all = ['survey', 'survey', 'case-glued', 'case-glued', 'standing'];
    expect(told()).toEqual(all);
    expect(told(gates('survey'))).toEqual(['now', 'now', ...all.slice(2)]);
    expect(told(gates('glued'))).toEqual(['now', 'now', 'now', 'now', 'standing']);
    expect(told(gates('standing'))).toEqual(roles.map(() => 'now'));
    expect(told(gates('level'))).toEqual(roles.map(() => 'now'));
    // Hinges in hand say nothing of the rest.
    expect(told(gates('hinges'))).toEqual(all);
  });

  it('hangs on the order of making: dividers last, the frame first, a back let in or put on', () => {
    const build = (field: string, value: unknown): Patch => ({ path: `cases[0].build.${field}`, value });
    expect(told(build('dividersLast', true))[1]).toBe('case-glued');
    expect(told(build('frameFirst', true))[3]).toBe('survey');
    expect(told(build('back', { kind: 'applied', material: 'ply6' }))[2]).toBe('survey');
    expect(told(build('back', undefined))[0]).toBe('survey');
  });

  it('says of what is held which gate it is held by', () => {
    expect(['survey', 'case-glued', 'standing', 'hinges'].filter((each) => isHeldByCase(each as never))).toHaveLength(
      4,
    );
    expect(
      ['now', 'mend', 'glued', 'slides', 'door-measured', 'toString'].some((each) => isHeldByCase(each as never)),
    ).toBe(false);
    expect((['survey', 'case-glued', 'standing', 'hinges'] as const).map(gateOfCase)).toEqual([
      ...['survey', 'glued', 'standing', 'hinges'],
    ]);
  });
});

describe('a door', () => {
  const locker = demo('signal-locker');
  const { width, height } = worked(locker).planned.cases[0]!.doors[1]!.opening;
  const door = (...patches: readonly Patch[]): string | undefined =>
    releases(locker, gates('level'), ...patches).get('door-stile');
  const path = 'cases[0].doors[1]';
  const measured = (across: number, up: number): readonly Patch[] => [
    { path: `${path}.basis`, value: 'as-built' },
    {
      path: `${path}.opening`,
      value: { width: Array(across).fill(exact(width)), height: Array(up).fill(exact(height)) },
    },
  ];

  it('waits until its opening is measured at both ends, and its hinges are in hand', () => {
    expect(door()).toBe('door-measured');
    expect(door(...measured(1, 2))).toBe('door-measured');
    expect(door(...measured(2, 1))).toBe('door-measured');
    const both = measured(2, 2);
    expect(door(...both)).toBe('hinges');
    expect(door(...both, gates('level', 'hinges'))).toBe('now');
  });
});
