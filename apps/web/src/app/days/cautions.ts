import type { DayTask, PlainCode } from '@zabble/core';

type Caution = Extract<PlainCode, `task/caution-${string}`>;

/** What a task can hurt with, once where it is; nothing where it can’t more than usual. */
export function cautionOf({ task }: DayTask): Caution | undefined {
  if (task.kind === 'coat') return 'task/caution-finish';
  if (task.kind === 'sand') return 'task/caution-dust';
  if (task.lift || task.people === 2) return 'task/caution-lift';
  return task.place === 'saw' ? 'task/caution-saw' : undefined;
}
