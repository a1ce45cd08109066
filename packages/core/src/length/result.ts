/** Something read, or one sentence saying what was read and what is wrong with it. */
export type Reading<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly says: string };

export const good = <T>(value: T): Reading<T> => ({ ok: true, value });
export const bad = (says: string): Reading<never> => ({ ok: false, says });

/** What a person wrote, quoted for a sentence on one line: control characters escaped, long texts cut. */
export function quoted(value: unknown): string {
  const text = JSON.stringify(value) ?? String(value);
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}
