import type { Patch } from '../reading';
import { inMillimetres, millimetres } from '../length';
import { one } from '../plan/plan.spec-data';
import type { BankPlan } from '../plan';
import { frontSteps } from './front-steps';
import { frontsAsHung } from './fronts-as-hung';

const opening = (diagonals: readonly string[]): Patch => ({
  path: 'BANK.opening',
  value: { width: ['600 mm'], height: ['720 mm', '720 mm'], depth: ['560 mm'], diagonals },
});
const inset: Patch = {
  path: 'BANK.front',
  value: {
    mount: 'inset',
    top: '2 mm',
    bottom: '2 mm',
    left: '2 mm',
    right: '2 mm',
    gap: '2 mm',
    material: 'front18',
  },
};
const built: Patch = { path: 'BANK.basis', value: 'as-built' };
const material = (bank: BankPlan): Patch => ({ path: 'BANK.front.material', value: bank.bank.front.material });
const racked = (diagonals: readonly string[], ...more: Patch[]): BankPlan =>
  one(built, opening(diagonals), inset, material(one()), ...more);

describe('fronts from the case as it is', () => {
  it('are not told while nobody knows how it stands', () => {
    expect(frontsAsHung(one())).toEqual([]);
  });

  // Common practice: e = Δ·d/(2w): 600 wide, 720 high, 3 mm apart lean 2.34 mm over the height.
  it('lean with a racked case, each by its share of the height', () => {
    const plan = racked(['938.7 mm', '935.7 mm']);
    const fronts = frontsAsHung(plan);
    expect(fronts).toHaveLength(plan.drawers.length);
    const leans = fronts.map(({ outOfSquare }) => inMillimetres(outOfSquare.lean));
    const heights = plan.drawers.map(({ dimensions }) => inMillimetres(dimensions['front.height']!.total));
    leans.forEach((lean, index) => expect(lean).toBeCloseTo((2.34 * heights[index]!) / 720, 2));
    for (const { square, runsOut } of fronts) {
      const { topLeft, topRight, bottomLeft, bottomRight } = square.reveals;
      expect(topLeft + topRight).toBe(bottomLeft + bottomRight);
      expect(topLeft + topRight).toBe(millimetres(4));
      expect(Math.abs(topLeft - bottomLeft)).toBe(runsOut);
    }
  });

  it('are cut square while nothing shows, out of square where it does, and not before the case is squared', () => {
    const advice = (...diagonals: string[]): string[] => frontsAsHung(racked(diagonals)).map((each) => each.advice);
    expect(new Set(advice('937.5 mm', '937 mm'))).toEqual(new Set(['square']));
    expect(advice('942 mm', '933 mm')).toContain('cut');
    expect(advice('990 mm', '880 mm')).toContain('case');
  });

  it('stay square where they lap the case', () => {
    const plan = one(built, opening(['942 mm', '933 mm']));
    expect(new Set(frontsAsHung(plan).map(({ advice }) => advice))).toEqual(new Set(['square']));
    expect(frontsAsHung(plan).every(({ outOfSquare: { lean } }) => lean === 0)).toBe(true);
  });

  it('take up a top that falls to one side in the top one', () => {
    const falling = { path: 'BANK.opening.height', value: ['720 mm', '722 mm'] };
    const [top, ...others] = frontsAsHung(racked(['938 mm', '938 mm'], falling));
    expect(inMillimetres(top!.outOfSquare.right) - inMillimetres(top!.outOfSquare.left)).toBe(2);
    expect(top!.advice).toBe('cut');
    for (const { outOfSquare } of others) expect(outOfSquare.left).toBe(outOfSquare.right);
  });
});

describe('hanging the fronts', () => {
  it('goes from the bottom up on spacers as thick as the gap, or from the top down', () => {
    const steps = frontSteps(one(inset, material(one())));
    const held = steps.filter(({ kind }) => kind === 'hold');
    expect(steps[0]).toMatchObject({ kind: 'reveal', gap: millimetres(2), beside: { left: millimetres(2) } });
    expect(held.map(({ place }) => place)).toEqual(held.map(({ place }) => place).sort((a, b) => b! - a!));
    const down = frontSteps(one({ path: 'BANK.mounting', value: { fronts: 'top-down' } }));
    expect(down.find(({ kind }) => kind === 'hold')!.place).toBe(0);
  });

  it('says where the ledge goes under overlay fronts, and how long a screw may be', () => {
    const plan = one();
    const first = frontSteps(plan).find(({ kind }) => kind === 'hold')!;
    expect(first.ledge).toBe(plan.drawers.at(-1)!.dimensions['front.bottomY']!.total);
    const drive = frontSteps(plan).find(({ kind }) => kind === 'drive')!;
    expect(drive.screw!.total).toBe(plan.drawers.at(-1)!.dimensions['screw.front']!.total);
    expect(frontSteps(plan).every(({ kind }) => kind !== 'pull')).toBe(true);
  });
});
