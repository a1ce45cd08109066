import { said } from '../words';
import { number, yesNo } from '.';
import { Report } from './report';

describe('what is wrong in a document', () => {
  it('is told fifty times; how much more there is, is counted', () => {
    const report = new Report();
    for (let n = 0; n < 50; n += 1) report.add(`a[${n}]`, said('field-missing'));
    expect(report.errors).toHaveLength(50);
    expect(report.errors.at(-1)).toEqual({ path: 'a[49]', said: said('field-missing') });
    for (let n = 50; n < 53; n += 1) report.add(`a[${n}]`, said('field-missing'));
    expect(report.errors).toHaveLength(51);
    expect(report.errors.at(-1)).toEqual({ path: '(file)', said: said('and-more-errors', { count: 3 }) });
    expect([report.clean, report.said]).toEqual([false, 53]);
  });

  it('is a field nobody here knows, or left untouched where those of a newer file are', () => {
    const [strict, newer] = [new Report(), new Report('kept')];
    for (const report of [strict, newer]) report.stranger('cases[0].colour');
    expect(strict.errors).toEqual([{ path: 'cases[0].colour', said: said('unknown-field', { version: 1 }) }]);
    expect([newer.errors, newer.untouched, newer.clean, newer.said]).toEqual([[], ['cases[0].colour'], true, 1]);
  });
});

describe('a number', () => {
  const read = (value: unknown, whole?: 'whole') => {
    const report = new Report();
    const found = number(1, 9, whole)(value, 'n', report);
    return report.clean ? found : (report.errors[0]?.said.params as { why: { code: string } }).why.code;
  };

  it('is one from least to most, whole where that is wanted', () => {
    expect([1, 2.5, 9].map((each) => read(each))).toEqual([1, 2.5, 9]);
    expect([1, 9].map((each) => read(each, 'whole'))).toEqual([1, 9]);
    expect(read(2.5, 'whole')).toBe('whole-number-wanted');
    expect([0.99, 9.01].map((each) => read(each))).toEqual(['from-to', 'from-to']);
    expect(['2', null, Number.NaN, Infinity].map((each) => read(each))).toEqual(Array(4).fill('number-is-wanted'));
  });

  it('is no yes and no no', () => {
    const report = new Report();
    expect([true, false].map((each) => yesNo(each, 'b', report))).toEqual([true, false]);
    expect(yesNo(1, 'b', report)).toBeUndefined();
    expect(report.errors.map(({ said: { params } }) => params)).toMatchObject([{ why: { code: 'true-or-false' } }]);
  });
});
