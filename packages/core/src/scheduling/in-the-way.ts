import type { Model } from './model';
import type { Built } from './serial';

/** A piece of work, and what holds it up though it need not come before it: it has its people or its place. */
export interface InTheWay {
  readonly index: number;
  readonly by: number;
}

/**
 * What is in the way along one way back from the end of a job: from piece to piece by whatever each began after, a
 * predecessor or what had its people or its place. Bound: pieces × pieces.
 */
export function inTheWay(model: Model, built: Built, job: number, chance: () => number): readonly InTheWay[] {
  const found: InTheWay[] = [];
  let index = lastOf(model, built, job);
  for (let steps = 0; index >= 0 && steps < model.work.length; steps += 1) {
    const others = blockersOf(model, built, index);
    const before = heldBy(model, built, index);
    found.push(...others.map((by) => ({ index, by })));
    const next = [...others, ...before];
    index = next[Math.floor(chance() * next.length)] ?? -1;
  }
  return found;
}

function lastOf({ jobOf }: Model, { end }: Built, job: number): number {
  let last = -1;
  for (const [index, of] of jobOf.entries())
    if (of === job && Number.isFinite(end[index]) && (last < 0 || (end[index] as number) > (end[last] as number)))
      last = index;
  return last;
}

/** Whether somebody could have begun at once when something ended, had it ended before `start`. */
function atOnce({ teams }: Model, { team, start }: Built, index: number, end: number): boolean {
  const begins = start[index] as number;
  return end <= begins && (teams[team[index] as number]?.open.next(end) ?? begins) >= begins;
}

const heldBy = (model: Model, built: Built, index: number): readonly number[] =>
  (model.before[index] ?? []).flatMap(({ index: before, wait, lead }) => {
    const end = built.end[before] as number;
    const ready = Math.max(end + wait, lead === undefined ? 0 : model.arrives(end, lead));
    return atOnce(model, built, index, ready) ? [before] : [];
  });

function blockersOf(model: Model, built: Built, index: number): readonly number[] {
  const mine = model.teams[built.team[index] as number]?.members ?? [];
  const { place } = model.work[index] ?? {};
  const before = new Set(model.before[index]?.map((each) => each.index));
  return model.work.flatMap((other, by) => {
    if (by === index || before.has(by)) return [];
    const end = built.end[by] as number;
    const inPlace = place !== undefined && other.place === place && built.unit[by] === built.unit[index];
    const members = model.teams[built.team[by] as number]?.members ?? [];
    const held = inPlace ? end + (other.holds ?? 0) : end;
    return (inPlace || members.some((each) => mine.includes(each))) && atOnce(model, built, index, held) ? [by] : [];
  });
}

/** The list with a piece, and all that must come before it, put before another; nothing where that comes before it anyway. */
export function putBefore(model: Model, list: readonly number[], { index, by }: InTheWay): number[] | undefined {
  const with_ = new Set([index]);
  const at = list.indexOf(by);
  const from = list.indexOf(index);
  if (from < at) return undefined;
  // Whatever is before stands before: one way back through the list finds all of it.
  for (let place = from; place > at; place -= 1) {
    const each = list[place] as number;
    if (with_.has(each)) for (const before of model.before[each] ?? []) with_.add(before.index);
  }
  if (with_.has(by)) return undefined;
  const between = list.slice(at, from + 1);
  return [
    ...list.slice(0, at),
    ...between.filter((each) => with_.has(each)),
    ...between.filter((each) => !with_.has(each)),
    ...list.slice(from + 1),
  ];
}
