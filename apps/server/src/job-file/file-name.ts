import { plainFileName } from '@zabble/core';

/** A file name for a job: its letters and figures, joined by hyphens. */
export function jobFileName(name: string): string {
  return `${plainFileName(name)}.zabble.json`;
}
