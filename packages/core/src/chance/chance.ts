/** Numbers that look like chance and are the same every time: a generator of 32 bits, published as “mulberry32”. From 0 up to, not with, 1. */
export function chanceFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** The list in another order, every order as likely. */
export function shuffled<T>(list: readonly T[], chance: () => number): T[] {
  const order = [...list];
  for (let last = order.length - 1; last > 0; last -= 1) {
    const other = Math.floor(chance() * (last + 1));
    [order[last], order[other]] = [order[other] as T, order[last] as T];
  }
  return order;
}
