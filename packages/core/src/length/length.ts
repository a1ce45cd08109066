declare const nanometres: unique symbol;

/**
 * A length in whole nanometres. 1/64 in = 396 875 nm and 0.001 mm = 1 000 nm are both whole, so sums of
 * inch fractions and millimetres are exact. At most 100 m, far inside the safe whole numbers.
 */
export type Length = number & { readonly [nanometres]: true };

export type Unit = 'in' | 'mm';

/** 1 in = 25.4 mm exactly (international yard and pound agreement, 1959; NIST SP 811). */
export const INCH = 25_400_000 as Length;
export const MILLIMETRE = 1_000_000 as Length;
export const ZERO = 0 as Length;
/** Nothing a builder measures is longer than this: 100 m. */
export const LONGEST = 100_000_000_000 as Length;

/** Whole nanometres as a Length. Refuses (by throwing) a number that is not whole: that is a slip in the code. */
export function nm(value: number): Length {
  if (!Number.isSafeInteger(value)) throw new RangeError(`not a whole number of nanometres: ${value}`);
  return (value === 0 ? 0 : value) as Length;
}

/** `inches(3, 4)` is 3/4 in; `inches(24)` is 24 in. The result must be whole nanometres. */
export function inches(numerator: number, denominator = 1): Length {
  return nm((numerator * INCH) / denominator);
}

/** Millimetres, to the nanometre: `millimetres(0.8)`. */
export function millimetres(value: number): Length {
  return nm(Math.round(value * MILLIMETRE));
}

/** As a plain number of millimetres with at most six decimals, as a plan file writes it. */
export function inMillimetres(length: Length): number {
  return length / MILLIMETRE;
}

export function add(...lengths: readonly Length[]): Length {
  return nm(lengths.reduce((sum: number, each) => sum + each, 0));
}

export function subtract(from: Length, ...lengths: readonly Length[]): Length {
  return nm(lengths.reduce((rest: number, each) => rest - each, from));
}

/** A share of a length, rounded half up to the nanometre: `share(gap, 2)` is half the gap. */
export function share(length: Length, parts: number): Length {
  return nm(Math.floor(length / parts + 0.5));
}

/** The largest whole multiple of `step` that is not over `length`. */
export function downTo(length: Length, step: Length): Length {
  return nm(Math.floor(length / step) * step);
}

/** The smallest whole multiple of `step` that is not under `length`. */
export function upTo(length: Length, step: Length): Length {
  return nm(Math.ceil(length / step) * step);
}

export function smallest(lengths: readonly Length[]): Length {
  return nm(Math.min(...lengths));
}

export function largest(lengths: readonly Length[]): Length {
  return nm(Math.max(...lengths));
}
