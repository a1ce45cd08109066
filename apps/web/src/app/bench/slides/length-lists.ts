import { writeBare, writeLength, type Length, type Showing, type Unit } from '@zabble/core';

/** A length on offer as the job writes it; of a list in the other unit with the number it is sold by beside it. */
export function offeredLength(length: Length, listUnit: Unit, showing: Showing): string {
  const own = writeLength(length, 'reading', showing, { unit: true });
  return listUnit === showing.unit ? own : $localize`${own} (no. ${writeBare(length, listUnit)})`;
}

/** Which list of its lengths a slide is taken from. */
export const LENGTH_LISTS = [
  { value: 'in', label: $localize`inches` },
  { value: 'mm', label: $localize`millimetres` },
] as const;
