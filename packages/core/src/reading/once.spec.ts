import { once } from './once';

describe('what follows from two things', () => {
  const counted = () => {
    const asked: string[] = [];
    const work = once((one: { readonly n: number }, other: { readonly n: number }) => {
      asked.push(`${one.n} ${other.n}`);
      return one.n > 5 ? undefined : one.n * 10 + other.n;
    });
    return { asked, work };
  };

  it('is worked out once for the same two, also where it is nothing', () => {
    const { asked, work } = counted();
    const [a, b] = [{ n: 1 }, { n: 9 }];
    expect([work(a, b), work(a, b), work(b, a), work(b, a)]).toEqual([19, 19, undefined, undefined]);
    expect(asked).toEqual(['1 9', '9 1']);
  });

  it('is worked out anew for two that are alike, but others', () => {
    const { asked, work } = counted();
    const b = { n: 2 };
    work({ n: 1 }, b);
    work({ n: 1 }, b);
    work({ n: 1 }, { n: 2 });
    expect(asked).toEqual(['1 2', '1 2', '1 2']);
  });
});
