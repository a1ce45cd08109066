/** What is to be said, before any language: a code, and what its sentence is about. The words room says it. */
export interface Said<C extends string = string, P extends object = object> {
  readonly code: C;
  readonly params: P;
}

const NOTHING = {};

/** A code about nothing but itself. */
export function plain<C extends string>(code: C): Said<C> {
  return { code, params: NOTHING };
}
