import type { Job, Pricing } from '../job';
import type { Said } from '../length';
import type { Plan } from '../plan';
import { said } from '../words';
import { addUp, decimal, over, pieces, times, type Amount } from './amount';
import { bandedEdgesOf, bandKey } from './band-needs';
import { costed, type Costed } from './costed';
import { finishNeeds, finishWork, type FinishWork } from './finish-needs';
import { glueNeeds } from './glue-needs';
import { hardwareNeeds } from './hardware-needs';
import { cents, centsOf, percentOf, type Cents } from './money';
import { countOf, gathered, type CountedIn, type ForWhat, type Need, type NeedKind } from './need';
import type { Price } from './price';
import { RISK, type CostSettings, type Stage } from './settings';
import { sheetNeeds } from './sheet-needs';
import { stageOf } from './stage';
import { totalsOf, type Totals } from './totals';
import { woodNeeds } from './wood-needs';
import { handsOf, workOf, type Work } from './work';

/** One line of what a job costs: so much of it, at its price; nothing in place of a sum where it has none. */
export interface CostLine {
  readonly kind: NeedKind | 'bought';
  readonly key: string;
  readonly what: Said;
  readonly unit: CountedIn | string;
  readonly count: Amount;
  readonly of: readonly ForWhat[];
  readonly price?: Price;
  readonly total?: Cents;
}

/** So much of an operation, and what its time costs. */
export interface WorkLine extends Work {
  readonly total?: Cents;
}

/** What a job costs, and what it is to be sold for. */
export interface Cost {
  readonly lines: readonly CostLine[];
  readonly work: readonly WorkLine[];
  readonly hour?: Price;
  readonly overhead?: Price;
  /** What the price is made with: the job's own decisions, else the shop's. */
  readonly with: Pricing;
  readonly stage: Stage;
  readonly totals: Totals;
  /** What has no price: the totals are without it. */
  readonly lacking: readonly { readonly key: string; readonly what: Said }[];
  readonly finish: readonly FinishWork[];
}

/** Counts and prices everything a plan asks for. Pure; bound by the parts of the plan. */
export function costOf(job: Job, plan: Plan, settings: CostSettings): Cost {
  const of = costed(job, plan, settings.waste, settings.credit);
  const finish = finishWork(of, settings.finishes);
  const lines = [...needsOf(of, finish).map((need) => lineOf(need, settings)), ...broughtIn(job.pricing)];
  const hour = settings.prices.get('hour');
  const work = workOf(of, finish, settings.minutes, settings.usual.people).map((each): WorkLine => {
    const total = hour && wages(each, hour);
    return { ...each, ...(total === undefined ? {} : { total }) };
  });
  const decided: Pricing = { ...settings.usual, ...job.pricing };
  const overhead = settings.prices.get('overhead');
  const labour = sumOf(work);
  const over = overheadOf(work, labour, told(overhead) ?? job.pricing?.overhead ?? settings.usual.overhead);
  const stage = stageOf(job);
  const kinds = (...all: readonly CostLine['kind'][]): Cents => sumOf(lines.filter(({ kind }) => all.includes(kind)));
  const sums = {
    ...{ sheets: kinds('sheets'), wood: kinds('wood'), hardware: kinds('hardware', 'band', 'glue', 'finish') },
    ...{ bought: kinds('bought'), labour, overhead: over ?? 0 },
  };
  return {
    ...{ lines, work, finish, stage, with: decided, totals: totalsOf(sums, RISK[stage], decided) },
    ...(hour ? { hour } : {}),
    ...(overhead ? { overhead } : {}),
    lacking: [
      ...lines.filter(({ total }) => total === undefined).map(({ key, what }) => ({ key, what })),
      ...finish.flatMap(({ row, group }) => (row ? [] : [noFinish(group.row)])),
      ...(hour || work.length === 0 ? [] : [{ key: 'hour', what: said('cost/hour') }]),
      ...(over === undefined ? [{ key: 'overhead', what: said('cost/overhead') }] : []),
    ],
  };
}

const noFinish = (row: string) => ({ key: `finish:${row}`, what: said('cost/finish', { row }) });

const sumOf = (all: readonly { readonly total?: Cents }[]): Cents => all.reduce((sum, { total = 0 }) => sum + total, 0);

/** Everything a plan asks for that is bought or taken from the rack, kind by kind; each key once. */
export function needsOf(of: Costed, finish: readonly FinishWork[]): readonly Need[] {
  return gathered([
    ...sheetNeeds(of),
    ...woodNeeds(of),
    ...hardwareNeeds(of),
    ...bandNeeds(of),
    ...glueNeeds(of),
    ...finishNeeds(finish),
  ]);
}

/** A tenth over for what is trimmed and spoilt; common practice. */
const BAND_OVER = 1.1;

function bandNeeds(of: Costed): readonly Need[] {
  return bandedEdgesOf(of).map((edge): Need => {
    const name = of.job.materials.find(({ id }) => id === edge.material)?.name ?? edge.material;
    return {
      ...{ kind: 'band', key: bandKey(edge), unit: 'm' },
      what: said('cost/band', { name, thickness: edge.thickness }),
      of: [{ called: edge.called, amount: times(edge.length, decimal(BAND_OVER)) }],
    };
  });
}

function lineOf({ own, ...need }: Need, { prices }: CostSettings): CostLine {
  const count = countOf(need);
  const price = prices.get(need.key) ?? own;
  const line = { ...need, count };
  return price ? { ...line, price, total: costs(count, price) } : line;
}

const costs = (count: Amount, { cents: pack, pack: of }: Price): Cents => cents(over(times(count, pieces(pack)), of));

function broughtIn(pricing: Pricing | undefined): readonly CostLine[] {
  return (pricing?.bought ?? []).map(({ id, name, count, unit, price }) => {
    const key = `bought:${id}`;
    const amount = decimal(count);
    const of = { key, unit: unit ?? 'piece', cents: centsOf(price), pack: pieces(1) };
    const what = said('text', { text: name });
    const counted = { count: amount, of: [{ called: what, amount }], unit: of.unit };
    return { kind: 'bought', key, what, ...counted, price: of, total: costs(amount, of) };
  });
}

const MINUTES = 60;

const wages = (work: Work, hour: Price): Cents => costs(over(handsOf(work), pieces(MINUTES)), hour);

type Overhead = NonNullable<Pricing['overhead']>;

/** A list's row of overhead: a percentage, or so much an hour. */
function told(price: Price | undefined): Overhead | undefined {
  if (!price) return undefined;
  const each = Number(price.cents) / 100 / (Number(price.pack.n) / Number(price.pack.d));
  return price.unit === '%' ? { percent: each } : { hour: each };
}

/** On all labour; nothing where nobody tells it. */
function overheadOf(work: readonly Work[], labour: Cents, overhead: Overhead | undefined): Cents | undefined {
  if (overhead?.percent !== undefined) return percentOf(labour, overhead.percent);
  if (overhead?.hour === undefined) return undefined;
  const hours = over(addUp(work.map(handsOf)), pieces(MINUTES));
  return cents(times(hours, pieces(centsOf(overhead.hour))));
}
