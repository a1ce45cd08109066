import { FINE, nm, shownLength, type Length, type Showing, type SizeKind, type Tally, type Term } from '../length';
import { kindOfTerm } from './size-kinds';

/** One term as it is shown: `times` × `size` where it is a multiple, its sign apart. */
export interface ShownTerm {
  readonly term: Term;
  readonly minus: boolean;
  readonly size: Length;
  readonly kind: SizeKind;
}

/** A sum as it is shown. What rounding its terms and its total takes from one another is a term of its own. */
export interface ShownSum {
  readonly terms: readonly ShownTerm[];
  readonly total: Length;
  readonly kind: SizeKind;
  /** Closes the sum of what is shown; absent where it closes by itself. Signed, as shown. */
  readonly rounding?: Length;
}

/**
 * A tally as it is shown in a job of this unit and step: every term by its own kind, the total by the kind of what it is,
 * and a last term that closes the sum where what is shown would not add up. All lengths in whole nanometres.
 */
export function shownSum({ terms, total }: Tally, kind: SizeKind, showing: Showing): ShownSum {
  const shown = terms.map((term): ShownTerm => ({
    term,
    minus: term.amount < 0,
    size: nm(Math.abs(term.each ?? term.amount)),
    kind: kindOfTerm(term),
  }));
  const sum = shown.reduce((all, each) => all + read(each, showing), 0);
  // Less than half of what is told finest nobody can read.
  const rest = shownLength(total, kind, showing) - sum;
  return { terms: shown, total, kind, ...(Math.abs(rest) < FINE[showing.unit] / 2 ? {} : { rounding: nm(rest) }) };
}

/** What a person reads off a term: what is shown, times how often, with its sign. */
function read({ term, minus, size, kind }: ShownTerm, showing: Showing): number {
  return (minus ? -1 : 1) * Math.abs(term.times ?? 1) * shownLength(size, kind, showing);
}
