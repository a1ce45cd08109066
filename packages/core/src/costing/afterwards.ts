import type { OperationId } from '../job';
import type { Said } from '../length';
import { said } from '../words';
import { addUp, area, decimal, over, pieces, shown, times } from './amount';
import type { Cost } from './cost';
import { costed } from './costed';
import { costSums } from './difference';
import { cents, type Cents } from './money';
import { sheetsUsed } from './sheet-needs';
import type { Job } from '../job';
import type { Plan } from '../plan';

/** Time as it was written down: on one kind of work, or on the job as a whole. */
export interface Spent {
  readonly operation?: OperationId;
  readonly minutes: number;
}

/** One thing or one kind of work: what it was quoted with, what it is planned with, and what it came to. */
export interface AfterLine {
  readonly key: string;
  readonly what: Said;
  readonly quoted?: Cents;
  readonly planned?: Cents;
  /** Nothing where nobody wrote it down, or bought it on an order. */
  readonly actual?: Cents;
}

/** A sum by a key of a price. */
export interface KeySum {
  readonly key: string;
  readonly cents: Cents;
}

const WHOLE = 'work:';

/** `work:cut:2` and `work:cut:alone` are one kind of work. */
const plainKey = (key: string): string => (key.startsWith(WHOLE) ? key.split(':').slice(0, 2).join(':') : key);

/**
 * Everything that was quoted, is planned or came about, side by side, in the order of the price; at cost. Time counts at what
 * an hour costs, goods at what they were ordered for. Pure; bound by lines and entries.
 */
export function afterwards(
  cost: Cost,
  spent: readonly Spent[],
  {
    quoted,
    bought,
  }: { readonly quoted: readonly (KeySum & { readonly what: Said })[]; readonly bought: readonly KeySum[] },
): readonly AfterLine[] {
  const planned = costSums(cost);
  const hours = spent.map(({ operation = '', minutes }) => ({
    key: `${WHOLE}${operation}`,
    cents: wages(cost, minutes),
  }));
  const sums = [byKey(quoted), byKey(planned), byKey([...bought, ...hours])] as const;
  const called = new Map<string, Said>([
    ...quoted.map(({ key, what }) => [plainKey(key), what] as const),
    ...planned.map(({ key, what }) => [plainKey(key), what] as const),
  ]);
  const keys = [...new Set([...planned, ...quoted, ...bought, ...hours].map(({ key }) => plainKey(key)))];
  return keys.map((key): AfterLine => {
    const [was, is, came] = sums.map((each) => each.get(key));
    return {
      ...{ key, what: called.get(key) ?? nameOf(key) },
      ...(was === undefined ? {} : { quoted: was }),
      ...(is === undefined ? {} : { planned: is }),
      ...(came === undefined ? {} : { actual: came }),
    };
  });
}

function nameOf(key: string): Said {
  if (key === WHOLE) return said('cost/whole-job');
  if (key.startsWith(WHOLE)) return said('cost/operation', { id: key.slice(WHOLE.length) as OperationId });
  return said('text', { text: key });
}

const MINUTES = 60;

function wages({ hour }: Cost, minutes: number): Cents {
  return hour ? cents(over(times(pieces(minutes), pieces(hour.cents)), times(pieces(MINUTES), hour.pack))) : 0;
}

function byKey(sums: readonly KeySum[]): ReadonlyMap<string, Cents> {
  const all = new Map<string, Cents>();
  for (const { key, cents: each } of sums) all.set(plainKey(key), (all.get(plainKey(key)) ?? 0) + each);
  return all;
}

/** What a job that is done teaches: of each kind of work how often and how long, and what was lost of its sheets. */
export interface Learned {
  readonly work: readonly { readonly operation: OperationId; readonly count: number; readonly minutes: number }[];
  /** Percent of the parts’ area; nothing where no layout was kept. */
  readonly waste?: number;
}

/** Only of what was written down and is counted by the plan. */
export function learnedOf(job: Job, plan: Plan, cost: Cost, spent: readonly Spent[]): Learned {
  const operations = [...new Set(spent.flatMap(({ operation }) => operation ?? []))];
  const work = operations.flatMap((operation) => {
    const count = shown(addUp(cost.work.flatMap((each) => (each.id === operation ? [each.count] : []))));
    const minutes = spent.reduce((sum, each) => (each.operation === operation ? sum + each.minutes : sum), 0);
    return count > 0 ? [{ operation, count, minutes }] : [];
  });
  const waste = wasteOf(job, plan);
  return { work, ...(waste === undefined ? {} : { waste }) };
}

/** Over all materials whose layout holds exactly the parts of the plan. */
function wasteOf(job: Job, plan: Plan): number | undefined {
  const of = costed(job, plan);
  const laid = sheetsUsed(of).filter(({ of: counted }) => counted.some(({ from }) => from === 'layout'));
  if (laid.length === 0) return undefined;
  const used = addUp(
    laid.flatMap(({ material: { sheet }, of: counted }) =>
      sheet
        ? [
            times(
              area(sheet.length, sheet.width),
              addUp(counted.flatMap(({ from, amount }) => (from === 'left-over' ? [] : [amount]))),
            ),
          ]
        : [],
    ),
  );
  const materials = new Set(laid.map(({ material }) => material.id));
  const parts = addUp(
    of.parts.flatMap(({ material, length, width }) =>
      materials.has(material.id) ? [area(length.total, width.total)] : [],
    ),
  );
  const percent = times(over(used, parts), decimal(100));
  return Math.round(shown(percent) * 10) / 10 - 100;
}

/** The middle of what jobs teach, and how many it rests on. */
export interface Median {
  readonly value: number;
  readonly jobs: number;
}

export function median(values: readonly number[]): Median | undefined {
  if (values.length === 0) return undefined;
  const sorted = [...values].sort((one, other) => one - other);
  const at = Math.floor(sorted.length / 2);
  const [low, high] = [sorted[sorted.length % 2 === 1 ? at : at - 1] ?? 0, sorted[at] ?? 0];
  return { value: Math.round(((low + high) / 2) * 100) / 100, jobs: values.length };
}
