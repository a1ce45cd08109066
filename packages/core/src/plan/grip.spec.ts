import { one } from './plan.spec-data';

/** A grip is worked into every front of the bank, its sizes as they are written. */
describe('a grip cut into a front', () => {
  const cuts = (grip: object, more: { path: string; value: unknown }[] = []) =>
    one(
      { path: 'BANK.front.pull', value: { school: 'centre', purchase: '8 mm', count: 1, kind: 'grip', grip } },
      ...more,
    ).drawers[1]!.machining.filter(({ kind }) => kind === 'grip');
  const sizes = (grip: object) =>
    Object.fromEntries(Object.entries(cuts(grip)[0]!.sizes).map(([name, { total }]) => [name, total / 1e6]));

  it('has a width and a height; a radius and a place only where they are told', () => {
    expect(sizes({ width: '120 mm', height: '30 mm' })).toEqual({ width: 120, height: 30 });
    expect(sizes({ width: '120 mm', height: '30 mm', radius: '15 mm' })).toEqual({
      width: 120,
      height: 30,
      radius: 15,
    });
    expect(sizes({ width: '120 mm', height: '30 mm', fromTop: '40 mm' })).toEqual({ width: 120, height: 30, up: 40 });
    expect(cuts({ width: '120 mm', height: '30 mm' })).toMatchObject([{ role: 'drawer-front', where: 'upper edge' }]);
  });

  it('tells which field each of them is from', () => {
    const [cut] = cuts({ width: '120 mm', height: '30 mm', radius: '15 mm' });
    expect(cut!.sizes['radius']!.terms[0]!.from).toMatchObject({
      path: expect.stringMatching(/pull\.grip\.radius$/) as string,
    });
    expect(cut!.sizes['width']!.terms[0]!.from).toMatchObject({
      path: expect.stringMatching(/pull\.grip\.width$/) as string,
    });
  });

  it('is none in a framed front, nor of another pull', () => {
    const frame = { path: 'BANK.front.frame', value: { stile: '40 mm', groove: '8 mm', play: '2 mm', panel: 'ply6' } };
    expect(cuts({ width: '120 mm', height: '30 mm' }, [frame])).toEqual([]);
    const bought = one({ path: 'BANK.front.pull', value: { school: 'centre', purchase: '8 mm', count: 1 } });
    expect(bought.drawers[1]!.machining.some(({ kind }) => kind === 'grip')).toBe(false);
  });
});
