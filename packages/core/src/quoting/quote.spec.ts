import fc from 'fast-check';
import { counted, costs, priced } from '../costing/costing.spec-data';
import { demo } from '../plan/plan.spec-data';
import { ENGLISH, wordsIn } from '../words';
import { QUOTE_DETAILS, quoteOf } from './quote';
import { sharedOut } from './shared-out';

describe('an amount shared out', () => {
  it('is all of it, to the cent, by weights', () => {
    const weights = fc.array(fc.nat(10_000_000), { minLength: 1, maxLength: 40 });
    fc.assert(
      fc.property(fc.nat(1_000_000_000), weights, (amount, all) => {
        const shares = sharedOut(amount, all);
        const whole = all.reduce((sum, each) => sum + each, 0);
        expect(shares.reduce((sum, each) => sum + each, 0)).toBe(amount);
        if (whole > 0)
          shares.forEach((share, index) =>
            expect(Math.abs(share - (amount * all[index]!) / whole)).toBeLessThan(1.001),
          );
      }),
    );
  });
});

describe('a quote', () => {
  const prices = priced([
    ['hour', 58],
    ['overhead', 22, { unit: '%' }],
  ]);
  const of = (name: string, pricing: object) => {
    const priceable = counted(demo(name), { path: 'pricing', value: pricing });
    const cost = costs(priceable, prices);
    return { ...priceable, cost, words: wordsIn(ENGLISH, priceable.plan) };
  };
  const pricing = { margin: { percent: 20, of: 'price' }, discount: 5, tax: { percent: 19, how: 'added' } };

  it.each(['flag-chest', 'notions-bank', 'rope-bench', 'signal-locker', 'splicing-bench'])(
    'of %s has lines that add up in every detail, and nothing of the shop’s own',
    (name) => {
      const quoted = of(name, pricing);
      for (const detail of QUOTE_DETAILS) {
        const body = quoteOf(quoted, detail);
        const sum = body.lines.reduce((all, { cents }) => all + cents, 0);
        expect([detail, sum]).toEqual([detail, detail === 'sum' ? 0 : body.net]);
        expect(body.net + body.tax).toBe(body.total);
        expect(JSON.stringify(body)).not.toMatch(/margin|overhead|risk|discount|minutes|hour/i);
        expect(body.faces.length).toBeGreaterThan(0);
      }
    },
  );

  it('tells tax that is in it, and that sizes may change until they are measured', () => {
    const body = quoteOf(of('flag-chest', { tax: { percent: 19, how: 'included' } }), 'sum');
    expect(body).toMatchObject({ taxed: 'included', stage: 'rough', lines: [] });
    expect(quoteOf(of('flag-chest', {}), 'sum')).not.toHaveProperty('taxed');
  });
});
