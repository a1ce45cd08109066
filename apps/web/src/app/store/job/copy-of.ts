import type { JobDocument } from '@zabble/core';

/** The longest name a job, a case or a bank may have. */
const LONGEST = 200;

/** The name of a copy, told from the first however long that is. */
export function again(name: string): string {
  return $localize`${name.slice(0, LONGEST - 7)}, again`;
}

/** The same job under a name that tells it from the first. */
export function copyOf(document: JobDocument): JobDocument {
  return { ...document, name: again(document.name) };
}
