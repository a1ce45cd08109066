import { BUILT_IN, type JobDocument, type OwnSlideOf, type Patch, slidePatches, withoutLength } from '@zabble/core';
import { firstFree } from '../../store/job/first-free';

/** The row under an id nobody in the job has, or the row there is under the same name, in its place; and where it is. */
export function withRow(job: JobDocument, row: OwnSlideOf<string>): { readonly id: string; readonly patch: Patch } {
  const list = job.slides ?? [];
  const known = list.findIndex(({ name }) => name !== undefined && name === row.name);
  const same = list[known];
  if (same) return { id: same.id, patch: { path: `slides[${known}]`, value: { ...row, id: same.id } } };
  const id = freeRowId(list);
  const value = { ...row, id };
  return {
    id,
    patch: list.length === 0 ? { path: 'slides', value: [value] } : { path: `slides[${list.length}]`, value },
  };
}

function freeRowId(list: readonly { readonly id: string }[]): string {
  const taken = [...BUILT_IN, ...list].map(({ id }) => id);
  return firstFree(taken, (number) => `own-${number}`, 1);
}

/**
 * The row out of the job; what uses it goes back to the built-in row it is like, at the longest that fits. Undefined
 * where the job has no such row.
 */
export function withoutRow(job: JobDocument, id: string): readonly Patch[] | undefined {
  const place = job.slides?.findIndex((row) => row.id === id) ?? -1;
  const like = job.slides?.[place]?.like;
  if (like === undefined) return undefined;
  const back = job.cases.flatMap((owner, c) =>
    owner.banks.flatMap((bank, b) => {
      const path = `cases[${c}].banks[${b}]`;
      return [
        ...(bank.slide.family === id ? slidePatches(path, like) : []),
        ...bank.drawers.flatMap(({ slide }, d) => {
          if (!slide || (slide.family ?? bank.slide.family) !== id) return [];
          const own = `${path}.drawers[${d}]`;
          return slide.family === id ? slidePatches(own, like) : withoutLength(own);
        }),
      ];
    }),
  );
  const last = job.slides?.length === 1;
  return [...back, { path: last ? 'slides' : `slides[${place}]`, value: undefined }];
}
