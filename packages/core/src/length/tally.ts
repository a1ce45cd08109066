import { add, nm, type Length } from './length';

/** Where a term came from, so that it can be followed back. */
export type Source =
  /** a field of the job document, by its path: `cases[0].banks[0].opening.width[1]` */
  | { readonly kind: 'field'; readonly path: string }
  /** a figure of a slide family's row */
  | { readonly kind: 'figure'; readonly family: string; readonly figure: string }
  /** a number of a table of the trade: a corner joint's row */
  | { readonly kind: 'table'; readonly table: string; readonly row: string }
  /** another derived dimension: of a drawer, or of the bank where no drawer is named */
  | { readonly kind: 'dimension'; readonly drawer?: string; readonly dimension: string };

/** One signed term of a sum, in the trade's words. `amount` is the whole term: `times` × `each` where it is a multiple. */
export interface Term {
  readonly label: string;
  readonly amount: Length;
  readonly times?: number;
  readonly each?: Length;
  readonly from?: Source;
}

/** A derived dimension and the sum that makes it. `total` is the sum of the terms, by construction. */
export interface Tally {
  readonly total: Length;
  readonly terms: readonly Term[];
}

export function tally(...terms: readonly (Term | undefined)[]): Tally {
  const kept = terms.filter((term): term is Term => term !== undefined);
  return { total: add(...kept.map((term) => term.amount)), terms: kept };
}

export function plus(label: string, amount: Length, from?: Source): Term {
  return from ? { label, amount, from } : { label, amount };
}

export function minus(label: string, amount: Length, from?: Source): Term {
  return plus(label, nm(-amount), from);
}

/** `times` of the same: `minusTimes('slide', 2, half, …)` reads “− 2 × 1/2 slide”. */
export function plusTimes(label: string, times: number, each: Length, from?: Source): Term {
  const amount = nm(times * each);
  return from ? { label, amount, times, each, from } : { label, amount, times, each };
}

export function minusTimes(label: string, times: number, each: Length, from?: Source): Term {
  return plusTimes(label, times, nm(-each), from);
}

/** The term, unless it adds nothing: a zero that is only a default is not worth reading. */
export function unlessZero(term: Term): Term | undefined {
  return term.amount === 0 ? undefined : term;
}
