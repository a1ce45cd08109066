import { plainFileName } from './file-name';

describe('a job’s name as a file’s', () => {
  it.each([
    ['Notions bank', 'notions-bank'],
    ['  Žagar’s “Locker” 3/4 ', 'zagar-s-locker-3-4'],
    ['../../etc', 'etc'],
    ['Ωμέγα', 'job'],
    ['', 'job'],
  ])('%j is %s', (name, file) => expect(plainFileName(name)).toBe(file));

  it('is never longer than a disk takes', () => expect(plainFileName('x'.repeat(500))).toHaveLength(60));
});
