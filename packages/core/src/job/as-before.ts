/**
 * `after`, with every part of it that says the same as in `before` being that part itself: what did not change stays
 * identical, and can be known by it. Plain data only, as a job is.
 */
export function asBefore<T>(before: unknown, after: T): T {
  if (Object.is(before, after) || !isPart(before) || !isPart(after)) return after;
  if (Array.isArray(before) !== Array.isArray(after)) return after;
  const keys = Object.keys(after);
  let same = keys.length === Object.keys(before).length;
  const parts: Record<string, unknown> = {};
  for (const key of keys) {
    parts[key] = asBefore(before[key], after[key]);
    same &&= key in before && Object.is(before[key], parts[key]);
  }
  if (same) return before as T;
  return (Array.isArray(after) ? Object.values(parts) : parts) as T;
}

function isPart(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null;
}
