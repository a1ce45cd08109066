/**
 * Where something stands in a job, from the outside in: a case, a bank of it, a drawer of that, a part of that. Written
 * `c1/b1/d2/side 1`, each by its id; a part by what the file calls it, with its number where there are several.
 */
export interface Address {
  readonly case: string;
  readonly bank?: string;
  readonly drawer?: string;
  readonly part?: string;
}

const STEPS = ['case', 'bank', 'drawer', 'part'] as const;

/** The address as a job file and a log write it. */
export function writeAddress(address: Address): string {
  return STEPS.flatMap((step) => address[step] ?? []).join('/');
}

/** What was written, step by step; what lies deeper than a part belongs to the part. */
export function readAddress(written: string): Address {
  const [owner = '', bank, drawer, ...part] = written.split('/');
  return {
    case: owner,
    ...(bank === undefined ? {} : { bank }),
    ...(drawer === undefined ? {} : { drawer }),
    ...(part.length === 0 ? {} : { part: part.join('/') }),
  };
}

/** A part of several of its kind: `side 1`. One alone is called by its kind. */
export function partOf(kind: string, count: number, number: number): string {
  return count > 1 ? `${kind} ${number}` : kind;
}
