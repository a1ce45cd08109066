/**
 * One change to a job document: what stands at `path` afterwards; undefined takes the field (or list entry) away, and
 * with it the objects it leaves with nothing in them.
 */
export interface Patch {
  readonly path: string;
  readonly value: unknown;
}

type Step = string | number;

/** The steps of a path like `cases[0].banks[1].opening.width[2]`; names may have hyphens, as kinds of members do. */
export function pathSteps(path: string): readonly Step[] {
  return [...path.matchAll(/([A-Za-z_][\w-]*)|\[(\d+)\]/g)].map(([, name, index]) => name ?? Number(index));
}

/** What stands at a path of a document; undefined where nothing does. */
export function valueAt(document: unknown, path: string): unknown {
  let at = document;
  for (const step of pathSteps(path)) {
    if (typeof at !== 'object' || at === null) return undefined;
    at = Object.hasOwn(at, step) ? (at as Record<Step, unknown>)[step] : undefined;
  }
  return at;
}

/** The document with the patches applied, in order; parts they don't touch are the same objects as before. */
export function patched<T>(document: T, patches: readonly Patch[]): T {
  return patches.reduce((whole: unknown, { path, value }) => setAt(whole, pathSteps(path), value), document) as T;
}

function setAt(whole: unknown, steps: readonly Step[], value: unknown): unknown {
  const [step, ...rest] = steps;
  if (step === undefined) return value;
  if (typeof step === 'number') {
    const list: unknown[] = Array.isArray(whole) ? [...(whole as unknown[])] : [];
    const inside = setAt(list[step], rest, value);
    if (inside === undefined) list.splice(step, 1);
    else list[step] = inside;
    return list;
  }
  const { [step]: before, ...others } = (whole ?? {}) as Record<string, unknown>;
  const inside = setAt(before, rest, value);
  // What is left with nothing in it says nothing any more.
  if (inside === undefined || (value === undefined && isEmpty(inside as object))) return others;
  return before === undefined ? { ...others, [step]: inside } : { ...(whole as object), [step]: inside };
}

/** A list says something with nothing in it. */
function isEmpty(inside: object): boolean {
  return !Array.isArray(inside) && Object.keys(inside).length === 0;
}
