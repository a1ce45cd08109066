/** The first of `called(from)`, `called(from + 1)` … that nothing is called yet. */
export function firstFree(taken: Iterable<string>, called: (number: number) => string, from: number): string {
  const all = new Set(taken);
  let number = from;
  while (all.has(called(number))) number += 1;
  return called(number);
}
