import type { Which } from '@zabble/core';
import type { Choice } from '../../ui/choice-row';

/** Of which parts sheets are laid out. */
export const WHICH_PARTS: readonly Choice<Which>[] = [
  { id: 'now', name: $localize`What may be cut now` },
  { id: 'all', name: $localize`All, to buy by` },
];
