import fc from 'fast-check';
import { asBefore } from './as-before';

const plain = fc.jsonValue();

describe('asBefore', () => {
  it('says what the later one says', () => {
    fc.assert(fc.property(plain, plain, (before, after) => expect(asBefore(before, after)).toEqual(after)));
  });

  it('is the earlier one where both say the same', () => {
    fc.assert(
      fc.property(plain, (value) => {
        const copy = structuredClone(value);
        expect(asBefore(structuredClone(value), copy)).toEqual(copy);
        const before = { part: value };
        expect(asBefore(before, { part: copy })).toBe(before);
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
    const after = asBefore(before, {
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
      expect(Object.keys(asBefore(of('{"c":2}'), after))).toEqual(Object.keys(after));
      expect(asBefore({}, of(`{"${name}":null}`))).toEqual(of(`{"${name}":null}`));
      const before = of(`{"${name}":{"b":1},"c":2}`);
      expect(asBefore(before, after)).toBe(before);
    }
  });

  it('knows a field that went from one that says nothing', () => {
    const before = { a: undefined };
    expect(asBefore(before, {})).not.toBe(before);
    expect(asBefore({}, before)).toStrictEqual(before);
    expect(asBefore({ b: undefined }, before)).toStrictEqual(before);
  });
});
