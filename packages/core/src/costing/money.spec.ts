import fc from 'fast-check';
import { rational } from '../length';
import { cents, centsOf, percentOf } from './money';
import { totalsOf } from './totals';

const sums = { sheets: 10_000, wood: 2_000, hardware: 3_000, labour: 20_000, bought: 5_000, overhead: 4_000 };
const money = fc.integer({ min: 0, max: 100_000_000 });

describe('money', () => {
  it('is rounded half away from nought', () => {
    expect([rational(5, 10), rational(-5, 10), rational(149, 100), rational(-149, 100)].map(cents)).toEqual([
      1, -1, 1, -1,
    ]);
    expect([74.1, 0.285, 1.005].map(centsOf)).toEqual([7410, 29, 101]);
    expect(percentOf(333, 33.3)).toBe(111);
  });

  it('is made up in the order of the trade', () => {
    const all = totalsOf(sums, 15, {
      ...{ margin: { percent: 20, of: 'cost' }, discount: 10, tax: { percent: 25, how: 'added' } },
    } as const);
    // 40 000 and 4 000 over it; 15 % of what is not bought in, 39 000; a fifth on it all; a tenth off; a quarter on it.
    expect(all.cost.total).toBe(40_000);
    expect(all.risk.amount).toBe(5_850);
    expect(all.margin).toBe(9_970);
    expect(all.discount).toBe(5_982);
    expect([all.net.total, all.tax, all.total]).toEqual([53_838, 13_460, 67_298]);
  });

  // Common practice: a quarter of the price is a third of the cost.
  it('tells a margin of the price from one of the cost', () => {
    const of = (margin: { percent: number; of: 'cost' | 'price' }) => totalsOf(sums, 0, { margin }).margin;
    expect(of({ percent: 25, of: 'price' })).toBe(14_667);
    expect(of({ percent: 25, of: 'price' })).toBe(of({ percent: 100 / 3, of: 'cost' }));
    expect(of({ percent: 25, of: 'cost' })).toBe(11_000);
  });

  it('comes back from gross to the cent, and from net exactly', () => {
    const plain = { sheets: 0, wood: 0, hardware: 0, labour: 0, overhead: 0 };
    const of = (bought: number, percent: number, how: 'added' | 'included') =>
      totalsOf({ ...plain, bought }, 0, { tax: { percent, how } });
    fc.assert(
      fc.property(money, fc.integer({ min: 1, max: 9_999 }), (amount, hundredths) => {
        const percent = hundredths / 100;
        const gross = of(amount, percent, 'added').total;
        expect(of(gross, percent, 'included').net.total).toBe(amount);
        const net = of(amount, percent, 'included').net.total;
        expect(Math.abs(of(net, percent, 'added').total - amount)).toBeLessThanOrEqual(1);
      }),
    );
  });

  it('adds up as it is printed', () => {
    const some = fc.record({
      sheets: money,
      wood: money,
      hardware: money,
      labour: money,
      bought: money,
      overhead: money,
    });
    const share = fc.integer({ min: 0, max: 900 }).map((tenths) => tenths / 10);
    const how = fc.constantFrom('added' as const, 'included' as const);
    fc.assert(
      fc.property(some, share, share, share, how, (parts, risk, margin, tax, way) => {
        const all = totalsOf(parts, risk, {
          ...{ margin: { percent: margin, of: 'price' }, discount: risk, tax: { percent: tax, how: way } },
        } as const);
        const lines = all.cost.terms.reduce((sum, { amount }) => sum + amount, 0);
        expect(lines).toBe(all.cost.total);
        expect(all.net.terms.reduce((sum, { amount }) => sum + amount, 0)).toBe(all.net.total);
        expect(all.net.total + all.tax).toBe(all.total);
      }),
    );
  });
});
