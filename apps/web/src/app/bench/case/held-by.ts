import { CASE_FIXINGS, LAID_FIXINGS, type LaidFixing } from '@zabble/core';
import type { AnyOption } from '../../fields/choice';
import type { WayField } from './case-way';

export const FIXING_NAMES: Readonly<Record<LaidFixing, string>> = {
  glue: $localize`glue`,
  'pocket-screw': $localize`pocket screws`,
  screw: $localize`screws`,
  'connector-screw': $localize`connector screws`,
  dowel: $localize`dowels`,
  'loose-tenon': $localize`loose tenons`,
  biscuit: $localize`biscuits`,
  brad: $localize`brads`,
};
const named = (value: LaidFixing): AnyOption => ({ value, label: FIXING_NAMES[value] });

/** What holds a joint of panels; what goes without saying where nothing is told. */
export function heldBy(fallback: string): WayField {
  return { kind: 'choice', name: 'fixing', label: $localize`Held by`, options: CASE_FIXINGS.map(named), fallback };
}

/** The same of what is laid on, and of a face frame's corners: it may be nailed. */
export function laidBy(fallback: string, label = $localize`Held by`): WayField {
  return { kind: 'choice', name: 'fixing', label, options: LAID_FIXINGS.map(named), fallback };
}
