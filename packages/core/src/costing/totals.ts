import type { Pricing } from '../job';
import { said } from '../words';
import { decimal, over, pieces, times } from './amount';
import { cents, moneyTally, percentOf, type Cents, type MoneyTally } from './money';

/** The sums of lines a price is made from. */
export interface Sums {
  readonly sheets: Cents;
  readonly wood: Cents;
  readonly hardware: Cents;
  readonly labour: Cents;
  readonly bought: Cents;
  readonly overhead: Cents;
}

/** A price as it is made up, each step from those before it. */
export interface Totals {
  readonly cost: MoneyTally;
  readonly overhead: Cents;
  /** Of a hundred, of cost and overhead less what is bought in. */
  readonly risk: { readonly percent: number; readonly amount: Cents };
  readonly margin: Cents;
  readonly discount: Cents;
  /** Before tax, the tax, and what is paid. */
  readonly net: MoneyTally;
  readonly tax: Cents;
  readonly total: Cents;
}

/** Cost, overhead, risk, margin, discount, tax, in this order, each rounded to the cent. Common practice. */
export function totalsOf(sums: Sums, risk: number, { margin, discount = 0, tax }: Omit<Pricing, 'overhead'>): Totals {
  const cost = moneyTally(
    { called: said('cost/kind', { kind: 'sheets' }), amount: sums.sheets },
    { called: said('cost/kind', { kind: 'wood' }), amount: sums.wood },
    { called: said('cost/kind', { kind: 'hardware' }), amount: sums.hardware },
    { called: said('cost/kind', { kind: 'labour' }), amount: sums.labour },
    { called: said('cost/kind', { kind: 'bought' }), amount: sums.bought },
  );
  const { overhead } = sums;
  const atRisk = percentOf(cost.total + overhead - sums.bought, risk);
  const before = cost.total + overhead + atRisk;
  const kept = marginOn(before, margin);
  const off = percentOf(before + kept, discount);
  const rest = before + kept - off;
  const { net, due } = taxed(rest, tax);
  return {
    cost,
    overhead,
    risk: { percent: risk, amount: atRisk },
    margin: kept,
    discount: off,
    net: moneyTally(
      { called: said('cost/step', { step: 'cost' }), amount: cost.total },
      { called: said('cost/step', { step: 'overhead' }), amount: overhead },
      { called: said('cost/step', { step: 'risk' }), amount: atRisk },
      { called: said('cost/step', { step: 'margin' }), amount: kept },
      { called: said('cost/step', { step: 'discount' }), amount: -off },
      ...(net === rest ? [] : [{ called: said('cost/step', { step: 'tax' }), amount: net - rest }]),
    ),
    tax: due,
    total: net + due,
  };
}

/** Of cost `m·b`, of the price itself `b·m / (1 − m)`. */
function marginOn(before: Cents, margin: Pricing['margin']): Cents {
  if (!margin) return 0;
  const part = over(decimal(margin.percent), pieces(100));
  const share = margin.of === 'cost' ? part : over(part, { n: part.d - part.n, d: part.d });
  return cents(times(pieces(before), share));
}

/** Tax on what is left, or the tax that is in it: net is gross / (1 + t). */
function taxed(rest: Cents, tax: Pricing['tax']): { readonly net: Cents; readonly due: Cents } {
  if (!tax) return { net: rest, due: 0 };
  if (tax.how === 'added') return { net: rest, due: percentOf(rest, tax.percent) };
  const part = over(decimal(tax.percent), pieces(100));
  const net = cents(over(pieces(rest), { n: part.d + part.n, d: part.d }));
  return { net, due: rest - net };
}
