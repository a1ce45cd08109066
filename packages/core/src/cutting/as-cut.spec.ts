import { millimetres, nm } from '../length';
import { standingOf, widthGrade } from './as-cut';

const mm = millimetres;
const cut = (length: number, width: number) => ({ part: 'p', length: mm(length), width: mm(width), at: '' });
const under = (size: number) => nm(-mm(size));

describe('a part that is cut, against the plan of now', () => {
  // Common practice: under 0.2 mm nobody tells the difference at the saw.
  it.each([
    [500.2, 100, 'fits'],
    [500.21, 100, 'trim'],
    [499.8, 100, 'fits'],
    [499.79, 100, 'again'],
    [500, 100.21, 'trim'],
    [500, 99.79, 'again'],
    [500.21, 99.79, 'again'],
  ] as const)('%d by %d %s', (length, width, fits) => {
    expect(standingOf(cut(length, width), mm(500), mm(100)).fits).toBe(fits);
  });

  it('that came out wrong is cut again, whatever its size', () => {
    expect(standingOf({ ...cut(500, 100), wrong: 'split' }, mm(500), mm(100)).fits).toBe('again');
  });
});

describe('a box against what its slides take', () => {
  const forgiven = mm(1.6);
  // Common practice: a box is packed out by no more than 6 mm in all.
  it.each([
    [mm(0.2), 'fits'],
    [mm(0.21), 'trim'],
    [under(1.8), 'fits'],
    [under(1.81), 'pack'],
    [under(6), 'pack'],
    [under(6.01), 'again'],
  ] as const)('%d nanometres over it %s', (over, grade) => {
    expect(widthGrade(over, forgiven)).toBe(grade);
  });
});
