import { bankTitle } from './bank-title';
import type { JobDocument } from './types';

type Bank = JobDocument['cases'][number]['banks'][number];

/**
 * Where a material of the job is used, in words: “sides of Bench, bank b1”. The order is that of the job; empty where
 * nothing uses it.
 */
export function materialUses(job: JobDocument, material: string): readonly string[] {
  return [
    ...job.cases.flatMap((owner) =>
      owner.banks.flatMap((bank) => {
        const where = owner.banks.length > 1 || job.cases.length > 1 ? `${owner.name}, ${bankTitle(bank)}` : owner.name;
        return usesOfBank(bank, material).map((use) => `${use} of ${where}`);
      }),
    ),
    ...(job.cutting?.extra ?? []).flatMap((part) => (part.material === material ? [`the part ${part.name}`] : [])),
  ];
}

function usesOfBank(bank: Bank, material: string): readonly string[] {
  const { front, box, buildOut, drawers } = bank;
  const is = (id: string | undefined, use: string): readonly string[] => (id === material ? [use] : []);
  return [
    ...usesOfBox(box, material),
    ...is(front.material, 'drawer fronts'),
    ...is(front.frame?.panel, 'panels of the fronts'),
    ...(buildOut?.from?.includes(material) ? ['build-outs'] : []),
    ...drawers.flatMap((drawer, place) => [
      ...is(drawer.front?.material, `front of drawer ${place + 1}`),
      ...usesOfBox(drawer.box ?? {}, material).map((use) => `${use} of drawer ${place + 1}`),
    ]),
  ];
}

/** Of a bank's box, or of what a drawer has of its own. */
function usesOfBox(box: NonNullable<Bank['drawers'][number]['box']>, material: string): readonly string[] {
  const words = { sides: 'sides', ends: 'box fronts and backs', back: 'backs', bottom: 'bottoms' } as const;
  const uses = (['sides', 'ends', 'back', 'bottom'] as const).flatMap((field) =>
    box[field] === material ? [words[field]] : [],
  );
  return box.muntin?.material === material ? [...uses, 'muntins'] : uses;
}
