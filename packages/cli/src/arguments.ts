/**
 * One file among options of a value each, in any order; `read` says what an option of a command means, and nothing where it
 * is none. Undefined where that is not what was given.
 */
export function readArguments<T extends object>(
  args: readonly string[],
  usual: T,
  read: (word: string, value: string) => Partial<T> | undefined,
): (T & { readonly path: string }) | undefined {
  let asked = usual;
  const paths: string[] = [];
  for (let at = 0; at < args.length; at += 1) {
    const word = args[at] ?? '';
    if (!word.startsWith('--')) {
      paths.push(word);
      continue;
    }
    const value = args[(at += 1)];
    const option = value === undefined ? undefined : read(word, value);
    if (!option) return undefined;
    asked = { ...asked, ...option };
  }
  const [path] = paths;
  return path !== undefined && paths.length === 1 ? { path, ...asked } : undefined;
}
