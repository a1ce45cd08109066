import { parted } from './parted';

const name = (x: number, y: number, wide = 80) => ({ x, y, wide });

describe('names in a picture', () => {
  it('stand with their middles where they want, within the picture', () => {
    expect(parted([name(200, 100)], 400, 300)).toEqual([{ wide: 80, x: 160, y: 89 }]);
    expect(parted([name(-50, 500)], 400, 300)).toEqual([{ wide: 80, x: 4, y: 273 }]);
    expect(parted([name(390, -20)], 400, 300)).toEqual([{ wide: 80, x: 316, y: 4 }]);
  });

  it('never lie on one another', () => {
    const placed = parted(
      Array.from({ length: 9 }, (_, at) => name(200 + at, 100 + (at % 3))),
      400,
      900,
    );
    for (const [at, one] of placed.entries())
      for (const other of placed.slice(at + 1))
        expect(Math.abs(one.y - other.y) >= 23 || Math.abs(one.x - other.x) >= 80).toBe(true);
  });
});
