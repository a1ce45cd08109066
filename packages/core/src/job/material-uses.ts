import type { Said } from '../length';
import { said, type UseCode } from '../words';
import type { JobDocument } from './types';

type Bank = JobDocument['cases'][number]['banks'][number];

/**
 * Where a material of the job is used: “sides of Bench, bank b1”. The order is that of the job; empty where nothing
 * uses it.
 */
export function materialUses(job: JobDocument, material: string): readonly Said[] {
  return [
    ...job.cases.flatMap((owner) =>
      owner.banks.flatMap((bank) => {
        const several = owner.banks.length > 1 || job.cases.length > 1;
        const called = bank.name === undefined ? { id: bank.id } : { id: bank.id, name: bank.name };
        return usesOfBank(bank, material).map(({ use, drawer }) =>
          said('used-in', { use, drawer, owner: owner.name, bank: several ? called : undefined }),
        );
      }),
    ),
    ...(job.cutting?.extra ?? []).flatMap((part) =>
      part.material === material ? [said('used-by-part', { name: part.name })] : [],
    ),
  ];
}

interface Used {
  readonly use: UseCode | 'front';
  readonly drawer?: number | undefined;
}

function usesOfBank(bank: Bank, material: string): readonly Used[] {
  const { front, box, buildOut, drawers } = bank;
  const is = (id: string | undefined, use: Used['use'], drawer?: number): readonly Used[] =>
    id === material ? [{ use, drawer }] : [];
  return [
    ...usesOfBox(box, material),
    ...is(front.material, 'use/fronts'),
    ...is(front.frame?.panel, 'use/panels'),
    ...(buildOut?.from?.includes(material) ? ([{ use: 'use/build-outs' }] as const) : []),
    ...drawers.flatMap((drawer, place) => [
      ...is(drawer.front?.material, 'front', place),
      ...usesOfBox(drawer.box ?? {}, material).map((use) => ({ ...use, drawer: place })),
    ]),
  ];
}

/** Of a bank's box, or of what a drawer has of its own. */
function usesOfBox(box: NonNullable<Bank['drawers'][number]['box']>, material: string): readonly Used[] {
  const uses = (['sides', 'ends', 'back', 'bottom'] as const).flatMap((field): readonly Used[] =>
    box[field] === material ? [{ use: `use/${field}` }] : [],
  );
  return box.muntin?.material === material ? [...uses, { use: 'use/muntin' }] : uses;
}
