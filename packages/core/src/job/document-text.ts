import { partText } from '../reading';
import type { JobDocument } from './types';

/** A document as JSON writes it, its banks as they were written when they were read: what is most of it is written once. */
export function documentText(document: JobDocument): string {
  return objectText(document, {
    cases: listText(document.cases, (each) => objectText(each, { banks: listText(each.banks, partText) })),
  });
}

/** An object, some of whose fields are written already. */
function objectText(value: object, written: Readonly<Record<string, string>>): string {
  const fields = Object.entries(value)
    .filter(([, each]) => each !== undefined)
    .map(([name, each]) => `${JSON.stringify(name)}:${written[name] ?? JSON.stringify(each)}`);
  return `{${fields.join(',')}}`;
}

function listText<E>(all: readonly E[], each: (one: E) => string): string {
  return `[${all.map(each).join(',')}]`;
}
