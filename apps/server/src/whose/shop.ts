declare const shopId: unique symbol;
/** The shop whose rows a statement may touch. */
export type ShopId = string & { readonly [shopId]: true };

/** The one shop there is on a device of one's own. */
export const OWN_SHOP = '00000000-0000-4000-8000-000000000000' as ShopId;
