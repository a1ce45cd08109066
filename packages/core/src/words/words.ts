import type { Length, Quantity, Said, SizeKind, Unit } from '../length';

/** How a job writes its lengths. */
export interface Writing {
  readonly unit: Unit;
  /** The finest step shown. */
  readonly step: Length;
}

/** Says codes in one language and one way of writing lengths. */
export interface Words {
  readonly unit: Unit;
  /** The sentence, or the piece of one, that a code with its params stands for. */
  say(said: Said): string;
  /** A length within a sentence, with its unit; a difference or a gap where no kind is given. */
  size(length: Length, kind?: SizeKind): string;
  /** A length within a sentence as it was read, written or chosen, with its unit. */
  exact(length: Length): string;
  /** A length in a table, without its unit; a sign before what was rounded. */
  bare(length: Length, kind: SizeKind): string;
  /** As in a table, with its unit. */
  mark(length: Length, kind: SizeKind): string;
  /** A metric value as the job's people tell it, with its unit. */
  quantity(metric: number, quantity: Quantity): string;
  /** A weight in kilograms, so. */
  weight(kilograms: number): string;
  /** Several things in one sentence: “a, b and c”, “a, b or c”. */
  list(items: readonly string[], kind?: 'and' | 'or'): string;
  /** The form of a noun that goes with a number. */
  form(many: number, forms: Forms): string;
  /** A number with the form of its noun. */
  count(many: number, forms: Forms): string;
}

/** The forms of a noun by the plural rules of its language. */
export type Forms = Readonly<Partial<Record<Intl.LDMLPluralRule, string>>> & { readonly other: string };
