import {
  addUp,
  cents,
  over,
  pieces,
  times,
  wholeUp,
  type Amount,
  type Cents,
  type Price,
  type PriceBook,
} from '../costing';
import type { Said } from '../length';
import { onHand, type Store } from './on-hand';
import type { Wanted } from './wanted';

/** A job that is bought for. */
export interface BuyingFor {
  readonly job: string;
  readonly name: string;
  readonly wanted: readonly Wanted[];
}

/** So much of something that a job has already: laid aside for it from the drawer, ordered for it, or arrived for it. */
export interface Had {
  readonly job: string;
  readonly key: string;
  readonly count: Amount;
  readonly is: 'aside' | 'ordered' | 'arrived';
}

/** What a list is made with. */
export interface Buying extends Store {
  readonly prices: PriceBook;
  readonly had: readonly Had[];
}

/** One job’s part of a line. */
export interface BuyFor {
  readonly job: string;
  readonly name: string;
  readonly wanted: Amount;
  readonly had: Amount;
  /** What it takes of what lies there. */
  readonly store: Amount;
  /** What is still to be bought for it. */
  readonly short: Amount;
  /** What it has more than it wants by now: it wanted more once. */
  readonly spare: Amount;
}

/** One thing over all chosen jobs: what is wanted, what there is, and how many packs are to be bought. */
export interface BuyLine {
  readonly key: string;
  readonly kind: Wanted['kind'];
  readonly what: Said;
  readonly unit: Wanted['unit'];
  readonly of: readonly BuyFor[];
  readonly wanted: Amount;
  readonly had: Readonly<Record<Had['is'], Amount>>;
  /** What lies in rack and drawer, and how much of it these jobs take. */
  readonly lies: Amount;
  readonly store: Amount;
  readonly short: Amount;
  readonly packs: number;
  /** What comes with the packs beyond what is short. */
  readonly over: Amount;
  readonly price?: Price;
  /** Of all packs, to the cent. */
  readonly total?: Cents;
}

const NONE = pieces(0);
const ONE = pieces(1);
const less = (one: Amount, other: Amount): Amount => addUp([one, { n: -other.n, d: other.d }]);
const positive = (amount: Amount): Amount => (amount.n > 0n ? amount : NONE);
const lesser = (one: Amount, other: Amount): Amount => (less(one, other).n < 0n ? one : other);

/**
 * One list over any number of jobs, each key once, in the order they are first wanted. What a job has already is its own;
 * what lies in rack and drawer goes to the jobs in their order; of the rest as many whole packs as it takes for all jobs
 * together. Pure; bound by jobs times what they want.
 */
export function buyingList(jobs: readonly BuyingFor[], buying: Buying): readonly BuyLine[] {
  const keys = new Map<string, Wanted>();
  for (const { wanted } of jobs) for (const each of wanted) if (!keys.has(each.key)) keys.set(each.key, each);
  const had = hadOf(buying.had);
  return [...keys.values()].map((first) => lineOf(first, jobs, had, buying));
}

type HadOf = (job: string, key: string) => readonly Had[];

/** What each job has of each key, found at once. */
function hadOf(all: readonly Had[]): HadOf {
  const found = new Map<string, Had[]>();
  const at = (job: string, key: string): string => `${job} ${key}`;
  for (const each of all) {
    const place = at(each.job, each.key);
    const known = found.get(place);
    if (known) known.push(each);
    else found.set(place, [each]);
  }
  return (job, key) => found.get(at(job, key)) ?? [];
}

function lineOf(first: Wanted, jobs: readonly BuyingFor[], hadOf: HadOf, buying: Buying): BuyLine {
  const { key, kind, what, unit } = first;
  const mine = jobs.flatMap(({ job, name, wanted }) => {
    const own = wanted.filter((each) => each.key === key);
    return own.length === 0 ? [] : [{ job, name, wanted: addUp(own.map(({ amount }) => amount)), own }];
  });
  const rackable = mine.flatMap(({ own }) => own).find(({ rack }) => rack) ?? first;
  const lies = onHand(rackable, buying);
  let left = lies;
  const had = mine.flatMap(({ job }) => hadOf(job, key));
  const of = mine.map(({ job, name, wanted, own }): BuyFor => {
    const has = addUp(hadOf(job, key).map(({ count }) => count));
    const lacks = positive(less(wanted, has));
    // What a layout took from the rack is not taken once more.
    const fromStore = own.some(({ rack, kind: of }) => rack || of !== 'sheets') ? lesser(left, lacks) : NONE;
    left = less(left, fromStore);
    return {
      job,
      name,
      wanted,
      had: has,
      store: fromStore,
      short: less(lacks, fromStore),
      spare: positive(less(has, wanted)),
    };
  });
  const total = (each: (one: BuyFor) => Amount): Amount => addUp(of.map(each));
  const price = buying.prices.get(key) ?? mine.flatMap(({ own }) => own).find((each) => each.price)?.price;
  return {
    ...{ key, kind, what, unit, of, lies, wanted: total((each) => each.wanted), store: total((each) => each.store) },
    had: { aside: hadAs(had, 'aside'), ordered: hadAs(had, 'ordered'), arrived: hadAs(had, 'arrived') },
    ...bought(
      total((each) => each.short),
      price,
    ),
  };
}

const hadAs = (had: readonly Had[], as: Had['is']): Amount =>
  addUp(had.flatMap(({ is, count }) => (is === as ? [count] : [])));

/** Whole packs of what is short; without a price by the unit. */
function bought(
  short: Amount,
  price: Price | undefined,
): Pick<BuyLine, 'short' | 'packs' | 'over' | 'price' | 'total'> {
  const pack = price?.pack ?? ONE;
  const packs = wholeUp(over(short, pack));
  return {
    ...{ short, packs, over: less(times(pieces(packs), pack), short) },
    ...(price ? { price, total: cents(times(pieces(packs), pieces(price.cents))) } : {}),
  };
}
