import type { DayTask } from '@zabble/core';

const STEPS: Readonly<Partial<Record<DayTask['task']['kind'], string>>> = {
  ...{ survey: 'case', measure: 'measure', hang: 'fit', front: 'fit', hinge: 'fit', 'pull-bores': 'fit', pull: 'fit' },
  ...{ 'break-down': 'cut', plane: 'cut', cut: 'cut', band: 'cut', bore: 'cut', 'glue-up': 'cut', record: 'fit' },
};

/** Where in its job the sizes of a task stand: what is ordered in the list to buy from. */
export function whereDone({ task }: DayTask): {
  readonly path: readonly string[];
  readonly query?: { readonly jobs: string };
} {
  if (task.kind === 'order') return { path: ['/buying'], query: { jobs: task.job } };
  return { path: ['/jobs', task.job, STEPS[task.kind] ?? 'case'] };
}
