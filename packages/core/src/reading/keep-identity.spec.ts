import fc from 'fast-check';
import { keepIdentity } from './keep-identity';

const plain = fc.jsonValue();

describe('keepIdentity', () => {
  it('says what the later one says', () => {
    fc.assert(fc.property(plain, plain, (before, after) => expect(keepIdentity(before, after)).toEqual(after)));
  });

  it('is the earlier one where both say the same', () => {
    fc.assert(
      fc.property(plain, (value) => {
        const copy = structuredClone(value);
        expect(keepIdentity(structuredClone(value), copy)).toEqual(copy);
        const before = { part: value };
        expect(keepIdentity(before, { part: copy })).toBe(before);
      }),
    );
  });

  it('keeps what did not change and only that', () => {
    const before = {
      banks: [
        { id: 'b1', rail: 0 },
        { id: 'b2', rail: 0 },
      ],
      unit: 'mm',
    };
    const after = keepIdentity(before, {
      banks: [
        { id: 'b1', rail: 3 },
        { id: 'b2', rail: 0 },
      ],
      unit: 'mm',
    });
    expect(after).not.toBe(before);
    expect(after.banks[0]).toEqual({ id: 'b1', rail: 3 });
    expect(after.banks[1]).toBe(before.banks[1]);
  });

  it('has parts of any name, those every object inherits among them', () => {
    const of = (text: string): Record<string, unknown> => JSON.parse(text) as Record<string, unknown>;
    for (const name of ['__proto__', 'constructor', 'toString']) {
      const after = of(`{"${name}":{"b":1},"c":2}`);
      expect(Object.keys(keepIdentity(of('{"c":2}'), after))).toEqual(Object.keys(after));
      expect(keepIdentity({}, of(`{"${name}":null}`))).toEqual(of(`{"${name}":null}`));
      const before = of(`{"${name}":{"b":1},"c":2}`);
      expect(keepIdentity(before, after)).toBe(before);
    }
  });

  it('knows a field that went from one that says nothing', () => {
    const before = { a: undefined };
    expect(keepIdentity(before, {})).not.toBe(before);
    expect(keepIdentity({}, before)).toStrictEqual(before);
    expect(keepIdentity({ b: undefined }, before)).toStrictEqual(before);
  });
});
