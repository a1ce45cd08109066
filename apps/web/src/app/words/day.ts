/** A day as a language writes it, `29 Dec 2026`: the same wherever it is read; of a moment its day by UTC, as papers have it. */
export function dayIn(locale: string, moment: string): string {
  return new Intl.DateTimeFormat(locale, { dateStyle: 'medium', timeZone: 'UTC' }).format(new Date(moment));
}
