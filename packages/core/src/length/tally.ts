import { asLabel, type Label, type PlainLabel } from './labels';
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

/** From a field of the job document, by its path. */
export const ofField = (path: string): Source => ({ kind: 'field', path });

/** From a figure of a slide family's row. */
export const ofFigure = (family: string, figure: string): Source => ({ kind: 'figure', family, figure });

/** From a row of a table of the trade. */
export const ofTable = (table: string, row: string): Source => ({ kind: 'table', table, row });

/** From another derived dimension: of a drawer, or of the bank. */
export const ofDimension = (dimension: string, drawer?: string): Source =>
  drawer === undefined ? { kind: 'dimension', dimension } : { kind: 'dimension', drawer, dimension };

/** One signed term of a sum and what it is called. `amount` is the whole term: `times` × `each` where it is a multiple. */
export interface Term {
  readonly label: Label;
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

export function plus(called: PlainLabel | Label, amount: Length, from?: Source): Term {
  const label = asLabel(called);
  return from ? { label, amount, from } : { label, amount };
}

export function minus(called: PlainLabel | Label, amount: Length, from?: Source): Term {
  return plus(called, nm(-amount), from);
}

/** Every term of a sum the other way round: what is taken off where the sum was put on. */
export function negated({ terms }: Tally): readonly Term[] {
  return terms.map((term) => ({ ...term, amount: nm(-term.amount) }));
}

/** `times` of the same: `minusTimes('slide', 2, half, …)` reads “− 2 × 1/2 slide”. */
export function plusTimes(called: PlainLabel | Label, times: number, each: Length, from?: Source): Term {
  const label = asLabel(called);
  const amount = nm(times * each);
  return from ? { label, amount, times, each, from } : { label, amount, times, each };
}

export function minusTimes(called: PlainLabel | Label, times: number, each: Length, from?: Source): Term {
  return plusTimes(called, times, nm(-each), from);
}

/** The term, unless it adds nothing: a zero that is only a default is not worth reading. */
export function unlessZero(term: Term): Term | undefined {
  return term.amount === 0 ? undefined : term;
}
