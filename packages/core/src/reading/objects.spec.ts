import { said } from '../words';
import { byKind, needing, object, oneSetOf } from './objects';
import { optional, Report, required } from '.';
import { text } from './values';

describe('a field that is wanted', () => {
  const missing = (value: object, name: string): readonly string[] => {
    const report = new Report();
    object<Record<string, string>>({ [name]: required(text(9)) } as never)(value, '', report);
    return report.errors.map(({ path, said: { code } }) => `${path} ${code}`);
  };

  it('is missing where it is undefined, and where only every object has it', () => {
    expect(missing({ a: 'b' }, 'a')).toEqual([]);
    expect(missing({}, 'a')).toEqual(['a field-missing']);
    expect(missing({ a: undefined }, 'a')).toEqual(['a field-missing']);
    expect(missing({}, 'toString')).toEqual(['toString field-missing']);
  });
});

describe('one of these sets of fields', () => {
  const fields = { a: optional(text(9)), b: optional(text(9)), c: optional(text(9)), d: optional(text(9)) };
  const reader = oneSetOf(object<Record<string, string>>(fields as never), [['a', 'b'], ['c']], said('line-needs'));
  const read = (value: object): boolean => {
    const report = new Report();
    const taken = reader(value, 'here', report);
    expect(report.errors.length).toBe(taken === undefined ? 1 : 0);
    if (!taken) expect(report.errors[0]).toMatchObject({ path: 'here', said: { code: 'line-needs' } });
    return taken !== undefined;
  };

  it('is given whole and alone; what is in none of them does not count', () => {
    expect([{ a: '1', b: '2' }, { c: '3' }, { c: '3', d: '4' }, { b: '2', a: '1', d: '4' }].map(read)).toEqual([
      true,
      true,
      true,
      true,
    ]);
  });

  it('is neither half of one, nor of two, nor all', () => {
    const wrong = [{}, { d: '4' }, { a: '1' }, { b: '2' }, { a: '1', c: '3' }, { b: '2', c: '3' }];
    expect([...wrong, { a: '1', b: '2', c: '3' }].map(read)).toEqual(Array<boolean>(7).fill(false));
  });

  it('is what the schema asks for, too', () => {
    expect(reader.schema).toMatchObject({
      oneOf: [
        { required: ['a', 'b'], properties: { c: { not: {} } } },
        { required: ['c'], properties: { a: { not: {} }, b: { not: {} } } },
      ],
    });
  });
});

describe('one of several objects, told apart by their kind', () => {
  const reader = byKind<{ kind: 'a'; size: string }>({
    a: object<{ kind: 'a'; size: string }>({ kind: required(text(9)), size: required(text(9)) } as never),
  });
  const wrong = (value: unknown): readonly unknown[] => {
    const report = new Report();
    expect(reader(value, 'here', report)).toBeUndefined();
    return report.errors.map(({ path, said: told }) => [path, /object-wanted|one-of/.exec(JSON.stringify(told))?.[0]]);
  };

  it('is read by the one its kind names', () => {
    expect(reader({ kind: 'a', size: '1' }, 'here', new Report())).toEqual({ kind: 'a', size: '1' });
  });

  it('is an object, of a kind there is', () => {
    for (const value of [null, 'a', 3, ['a']]) expect(wrong(value)).toEqual([['here', 'object-wanted']]);
    for (const value of [{}, { kind: 'b' }, { kind: 'toString' }])
      expect(wrong(value)).toEqual([['here.kind', 'one-of']]);
  });
});

describe('an object one word of which asks for others', () => {
  const fields = { kind: required(text(9)), size: optional(text(9)), name: optional(text(9)) };
  const reader = needing(object<Record<string, string>>(fields as never), 'kind', { long: ['size', 'name'] }, () =>
    said('line-needs'),
  );
  const read = (value: unknown): readonly unknown[] => {
    const report = new Report();
    const taken = reader(value, 'here', report);
    return [taken !== undefined, ...report.errors.map(({ path }) => path)];
  };

  it('has what its word asks for; what is missing is told by its place, each', () => {
    expect(read({ kind: 'long', size: '1', name: 'a' })).toEqual([true]);
    expect(read({ kind: 'short' })).toEqual([true]);
    expect(read({ kind: 'long', name: 'a' })).toEqual([false, 'here.size']);
    expect(read({ kind: 'long' })).toEqual([false, 'here.size', 'here.name']);
    expect(read(7)).toEqual([false, 'here']);
  });
});
