import type { JobDocument, Patch, Unit } from '@zabble/core';

/**
 * Lengths told in another unit. A finest step of the other unit would not serve; a slide whose length was chosen stays
 * on the list it was chosen from.
 */
export function unitPatches(document: JobDocument, unit: Unit): readonly Patch[] {
  if (unit === document.unit) return [];
  const lists = document.cases.flatMap((owner, c) =>
    owner.banks.flatMap((bank, b) => {
      const path = `cases[${c}].banks[${b}]`;
      const { length, lengths } = bank.slide;
      const pinned = lengths ?? (length === undefined ? undefined : document.unit);
      const own = bank.drawers.flatMap(({ slide }, d) =>
        slide?.length !== undefined && slide.lengths === undefined && pinned === undefined
          ? [{ path: `${path}.drawers[${d}].slide.lengths`, value: document.unit }]
          : [],
      );
      return length !== undefined && lengths === undefined
        ? [{ path: `${path}.slide.lengths`, value: document.unit }, ...own]
        : own;
    }),
  );
  return [{ path: 'unit', value: unit }, { path: 'step', value: undefined }, ...lists];
}
