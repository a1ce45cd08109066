import type { Finding } from '../findings';
import type { Said } from '../length';
import type { Plan } from '../plan';
import { said } from '../words';
import type { Job } from '../job';
import type { Cost } from './cost';
import { daysOld, isOld, type Price } from './price';

type Told = Pick<Finding, 'severity' | 'step'>;
const WARN: Told = { severity: 'warn', step: 'price' };
const NOTE: Told = { severity: 'note', step: 'price' };

/** What is to be said of a price: what it lacks, what is old in it, and what of the work wants two. */
export function costFindings(job: Job, plan: Plan, cost: Cost, today?: string): readonly Finding[] {
  return [
    ...missing(cost),
    ...old(cost, today),
    ...belowCost(cost),
    ...unfinished(job, cost),
    ...withoutPulls(plan),
    ...cost.work.flatMap(({ lift, id }) =>
      lift ? [{ ...NOTE, ...said('LIFT', { operation: said('cost/operation', { id }) }) }] : [],
    ),
  ];
}

const missing = ({ lacking }: Cost): readonly Finding[] =>
  lacking.map((each) => ({ ...WARN, ...said('PRICE_MISSING', each) }));

function old({ lines, hour, overhead }: Cost, today: string | undefined): readonly Finding[] {
  if (today === undefined) return [];
  const told = (price: Price | undefined, what: Said): readonly Finding[] =>
    price?.date !== undefined && isOld(price, today)
      ? [
          {
            ...NOTE,
            ...said('PRICE_OLD', { what, key: price.key, date: price.date, days: daysOld(price.date, today) }),
          },
        ]
      : [];
  return [
    ...lines.flatMap(({ price, what }) => told(price, what)),
    ...told(hour, said('cost/hour')),
    ...told(overhead, said('cost/overhead')),
  ];
}

/** Compared after discount, before tax. */
function belowCost({ totals: { cost, overhead, net } }: Cost): readonly Finding[] {
  const by = cost.total + overhead - net.total;
  return by > 0 ? [{ ...WARN, ...said('BELOW_COST', { by }) }] : [];
}

function unfinished({ finish = [] }: Job, { lines }: Cost): readonly Finding[] {
  return finish.length === 0 && lines.length > 0 ? [{ ...NOTE, ...said('FINISH_NOT_PRICED') }] : [];
}

/** Fronts for which no pull is chosen. */
function withoutPulls({ cases }: Plan): readonly Finding[] {
  const fronts = cases
    .flatMap(({ banks }) => banks)
    .filter(({ bank }) => bank.front.mount !== 'none' && !bank.front.pull)
    .reduce((sum, { drawers }) => sum + drawers.length, 0);
  return fronts > 0 ? [{ ...NOTE, ...said('PULLS_NOT_COUNTED', { fronts }) }] : [];
}
