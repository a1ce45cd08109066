import { inMillimetres, patched, plan, readJobDocument, type BankPlan, type Patch } from '@zabble/core';
import { newJob } from '../../store/job/new-job';
import { plannedOf, SUBJECTS } from './subjects';

function bank(...patches: Patch[]): BankPlan {
  const reading = readJobDocument(patched(newJob('mm'), patches));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return plan(reading.job).cases[0]!.banks[0]!;
}
const BANK = 'cases[0].banks[0]';

describe('what the plan says of a thing that is measured back', () => {
  const mm = (
    plan: BankPlan,
    ...[what, at, place]: [Parameters<typeof plannedOf>[1], number, Parameters<typeof plannedOf>[3]?]
  ) => {
    const length = plannedOf(plan, what, plan.drawers[at]!, place);
    return length === undefined ? undefined : inMillimetres(length);
  };

  it('is its own size: opening, between the slides, box, groove', () => {
    const plain = bank();
    expect([mm(plain, 'width', 0), mm(plain, 'slides', 0), mm(plain, 'box-width', 0), mm(plain, 'groove', 0)]).toEqual([
      600, 574.6, 574.6, 5.5,
    ]);
    const own = bank({ path: `${BANK}.drawers[1].box`, value: { groove: { depth: '4 mm' } } });
    expect([mm(own, 'groove', 0), mm(own, 'groove', 1)]).toEqual([5.5, 4]);
  });

  it('is a gap between fronts, and beside them where they stand inside; a lap is no gap', () => {
    const overlay = bank();
    const last = overlay.drawers.length - 1;
    expect([
      mm(overlay, 'reveal', 0, 'top'),
      mm(overlay, 'reveal', 0, 'bottom'),
      mm(overlay, 'reveal', 1, 'top'),
    ]).toEqual([undefined, 3, 3]);
    expect([mm(overlay, 'reveal', last, 'bottom'), mm(overlay, 'reveal', 0, 'left')]).toEqual([undefined, undefined]);
    const inset = bank({ path: `${BANK}.front.mount`, value: 'inset' }, { path: `${BANK}.front.left`, value: '2 mm' });
    expect([mm(inset, 'reveal', 0, 'left'), mm(inset, 'reveal', 0, 'top')]).toEqual([2, 12]);
  });

  it('has a device for every thing, thin ones by caliper', () => {
    expect(SUBJECTS.filter(({ device }) => device === 'caliper').map(({ what }) => what)).toEqual([
      'groove',
      'thickness',
      'reveal',
      'packing',
      'hinge',
    ]);
  });
});
