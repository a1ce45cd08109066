import { chanceFrom } from '../chance';
import type { Begun } from './as-seen';
import type { Model } from './model';
import type { Moment } from './moment';
import { firstLists, listBy, tails } from './orders';
import { compare, Placer, type Built, type Compared } from './placer';

/** A list that pieces are placed by, with the teams that are wished for (below 0: whoever is done first). */
interface Standing {
  readonly list: readonly number[];
  readonly wish: readonly number[];
  readonly vain: ReadonlySet<number>;
  readonly cost: number;
}

/** From how warm to how cold: by how much a worse order may cost more and be gone on with now and then. */
interface Heat {
  readonly from: number;
  readonly to: number;
}

/** Rows that came to as little lateness: no further one is begun. */
const ALIKE = 3;
const SEED = 20_261_129;
/** So many tries are one row of beginnings; of what is left another row is begun, with other chances. */
export const ROW = 800_000;
/** Told after so many tries. */
const TOLD = 200;
/** Beginnings: one for so many tries, so many at most. */
const STARTS = { tries: 2400, most: 256 };
const HEAT: Heat = { from: 2500, to: 30 };
/** A beginning is first bettered with its jobs weighed by chance, up to so many times more or less than they count. */
const WEIGHED = { up: 10, share: 0.6, until: 3 };
/**
 * What counts how much in the one figure an order is measured by: what is missed more than what is late, as where two orders are
 * compared.
 */
const COUNTS = { missed: 2500, late: 10, lateOpen: 100, sum: 1 / 50 };
/** How often what could not be kept free for is tried again; it costs an order each, and nothing where nothing is fixed. */
const AGAIN = 0.3;
const NONE: ReadonlySet<number> = new Set();

/**
 * Looks for better orders from many beginnings at once: each is bettered for a while by small changes, a worse one gone on
 * with now and then (published as simulated annealing: S. Kirkpatrick, C. D. Gelatt, M. P. Vecchi, “Optimization by Simulated
 * Annealing”, Science 220, 1983); the better half of what they come to is gone on with for longer, and so on. Which of the
 * jobs is better late tells one order from another more than all small changes: that is why there are many beginnings, in
 * each of which other jobs count for more at first; why whose turn it is may change for a whole stretch at once; and why
 * there are rows of beginnings: what one row misses by chance another finds, until some have come to the same. The same for
 * the same. Bound: `tries` orders.
 */
export class Search {
  best: Built;
  tried = 0;
  private readonly placer: Placer;
  private readonly chance = chanceFrom(SEED);
  private readonly tail: readonly number[];
  private readonly firsts: readonly (readonly number[])[];
  private readonly places: Int32Array;
  /** There are several jobs, and none waits for another. */
  private readonly jobsApart: boolean;
  /** The best of the row that is under way. */
  private inRow: Compared | undefined;

  constructor(
    private readonly model: Model,
    private readonly tries: number,
    private readonly seen?: Begun,
  ) {
    this.placer = new Placer(model);
    this.tail = tails(model);
    this.places = new Int32Array(model.work.length);
    this.firsts = firstLists(model);
    const { before, jobOf, jobs } = model;
    this.jobsApart =
      jobs.length > 1 && before.every((all, index) => all.every((each) => jobOf[each.index] === jobOf[index]));
    const built = this.firsts.map((list) => {
      this.placer.place(list);
      return this.placer.built();
    });
    this.best = (seen ? [seen.built, ...built] : built).reduce((best, each) => (compare(each, best) < 0 ? each : best));
  }

  /** Stops to tell now and then; `best` is the best so far. */
  *run(): Generator<void, void> {
    const rows = Math.max(1, Math.round(this.tries / ROW));
    for (let row = 0, alike = 0; row < rows && alike < ALIKE; row += 1) {
      const { missed, late } = this.best;
      this.inRow = undefined;
      yield* this.row(Math.floor(this.tries / rows));
      if (this.best.missed === 0 && this.best.late === 0) return;
      if (this.best.missed !== missed || this.best.late !== late) alike = 0;
      if (this.inRow && isAsLate(this.inRow, this.best)) alike += 1;
    }
  }

  /** A row of beginnings, the better half of which is gone on with for longer, and so on. */
  private *row(tries: number): Generator<void, void> {
    const starts = Math.max(1, Math.min(STARTS.most, Math.floor(tries / STARTS.tries)));
    const rounds = Math.max(1, Math.floor(Math.log2(starts)) - 1);
    let all: Standing[] = [];
    for (let round = 0; round < rounds; round += 1) {
      const count = round === 0 ? starts : all.length;
      const each = Math.floor(tries / rounds / count);
      const next: Standing[] = [];
      for (let at = 0; at < count; at += 1)
        next.push(yield* round === 0 ? this.beginning(at, each) : this.anneal(all[at] as Standing, each, HEAT));
      // Nothing is late: what is left to be found is a little earlier end.
      if (round > 0 && this.best.missed === 0 && this.best.late === 0) return;
      all = betterHalf(next);
    }
  }

  /** One beginning, by a rule or by chance; bettered with its jobs weighed by chance, and then as they are. */
  private *beginning(at: number, tries: number): Generator<void, Standing> {
    const begun = { ...this.begunWith(at), vain: NONE, cost: 0 };
    if (at === 0) return yield* this.anneal(begun, tries, HEAT);
    const between = HEAT.from / WEIGHED.until;
    const weighs = this.model.jobs.map(() => WEIGHED.up ** (this.chance() * 2 - 1));
    const first = Math.floor(tries * WEIGHED.share);
    const weighed = yield* this.anneal(begun, first, { from: HEAT.from, to: between }, weighs);
    return yield* this.anneal(weighed, tries - first, { from: between, to: HEAT.to });
  }

  private begunWith(at: number): Pick<Standing, 'list' | 'wish'> {
    if (this.seen && at === 0) return this.seen;
    const rule = this.firsts[this.seen ? at - 1 : at];
    return { list: rule ?? this.anyList(at), wish: this.model.work.map(() => -1) };
  }

  /** The longest way to the end first in each job; jobs weighed by chance, or put some days apart. */
  private anyList(at: number): readonly number[] {
    const { jobs, jobOf } = this.model;
    const apart = at % 2 === 1;
    const by = jobs.map(() => (apart ? (this.chance() - EARLIER) * APART : this.chance()));
    return listBy(
      this.model,
      this.tail.map((tail, index) => {
        const of = by[jobOf[index] as number] as number;
        return apart ? of - tail : -tail * of;
      }),
    );
  }

  private *anneal(
    begun: Standing,
    tries: number,
    { from, to }: Heat,
    weighs?: readonly number[],
  ): Generator<void, Standing> {
    let at: Standing = { ...begun, cost: this.costOf(begun, weighs) };
    let best = at;
    for (let tried = 1; tried < tries; tried += 1) {
      const heat = from * (to / from) ** (tried / tries);
      const { list, wish } = this.moved(at);
      const vain = at.vain.size > 0 && this.chance() < AGAIN ? NONE : at.vain;
      const cost = this.costOf({ list, wish, vain }, weighs);
      if (cost <= at.cost || this.chance() < Math.exp((at.cost - cost) / heat)) {
        at = { list: byStart(list, this.placer.start), wish, vain: this.placer.vain, cost };
        if (cost < best.cost) best = at;
      }
      if (this.tried % TOLD === 0) yield;
    }
    return best;
  }

  /** Places it, and keeps it where it is the best so far. */
  private costOf({ list, wish, vain }: Omit<Standing, 'cost'>, weighs: readonly number[] | undefined): number {
    this.tried += 1;
    this.placer.place(list, wish, vain);
    if (!this.inRow || compare(this.placer, this.inRow) < 0) {
      const { missed, late, last, sum } = this.placer;
      this.inRow = { missed, late, last, sum };
      if (compare(this.placer, this.best) < 0) this.best = this.placer.built();
    }
    return this.cost(weighs);
  }

  /**
   * One figure for an order: what is missed and late counts most. Lateness counts in hours of work as well: an order that ends
   * a minute after a closing is nearly as good as one that ends at it, though by the clock it is a night behind.
   */
  private cost(weighs: readonly number[] | undefined): number {
    const { due, anybody, problem, jobs } = this.model;
    const { ends, missed, last, sum } = this.placer;
    let cost = missed * COUNTS.missed + last - problem.now + (sum - problem.now * jobs.length) * COUNTS.sum;
    for (let job = 0; job < ends.length; job += 1) {
      const [end, date] = [ends[job] as Moment, due[job]];
      if (date === undefined || end <= date) continue;
      const late = (end - date) * COUNTS.late + (anybody.until(end) - anybody.until(date)) * COUNTS.lateOpen;
      cost += late * (weighs?.[job] ?? 1);
    }
    return cost;
  }

  private moved({ list, wish }: Standing): { readonly list: readonly number[]; readonly wish: readonly number[] } {
    if (this.model.teams.length > 1 && this.chance() < OTHER_TEAM) return { list, wish: this.otherTeam(wish) };
    if (this.jobsApart && this.chance() < GATHERED) return { list: this.gathered(list), wish };
    const next = [...list];
    const times = this.chance() < ONE_AT_A_TIME ? 1 : 2 + Math.floor(this.chance() * FURTHER);
    for (let time = 0; time < times; time += 1) this.shift(next);
    return { list: next, wish };
  }

  /**
   * Of a stretch of the list what belongs to one job before all else in it, or after: whose turn it is changes at once, where
   * piece by piece each step on the way would be worse. What comes before what only matters within a job.
   */
  private gathered(list: readonly number[]): readonly number[] {
    const { jobOf } = this.model;
    const from = Math.floor(this.chance() * (list.length - 1));
    const to = from + 2 + Math.floor(this.chance() * (list.length - from - 1));
    const stretch = list.slice(from, to);
    const job = jobOf[stretch[Math.floor(this.chance() * stretch.length)] as number];
    const first = this.chance() < HALF;
    const isBefore = (index: number): boolean => (jobOf[index] === job) === first;
    const after = stretch.filter((index) => !isBefore(index));
    return [...list.slice(0, from), ...stretch.filter(isBefore), ...after, ...list.slice(to)];
  }

  private otherTeam(wish: readonly number[]): readonly number[] {
    const next = [...wish];
    const index = Math.floor(this.chance() * next.length);
    const teams = this.model.teamsOf[this.model.work[index]?.people ?? 1];
    next[index] = teams[Math.floor(this.chance() * (teams.length + 1))] ?? -1;
    return next;
  }

  /** One piece to another place between what comes before it and what comes after; as it was where there is no other. */
  private shift(list: number[]): void {
    for (let at = 0; at < list.length; at += 1) this.places[list[at] as number] = at;
    for (let asked = 0; asked < ASKED; asked += 1) {
      const from = Math.floor(this.chance() * list.length);
      const index = list[from] as number;
      const [low, high] = this.roomFor(index, list.length);
      if (high <= low) continue;
      // Anywhere but where it is.
      const to = low + Math.floor(this.chance() * (high - low));
      list.splice(from, 1);
      list.splice(to < from ? to : to + 1, 0, index);
      return;
    }
  }

  /** The places a piece can have in its list. */
  private roomFor(index: number, length: number): readonly [number, number] {
    let [low, high] = [0, length - 1];
    for (const before of this.model.before[index] ?? []) low = Math.max(low, (this.places[before.index] as number) + 1);
    for (const after of this.model.after[index] ?? []) high = Math.min(high, (this.places[after] as number) - 1);
    return [low, high];
  }
}

const isAsLate = (one: Compared, other: Compared): boolean => one.missed === other.missed && one.late === other.late;

const OTHER_TEAM = 0.15;
/** How often whose turn it is changes at once. */
const GATHERED = 0.08;
const HALF = 0.5;
const ONE_AT_A_TIME = 0.8;
/** So many more are moved at once at most. */
const FURTHER = 3;
/** Pieces looked at for one that can be moved. */
const ASKED = 8;
/** Jobs are put so many minutes apart at most, the least of them this share of it earlier. */
const APART = 15_000;
const EARLIER = 0.3;

/** What begins first stands first; whatever is before stands before. */
const byStart = (list: readonly number[], start: ArrayLike<Moment>): readonly number[] =>
  [...list].sort((one, other) => (start[one] as Moment) - (start[other] as Moment) || 0);

/** The better half, none twice. */
function betterHalf(all: readonly Standing[]): Standing[] {
  const known = new Set<number>();
  const unlike = [...all]
    .sort((one, other) => one.cost - other.cost)
    .filter(({ cost }) => !known.has(Math.round(cost)) && known.add(Math.round(cost)));
  return unlike.slice(0, Math.max(1, Math.floor(unlike.length / 2)));
}
