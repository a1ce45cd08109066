import { firstFree } from './first-free';

describe('the first free name', () => {
  it('is the first of its row that nothing is called', () => {
    const called = (number: number): string => `d${number}`;
    expect(firstFree([], called, 1)).toBe('d1');
    expect(firstFree(['d3', 'd4', 'd6'], called, 3)).toBe('d5');
    expect(firstFree(['d1'], called, 2)).toBe('d2');
  });
});
