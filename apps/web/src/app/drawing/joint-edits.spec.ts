import { patched, plan, readJobDocument, type BankPlan, type JobDocument, type Length, type Patch } from '@zabble/core';
import { newJob } from '../store/job/new-job';
import { jointBelow, jointPatches, snapped } from './joint-edits';

const PATH = 'cases[0].banks[0]';
const at = (field: string, value: unknown): Patch => ({ path: `${PATH}.${field}`, value });

function bankOf(document: JobDocument): BankPlan {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return plan(reading.job).cases[0]!.banks[0]!;
}
const heights = (document: JobDocument): number[] =>
  bankOf(document).drawers.map(({ dimensions }) => dimensions['front.height']!.total);

/** The document after the joint below a drawer went down by so many millimetres. */
function moved(document: JobDocument, place: number, down: number): JobDocument {
  const joint = jointBelow(bankOf(document), place, 'mm')!;
  return patched(document, jointPatches(joint, snapped(joint, down * 1e6), 'mm'));
}

describe('a joint between two fronts', () => {
  const document = newJob('mm');
  const drawers = (...wishes: object[]): Patch =>
    at(
      'drawers',
      wishes.map((wish, index) => ({ id: `d${index + 1}`, ...wish })),
    );

  it.each(['equal', 'step', 'ratio', 'contents'])('moves the fronts beside it and no other: %s', (scheme) => {
    const from = patched(document, [at('division', { scheme, step: '10 mm', ratio: 1.2, increment: '1 mm' })]);
    for (const place of [0, 1, 2]) {
      const [before, after] = [heights(from), heights(moved(from, place, 7.4))];
      expect(after[place]).toBe(before[place]! + 7e6);
      expect(after[place + 1]).toBe(before[place + 1]! - 7e6);
      after.forEach((height, other) => {
        if (other !== place && other !== place + 1) expect(height).toBe(before[other]);
      });
    }
  });

  it('snaps to the increment and never lets a front vanish', () => {
    const joint = jointBelow(bankOf(document), 0, 'mm')!;
    expect(snapped(joint, 0.4e6) % joint.increment).toBe(0);
    expect(snapped(joint, -1e12)).toBe(20e6);
    expect(snapped(joint, 1e12)).toBeLessThanOrEqual(joint.above + joint.below - 20e6);
  });

  it('leaves one of two drawers to take the rest', () => {
    const two = patched(document, [drawers({}, {})]);
    const after = moved(two, 0, 10);
    expect(bankOf(after).bank.drawers.map(({ height }) => height !== undefined)).toEqual([true, false]);
    expect(heights(after)[0]! - heights(two)[0]!).toBe(10e6);
    // And again from there: the lock that is there is moved.
    expect(heights(moved(after, 0, -10))).toEqual(heights(two));
  });

  it('moves the lock of a tied group where it stands', () => {
    const tied = patched(document, [drawers({}, { height: '120 mm' }, { sameAs: 'd2' }, {})]);
    const after = bankOf(moved(tied, 2, 5)).bank.drawers;
    expect(after[1]!.height).toBe(125e6 as Length);
    expect(after[2]!.height).toBeUndefined();
  });

  it('by hand, the open drawer stays open', () => {
    const byHand = patched(document, [
      at('division', { scheme: 'manual' }),
      drawers({ height: '100 mm' }, { height: '120 mm' }, {}),
    ]);
    const after = moved(byHand, 1, 3);
    expect(bankOf(after).bank.drawers.map(({ height }) => height)).toEqual([100e6, 123e6, undefined]);
    expect(heights(after)[2]).toBe(heights(byHand)[2]! - 3e6);
  });

  it('is none below the bottom drawer, or where the height can’t be divided', () => {
    expect(jointBelow(bankOf(document), 3, 'mm')).toBeUndefined();
    const impossible = patched(document, [at('drawers[0].height', '9000 mm')]);
    expect(jointBelow(bankOf(impossible), 0, 'mm')).toBeUndefined();
  });
});
