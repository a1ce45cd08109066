import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { documentText, readJobDocument } from '@zabble/core';
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

  it('has those that came before again, which nobody can change; and is kept as it was sent', () => {
    const document = example('rope-bench');
    const read = (): { cases: { banks: object[] }[] } =>
      (parsed(JSON.stringify({ revision: 1, document })) as { document: { cases: { banks: object[] }[] } }).document;
    const [first, again] = [read(), read()];
    expect(again.cases[0]?.banks[0]).toBe(first.cases[0]?.banks[0]);
    expect(() => Object.assign(first.cases[0]?.banks[0] ?? {}, { id: 'other' })).toThrow(TypeError);
    for (const one of [first, again]) {
      const reading = readJobDocument(one);
      expect(reading.ok && JSON.parse(documentText(reading.document))).toEqual(document);
    }
  });

  it('tells how deep it is, and stops where that is too deep', () => {
    const deep = (levels: number): number => scanned(Buffer.from('['.repeat(levels) + ']'.repeat(levels)), 64).depth;
    expect([deep(0), deep(1), deep(64), deep(65), deep(100_000)]).toEqual([0, 1, 64, 65, 65]);
    expect(scanned(Buffer.from('"[[[[" '), 64).depth).toBe(0);
  });
});
