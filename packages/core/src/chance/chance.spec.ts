import { chanceFrom, shuffled } from './chance';

describe('what looks like chance', () => {
  it('is the same for the same seed, from 0 up to 1, and spread out', () => {
    const [one, again, other] = [chanceFrom(7), chanceFrom(7), chanceFrom(8)];
    const all = Array.from({ length: 10_000 }, one);
    expect(all).toEqual(Array.from({ length: 10_000 }, again));
    expect(all.slice(0, 5)).not.toEqual(Array.from({ length: 5 }, other));
    expect(all.every((each) => each >= 0 && each < 1)).toBe(true);
    const tenths = new Map<number, number>();
    for (const each of all) tenths.set(Math.floor(each * 10), (tenths.get(Math.floor(each * 10)) ?? 0) + 1);
    // 1000 of each are expected; as far off as this once in ten million times.
    for (const count of [...Array(10).keys()].map((tenth) => tenths.get(tenth) ?? 0))
      expect(Math.abs(count - 1000)).toBeLessThan(160);
  });

  it('takes any whole number for a seed', () => {
    expect(chanceFrom(2 ** 32 + 7)()).toBe(chanceFrom(7)());
    expect(chanceFrom(-1)()).toBe(chanceFrom(2 ** 32 - 1)());
  });

  it('asks for one number fewer than there are things: what is left has one place', () => {
    for (const length of [0, 1, 2, 5]) {
      let asked = 0;
      shuffled(Array.from({ length }), () => (asked += 1) * 0);
      expect(asked).toBe(Math.max(0, length - 1));
    }
  });

  it('puts a list in another order, every order as likely', () => {
    const chance = chanceFrom(1);
    const list = ['a', 'b', 'c'];
    const orders = new Map<string, number>();
    for (let turn = 0; turn < 6000; turn += 1) {
      const order = shuffled(list, chance).join('');
      orders.set(order, (orders.get(order) ?? 0) + 1);
    }
    expect(list).toEqual(['a', 'b', 'c']);
    expect(orders.size).toBe(6);
    for (const count of orders.values()) expect(Math.abs(count - 1000)).toBeLessThan(160);
  });
});
