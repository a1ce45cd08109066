import { Busy } from './busy';
import type { Model } from './model';
import type { Moment } from './moment';
import type { OpenTime } from './open-time';
import { WORK_PLACES, type Work } from './problem';

/** An order of work by numbers: when each piece begins and ends, by which team, at which of its places. */
export interface Built {
  readonly start: ArrayLike<Moment>;
  readonly end: ArrayLike<Moment>;
  readonly team: ArrayLike<number>;
  readonly unit: ArrayLike<number>;
  readonly missed: number;
  readonly late: number;
  readonly last: Moment;
  /** Of every job its end, added up: of two that are alike in all else the one with less. */
  readonly sum: number;
  /** What was fixed and could not be kept free for. */
  readonly vain: ReadonlySet<number>;
}

const NEVER = Number.POSITIVE_INFINITY;
const NONE: ReadonlySet<number> = new Set();
const NOWHERE = -1;

/** What comes before a piece, and how long it then stands. */
interface Earlier {
  readonly index: number;
  readonly wait: number;
  readonly lead: number;
}

/**
 * Puts pieces of work in their places, for one order after the other in the same room: nothing is made anew for an order
 * that is only tried. What it last placed stands in its fields until the next.
 */
export class Placer {
  readonly start: Float64Array;
  readonly end: Float64Array;
  readonly team: Int32Array;
  readonly unit: Int32Array;
  /** Of each job, when all of it that has a place is done. */
  readonly ends: Float64Array;
  missed = 0;
  late = 0;
  last = 0;
  sum = 0;
  vain: ReadonlySet<number> = NONE;

  private readonly people: readonly Busy[];
  private readonly places: readonly (readonly Busy[])[];
  private readonly minutes: Float64Array;
  private readonly holds: Float64Array;
  /** Not before, whatever comes before. */
  private readonly from: Float64Array;
  private readonly whole: Uint8Array;
  private readonly placeOf: Int32Array;
  private readonly teams: readonly (readonly number[])[];
  private readonly earlier: readonly (readonly Earlier[])[];
  private readonly open: readonly OpenTime[];
  private readonly members: readonly (readonly number[])[];
  /** Under way or fixed: placed before all else. */
  private readonly fast: readonly number[];
  private readonly kept: Uint8Array;
  private readonly wanted: Float64Array;
  private readonly slot = { start: 0, end: 0, team: 0, unit: 0 };

  constructor(private readonly model: Model) {
    const { work, problem, teams, teamsOf, before, capacity, jobs } = model;
    const { now, hours, held = [] } = problem;
    const [count, most] = [work.length, work.length + held.length];
    [this.start, this.end] = [new Float64Array(count), new Float64Array(count)];
    [this.team, this.unit] = [new Int32Array(count), new Int32Array(count)];
    this.ends = new Float64Array(jobs.length);
    this.people = hours.people.map(() => new Busy(most));
    this.places = WORK_PLACES.map((place) => Array.from({ length: capacity[place] }, () => new Busy(most)));
    this.minutes = Float64Array.from(work, (each) => each.minutes);
    this.holds = Float64Array.from(work, (each) => each.holds ?? 0);
    this.from = Float64Array.from(work, (each) => Math.max(now, each.from ?? now, each.fixed ?? now));
    this.whole = Uint8Array.from(work, (each) => (each.whole === true && !each.running ? 1 : 0));
    this.placeOf = Int32Array.from(work, ({ place }) => (place ? WORK_PLACES.indexOf(place) : NOWHERE));
    this.teams = work.map((each) => (each.running ? [teamUnderWay(model, each)] : teamsOf[each.people]));
    this.earlier = before.map((all) => all.map(({ index, wait, lead = 0 }) => ({ index, wait, lead })));
    this.open = teams.map((each) => each.open);
    this.members = teams.map((each) => each.members);
    this.fast = this.keptFirst();
    this.kept = new Uint8Array(count);
    this.wanted = Float64Array.from(work, (each) => wantedOf(model, each));
  }

  /** What is under way first, then what is fixed, the earliest first. */
  private keptFirst(): readonly number[] {
    const { work, problem, sorted } = this.model;
    const from = (index: number): Moment => (work[index]?.running ? problem.now : (work[index]?.fixed ?? problem.now));
    const first = (index: number): number => (work[index]?.running ? 0 : 1);
    return sorted
      .filter((index) => work[index]?.running !== undefined || work[index]?.fixed !== undefined)
      .sort((one, other) => first(one) - first(other) || from(one) - from(other) || one - other);
  }

  /**
   * Puts every piece in its earliest place, one after the other in `order` (whatever is before stands before it). What is
   * under way goes on first; what is fixed has its time kept free, as long as what comes before it lets it. `wish` may name
   * the team of a piece, where it isn’t below 0; else whoever is done first. For what is in `vain` no time is kept free. No
   * constraint is ever broken. Bound: pieces × teams × what is in the way, as often as there is fixed work that can’t be kept.
   */
  place(order: readonly number[], wish?: readonly number[], vain: ReadonlySet<number> = NONE): void {
    let without = vain;
    for (;;) {
      this.keepFree(without, wish);
      const missed = this.run(order, wish);
      if (missed < 0) break;
      without = new Set([...without, missed]);
    }
    this.vain = without;
    this.count();
  }

  /** What was placed last, to keep. */
  built(): Built {
    const { missed, late, last, sum, vain } = this;
    const [start, end, team, unit] = [this.start.slice(), this.end.slice(), this.team.slice(), this.unit.slice()];
    return { start, end, team, unit, missed, late, last, sum, vain };
  }

  private keepFree(vain: ReadonlySet<number>, wish: readonly number[] | undefined): void {
    this.clear();
    this.kept.fill(0);
    const { work, problem } = this.model;
    for (const index of this.fast) {
      const { running, fixed = problem.now } = work[index] as Work;
      if (!running && vain.has(index)) continue;
      this.kept[index] = 1;
      this.put(index, running ? problem.now : Math.max(problem.now, fixed), wish);
    }
  }

  private clear(): void {
    const { now, held = [] } = this.model.problem;
    this.end.fill(NEVER);
    this.start.fill(NEVER);
    for (const busy of this.people) busy.clear();
    for (const units of this.places) for (const busy of units) busy.clear();
    for (const { place, until } of held) {
      if (until <= now) continue;
      this.places[WORK_PLACES.indexOf(place)]?.find((busy) => busy.until(now, until) === 0)?.take(now, until);
    }
  }

  /** Through the order; what was kept free for in vain, or below 0. */
  private run(order: readonly number[], wish: readonly number[] | undefined): number {
    for (const index of order) {
      const ready = this.readyAt(index);
      if (this.kept[index] === 0) this.put(index, ready, wish);
      else if (ready > (this.start[index] as Moment) && !this.model.work[index]?.running) return index;
    }
    return NOWHERE;
  }

  private readyAt(index: number): Moment {
    let ready = this.from[index] as Moment;
    for (const { index: before, wait, lead } of this.earlier[index] as readonly Earlier[]) {
      const end = this.end[before] as Moment;
      if (end === NEVER) return NEVER;
      if (end + wait > ready) ready = end + wait;
      if (lead > 0) ready = Math.max(ready, this.model.arrives(end, lead));
    }
    return ready;
  }

  /** By whichever team is done first; of those the one that begins first, then the first. */
  private put(index: number, ready: Moment, wish: readonly number[] | undefined): void {
    if (ready === NEVER) return;
    const { slot } = this;
    slot.end = NEVER;
    const wished = wish?.[index] ?? NOWHERE;
    const teams = this.teams[index] as readonly number[];
    if (wished >= 0 && teams.length > 1) this.look(index, wished, ready);
    else for (const team of teams) this.look(index, team, ready);
    if (slot.end !== NEVER) this.take(index);
  }

  /** What was found for it is its place. */
  private take(index: number): void {
    const { start, end, team, unit } = this.slot;
    this.start[index] = start;
    this.end[index] = end;
    this.team[index] = team;
    this.unit[index] = unit;
    // Until they work again: what they do next is one stretch with it.
    for (const member of this.members[team] as readonly number[])
      this.people[member]?.take(start, (this.open[member] as OpenTime).next(end));
    const place = this.placeOf[index] as number;
    if (place === NOWHERE) return;
    this.places[place]?.[unit]?.take(start, this.model.anybody.next(end + (this.holds[index] as number)));
  }

  /** Where a team would do it, if that is sooner than what was found. */
  private look(index: number, team: number, ready: Moment): void {
    const { slot } = this;
    const open = this.open[team] as OpenTime;
    const minutes = this.minutes[index] as number;
    for (let at = ready; ;) {
      const end = open.done(at, minutes, this.whole[index] === 1);
      // Whatever comes later is done later still.
      if (end > slot.end || end === NEVER) return;
      const start = open.begun;
      const blocked = this.blocked(index, team, start, end);
      if (blocked !== 0) at = blocked;
      else if (end < slot.end || start < slot.start) {
        [slot.start, slot.end, slot.team, slot.unit] = [start, end, team, this.free];
        return;
      } else return;
    }
  }

  /** Which of the places of its kind is free, as `blocked` found it last. */
  private free = 0;

  /** Until when its place or somebody of the team is taken; 0 where all are free. */
  private blocked(index: number, team: number, start: Moment, end: Moment): Moment {
    let until = this.placeTaken(index, start, end);
    for (const member of this.members[team] as readonly number[]) {
      const taken = (this.people[member] as Busy).until(start, end);
      if (taken > until) until = taken;
    }
    return until;
  }

  private placeTaken(index: number, start: Moment, end: Moment): Moment {
    this.free = 0;
    const place = this.placeOf[index] as number;
    if (place === NOWHERE) return 0;
    const units = this.places[place] as readonly Busy[];
    let first = NEVER;
    for (let unit = 0; unit < units.length; unit += 1) {
      const taken = (units[unit] as Busy).until(start, end + (this.holds[index] as number));
      if (taken === 0) {
        this.free = unit;
        return 0;
      }
      if (taken < first) first = taken;
    }
    return first;
  }

  private count(): void {
    const { jobOf, due, problem } = this.model;
    this.ends.fill(0);
    [this.missed, this.late, this.last, this.sum] = [0, 0, problem.now, 0];
    for (let index = 0; index < jobOf.length; index += 1) {
      const [end, job] = [this.end[index] as Moment, jobOf[index] as number];
      if (end === NEVER) continue;
      if (end > (this.ends[job] as number)) this.ends[job] = end;
      this.missed += Math.max(0, (this.start[index] as Moment) - (this.wanted[index] as number));
    }
    for (let job = 0; job < this.ends.length; job += 1) {
      const end = this.ends[job] as Moment;
      this.late += Math.max(0, end - (due[job] ?? NEVER));
      if (end > this.last) this.last = end;
      this.sum += end;
    }
  }
}

function teamUnderWay({ teams, teamsOf, problem }: Model, { running, people }: Work): number {
  const who = new Set(running?.people);
  const found = teamsOf[people].find((team) =>
    teams[team]?.members.some((member) => who.has(problem.hours.people[member]?.id ?? '')),
  );
  return found ?? teamsOf[people][0] ?? 0;
}

/** When fixed work could begin, were there nothing else; of what isn’t fixed whenever it does. */
function wantedOf({ problem, teams, teamsOf }: Model, { fixed, people, minutes, whole }: Work): Moment {
  if (fixed === undefined) return NEVER;
  const from = Math.max(fixed, problem.now);
  const begins = teamsOf[people].map((team) => {
    const open = teams[team]?.open;
    return (whole ? open?.fit(from, minutes) : open?.next(from)) ?? NEVER;
  });
  return Math.min(...begins);
}

/** Which of two is better: fewer fixed missed, less late, done earlier, jobs done earlier; negative where the first is. */
export const compare = (one: Compared, other: Compared): number =>
  one.missed - other.missed || one.late - other.late || one.last - other.last || one.sum - other.sum;

export type Compared = Pick<Built, 'missed' | 'late' | 'last' | 'sum'>;
