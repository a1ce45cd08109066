import { partText, type JobDocument } from '@zabble/core';

const texts = new WeakMap<JobDocument, string>();

/** A document as it is kept and answered: as it was sent, or else written once; nobody changes it here. */
export function textOf(document: JobDocument): string {
  const before = texts.get(document);
  if (before !== undefined) return before;
  const text = partText(document);
  texts.set(document, text);
  return text;
}
