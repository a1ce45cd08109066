import { Busy } from './busy';
import type { Model } from './model';
import type { Moment } from './moment';
import { WORK_PLACES, type WorkPlace, type Work } from './problem';

/** An order of work by numbers: when each piece begins and ends, by which team, at which of its places. */
export interface Built {
  readonly start: readonly Moment[];
  readonly end: readonly Moment[];
  readonly team: readonly number[];
  readonly unit: readonly number[];
  readonly missed: number;
  readonly late: number;
  readonly last: Moment;
  /** Of every job its end, added up: of two that are alike in all else the one with less. */
  readonly sum: number;
  /** What was fixed and could not be kept free for. */
  readonly vain: ReadonlySet<number>;
}

interface Slot {
  readonly start: Moment;
  readonly end: Moment;
  readonly team: number;
  readonly unit: number;
}

const NEVER = Number.POSITIVE_INFINITY;

/**
 * Puts every piece of work in its earliest place, one after the other in `order` (whatever is before stands before it). What
 * is under way goes on first; what is fixed has its time kept free, as long as what comes before it lets it. `wish` may name
 * the team of a piece; else whoever is done first; for what is in `vain` no time is kept free. No constraint is ever broken. Bound: pieces × teams × what is in the way,
 * as often as there is fixed work that can’t be kept.
 */
export function serial(
  model: Model,
  order: readonly number[],
  { wish, vain = NONE }: { readonly wish?: readonly number[]; readonly vain?: ReadonlySet<number> } = {},
): Built {
  const kept = new Set(
    model.sorted.filter((index) => {
      const { fixed, running } = model.work[index] as Work;
      return running !== undefined || (fixed !== undefined && !vain.has(index));
    }),
  );
  const without = new Set(vain);
  for (;;) {
    const tried = new Attempt(model, kept, wish).run(order);
    if (typeof tried !== 'number') return { ...tried, vain: without };
    kept.delete(tried);
    without.add(tried);
  }
}

const NONE: ReadonlySet<number> = new Set();

/** One way through an order, with what is kept free from the start. */
class Attempt {
  private readonly people: readonly Busy[];
  private readonly units: Readonly<Record<WorkPlace, readonly Busy[]>>;
  private readonly start: Moment[];
  private readonly end: Moment[];
  private readonly team: number[];
  private readonly unit: number[];

  constructor(
    private readonly model: Model,
    private readonly kept: ReadonlySet<number>,
    private readonly wish: readonly number[] | undefined,
  ) {
    const { hours, held = [] } = model.problem;
    this.people = hours.people.map(() => new Busy());
    this.units = Object.fromEntries(
      WORK_PLACES.map((place) => [place, Array.from({ length: model.capacity[place] }, () => new Busy())]),
    ) as Record<WorkPlace, Busy[]>;
    for (const { place, until } of held) {
      const free = this.units[place].find((busy) => busy.until(model.problem.now, until) === undefined);
      if (until > model.problem.now) free?.take(model.problem.now, until);
    }
    const count = model.work.length;
    [this.start, this.end] = [new Array<Moment>(count).fill(NEVER), new Array<Moment>(count).fill(NEVER)];
    [this.team, this.unit] = [new Array<number>(count).fill(-1), new Array<number>(count).fill(0)];
  }

  /** The order, or what was kept free in vain. */
  run(order: readonly number[]): Omit<Built, 'vain'> | number {
    this.keepFree();
    for (const index of order) {
      const ready = this.readyAt(index);
      if (this.kept.has(index)) {
        const { running } = this.model.work[index] as Work;
        if (!running && ready > (this.start[index] as Moment)) return index;
      } else this.put(index, ready);
    }
    return this.built();
  }

  /** What is under way first, then what is fixed, the earliest first. */
  private keepFree(): void {
    const { work, problem } = this.model;
    const from = (index: number): Moment => (work[index]?.running ? problem.now : (work[index]?.fixed ?? problem.now));
    const first = (index: number): number => (work[index]?.running ? 0 : 1);
    const all = [...this.kept].sort(
      (one, other) => first(one) - first(other) || from(one) - from(other) || one - other,
    );
    for (const index of all) this.put(index, Math.max(problem.now, from(index)));
  }

  private readyAt(index: number): Moment {
    const { before, problem, work, arrives } = this.model;
    const { from = problem.now, fixed = problem.now } = work[index] as Work;
    let ready = Math.max(problem.now, from, fixed);
    for (const each of before[index] ?? []) {
      const end = this.end[each.index] as Moment;
      if (end === NEVER) return NEVER;
      ready = Math.max(ready, end + each.wait, each.lead === undefined ? 0 : arrives(end, each.lead));
    }
    return ready;
  }

  private put(index: number, ready: Moment): void {
    if (ready === NEVER) return;
    const work = this.model.work[index] as Work;
    const found = this.slotOf(index, work, ready);
    if (!found) return;
    const { start, end, team, unit } = found;
    [this.start[index], this.end[index], this.team[index], this.unit[index]] = [start, end, team, unit];
    for (const member of this.model.teams[team]?.members ?? []) this.people[member]?.take(start, end);
    if (work.place) this.units[work.place][unit]?.take(start, end + (work.holds ?? 0));
  }

  /** Of all teams that can the one that is done first; of those the one that begins first, then the first. */
  private slotOf(index: number, work: Work, ready: Moment): Slot | undefined {
    let best: Slot | undefined;
    for (const team of this.teamsFor(index, work)) {
      const slot = this.earliest(work, team, ready, best?.end ?? NEVER);
      if (slot && isSooner(slot, best)) best = slot;
    }
    return best;
  }

  private teamsFor(index: number, work: Work): readonly number[] {
    if (work.running) return [this.teamUnderWay(work)];
    const wished = this.wish?.[index] ?? -1;
    return wished >= 0 ? [wished] : this.model.teamsOf[work.people];
  }

  private teamUnderWay({ running, people }: Work): number {
    const { teams, teamsOf, problem } = this.model;
    const who = new Set(running?.people);
    const members = (team: number): readonly number[] => teams[team]?.members ?? [];
    const found = teamsOf[people].find((team) =>
      members(team).some((member) => who.has(problem.hours.people[member]?.id ?? '')),
    );
    return found ?? teamsOf[people][0] ?? 0;
  }

  private earliest(work: Work, team: number, ready: Moment, within: Moment): Slot | undefined {
    const { open, members } = this.model.teams[team] ?? {};
    if (!open || !members) return undefined;
    const { minutes } = work;
    const whole = work.whole === true && !work.running;
    for (let at = ready; ;) {
      const start = whole ? open.fit(at, minutes) : open.next(at);
      const end = open.finish(start, minutes);
      // Whatever comes later is done later still.
      if (end === NEVER || end > within) return undefined;
      const { unit, until } = this.freeUnit(work, start, end);
      const blocked = members.reduce((latest, member) => later(latest, this.people[member]?.until(start, end)), until);
      if (blocked === undefined) return { start, end, team, unit };
      at = blocked;
    }
  }

  /** The first of a kind of place that is free, or when the first of them is. */
  private freeUnit(
    { place, holds = 0 }: Work,
    start: Moment,
    end: Moment,
  ): { unit: number; until: Moment | undefined } {
    if (!place) return { unit: 0, until: undefined };
    let until: Moment = NEVER;
    for (const [unit, busy] of this.units[place].entries()) {
      const taken = busy.until(start, end + holds);
      if (taken === undefined) return { unit, until: undefined };
      until = Math.min(until, taken);
    }
    return { unit: 0, until };
  }

  private built(): Omit<Built, 'vain'> {
    const { work, jobs, jobOf, due } = this.model;
    const ends = jobs.map(() => 0);
    let missed = 0;
    for (const [index, { fixed }] of work.entries()) {
      const end = this.end[index] as Moment;
      if (end === NEVER) continue;
      const job = jobOf[index] as number;
      ends[job] = Math.max(ends[job] as number, end);
      if (fixed !== undefined) missed += this.beginsLate(index, fixed);
    }
    let [late, last, sum] = [0, this.model.problem.now, 0];
    for (const [job, end] of ends.entries()) {
      late += Math.max(0, end - (due[job] ?? NEVER));
      last = Math.max(last, end);
      sum += end;
    }
    const { start, end, team, unit } = this;
    return { start, end, team, unit, missed, late, last, sum };
  }

  /** By how much it begins after it could at its fixed time, were there nothing else. */
  private beginsLate(index: number, fixed: Moment): number {
    const { minutes, people, whole } = this.model.work[index] as Work;
    const wanted = this.model.teamsOf[people].map((team) => {
      const open = this.model.teams[team]?.open;
      const from = Math.max(fixed, this.model.problem.now);
      return (whole ? open?.fit(from, minutes) : open?.next(from)) ?? NEVER;
    });
    return Math.max(0, (this.start[index] as Moment) - Math.min(...wanted));
  }
}

const isSooner = (one: Slot, other: Slot | undefined): boolean =>
  !other || one.end < other.end || (one.end === other.end && one.start < other.start);

function later(one: Moment | undefined, other: Moment | undefined): Moment | undefined {
  if (one === undefined) return other;
  return other === undefined ? one : Math.max(one, other);
}

/** Which of two is better: fewer fixed missed, less late, done earlier, jobs done earlier; negative where the first is. */
export const compare = (one: Built, other: Built): number =>
  one.missed - other.missed || one.late - other.late || one.last - other.last || one.sum - other.sum;
