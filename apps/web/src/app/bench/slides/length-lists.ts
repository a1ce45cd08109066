/** Which list of its lengths a slide is taken from. */
export const LENGTH_LISTS = [
  { value: 'in', label: 'inches' },
  { value: 'mm', label: 'millimetres' },
] as const;
