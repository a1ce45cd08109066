import type { Finding } from '../findings';
import type { Words } from '../words';
import { shown } from './amount';
import type { Cost } from './cost';

/** A price as a file holds it: money in whole cents, counts to a millionth; nothing in place of what has no price. */
export function priceDocument(cost: Cost, findings: readonly Finding[], words: Words) {
  const { totals, stage, lacking } = cost;
  const [sheets, wood, hardware, labour, bought] = totals.cost.terms.map(({ amount }) => amount);
  return {
    lines: cost.lines.map(({ key, kind, what, count, unit, price, total, of }) => ({
      ...{ key, kind, what: words.say(what), count: shown(count), unit },
      ...{ pack_cents: price?.cents ?? null, pack_count: price ? shown(price.pack) : null, total_cents: total ?? null },
      of: of.map(({ called, amount }) => ({ what: words.say(called), count: shown(amount) })),
    })),
    operations: cost.work.map(({ id, count, minutes, people, total, lift }) => ({
      ...{ id, count: shown(count), minutes: shown(minutes), people, total_cents: total ?? null },
      ...(lift ? { lift } : {}),
    })),
    totals: {
      ...{
        sheets_cents: sheets,
        wood_cents: wood,
        hardware_cents: hardware,
        labour_cents: labour,
        bought_cents: bought,
      },
      ...{ cost_cents: totals.cost.total, overhead_cents: totals.overhead },
      ...{ risk_percent: totals.risk.percent, risk_cents: totals.risk.amount },
      ...{ margin_cents: totals.margin, discount_cents: totals.discount },
      ...{ net_cents: totals.net.total, tax_cents: totals.tax, total_cents: totals.total },
      ...{ stage, without: lacking.length },
    },
    findings: findings.map(({ severity, code, ...finding }) => ({
      severity,
      code,
      says: words.say({ code, params: finding.params }),
    })),
  };
}
