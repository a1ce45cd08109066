import { shown, type CostedWork } from '../costing';
import type { OperationId } from '../job';

/** Minutes of one kind of work in a task, as the price counts them. */
export interface Part {
  readonly operation: OperationId;
  readonly minutes: number;
}

/** The minutes of an operation that a price counts: of what one does, and of what takes two. */
export function minutesOf(work: readonly CostedWork[], operation: OperationId, people: 1 | 2): number {
  return work.reduce(
    (sum, each) => (each.id === operation && each.people === people ? sum + shown(each.minutes) : sum),
    0,
  );
}

/** Shared out by these weights; all to the first where none weighs anything. Nothing is lost: the shares add up. */
export function shared<K extends string>(minutes: number, weights: ReadonlyMap<K, number>): ReadonlyMap<K, number> {
  const all = [...weights.values()].reduce((sum, each) => sum + each, 0);
  const first = [...weights.keys()][0];
  if (first === undefined) return new Map();
  if (all === 0) return new Map([[first, minutes]]);
  return new Map([...weights].map(([key, weight]) => [key, (minutes * weight) / all]));
}
