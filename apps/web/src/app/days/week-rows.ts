import type { Days, DayTask } from '@zabble/core';

export type RowsBy = 'job' | 'person' | 'place';

/** A bar in a lane of the chart. */
export interface Bar {
  readonly task: DayTask;
  readonly lane: number;
}

/** What is called at the left, and how many lanes it has. */
export interface Row {
  readonly id: string;
  readonly name: string;
  readonly lanes: number;
  readonly first: number;
}

export interface Lanes {
  readonly rows: readonly Row[];
  readonly bars: readonly Bar[];
  readonly count: number;
}

/** Bars by job, by person or by place; what is at once stands in lanes one below the other. */
export function lanesOf(days: Days, by: RowsBy, called: (id: string) => string): Lanes {
  const groups = new Map<string, DayTask[]>();
  const put = (id: string, task: DayTask): void => void groups.set(id, [...(groups.get(id) ?? []), task]);
  if (by === 'job') for (const { job } of days.jobs) groups.set(job, []);
  for (const task of days.tasks) {
    if (by === 'job') put(task.task.job, task);
    else if (by === 'person') for (const person of task.people) put(person, task);
    else put(task.task.place === undefined ? '' : `${task.task.place} ${task.unit}`, task);
  }
  const rows: Row[] = [];
  const bars: Bar[] = [];
  let first = 0;
  for (const [id, tasks] of groups) {
    const until: number[] = [];
    for (const task of tasks) {
      // A bar has room for its words, and what stands by itself after it has its own.
      const free = until.findIndex((end) => end <= task.start);
      const lane = free < 0 ? until.length : free;
      until[lane] = task.end;
      bars.push({ task, lane: first + lane });
    }
    rows.push({ id, name: called(id), lanes: Math.max(1, until.length), first });
    first += Math.max(1, until.length);
  }
  return { rows, bars, count: first };
}
