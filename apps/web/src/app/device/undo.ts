import type { JobDocument } from '@zabble/core';

/** One step of undo or redo: what it was called, and the document it leads back (or on) to. */
export interface Step {
  readonly name: string;
  readonly document: JobDocument;
  readonly merge?: string;
}

/** Undo and redo of one job, the latest step last. */
export interface History {
  readonly past: readonly Step[];
  readonly future: readonly Step[];
}
