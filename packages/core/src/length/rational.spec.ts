import { floor, nearest, rational } from './rational';

describe('whole numbers of a fraction', () => {
  it.each([
    [1n, 2n, 1n],
    [-1n, 2n, 0n],
    [3n, 2n, 2n],
    [-3n, 2n, -1n],
    [1n, 3n, 0n],
    [2n, 3n, 1n],
    [-2n, 3n, -1n],
    [7n, 1n, 7n],
  ])('nearest, half up: %s/%s is %s', (n, d, whole) => {
    expect(nearest(rational(n, d))).toBe(whole);
  });

  it.each([
    [1n, 2n, 0n],
    [-1n, 2n, -1n],
    [-4n, 2n, -2n],
    [5n, 3n, 1n],
  ])('not above it: %s/%s is %s', (n, d, whole) => {
    expect(floor(rational(n, d))).toBe(whole);
  });
});
