import { assertGood, Passwords } from './passwords';

const QUICK = { work: 4, block: 8, lanes: 1 };

describe('passwords', () => {
  it('are kept with what it takes to reckon them again, and never as they are', async () => {
    const passwords = new Passwords(QUICK);
    const [one, two] = await Promise.all([passwords.kept('sail cloth'), passwords.kept('sail cloth')]);
    expect(one).toMatch(/^scrypt\$4\$8\$1\$[\w-]{22}\$[\w-]{43}$/);
    expect(one).not.toBe(two);
    expect(await passwords.isThis('sail cloth', one)).toBe(true);
    expect(await passwords.isThis('sail cloth', two)).toBe(true);
    expect(await passwords.isThis('sail cloth ', one)).toBe(false);
    expect(await passwords.isThis('sail cloth', undefined)).toBe(false);
  });

  it('are the same however a sign of them is put together', async () => {
    const passwords = new Passwords(QUICK);
    expect(await passwords.isThis('segelmacher ä', await passwords.kept('segelmacher a\u0308'))).toBe(true);
  });

  it('kept less strongly than now are known, and are still right', async () => {
    const [before, now] = [new Passwords(QUICK), new Passwords({ work: 5, block: 8, lanes: 1 })];
    const kept = await before.kept('sail cloth');
    expect([now.isWeaker(kept), before.isWeaker(kept)]).toEqual([true, false]);
    expect(
      [
        { work: 4, block: 9, lanes: 1 },
        { work: 4, block: 8, lanes: 2 },
      ].map((each) => new Passwords(each).isWeaker(kept)),
    ).toEqual([true, true]);
    expect(await now.isThis('sail cloth', kept)).toBe(true);
  });

  it('are reckoned two at a time; a hundred wait, and the next is told to come again', async () => {
    const passwords = new Passwords(QUICK);
    await passwords.isThis('anything', undefined);
    const asked = Array.from({ length: 103 }, () => passwords.kept('sail cloth'));
    const ends = await Promise.allSettled(asked);
    expect(ends.map(({ status }) => status)).toEqual([...Array<string>(102).fill('fulfilled'), 'rejected']);
    expect(ends[102]).toMatchObject({ reason: { problem: { status: 503 } } });
    expect(await passwords.isThis('sail cloth', await passwords.kept('sail cloth'))).toBe(true);
  });

  it.each<[string, string, string]>([
    ['nine signs', 'short one', 'at least 10'],
    ['nine, however they are put together', 'a\u0308bcdefghi', 'at least 10'],
    ['a common one', 'Password12', 'everybody tries'],
    ['a common one, signs around it', '--dragon--2026', 'everybody tries'],
    ['figures alone, common ones', '1234567890', 'everybody tries'],
    ['three signs again and again', 'abcabcabcabc', 'everybody tries'],
    ['their first and last name', 'Runa-Oddsdottir', 'made of your name'],
    ['their own name and little else', 'oddsdottir12', 'made of your name'],
    ['their address', 'runa@loft.example', 'made of your name'],
  ])('refuses %s', (_, password, why) => {
    expect(() => assertGood(password, ['Runa Oddsdottir', 'runa@loft.example'])).toThrow(
      expect.objectContaining({ problem: expect.objectContaining({ status: 422 }) as object }) as Error,
    );
    try {
      assertGood(password, ['Runa Oddsdottir', 'runa@loft.example']);
    } catch (problem) {
      expect((problem as { problem: { says: string } }).problem.says).toContain(why);
    }
  });

  it.each(['sail cloth and wax', 'ten signs!', 'ÄÖÜäöüßéèê', 'runa likes oak planks', 'abcdabcdab'])(
    'takes %s',
    (password) => expect(() => assertGood(password, ['Runa', 'runa@loft.example', 'Ben'])).not.toThrow(),
  );
});
