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
import { saidKey } from '../words';
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
  /** The key with what it is called: two jobs may know different things by one key. */
  readonly id: string;
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
  /** What it is ordered in, and what one of it costs. */
  readonly pack: Amount;
  readonly packs: number;
  readonly packCents?: Cents;
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
 * One list over any number of jobs, each thing once, in the order they are first wanted. What a job has already is its own;
 * what lies in rack and drawer goes to the jobs in their order; of the rest as many whole packs as it takes for all jobs
 * together. Pure; bound by jobs times what they want.
 */
export function buyingList(jobs: readonly BuyingFor[], buying: Buying): readonly BuyLine[] {
  const things = new Map<string, Wanted>();
  for (const { wanted } of jobs) for (const each of wanted) if (!things.has(idOf(each))) things.set(idOf(each), each);
  const had = hadOf(buying.had);
  return [...things.values()].map((first) => lineOf(first, jobs, had, buying));
}

const idOf = ({ key, what }: Wanted): string => `${key} ${saidKey(what)}`;

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
  const id = idOf(first);
  const mine = jobs.flatMap(({ wanted, ...of }) => {
    const own = wanted.filter((each) => idOf(each) === id);
    return own.length === 0 ? [] : [{ ...of, own, had: hadOf(of.job, key) }];
  });
  const all = mine.flatMap(({ own }) => own);
  const lies = onHand(all.find(({ rack }) => rack) ?? first, buying);
  const of = sharedAmong(mine, lies);
  const total = (part: 'wanted' | 'store' | 'short'): Amount => addUp(of.map((each) => each[part]));
  const price = buying.prices.get(key) ?? all.find((each) => each.price)?.price;
  const had = mine.flatMap((each) => each.had);
  return {
    ...{ id, key, kind, what, unit, of, lies, wanted: total('wanted'), store: total('store') },
    had: { aside: hadAs(had, 'aside'), ordered: hadAs(had, 'ordered'), arrived: hadAs(had, 'arrived') },
    ...bought(total('short'), unit, price),
  };
}

interface OfJob extends Pick<BuyingFor, 'job' | 'name'> {
  readonly own: readonly Wanted[];
  readonly had: readonly Had[];
}

/** What lies there goes to the jobs in their order; what a layout took from the rack is not taken once more. */
function sharedAmong(mine: readonly OfJob[], lies: Amount): readonly BuyFor[] {
  let left = lies;
  return mine.map(({ job, name, own, had: all }): BuyFor => {
    const [wanted, had] = [addUp(own.map(({ amount }) => amount)), addUp(all.map(({ count }) => count))];
    const lacks = positive(less(wanted, had));
    const store = own.some(({ rack, kind }) => rack || kind !== 'sheets') ? lesser(left, lacks) : NONE;
    left = less(left, store);
    return { job, name, wanted, had, store, short: less(lacks, store), spare: positive(less(had, wanted)) };
  });
}

const hadAs = (had: readonly Had[], as: Had['is']): Amount =>
  addUp(had.flatMap(({ is, count }) => (is === as ? [count] : [])));

type Bought = Pick<BuyLine, 'short' | 'pack' | 'packs' | 'packCents' | 'over' | 'price' | 'total'>;

/** Whole packs of what is short; without a price by the unit. What is sold by measure is one piece of what is short. */
function bought(short: Amount, unit: Wanted['unit'], price: Price | undefined): Bought {
  const sold = price?.pack ?? ONE;
  const pack = unit === 'm3' && short.n > 0n ? litresUp(short) : sold;
  const packs = wholeUp(over(short, pack));
  const packCents = price && cents(over(times(pack, pieces(price.cents)), sold));
  return {
    ...{ short, pack, packs, over: less(times(pieces(packs), pack), short) },
    ...(price && packCents !== undefined ? { price, packCents, total: packs * packCents } : {}),
  };
}

const THOUSAND = pieces(1000);

/** Wood is measured to a thousandth of a cubic metre. */
const litresUp = (amount: Amount): Amount => over(pieces(wholeUp(times(amount, THOUSAND))), THOUSAND);
