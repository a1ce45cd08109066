import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { partText, readJobDocument } from '@zabble/core';
import { parsedKnowing, scanned } from './parts';

const parsed = (text: string): unknown => {
  const sent = Buffer.from(text);
  return parsedKnowing(sent, scanned(sent, 64));
};
const thrown = (work: () => unknown): boolean => {
  try {
    work();
    return false;
  } catch {
    return true;
  }
};
const example = (name: string): object =>
  JSON.parse(readFileSync(join(__dirname, `../../../../examples/${name}.json`), 'utf8')) as object;

describe('a body whose parts may have come before', () => {
  it('is what JSON says it is, whatever it is', () => {
    fc.assert(
      fc.property(fc.json({ maxDepth: 8 }), fc.constantFrom(undefined, 1), (text, indent) => {
        const written = JSON.stringify(JSON.parse(text), null, indent);
        expect(parsed(written)).toEqual(JSON.parse(written));
      }),
    );
  });

  it('is it also where parts are, names repeat, and what stands for parts is said by somebody', () => {
    const mark = '{"part":0}';
    for (const text of [
      `{"document":{"cases":[{"banks":[{"id":"b1"},${mark},7,"x",null,[1],{"id":"b1"}],"shelves":[${mark}]}]}}`,
      `{"a":{"b":[{"c":[${mark}]},${mark}],"b":[{"c":[{"d":1}]}]},"document":{"x":[{"y":[{}]}]}}`,
      '{"document":{"materials":[{"id":"m1","in":[1]},{"id":"m2"}],"cases":[{"banks":[]},{"banks":[{"id":"b1"}],"banks":1}]}}',
      '{"document":{"__proto__":[{"constructor":[{"__proto__":{"a":1}}]}]}}',
      '{"document":{"cases":[{"banks":[{"name":"a \\" } ] , { [ ½"}]}]}}',
    ])
      expect(JSON.stringify(parsed(text))).toBe(JSON.stringify(JSON.parse(text)));
  });

  it('is refused where JSON refuses it', () => {
    const whole = '{"document":{"cases":[{"banks":[{"id":"b1","n":[1,2]},{"id":"b2"}]}]},"revision":3}';
    const letters = ['', '{', '}', '[', ']', '"', ',', ':', '1', '\\'];
    fc.assert(
      fc.property(fc.nat(whole.length), fc.nat(2), fc.constantFrom(...letters), (at, taken, put) => {
        const spoilt = whole.slice(0, at) + put + whole.slice(at + taken);
        expect(thrown(() => parsed(spoilt))).toBe(thrown(() => JSON.parse(spoilt)));
      }),
      { numRuns: 2000 },
    );
  });

  it('has those that came before again, which nobody can change', () => {
    const document = example('rope-bench');
    interface Job {
      readonly materials: readonly object[];
      readonly cases: readonly { readonly banks: readonly object[] }[];
    }
    const read = (more = {}): Job =>
      (parsed(JSON.stringify({ revision: 1, document: { ...document, ...more } })) as { document: Job }).document;
    const [first, again] = [read(), read({ name: 'Another' })];
    for (const part of [({ cases }: Job) => cases[0]?.banks[0], ({ materials }: Job) => materials[1]]) {
      expect(part(again)).toBe(part(first));
      expect(() => Object.assign(part(first) ?? {}, { id: 'other' })).toThrow(TypeError);
    }
    expect(again.cases[0]).not.toBe(first.cases[0]);
    for (const one of [first, again]) expect(readJobDocument(one).ok).toBe(true);
  });

  it('has them until eight million characters came after: then what is known begins anew', () => {
    const read = (name: string): object => {
      const bank = { id: 'b1', name };
      return (
        parsed(JSON.stringify({ document: { cases: [{ banks: [bank] }] } })) as {
          document: { cases: { banks: object[] }[] };
        }
      ).document.cases[0]!.banks[0]!;
    };
    const first = read('here');
    const long = (at: number) => String(at).padEnd(3_000_000, 'x');
    read(long(1));
    read(long(2));
    expect(read('here')).toBe(first);
    read(long(3));
    expect(read('here')).not.toBe(first);
    expect(read('here')).toEqual(first);
  });

  it('is kept as it was sent, where it cannot be mistaken which text that is', () => {
    const sent = (text: string): string[] =>
      Object.values(parsed(text) as object).map((each) => partText(each as object));
    const document = '{ "name" : "½ \u00bd",\n "cases": [ { "banks": [ { "id": "b1" } ] } ] }';
    expect(sent(`{"revision":1,"document":${document}}`)).toEqual(['1', document]);
    const anew = JSON.stringify(JSON.parse(document));
    expect(sent(`{"document":{"a":1},"document":${document}}`)).toEqual([anew]);
    expect(sent(`{"2":{"a":1},"1":${document}}`)).toEqual([anew, '{"a":1}']);
    expect(sent(`[[${document}]]`)).toEqual([`[${anew}]`]);
  });

  it('tells how deep it is, and stops where that is too deep', () => {
    const deep = (levels: number): number => scanned(Buffer.from('['.repeat(levels) + ']'.repeat(levels)), 64).depth;
    expect([deep(0), deep(1), deep(64), deep(65), deep(100_000)]).toEqual([0, 1, 64, 65, 65]);
    expect(scanned(Buffer.from('"[[[[" '), 64).depth).toBe(0);
  });
});
