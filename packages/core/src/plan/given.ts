/** The object without the entries that are undefined, in the same order. */
export function given<T extends object>(entries: T): { [K in keyof T]?: Exclude<T[K], undefined> } {
  const found: Partial<Record<keyof T, unknown>> = {};
  for (const name in entries) if (entries[name] !== undefined) found[name] = entries[name];
  return found as { [K in keyof T]?: Exclude<T[K], undefined> };
}
