import type { Scheme } from '../job';
import { fromDecimal, type Length } from '../length';

/** A scheme with the figure it needs. */
export interface SchemeChoice {
  readonly scheme: Scheme;
  readonly step?: Length;
  readonly ratio?: number;
  /** For division by contents, by place: what each drawer needs, and its part of what is left over (1 unless given). */
  readonly needs?: readonly (Length | undefined)[];
  readonly shares?: readonly (number | undefined)[];
}

/** Exact heights in nanometres over one common denominator, in the order asked for. */
export interface Ideals {
  readonly numerators: readonly bigint[];
  readonly denominator: bigint;
}

/**
 * The heights a scheme would give the free drawers if nothing were rounded; they add up to `rest` exactly. `places`
 * are the free drawers' places in the bank (0 is the top one), locked ones counted: equal `a`, step `a + i·s`,
 * ratio `a·rⁱ`; by contents each need and its part of what is left. By hand, what is left is shared alike.
 */
export function idealHeights(choice: SchemeChoice, rest: Length, places: readonly number[]): Ideals {
  if (choice.scheme === 'ratio') return byRatio(choice.ratio ?? 1, rest, places);
  if (choice.scheme === 'contents') return byContents(choice, rest, places);
  return byStep(choice.scheme === 'step' ? (choice.step ?? 0) : 0, rest, places);
}

function byStep(step: number, rest: Length, places: readonly number[]): Ideals {
  const [s, n] = [BigInt(step), BigInt(places.length)];
  const steps = places.reduce((sum, place) => sum + BigInt(place), 0n);
  const first = BigInt(rest) - s * steps;
  return { numerators: places.map((place) => first + BigInt(place) * s * n), denominator: n };
}

function byContents({ needs, shares }: SchemeChoice, rest: Length, places: readonly number[]): Ideals {
  const need = (place: number): bigint => BigInt(needs?.[place] ?? 0);
  const given = weights(places.map((place) => shares?.[place] ?? 1));
  const parts = given.every((part) => part === 0n) ? given.map(() => 1n) : given;
  const denominator = parts.reduce((sum, part) => sum + part, 0n);
  const spare = places.reduce((left, place) => left - need(place), BigInt(rest));
  const numerators = places.map((place, index) => need(place) * denominator + spare * (parts[index] ?? 0n));
  return { numerators, denominator };
}

/** Plain numbers as whole ones in the same proportion. */
function weights(numbers: readonly number[]): readonly bigint[] {
  const exact = numbers.map((each) => fromDecimal(each.toFixed(9)));
  return exact.map(({ n }) => n);
}

function byRatio(ratio: number, rest: Length, places: readonly number[]): Ideals {
  const { n: top, d: bottom } = fromDecimal(ratio.toFixed(15).replace(/0+$/, ''));
  const last = Math.max(...places);
  const weights = places.map((place) => top ** BigInt(place) * bottom ** BigInt(last - place));
  const denominator = weights.reduce((sum, weight) => sum + weight, 0n);
  return { numerators: weights.map((weight) => BigInt(rest) * weight), denominator };
}
