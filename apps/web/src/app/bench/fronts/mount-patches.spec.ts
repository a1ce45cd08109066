import { inches, patched, plan, readJobDocument, type BankPlan, type JobDocument, type Patch } from '@zabble/core';
import { newJob } from '../../store/job/new-job';
import { mountPatches } from './mount-patches';

const PATH = 'cases[0].banks[0]';
const bankOf = (document: JobDocument): BankPlan => {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return plan(reading.job).cases[0]!.banks[0]!;
};
const alone = { first: true, last: true, divider: undefined };
const turned = (document: JobDocument, mount: 'overlay' | 'inset', placed = {}) => {
  const { patches, says } = mountPatches(bankOf(document), mount, { ...alone, ...placed }, document.unit);
  return { document: patched(document, [{ path: `${PATH}.front.mount`, value: mount }, ...patches]), says };
};
const worries = (document: JobDocument) =>
  bankOf(document).findings.flatMap(({ code, severity }) => (severity === 'note' ? [] : [code]));

describe('fronts turned from overlay to inset and back', () => {
  it.each(['in', 'mm'] as const)('have the usual gaps or laps, and nothing is amiss with them (%s)', (unit) => {
    const inset = turned(newJob(unit), 'inset');
    const gap = unit === 'in' ? '3/32 in' : '2.5 mm';
    expect(inset.document.cases[0]!.banks[0]!.front).toMatchObject({
      top: gap,
      left: gap,
      right: gap,
      bottom: gap,
      gap,
    });
    expect(worries(inset.document)).toEqual([]);
    expect(inset.says).toContain(`gaps at the opening are ${gap}`);
    const back = turned(inset.document, 'overlay');
    expect(back.document.cases[0]!.banks[0]!.front).toEqual(newJob(unit).cases[0]!.banks[0]!.front);
  });

  it('leave a reveal above and below a rail', () => {
    const railed = patched(newJob('in'), [{ path: `${PATH}.rail`, value: '3/4 in' } as Patch]);
    const { document, says } = turned(railed, 'inset');
    expect(document.cases[0]!.banks[0]!.front.gap).toBe('15/16 in');
    expect(says).toContain('15/16 in stands between fronts');
    expect(worries(document)).toEqual([]);
  });

  it('lap a divider by half of what the gap leaves of it', () => {
    const inset = turned(newJob('in'), 'inset').document;
    const { document, says } = turned(inset, 'overlay', { last: false, divider: inches(3, 4) });
    expect(document.cases[0]!.banks[0]!.front).toMatchObject({ left: '1/2 in', right: '5/16 in', gap: '1/8 in' });
    expect(says).toContain('5/16 in on dividers');
  });
});
