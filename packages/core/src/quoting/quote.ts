import { ROLES, type PartRole } from '../box';
import { isMember, type Axis, type CaseworkPlan } from '../casework';
import { shown, type Cents, type Cost } from '../costing';
import { partsOf } from '../cutting';
import { smallFaces, type SmallFace } from '../drawing';
import type { Job } from '../job';
import { nm, type Length } from '../length';
import type { CasePlan, Plan } from '../plan';
import { said, type Words } from '../words';
import { sharedOut } from './shared-out';

/** In how much detail a customer reads the price. */
export const QUOTE_DETAILS = ['sum', 'parts', 'whole'] as const;
export type QuoteDetail = (typeof QUOTE_DETAILS)[number];

/** One line a customer reads: what it is, how much of it where that is told, and what it is sold for. */
export interface QuoteLine {
  readonly what: string;
  readonly count?: string;
  readonly cents: Cents;
}

/** The face of a case or a bank with its overall sizes. */
export interface QuoteFace {
  readonly name: string;
  readonly sizes: string;
  readonly wide: string;
  readonly high: string;
  readonly face: SmallFace;
}

/** A quote as it is made and then stands: everything on it in the words it was given out in, nothing of the shop’s own. */
export interface QuoteBody {
  readonly job: string;
  readonly customer?: string;
  readonly faces: readonly QuoteFace[];
  readonly made: readonly string[];
  readonly holds: readonly string[];
  /** They add up to `net`; none where only the sum is told. */
  readonly lines: readonly QuoteLine[];
  readonly net: Cents;
  readonly tax: Cents;
  readonly taxed?: 'added' | 'included';
  readonly total: Cents;
  /** So many things it takes have no price in it. */
  readonly without: number;
  /** The sizes may change with the survey still to come. */
  readonly stage: Cost['stage'];
}

export interface QuoteOf {
  readonly job: Job;
  readonly plan: Plan;
  readonly cost: Cost;
  readonly words: Words;
}

export function quoteOf(of: QuoteOf, detail: QuoteDetail): QuoteBody {
  const { job, plan, cost } = of;
  const { totals } = cost;
  const how = cost.with.tax?.how;
  return {
    job: job.name,
    ...(job.customer ? { customer: job.customer } : {}),
    faces: plan.cases.flatMap((owner) => facesOf(owner, of.words)),
    made: madeOf(of),
    holds: holdsOf(of),
    lines: detail === 'sum' ? [] : linesOf(of, detail),
    ...{ net: totals.net.total, tax: totals.tax, total: totals.total, without: cost.lacking.length, stage: cost.stage },
    ...(how && totals.tax !== 0 ? { taxed: how } : {}),
  };
}

/** What is sold, by part of the work or thing by thing, each with its share of everything that is on top of its cost. */
function linesOf({ cost, words }: QuoteOf, detail: 'parts' | 'whole'): readonly QuoteLine[] {
  const rows = detail === 'parts' ? byPart(cost, words) : [...byThing(cost, words), ...byWork(cost, words)];
  const told = rows.filter(({ cents }) => cents > 0);
  const shares = sharedOut(
    cost.totals.net.total,
    told.map(({ cents }) => cents),
  );
  return told.map((row, index) => ({ ...row, cents: shares[index] ?? 0 }));
}

const sum = (all: readonly { readonly total?: Cents }[]): Cents => all.reduce((of, { total = 0 }) => of + total, 0);

function byPart(cost: Cost, words: Words): readonly QuoteLine[] {
  const kinds = (...all: readonly string[]): Cents => sum(cost.lines.filter(({ kind }) => all.includes(kind)));
  return [
    { what: words.say(said('quote/wood')), cents: kinds('sheets', 'wood') },
    { what: words.say(said('quote/hardware')), cents: kinds('hardware', 'band', 'glue', 'finish') },
    ...byWork(cost, words),
    { what: words.say(said('quote/bought')), cents: kinds('bought') },
  ];
}

function byThing({ lines }: Cost, words: Words): readonly QuoteLine[] {
  return lines.map(({ what, count, unit, total = 0 }) => ({
    what: words.say(what),
    ...(WHOLE.has(unit) ? { count: String(shown(count)) } : {}),
    cents: total,
  }));
}

/** What is counted one by one: the rest is told without its amount. */
const WHOLE: ReadonlySet<string> = new Set(['sheet', 'pair', 'piece']);

/** On site and on the way there; all the rest is made in the shop. */
const AWAY: ReadonlySet<string> = new Set(['pack', 'travel', 'install', 'demolish']);

function byWork({ work }: Cost, words: Words): readonly QuoteLine[] {
  return [
    { what: words.say(said('quote/making')), cents: sum(work.filter(({ id }) => !AWAY.has(id))) },
    { what: words.say(said('quote/fitting')), cents: sum(work.filter(({ id }) => AWAY.has(id))) },
  ];
}

/** The whole of a case that is planned, else its banks one by one. */
function facesOf(owner: CasePlan, words: Words): readonly QuoteFace[] {
  const mark = (length: Length): string => words.mark(length, 'opening');
  return smallFaces(owner).flatMap((face, index): readonly QuoteFace[] => {
    const bank = owner.banks[index];
    if (owner.casework) {
      const [wide, high, deep] = overAll(owner.casework).map(mark) as [string, string, string];
      return [{ name: owner.name, wide, high, face, sizes: words.say(said('quote/sizes', { wide, high, deep })) }];
    }
    if (!bank) return [];
    const { width, height, depth } = bank.opening;
    const [wide, high, deep] = [width.total, height.total, depth.total].map(mark) as [string, string, string];
    const name = owner.banks.length > 1 ? `${owner.name}, ${bank.bank.name ?? bank.id}` : owner.name;
    return [{ name, wide, high, face, sizes: words.say(said('quote/opening', { wide, high, deep })) }];
  });
}

/** Across, up and deep, over everything that stands: worktop and feet with it. */
function overAll({ bodies }: Pick<CaseworkPlan, 'bodies'>): readonly [Length, Length, Length] {
  const over = (axis: Axis): Length =>
    nm(Math.max(...bodies.map((body) => body[axis].to)) - Math.min(...bodies.map((body) => body[axis].from)));
  return [over('x'), over('y'), over('z')];
}

type Of = 'case' | 'boxes' | 'fronts' | 'doors';
const OF: readonly Of[] = ['case', 'boxes', 'fronts', 'doors'];

function isOf(role: PartRole | string): Of | undefined {
  if (isMember(role)) return role.startsWith('door') ? 'doors' : 'case';
  const row = Object.hasOwn(ROLES, role) ? ROLES[role as PartRole] : undefined;
  return row?.of === 'box' ? 'boxes' : row?.of === 'front' ? 'fronts' : undefined;
}

/** What it is made of, in words: by what the parts are of, then slides and finish. */
function madeOf({ job, plan, words }: QuoteOf): readonly string[] {
  const { parts } = partsOf(job, plan);
  const lines = OF.flatMap((of) => {
    const own = parts.filter(({ use }) => isOf(use.role) === of);
    const names = [...new Set(own.map(({ material }) => material.name).filter(Boolean))];
    return names.length === 0 ? [] : [words.say(said('quote/made', { of, names }))];
  });
  const drawers = plan.cases.flatMap(({ banks }) => banks.flatMap((bank) => bank.drawers));
  const slides = [...new Set(drawers.map(({ family }) => words.say(family.called)))];
  const rows = [...new Set((job.finish ?? []).map(({ row }) => words.say(said('cost/finish', { row }))))];
  return [
    ...lines,
    ...(slides.length > 0 ? [words.say(said('quote/slides', { names: slides, drawers: drawers.length }))] : []),
    ...(rows.length > 0 ? [words.say(said('quote/finish', { names: rows }))] : []),
  ];
}

/** What goes in, drawer by drawer where it is told. */
function holdsOf({ job }: QuoteOf): readonly string[] {
  return job.cases.flatMap(({ banks }) =>
    banks.flatMap(({ drawers }) =>
      drawers.flatMap(({ contents = [] }) =>
        contents.map(({ name, count }) => (count === undefined || count === 1 ? name : `${count} × ${name}`)),
      ),
    ),
  );
}
