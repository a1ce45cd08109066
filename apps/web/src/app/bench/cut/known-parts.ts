import type { ExtraPartOf } from '@zabble/core';

type Part = Omit<ExtraPartOf<string>, 'id'>;

/** The parts that the job has not: each one it has stands for one of them, so two alike are two. */
export function newParts<T extends Part>(parts: readonly T[], had: readonly ExtraPartOf<string>[]): readonly T[] {
  const left = new Map<string, number>();
  for (const part of had) left.set(keyOf(part), (left.get(keyOf(part)) ?? 0) + 1);
  return parts.filter((part) => {
    const count = left.get(keyOf(part)) ?? 0;
    if (count > 0) left.set(keyOf(part), count - 1);
    return count === 0;
  });
}

function keyOf({ name, material, length, width, count }: Part): string {
  return JSON.stringify([name.trim().toLowerCase(), material, length, width, count]);
}
