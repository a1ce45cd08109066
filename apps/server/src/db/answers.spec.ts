import { answers } from './pool';

const asking = (query: () => Promise<unknown>, within?: number) => answers({ query } as never, within);

describe('whether a database answers', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  it('is so where it does, whatever it says, and not where it refuses; nothing is waited for then', async () => {
    const asked: unknown[] = [];
    expect(await answers({ query: (sql: string) => Promise.resolve(asked.push(sql)) } as never)).toBe(true);
    expect(asked).toEqual(['SELECT 1']);
    expect(await asking(() => Promise.reject(new Error('away')))).toBe(false);
    expect(jest.getTimerCount()).toBe(0);
  });

  it('is not so where it takes longer than it is waited for: a second, unless it is said', async () => {
    for (const within of [undefined, 250]) {
      let said: boolean | undefined;
      void asking(() => new Promise(() => undefined), within).then((answer) => (said = answer));
      await jest.advanceTimersByTimeAsync((within ?? 1000) - 1);
      expect(said).toBeUndefined();
      await jest.advanceTimersByTimeAsync(1);
      expect(said).toBe(false);
    }
  });
});
