import fc from 'fast-check';
import { asText, beginningsOf, wordsOf } from './words';

const finds = (text: string, asked: string): boolean => {
  const kept = asText(wordsOf(text), 10_000);
  return beginningsOf(asked).every((word) => kept.includes(` ${word}`));
};

describe('words that are looked for', () => {
  it.each([
    ['Front came out tight', 'tig fro'],
    ['Äußere Schublade', 'aussere schub'],
    ['Äußere Schublade', 'ÄUSS'],
    ['Ящик в парусной', 'пару'],
    ['ΜΕΓΑΛΟΣ ΠΑΓΚΟΣ', 'μεγαλος'],
    ['İplik çekmecesi', 'iplik cek'],
    ['帆布の引き出し', '引き'],
    ['ลิ้นชักผ้าใบ', 'ชัก'],
    ['돛천 서랍', '서ㄹ'.normalize('NFKD')],
    ['14 3/8 in', '14 3 8'],
    ['دُرج', 'درج'],
  ])('%s is found by %s', (text, asked) => expect(finds(text, asked)).toBe(true));

  it.each([
    ['Front came out tight', 'ight'],
    ['drawer', 'drawers'],
    ['14 3/8 in', '5'],
  ])('%s is not found by %s', (text, asked) => expect(finds(text, asked)).toBe(false));

  it('anything is found by the beginning of any of its words', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), fc.nat(), (text, at) => {
        const letters = [...text];
        // From a blank to anywhere.
        const cut = letters.slice(0, at % (letters.length + 1)).join('');
        return finds(text, cut);
      }),
      { numRuns: 500 },
    );
  });

  it('nothing but signs asks for nothing', () => expect(beginningsOf(' %_ -- ')).toEqual([]));
});
