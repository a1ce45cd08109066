import { add, nm, subtract, type Length } from '../length';

/** A child of a split: its size where it has one (given, or what it needs), else its share of what is left. */
export interface Child {
  readonly size?: Length | undefined;
  readonly share?: number | undefined;
}

/** The clear sizes of the children of a split. */
export interface Divided {
  /** In their order; those that can't be worked out are missing. */
  readonly sizes: readonly (Length | undefined)[];
  /** How much the children have too much (positive), or fall short with none to take the rest (negative). */
  readonly off: Length;
}

/** Shares are reckoned with to the millionth. */
const PARTS = 1_000_000;

/**
 * Clear sizes along a split: those with a size keep it, the others take what is left by their shares, each floored to the
 * nanometre and the last of them with the rest. `members` is what stands between children, together. Common practice.
 */
export function divided(whole: Length, members: Length, children: readonly Child[]): Divided {
  const fixed = add(...children.map(({ size }) => size ?? nm(0)));
  const free = children.filter(({ size }) => size === undefined);
  const left = subtract(whole, members, fixed);
  if (free.length === 0 || left <= 0) return { sizes: children.map(({ size }) => size), off: nm(-left) };
  const shares = free.map(({ share = 1 }) => BigInt(Math.round(share * PARTS)));
  const all = shares.reduce((sum, each) => sum + each, 0n);
  const floored = shares.slice(0, -1).map((each) => nm(Number((BigInt(left) * each) / all)));
  const given = [...floored, subtract(left, ...floored)];
  return { sizes: children.map(({ size }) => size ?? given.shift()), off: nm(0) };
}
