import { readCursor, writeCursor } from './cursor';
import { through, type Stretch } from './windows';

/** A list of a hundred, ten at a time, of which some serve. */
function list(serves: (n: number) => boolean) {
  const asked: [string | undefined, number][] = [];
  const stretch = (after: string | undefined, wanted: number): Promise<Stretch<number>> => {
    asked.push([after, wanted]);
    const from = after === undefined ? 0 : Number(after);
    const rows = Array.from({ length: 10 }, (_, n) => from + n + 1).filter((n) => n <= 100 && serves(n));
    const cut = rows.slice(0, wanted);
    const next = cut.length < rows.length ? (cut.at(-1) ?? 0) : from + 10;
    return Promise.resolve({ rows: cut, next: next >= 100 ? null : String(next) });
  };
  return { asked, look: (size: number, after?: string) => through(after, size, stretch, String) };
}

describe('looking through a list stretch by stretch', () => {
  it('ends with a page that is full, and goes on after its last row', async () => {
    const { look, asked } = list((n) => n % 3 === 0);
    expect(await look(4)).toEqual({ rows: [3, 6, 9, 12], next: '12', enough: false });
    // One more than is shown is wanted: whether there is a next page.
    expect(asked).toEqual([
      [undefined, 5],
      ['10', 2],
    ]);
    expect((await look(4, '12')).rows).toEqual([15, 18, 21, 24]);
  });

  it('ends with the list', async () => {
    const { look } = list((n) => n > 95);
    expect(await look(10, '80')).toEqual({ rows: [96, 97, 98, 99, 100], next: null, enough: false });
    expect(await look(5, '80')).toEqual({ rows: [96, 97, 98, 99, 100], next: null, enough: false });
    expect(await look(4, '80')).toEqual({ rows: [96, 97, 98, 99], next: '99', enough: false });
  });

  it('ends where enough was looked at, and goes on after that', async () => {
    const { look, asked } = list((n) => n === 5 || n === 45);
    expect(await look(3)).toEqual({ rows: [5], next: '40', enough: true });
    expect(asked.length).toBe(4);
    expect(await look(3, '40')).toEqual({ rows: [45], next: '80', enough: true });
  });
});

it('where a page ended is written and read again', () => {
  const moments = [new Date('2026-11-20T09:00:00.123Z'), new Date(0)];
  const written = writeCursor(moments, 'id-1');
  expect(written).toBe('2026-11-20T09:00:00.123Z~1970-01-01T00:00:00.000Z~id-1');
  expect(readCursor(written)).toEqual({ moments, id: 'id-1' });
  expect(readCursor(writeCursor([], 7))).toEqual({ moments: [], id: '7' });
});
