/**
 * `after`, with every part of it that says the same as in `before` being that part itself: what did not change stays
 * identical, and can be known by it. Plain data only, as a job is.
 */
export function keepIdentity<T>(before: unknown, after: T): T {
  if (Object.is(before, after) || !isPart(before) || !isPart(after)) return after;
  if (Array.isArray(before) !== Array.isArray(after)) return after;
  const parts = Object.entries(after).map(([key, value]) => [key, keepIdentity(own(before, key), value)] as const);
  const same =
    parts.length === Object.keys(before).length &&
    parts.every(([key, part]) => Object.hasOwn(before, key) && Object.is(before[key], part));
  if (same) return before as T;
  // From entries, so that a part called `__proto__` is a part like any other.
  return (Array.isArray(after) ? parts.map(([, part]) => part) : Object.fromEntries(parts)) as T;
}

/** The part itself, never what every object inherits. */
function own(parts: Record<string, unknown>, key: string): unknown {
  return Object.hasOwn(parts, key) ? parts[key] : undefined;
}

function isPart(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null;
}
