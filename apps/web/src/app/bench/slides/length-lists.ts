/** Which list of its lengths a slide is taken from. */
export const LENGTH_LISTS = [
  { value: 'in', label: $localize`inches` },
  { value: 'mm', label: $localize`millimetres` },
] as const;
