import type { HabitTexts } from '@zabble/contract';
import type { JobDocument } from '@zabble/core';

/** A new job as this shop begins one: with its ease, play, gap and kerf in place of the usual ones. */
export function withHabits(document: JobDocument, { ease, play, gap, kerf }: HabitTexts): JobDocument {
  const box = { ...(ease === undefined ? {} : { ease }), ...(play === undefined ? {} : { play }) };
  const front = gap === undefined ? {} : { gap };
  return {
    ...document,
    ...(kerf === undefined ? {} : { saw: { ...document.saw, kerf } }),
    cases: document.cases.map((owner) => ({
      ...owner,
      banks: owner.banks.map((bank) => ({
        ...bank,
        box: { ...bank.box, ...box },
        front: { ...bank.front, ...front },
      })),
    })),
  };
}
