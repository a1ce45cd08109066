import { readMoney, readNumber } from './read-number';

describe('a plain number', () => {
  it.each([
    ['1.25', 1.25],
    [' 1,25 ', 1.25],
    ['0', 0],
    ['1234,567', 1234.567],
    ['', undefined],
  ])('%j is %s', (text, value) => {
    expect(readNumber(text, 'a number is wanted')).toEqual({ ok: true, value });
  });

  it.each([
    ['1,200', 'Read "1,200": that may be 1200 or 1.200: write which.'],
    ['12,500', 'Read "12,500": that may be 12500 or 12.500: write which.'],
    ['-3', 'Read "-3": a number is wanted.'],
    ['dear', 'Read "dear": a number is wanted.'],
    ['1.2.3', 'Read "1.2.3": a number is wanted.'],
  ])('%j is answered', (text, says) => {
    expect(readNumber(text, 'a number is wanted')).toEqual({ ok: false, says });
  });

  it('is a price by the same rule', () => {
    expect(readMoney('74,50')).toEqual({ ok: true, value: 74.5 });
    expect(readMoney('a lot')).toEqual({ ok: false, says: 'Read "a lot": a price is a number like 74.50.' });
  });
});
