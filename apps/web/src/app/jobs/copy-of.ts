import type { JobDocument } from '@zabble/core';

/** The longest name a job may have. */
const LONGEST = 200;

/** The same job under a name that tells it from the first. */
export function copyOf(document: JobDocument): JobDocument {
  return { ...document, name: `${document.name.slice(0, LONGEST - 7)}, again` };
}
