import type { Cents } from '../costing';

/**
 * An amount shared out by weights to the cent: each gets its share rounded down, and what is left goes a cent each to those
 * it was cut off most of, the first first. Nothing by nothing is shared to the first. Bound by how many there are.
 */
export function sharedOut(amount: Cents, weights: readonly number[]): readonly Cents[] {
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  if (whole === 0) return weights.map((_, index) => (index === 0 ? amount : 0));
  const exact = weights.map((weight) => BigInt(amount) * BigInt(weight));
  const shares = exact.map((each) => Number(each / BigInt(whole)));
  const cut = exact.map((each, index) => ({ index, left: Number(each % BigInt(whole)) }));
  const rest = amount - shares.reduce((sum, each) => sum + each, 0);
  const more = new Set(
    cut
      .sort((one, other) => other.left - one.left || one.index - other.index)
      .slice(0, rest)
      .map(({ index }) => index),
  );
  return shares.map((share, index) => (more.has(index) ? share + 1 : share));
}
