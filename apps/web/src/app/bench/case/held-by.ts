import type { AnyOption } from '../../fields/choice';
import type { WayField } from './case-way';

const FIXINGS: readonly AnyOption[] = [
  { value: 'glue', label: $localize`glue` },
  { value: 'pocket-screw', label: $localize`pocket screws` },
  { value: 'screw', label: $localize`screws` },
  { value: 'connector-screw', label: $localize`connector screws` },
  { value: 'dowel', label: $localize`dowels` },
  { value: 'loose-tenon', label: $localize`loose tenons` },
  { value: 'biscuit', label: $localize`biscuits` },
];

/** What holds a joint of panels; what goes without saying where nothing is told. */
export function heldBy(fallback: string): WayField {
  return { kind: 'choice', name: 'fixing', label: $localize`Held by`, options: FIXINGS, fallback };
}

/** The same of what is laid on, and of a face frame's corners: it may be nailed. */
export function laidBy(fallback: string, label = $localize`Held by`): WayField {
  const options = [...FIXINGS, { value: 'brad', label: $localize`brads` }];
  return { kind: 'choice', name: 'fixing', label, options, fallback };
}
