import type { Stand as Told } from '../job';
import type { Length } from '../length';

/** How a case stands, all of it known. */
export type Stand = Told & Required<Pick<Told, 'weight_kg' | 'depth' | 'frontFeet'>>;

/** A weight and where it hangs when its drawer is shut, back from the case's front edge; before it is negative. */
export interface Mass {
  /** Kilograms. */
  readonly weight: number;
  readonly shut: Length;
}

/** A drawer, or a board that is pulled out, as the balance needs it. */
export interface Weighed {
  readonly id: string;
  /** Its box with what is in it, and its front, which hangs before the box. */
  readonly masses: readonly Mass[];
  /** How far it comes out. */
  readonly travel: Length;
  /** No interlock holds it. */
  readonly free?: true;
}

export interface Balance {
  /** Moment behind the front feet over the moment before them; infinite when nothing is before them. */
  readonly ratio: number;
  /** Weight on the floor at the very back that would bring the ratio to 1.5, kilograms. */
  readonly ballast: number;
  /** The one drawer that counts, where only one can be out. */
  readonly worst?: string;
}

/** Under this a case is warned of. Common practice. */
export const STEADY = 1.5;

/**
 * The tipping ratio about the line of the front feet: what stands behind it against what stands before, with all
 * drawers out that can be out together. The case's weight is taken at half its depth. An indication, not a certificate.
 */
export function tipping(stand: Stand, drawers: readonly Weighed[]): Balance {
  if (!stand.interlock) return balance(stand, drawers, () => true);
  const each = drawers.map((out) => ({
    ...balance(stand, drawers, (drawer) => drawer === out || drawer.free === true),
    worst: out.id,
  }));
  return each.reduce(
    (worst, one) => (one.ratio < worst.ratio ? one : worst),
    balance(stand, drawers, ({ free }) => free === true),
  );
}

function balance(stand: Stand, drawers: readonly Weighed[], isOut: (drawer: Weighed) => boolean): Balance {
  let [behind, before] = [0, 0];
  const put = (weight: number, place: number): void => {
    const arm = (place - stand.frontFeet) / 1e9;
    if (arm > 0) behind += weight * arm;
    else before -= weight * arm;
  };
  put(stand.weight_kg, stand.depth / 2);
  for (const drawer of drawers)
    for (const { weight, shut } of drawer.masses) put(weight, shut - (isOut(drawer) ? drawer.travel : 0));
  const missing = Math.max(0, STEADY * before - behind);
  const arm = (stand.depth - stand.frontFeet) / 1e9;
  return { ratio: before === 0 ? Infinity : behind / before, ballast: arm > 0 ? missing / arm : Infinity };
}
