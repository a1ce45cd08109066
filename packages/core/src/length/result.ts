import type { Said } from './said';

/** Something read, or what was read and what is wrong with it. */
export type Reading<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly wrong: Said };

export const good = <T>(value: T): Reading<T> => ({ ok: true, value });
export const bad = (wrong: Said): Reading<never> => ({ ok: false, wrong });

/** What a person wrote, quoted for a sentence on one line: control characters escaped, long texts cut. */
export function quoted(value: unknown): string {
  const text = JSON.stringify(value) ?? String(value);
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}
