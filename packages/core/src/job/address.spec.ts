import { partOf, readAddress, writeAddress } from './address';

describe('an address', () => {
  it.each([
    ['c1', { case: 'c1' }],
    ['c1/b1', { case: 'c1', bank: 'b1' }],
    ['c1/b1/d2', { case: 'c1', bank: 'b1', drawer: 'd2' }],
    ['c1/b1/d2/side 1', { case: 'c1', bank: 'b1', drawer: 'd2', part: 'side 1' }],
    ['c1/b1/d2/runner left 2', { case: 'c1', bank: 'b1', drawer: 'd2', part: 'runner left 2' }],
  ])('%s reads and writes alike', (written, address) => {
    expect(readAddress(written)).toEqual(address);
    expect(writeAddress(address)).toBe(written);
  });

  it('names a part by its kind, and one of several by its number', () => {
    expect([partOf('face', 1, 1), partOf('side', 2, 1), partOf('side', 2, 2)]).toEqual(['face', 'side 1', 'side 2']);
  });
});
