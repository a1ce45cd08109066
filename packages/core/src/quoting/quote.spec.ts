import fc from 'fast-check';
import { counted, costs, priced } from '../costing/costing.spec-data';
import { demo } from '../plan/plan.spec-data';
import { ENGLISH, wordsIn } from '../words';
import { QUOTE_DETAILS, quoteOf } from './quote';
import { sharedOut } from './shared-out';
import { said } from '../words';
import type { Cost } from '../costing';
import { pieces } from '../costing/amount';

describe('an amount shared out', () => {
  it('gives what can’t be shared to the first of those that are due alike', () => {
    expect(sharedOut(10, [1, 1, 1])).toEqual([4, 3, 3]);
    expect(sharedOut(11, [1, 1, 1])).toEqual([4, 4, 3]);
    expect(sharedOut(10, [1, 2, 1])).toEqual([3, 5, 2]);
  });

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

  it('gives what is left over to those it was cut off most of, the first first', () => {
    // 100 by thirds: 33 1/3 each. 10 by 1, 2, 4: 1 3/7, 2 6/7, 5 5/7. Worked by hand.
    expect(sharedOut(100, [1, 1, 1])).toEqual([34, 33, 33]);
    expect(sharedOut(10, [1, 2, 4])).toEqual([1, 3, 6]);
    expect(sharedOut(101, [3, 1, 3, 1])).toEqual([38, 13, 38, 12]);
    expect(sharedOut(7, [0, 0])).toEqual([7, 0]);
    expect(sharedOut(0, [5, 0])).toEqual([0, 0]);
    expect(sharedOut(5, [])).toEqual([]);
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

  /** Worked by hand: the things and the work come to 1000 cents, sold for 2000. */
  const sold = (name: string, more: Partial<Cost> = {}) => {
    const line = (kind: string, total: number | undefined, unit: string, count: number) => ({
      ...{ kind, key: kind, what: said('quote/number', { number: count }), unit, of: [] },
      ...{ count: pieces(count), ...(total === undefined ? {} : { total }) },
    });
    const quoted = of(name, {});
    const cost = {
      ...quoted.cost,
      lines: [
        line('sheets', 100, 'sheet', 3),
        line('wood', 150, 'm³', 4),
        line('hardware', 50, 'pair', 5),
        line('band', 25, 'm', 6),
        line('glue', 10, 'l', 7),
        line('finish', 15, 'l', 8),
        line('bought', 200, 'piece', 9),
        line('hardware', undefined, 'piece', 10),
      ],
      work: [
        ['cut', 210],
        ['pack', 40],
        ['travel', 60],
        ['install', 80],
        ['demolish', 20],
        ['fit', 40],
      ].map(([id, total]) => ({ id, total })),
      lacking: [{}, {}],
      totals: { ...quoted.cost.totals, net: { total: 2000 }, tax: 380, total: 2380 },
      ...more,
    } as unknown as Cost;
    return { ...quoted, cost };
  };

  it('by part of the work: wood, hardware, making, fitting and what is bought, each with its share of the rest', () => {
    const body = quoteOf(sold('flag-chest'), 'parts');
    expect(body.lines.map(({ what, cents }) => [what, cents])).toEqual([
      ['Wood and sheets', 500],
      ['Hardware, glue and finish', 200],
      ['Making', 500],
      ['Delivery and fitting', 400],
      ['Bought in', 400],
    ]);
    expect(body).toMatchObject({ net: 2000, tax: 380, total: 2380, without: 2 });
    expect(body).not.toHaveProperty('taxed');
  });

  it('thing by thing: how many of what is counted, and nothing of what costs nothing', () => {
    const body = quoteOf(sold('flag-chest'), 'whole');
    expect(body.lines.map(({ what, count, cents }) => [what, count, cents])).toEqual([
      ['Quote 3', '3', 200],
      ['Quote 4', undefined, 300],
      ['Quote 5', '5', 100],
      ['Quote 6', undefined, 50],
      ['Quote 7', undefined, 20],
      ['Quote 8', undefined, 30],
      ['Quote 9', '9', 400],
      ['Making', undefined, 500],
      ['Delivery and fitting', undefined, 400],
    ]);
    expect(body.lines.filter((line) => 'count' in line)).toHaveLength(3);
  });

  it('says that tax is on it, or in it, where there is any', () => {
    const taxed = (tax: number, how: string) =>
      quoteOf(
        sold('flag-chest', {
          with: { tax: { percent: 19, how } } as unknown as Cost['with'],
          totals: { net: { total: 2000 }, tax, total: 2000 + tax } as unknown as Cost['totals'],
        }),
        'sum',
      ).taxed;
    expect([taxed(380, 'added'), taxed(380, 'included'), taxed(0, 'added')]).toEqual(['added', 'included', undefined]);
  });

  it('shows a planned case whole, with its worktop and feet; openings one by one, by name where there are several', () => {
    const faces = (name: string) =>
      quoteOf(of(name, {}), 'sum').faces.map(({ name: called, wide, high, sizes }) => [called, wide, high, sizes]);
    expect({ 'signal-locker': faces('signal-locker'), 'flag-chest': faces('flag-chest') }).toMatchInlineSnapshot(`
      {
        "flag-chest": [
          [
            "Chest",
            "864.0 mm",
            "760.0 mm",
            "for an opening 864.0 mm wide, 760.0 mm high, 520.0 mm deep",
          ],
        ],
        "signal-locker": [
          [
            "Locker",
            "1100.0 mm",
            "1480.0 mm",
            "1100.0 mm wide, 1480.0 mm high, 540.0 mm deep over all",
          ],
        ],
      }
    `);
  });

  it('tells how many go in where it is more than one, and nothing of drawers whose contents nobody told', () => {
    const contents = [{ name: 'palm' }, { name: 'fid', count: 1 }, { name: 'needle', count: 12 }].map((each) => ({
      ...each,
      height: '20 mm',
    }));
    const priceable = counted(demo('signal-locker'), {
      path: 'cases[0].banks[1].drawers[0].contents',
      value: contents,
    });
    const cost = costs(priceable, prices);
    const { holds } = quoteOf({ ...priceable, cost, words: wordsIn(ENGLISH, priceable.plan) }, 'sum');
    expect(holds).toEqual(['palm', 'fid', '12 × needle']);
  });

  it('says what it is made of by what the parts are of, then slides and finish, and what goes in', () => {
    const told = (name: string) => {
      const { made, holds, job, customer } = quoteOf(of(name, {}), 'sum');
      return { made, holds, job, customer };
    };
    expect([told('signal-locker'), told('flag-chest'), told('notions-bank')]).toMatchInlineSnapshot(`
      [
        {
          "customer": "Skerry Point sail loft (made up)",
          "holds": [],
          "job": "Signal locker",
          "made": [
            "Case: 19 mm birch plywood and 9 mm birch plywood",
            "Drawer boxes: 12 mm birch plywood and 9 mm birch plywood",
            "Drawer fronts: 19 mm birch plywood",
            "Doors: 20 mm ash and 9 mm birch plywood",
            "7 drawers on slides: Side-mount, ball bearing",
          ],
        },
        {
          "customer": "Skerry Point sail loft (made up)",
          "holds": [
            "6 × bunting roll",
          ],
          "job": "Flag chest",
          "made": [
            "Drawer boxes: 15 mm birch plywood and 9 mm birch plywood",
            "Drawer fronts: Black cherry, 20 mm",
            "4 drawers on slides: Undermount, sides to 16 mm",
          ],
        },
        {
          "customer": "Skerry Point sail loft (made up)",
          "holds": [
            "8 × palm",
            "40 × thread cone",
            "6 × die set",
            "12 × box of slides",
            "9 × roll of webbing",
            "6 × hank of cord",
          ],
          "job": "Notions bank",
          "made": [
            "Drawer boxes: 12 mm birch plywood and 6 mm birch plywood",
            "Drawer fronts: 3/4 in maple-faced plywood",
            "6 drawers on slides: Side-mount, ball bearing",
          ],
        },
      ]
    `);
  });
});
