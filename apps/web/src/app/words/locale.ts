/** The locale captions are in; of English the one the browser prefers, for its way of writing dates. */
export function locale(): string {
  if ($localize.locale !== undefined) return $localize.locale;
  return navigator.language.startsWith('en') ? navigator.language : 'en';
}
