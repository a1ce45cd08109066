import type { Length, Said, Unit } from '../length';

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
  /** A length within a sentence: to the step, with its unit; one the step would hide, in hundredths of a millimetre. */
  size(length: Length): string;
  /** A length exactly, as the job document holds it. */
  exact(length: Length): string;
  /** A length to the step, without its unit; a sign before what was rounded. */
  bare(length: Length, round?: 'nearest' | 'down'): string;
  /** Whether the step hides some of a length. */
  isRounded(length: Length): boolean;
  /** The same with its unit. */
  mark(length: Length): string;
  /** The same exactly: without its unit where that is the job's. */
  exactBare(length: Length): string;
  /** What a side is packed out by, never more than is needed. */
  packing(eachSide: Length): string;
  /** The same without its unit. */
  packingBare(eachSide: Length): string;
  /** Several things in one sentence: “a, b and c”, “a, b or c”. */
  list(items: readonly string[], kind?: 'and' | 'or'): string;
  /** The form of a noun that goes with a number. */
  form(many: number, forms: Forms): string;
  /** A number with the form of its noun. */
  count(many: number, forms: Forms): string;
}

/** The forms of a noun by the plural rules of its language. */
export type Forms = Readonly<Partial<Record<Intl.LDMLPluralRule, string>>> & { readonly other: string };
