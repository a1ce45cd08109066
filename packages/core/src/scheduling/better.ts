import { boundOf } from './bound';
import { seeded } from './chance';
import { inTheWay, putBefore } from './in-the-way';
import { modelOf, type Model } from './model';
import { firstLists, listBy, tails } from './orders';
import type { NoTime, Placed, Problem, Schedule } from './problem';
import { compare, serial, type Built } from './serial';

/** An order as far as it was bettered. */
export interface Bettered {
  readonly schedule: Schedule;
  /** Orders tried, of how many. */
  readonly tried: number;
  readonly of: number;
}

/** The first order: the best of a few that are begun by a rule. Pure; bound by pieces × teams × what is in the way. */
export function schedule(problem: Problem): Schedule {
  const model = modelOf(problem);
  return scheduleOf(model, bestOf(begun(model)).built);
}

interface Listed {
  readonly list: readonly number[];
  readonly wish?: readonly number[];
  readonly built: Built;
}

const bestOf = (all: readonly Listed[]): Listed =>
  all.reduce((best, each) => (compare(each.built, best.built) < 0 ? each : best));

/** What a search is begun with, each by a rule of its own. */
const begun = (model: Model): readonly Listed[] =>
  firstLists(model).map((list): Listed => ({ list, built: serial(model, list) }));

/** Orders tried for a problem of so many pieces: fewer of what takes longer. */
const TRIES = { all: 180_000_000, least: 1500, most: 50_000 };
/** It ends where so many in a row were no better. */
const QUIET = 20_000;
/** Told after so many. */
const TOLD = 200;
const SEED = 20_261_129;

export const triesFor = (pieces: number): number =>
  Math.round(Math.min(TRIES.most, Math.max(TRIES.least, TRIES.all / Math.max(1, pieces * pieces))));

/**
 * The first order, and then better ones as they are found; the last is the best. The same for the same problem, however long
 * it took. It ends when no order could be better, or none was for
 * long. Bound: `tries` orders, each as `schedule`.
 */
export function* better(problem: Problem, tries = triesFor(problem.work.length)): Generator<Bettered, Schedule> {
  const model = modelOf(problem);
  const search = new Search(model, begun(model), tries);
  const least = boundOf(model);
  const told = (tried: number): Bettered => ({ schedule: scheduleOf(model, search.best.built), tried, of: tries });
  yield told(0);
  let found = 0;
  for (let tried = 1; tried <= tries; tried += 1) {
    const { missed, late, last } = search.best.built;
    if (missed === 0 && late <= least.late && last <= least.end) break;
    if (tried - found > QUIET) break;
    const before = search.best;
    search.step();
    if (search.best !== before) found = tried;
    if (tried % TOLD === 0) yield told(tried);
  }
  return scheduleOf(model, search.best.built);
}

/** The last of `better`: the best that is found. */
export function bestOrder(problem: Problem, tries?: number): Schedule {
  const search = better(problem, tries);
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
  }
}

/** How many orders back an order is measured against: what is no worse than it is gone on with. */
const BACK = 60;
const AGAIN = 0.05;

/** Of all tries the share each turn gets. */
const EACH = 1 / 8;
/** From this turn on the best is gone on with. */
const LAST = 6;
const SHAKES = 4;
/** Of all tries the share that puts something out of the way of what it holds up. */
const OUT = 0.2;
/** What counts how much in the one figure an order is measured by. */
const WEIGHS = { missed: 100, late: 10, lateOpen: 100, sum: 1 / 50 };

/**
 * Tries orders near the one it stands at, and goes on with what is no worse than where it stood a while ago; from every
 * beginning in turn, then from the best.
 */
class Search {
  best: Listed;
  private at: { list: number[]; built: Built; wish: number[] };
  private back: number[];
  private readonly chance = seeded(SEED);
  private steps = 0;
  private readonly places: number[];
  private readonly round: number;
  private readonly tail: readonly number[];

  constructor(
    private readonly model: Model,
    private readonly first: readonly Listed[],
    tries: number,
  ) {
    this.best = bestOf(first);
    this.tail = tails(model);
    this.round = Math.max(1, Math.floor(tries * EACH));
    this.places = new Array<number>(model.work.length).fill(0);
    [this.at, this.back] = this.from(first[0] ?? this.best);
  }

  private from({ list, built, wish }: Listed): [Search['at'], number[]] {
    const at = { list: [...list], built, wish: [...(wish ?? this.model.work.map(() => -1))] };
    return [at, new Array<number>(BACK).fill(this.cost(built))];
  }

  /** Every beginning has its turn; then orders of jobs at random and the best shaken; in the end the best as it is. */
  private turn(): void {
    if (this.steps === 0 || this.steps % this.round !== 0) return;
    const turn = this.steps / this.round;
    const next = this.first[turn] ?? (turn >= LAST ? this.best : turn % 2 === 0 ? this.shaken() : this.anyJobs());
    [this.at, this.back] = this.from(next);
  }

  /** The best with one job pulled or pushed, and some pieces moved. */
  private shaken(): Listed {
    const { built, wish } = this.best;
    const list = this.otherJob(built);
    for (let time = 0; time < SHAKES; time += 1) this.shift(list);
    return { list, built: serial(this.model, list, wish ? { wish } : {}), ...(wish ? { wish } : {}) };
  }

  /** Jobs weighed at random, the longest way to the end first in each. */
  private anyJobs(): Listed {
    const weighs = this.model.jobs.map(() => this.chance());
    const list = listBy(
      this.model,
      this.tail.map((tail, index) => -tail * (weighs[this.model.jobOf[index] as number] as number)),
    );
    return { list, built: serial(this.model, list) };
  }

  step(): void {
    this.turn();
    const { list, wish } = this.moved();
    // What could not be kept free for is seldom tried again: it costs an order each.
    const vain = this.chance() < AGAIN ? undefined : this.at.built.vain;
    const built = serial(this.model, list, { wish, ...(vain ? { vain } : {}) });
    const cost = this.cost(built);
    const slot = this.steps % BACK;
    this.steps += 1;
    if (cost <= (this.back[slot] as number) || cost <= this.cost(this.at.built)) {
      this.at = { list: this.byStart(list, built), built, wish };
      if (compare(built, this.best.built) < 0) this.best = { list: this.at.list, built, wish };
    }
    this.back[slot] = Math.min(this.back[slot] as number, this.cost(this.at.built));
  }

  /**
   * One figure for an order: what is missed and late counts most. Lateness counts in hours of work as well: an order that ends
   * a minute after a closing is nearly as good as one that ends at it, though by the clock it is a night behind.
   */
  private cost({ missed, late, last, sum, end }: Built): number {
    const { jobs, jobOf, due, anybody, problem } = this.model;
    const ends = jobs.map(() => problem.now);
    for (const [index, job] of jobOf.entries())
      if (Number.isFinite(end[index])) ends[job] = Math.max(ends[job] as number, end[index] as number);
    const lateOpen = ends.reduce((all, at, job) => {
      const date = due[job] ?? at;
      return at > date ? all + anybody.until(at) - anybody.until(date) : all;
    }, 0);
    const sums = sum - problem.now * jobs.length;
    return (
      missed * WEIGHS.missed + late * WEIGHS.late + lateOpen * WEIGHS.lateOpen + last - problem.now + sums * WEIGHS.sum
    );
  }

  /** What begins first stands first; whatever is before stands before. */
  private byStart(list: readonly number[], { start }: Built): number[] {
    return [...list].sort((one, other) => (start[one] as number) - (start[other] as number) || 0);
  }

  private moved(): { list: number[]; wish: number[] } {
    const { list, wish } = this.at;
    const kind = this.chance();
    if (kind < 0.15 && this.model.teams.length > 1) return { list, wish: this.otherTeam(wish) };
    if (kind < 0.2 && this.model.jobs.length > 1) return { list: this.otherJob(this.at.built), wish };
    if (kind < 0.2 + OUT) {
      const away = this.outOfTheWay(list);
      if (away) return { list: away, wish };
    }
    const next = [...list];
    const times = kind < 0.9 ? 1 : 2 + Math.floor(this.chance() * 4);
    for (let time = 0; time < times; time += 1) this.shift(next);
    return { list: next, wish };
  }

  private otherTeam(wish: readonly number[]): number[] {
    const next = [...wish];
    const index = Math.floor(this.chance() * next.length);
    const teams = this.model.teamsOf[this.model.work[index]?.people ?? 1];
    const at = Math.floor(this.chance() * (teams.length + 1));
    next[index] = at === teams.length ? -1 : (teams[at] as number);
    return next;
  }

  /** What holds a job up, a late one rather than another, put after what it holds up. */
  private outOfTheWay(list: readonly number[]): number[] | undefined {
    const job = Math.floor(this.chance() * this.model.jobs.length);
    const all = inTheWay(this.model, this.at.built, job, this.chance);
    const one = all[Math.floor(this.chance() * all.length)];
    return one && putBefore(this.model, list, one);
  }

  /** Everything of one job some days earlier or later. */
  private otherJob({ start, last }: Built): number[] {
    const { jobs, jobOf, work, problem } = this.model;
    const job = Math.floor(this.chance() * jobs.length);
    const by = (this.chance() - 0.5) * 2 * (last - problem.now);
    return listBy(
      this.model,
      work.map((_, index) => (start[index] as number) + (jobOf[index] === job ? by : 0)),
    );
  }

  /** One piece to another place between what comes before it and what comes after. */
  private shift(list: number[]): void {
    for (const [at, index] of list.entries()) this.places[index] = at;
    const from = Math.floor(this.chance() * list.length);
    const index = list[from];
    if (index === undefined) return;
    let [low, high] = [0, list.length - 1];
    for (const before of this.model.before[index] ?? []) low = Math.max(low, (this.places[before.index] as number) + 1);
    for (const after of this.model.after[index] ?? []) high = Math.min(high, (this.places[after] as number) - 1);
    if (high < low) return;
    const to = low + Math.floor(this.chance() * (high - low + 1));
    list.splice(from, 1);
    list.splice(to, 0, index);
  }
}

function scheduleOf(model: Model, { start, end, team, unit, missed, late, last }: Built): Schedule {
  const name = (member: number): string => model.problem.hours.people[member]?.id ?? '';
  const placed = model.work.flatMap(({ id }, index): readonly Placed[] => {
    const [from, to] = [start[index] as number, end[index] as number];
    if (!Number.isFinite(to)) return [];
    const people = (model.teams[team[index] as number]?.members ?? []).map(name);
    return [{ id, start: from, end: to, people, unit: unit[index] as number }];
  });
  const has = new Set(placed.map(({ id }) => id));
  return {
    placed: placed.sort((one, other) => one.start - other.start || one.end - other.end || (one.id < other.id ? -1 : 1)),
    without: model.work.flatMap((_, index) =>
      has.has(model.work[index]?.id ?? '') ? [] : [noTime(model, index, has)],
    ),
    ...{ missed, late, end: last },
  };
}

function noTime(model: Model, index: number, has: ReadonlySet<string>): { readonly id: string; readonly why: NoTime } {
  const { id = '', people = 1, minutes = 0, whole } = model.work[index] ?? {};
  const why = (): NoTime => {
    if ((model.before[index] ?? []).some((each) => !has.has(model.work[each.index]?.id ?? ''))) return 'waits';
    const fits = model.teamsOf[people].some((team) =>
      Number.isFinite(model.teams[team]?.open.fit(model.problem.now, whole ? minutes : 1) ?? Number.POSITIVE_INFINITY),
    );
    return fits ? 'waits' : whole ? 'too-long' : 'nobody';
  };
  return { id, why: why() };
}
