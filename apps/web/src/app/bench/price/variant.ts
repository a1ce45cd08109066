import {
  costDifference,
  costOf,
  patched,
  plan,
  readJobDocument,
  type Cost,
  type CostDifference,
  type CostSettings,
  type JobDocument,
  type JobError,
  type Patch,
  type Plan,
  slidePatches,
} from '@zabble/core';

/** Another way of making the same job: what is chosen of it; what is empty stays as it is. */
export interface Wish {
  readonly slide: string;
  readonly box: string;
  readonly finish: string;
  /** Id of a bank that has one drawer fewer. */
  readonly fewer: string;
}

export const NO_WISH: Wish = { slide: '', box: '', finish: '', fewer: '' };

/** Another way as it would be: what it costs, what it differs in, and what it would stop. */
export interface Variant {
  readonly cost: Cost;
  readonly plan: Plan;
  readonly difference: CostDifference;
  readonly stops: number;
}

type Bank = JobDocument['cases'][number]['banks'][number];

/** The changes of the job file a wish comes to. */
export function wishPatches({ cases, finish = [] }: JobDocument, wish: Wish): readonly Patch[] {
  const banks = cases.flatMap((owner, c) =>
    owner.banks.map((bank, b) => ({ bank, path: `cases[${c}].banks[${b}]`, name: `${owner.id}/${bank.id}` })),
  );
  return [
    ...(wish.slide === '' ? [] : banks.flatMap(({ path }) => slidePatches(path, wish.slide))),
    ...(wish.box === '' ? [] : banks.flatMap(({ path }) => boxPatches(path, wish.box))),
    ...finish.flatMap((_, index) => (wish.finish === '' ? [] : [{ path: `finish[${index}].row`, value: wish.finish }])),
    ...banks.flatMap(({ bank, path, name }) => (name === wish.fewer ? fewerPatches(bank, path) : [])),
  ];
}

const boxPatches = (path: string, material: string): readonly Patch[] =>
  ['sides', 'ends'].map((field) => ({ path: `${path}.box.${field}`, value: material }));

/** The lowest one goes. */
const fewerPatches = ({ drawers }: Bank, path: string): readonly Patch[] => [
  { path: `${path}.drawers`, value: drawers.slice(0, -1) },
];

/** The job as it would be, priced beside what it is; or why it can’t be read so. */
export function variantOf(
  document: JobDocument,
  patches: readonly Patch[],
  now: Cost,
  settings: CostSettings,
): Variant | { readonly errors: readonly JobError[] } {
  const reading = readJobDocument(patched(document, patches));
  if (!reading.ok) return { errors: reading.errors };
  const planned = plan(reading.job);
  const cost = costOf(reading.job, planned, settings);
  const findings = planned.cases.flatMap((owner) => [
    ...owner.findings,
    ...owner.banks.flatMap((bank) => bank.findings),
  ]);
  return {
    ...{ cost, plan: planned, difference: costDifference(now, cost) },
    stops: findings.filter(({ severity }) => severity === 'stop').length,
  };
}
