import { patched, plan, readJobDocument, valueAt, type BankPlan, type JobDocument, type Patch } from '@zabble/core';
import { newJob } from '../../store/job/new-job';
import { addPatch, lockPatch, removePatches, schemePatches } from './bank-edits';

const PATH = 'cases[0].banks[0]';
const at = (field: string, value: unknown): Patch => ({ path: `${PATH}.${field}`, value });

function bankOf(document: JobDocument): BankPlan {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return plan(reading.job).cases[0]!.banks[0]!;
}
const heights = (document: JobDocument): (number | undefined)[] =>
  bankOf(document).drawers.map(({ dimensions }) => dimensions['front.height']?.total);

describe('what is done to a bank’s drawers', () => {
  const document = newJob('in');

  it('locks a drawer at the height it has, and frees it', () => {
    const locked = patched(document, [lockPatch(bankOf(document), 1, 'in')]);
    expect(heights(locked)).toEqual(heights(document));
    expect(bankOf(locked).drawers[1]!.held).toBe('locked');
    const freed = patched(locked, [lockPatch(bankOf(locked), 1, 'in')]);
    expect(freed).toEqual(document);
  });

  it('adds a drawer under an id nobody has', () => {
    const gapped = patched(document, [at('drawers[1].id', 'd5')]);
    const added = patched(gapped, [addPatch(bankOf(gapped))]);
    expect(bankOf(added).drawers.map(({ id }) => id)).toEqual(['d1', 'd5', 'd3', 'd4', 'd6']);
  });

  it('from by hand to another scheme leaves no lock nobody set', () => {
    const byHand = patched(document, [
      at('division.scheme', 'manual'),
      ...schemePatches(bankOf(document), 'manual', 'in'),
    ]);
    expect(bankOf(byHand).bank.drawers.filter(({ height }) => height !== undefined)).toHaveLength(3);
    const equal = patched(byHand, [at('division.scheme', 'equal'), ...schemePatches(bankOf(byHand), 'equal', 'in')]);
    expect(bankOf(equal).drawers.flatMap(({ held }) => held ?? [])).toEqual([]);
    // A lock of somebody's stays through the other schemes.
    const locked = patched(document, [lockPatch(bankOf(document), 1, 'in')]);
    const ratio = patched(locked, [at('division.scheme', 'ratio'), ...schemePatches(bankOf(locked), 'ratio', 'in')]);
    expect(bankOf(ratio).drawers.map(({ held }) => held)).toEqual([undefined, 'locked', undefined, undefined]);
  });

  it('takes a drawer away with every tie to it and its makeup', () => {
    const tied = patched(document, [at('drawers[2].sameAs', 'd1'), at('division.makeup', { drawer: 'd1' })]);
    const less = patched(tied, removePatches(bankOf(tied), 0));
    expect(bankOf(less).drawers.map(({ id }) => id)).toEqual(['d2', 'd3', 'd4']);
    expect(valueAt(less, `${PATH}.division.makeup`)).toBe('bottom');
    expect(valueAt(less, `${PATH}.drawers[1].sameAs`)).toBeUndefined();
  });

  it.each(['equal', 'step', 'ratio', 'manual'])('any scheme chosen from any other divides at once: %s', (scheme) => {
    for (const before of ['equal', 'step', 'ratio', 'manual']) {
      const from = patched(document, [
        at(
          'division',
          before === 'manual' ? { scheme: 'equal', increment: '1/16 in' } : { scheme: 'equal', increment: '1/8 in' },
        ),
      ]);
      const start =
        before === 'equal'
          ? from
          : patched(from, [at('division.scheme', before), ...schemePatches(bankOf(from), before, 'in')]);
      const after = patched(start, [at('division.scheme', scheme), ...schemePatches(bankOf(start), scheme, 'in')]);
      expect(bankOf(after).findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
      expect(heights(after)).not.toContain(undefined);
    }
  });

  it('by hand, every height stays as it was', () => {
    const hand = patched(document, [
      at('division.scheme', 'manual'),
      ...schemePatches(bankOf(document), 'manual', 'in'),
    ]);
    expect(heights(hand)).toEqual(heights(document));
    expect(bankOf(hand).drawers.filter(({ held }) => held === 'locked')).toHaveLength(3);
  });
});
