/** What is asked of `expect` where it is answered at once: the same as where the whole of it is asked. */
describe('what is expected', () => {
  const fails = (asked: () => void): Error => {
    try {
      asked();
    } catch (problem) {
      return problem as Error;
    }
    throw new Error('It did not fail.');
  };

  it('holds where it does', () => {
    expect({ a: 1, b: undefined }).toEqual({ a: 1 });
    expect([1, 'a']).toEqual([expect.any(Number), expect.stringContaining('a')]);
    expect(NaN).toBe(NaN);
    expect(1n).toBeLessThan(2);
    expect(new Map([['a', [1]]])).toEqual(new Map([['a', [1]]]));
    expect({ a: 1 }).not.toStrictEqual({ a: 1, b: undefined });
    expect(new (class A {})()).not.toStrictEqual({});
  });

  it.each<[string, () => void]>([
    ['another value', () => expect(1).toBe(2)],
    ['another object that is the same', () => expect({}).toBe({})],
    ['less than nothing', () => expect(0).toBe(-0)],
    ['less than nothing, deep in it', () => expect({ a: [0] }).toEqual({ a: [-0] })],
    ['something more', () => expect([1]).toEqual([1, 2])],
    ['something that is undefined', () => expect({ a: undefined }).toStrictEqual({})],
    ['as much', () => expect(2).toBeLessThan(2)],
    ['more', () => expect(2.1).toBeLessThanOrEqual(2)],
    ['no number', () => expect('1' as never).toBeGreaterThan(0)],
    ['no number at all', () => expect(NaN).toBeGreaterThanOrEqual(0)],
    ['what is not wanted', () => expect(1).not.toBe(1)],
  ])('fails where it is %s', (_, asked) => expect(fails(asked).message).toMatch(/expect|received/i));

  it('fails where it was asked, not where it was answered', () => {
    const [, first] = fails(() => expect({ a: 1 }).toEqual({ a: 2 })).stack?.split('\n    at ') ?? [];
    expect(first).toContain('jest-expect.spec');
  });
});
