import type { Patch } from '../reading';
import { BANK } from '../job/sample.spec-data';
import { inMillimetres } from '../length';
import { tallyOf } from './asked';
import { banks, codes, demo, inch, mm, one, part, IN_ENGLISH } from './plan.spec-data';
import type { BankPlan } from './types';

/** Common practice: the sums done by hand for the demo jobs, to the nanometre. */
describe('the demo jobs', () => {
  it('Notions bank: side-mount slides, overlay, a step of 1/2 in', () => {
    const [bank] = banks(demo('notions-bank'));
    expect(bank!.drawers.map((each) => mm(each, 'front.height'))).toEqual(
      [61, 69, 77, 85, 93, 101].map((n) => inch(n / 16)),
    );
    expect(mm(bank!.drawers[0], 'front.width')).toBe(inch(25));
    expect(mm(bank!.drawers[0], 'box.width')).toBe(inch(23));
    expect(mm(bank!.drawers[0], 'box.length')).toBe(inch(22));
    expect(mm(bank!.drawers[5], 'bay.height')).toBe(inch(5.875));
    expect(mm(bank!.drawers[5], 'box.height')).toBe(inch(5.125));
    expect(part(bank!.drawers[5], 'side')).toEqual([inch(22), inch(5.125)]);
    expect(part(bank!.drawers[5], 'box-front')).toEqual([inch(23) - 23.6, inch(5.125)]);
    expect(part(bank!.drawers[5], 'back')).toEqual([inch(23) - 23.6, inch(4.625) - 5.5]);
    expect(part(bank!.drawers[5], 'bottom')).toEqual([570.125, 550.96875]);
    expect(part(bank!.drawers[5], 'drawer-front')).toEqual([inch(25), inch(101 / 16)]);
    // A narrow back and two boxes a hair apart: what a builder would say too.
    expect(codes(bank!)).toEqual(['SMALL_PART', 'LIKE_BOXES']);
  });

  it('Flag chest: undermount, inset, rails, a ratio of 1.25', () => {
    const [bank] = banks(demo('flag-chest'));
    expect(bank!.drawers.map((each) => mm(each, 'front.height'))).toEqual([119, 148, 185, 232]);
    expect(bank!.drawers.map((each) => mm(each, 'front.bottomY'))).toEqual([639, 467, 258, 2]);
    expect(bank!.drawers.map((each) => mm(each, 'bay.height'))).toEqual([123, 152, 189, 236]);
    expect(bank!.drawers.map((each) => mm(each, 'box.height'))).toEqual([100, 130, 165, 215]);
    expect(mm(bank!.drawers[0], 'box.width')).toBe(851.4);
    expect(mm(bank!.drawers[0], 'box.length')).toBe(440);
    expect(mm(bank!.drawers[0], 'slide.setback')).toBe(23);
    expect(mm(bank!.drawers[3], 'slide.lowerEdgeY')).toBe(0);
    expect(part(bank!.drawers[0], 'box-front')[0]).toBe(851.4 - 29.4 + 12);
    // Nearly twice as wide as long.
    expect(codes(bank!)).toEqual(['FORECAST', ...Array.from({ length: 4 }, () => 'WIDE_DRAWER')]);
  });

  it('Rope bench: wooden runners, two banks, tied fronts', () => {
    const [left, right] = banks(demo('rope-bench'));
    expect(left!.drawers.map((each) => mm(each, 'front.height'))).toEqual([3, 3, 7.25, 7.375, 7.375].map(inch));
    expect(mm(left!.drawers[4], 'box.height')).toBe(inch(6));
    expect(mm(left!.drawers[0], 'box.width')).toBe(inch(17.875));
    expect(part(left!.drawers[4], 'side')[0]).toBe(inch(22.3125));
    expect(part(left!.drawers[4], 'bottom')).toEqual([inch(17.3125), inch(22.1875)]);
    expect(part(right!.drawers[3], 'side')[0]).toBe(inch(21.8125));
    expect(part(right!.drawers[3], 'bottom')).toEqual([inch(29.875), inch(22.75)]);
    expect(codes(left!)).toEqual(['FORECAST', 'SMALL_PART', 'LIKE_BOXES']);
    // Thin hardboard over 30 in.
    expect(codes(right!)).toEqual(['FORECAST', ...Array.from({ length: 4 }, () => 'BOTTOM_SAGS')]);
  });
});

describe('touching a number', () => {
  it('the story: 23 7/8 − 2 × 1/2 = 22 7/8', () => {
    const [bank] = banks(demo('notions-bank'), { path: `${BANK}.opening.width[0]`, value: '23 7/8 in' });
    const sum = tallyOf(bank!, { kind: 'dimension', drawer: 'd1', dimension: 'box.width' })!;
    expect(inMillimetres(sum.total)).toBe(inch(22.875));
    expect(
      sum.terms.map(({ label, times, each, amount }) => [IN_ENGLISH.say(label), times, inMillimetres(each ?? amount)]),
    ).toEqual([
      ['opening', undefined, inch(23.875)],
      ['slide', 2, -12.7],
    ]);
    expect(sum.terms.map(({ from }) => from)).toEqual([
      { kind: 'dimension', dimension: 'opening.width' },
      { kind: 'figure', family: 'side-ball-bearing', figure: 'side' },
    ]);
    expect(tallyOf(bank!, { kind: 'dimension', dimension: 'opening.width' })!.terms[0]!.from).toEqual({
      kind: 'field',
      path: `${BANK}.opening.width[0]`,
    });
    expect(tallyOf(bank!, { kind: 'dimension', drawer: 'gone', dimension: 'box.width' })).toBeUndefined();
  });

  it('a front’s height tells what the scheme asked and what the increment made of it', () => {
    const termsOf = (drawer: string, ...patches: Patch[]) =>
      tallyOf(one(...patches), { kind: 'dimension', drawer, dimension: 'front.height' })!.terms.map(
        ({ label, amount }) => [IN_ENGLISH.say(label), inMillimetres(amount)],
      );
    // 500 + 2 × 10 − 2 × 3 = 514 to share; a step of 20 leaves 454 / 3 for the top front.
    expect(termsOf('d2')).toEqual([
      ['top front by the scheme', 151.333333],
      ['step', 20],
      ['to the increment', -0.333333],
    ]);
    expect(termsOf('d3').map(([label]) => label)).toEqual(['height to share out', 'front 1', 'front 2']);
    expect(termsOf('d1', { path: 'BANK.division.scheme', value: 'equal' })).toEqual([
      ['equal share', 171.333333],
      ['to the increment', -0.333333],
    ]);
    const ratio = [{ path: 'BANK.division', value: { scheme: 'ratio', ratio: 1, increment: '1 mm', makeup: 'top' } }];
    expect(termsOf('d3', ...ratio)[0]).toEqual(['by the ratio', 171.333333]);
    expect(termsOf('d1', { path: 'BANK.drawers[0].height', value: '150 mm' })).toEqual([['locked', 150]]);
  });
});

describe('who takes the odd rest', () => {
  const takers = (makeup: unknown, ...locked: number[]): (string | false)[] =>
    one(
      { path: 'BANK.division', value: { scheme: 'equal', increment: '5 mm', makeup } },
      ...locked.map((drawer) => ({ path: `BANK.drawers[${drawer}].height`, value: '151 mm' })),
    ).drawers.map(({ id, makeup: takes }) => takes && id);

  it('is who is told, or where that one is locked the nearest that is free: of two as near the lower', () => {
    expect(takers({ drawer: 'd2' })).toEqual([false, 'd2', false]);
    expect(takers({ drawer: 'd2' }, 1)).toEqual([false, false, 'd3']);
    expect(takers({ drawer: 'd3' }, 2)).toEqual([false, 'd2', false]);
    expect(takers('top', 0)).toEqual([false, 'd2', false]);
    expect(takers({ drawer: 'd1' }, 0, 1)).toEqual([false, false, 'd3']);
  });
});

describe('mounting', () => {
  it('spacers, both ways', () => {
    const bank = (order: string): BankPlan => one({ path: 'BANK.mounting', value: { rise: '30 mm', order } });
    const lower = bank('top-first').drawers.map((each) => mm(each, 'slide.lowerEdgeY')!);
    expect(bank('top-first').spacers.map(({ total }) => inMillimetres(total))).toEqual(lower);
    const [top = 0, middle = 0, bottom = 0] = lower;
    expect(bank('bottom-up').spacers.map(({ total }) => inMillimetres(total))).toEqual([
      bottom,
      middle - bottom - 45,
      top - middle - 45,
    ]);
  });
});
