import { millimetres, PLAIN_WRONGS, plain, readLength, type Unit } from '../length';
import { ENGLISH, wordsIn } from '.';

const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(0.5) });
const refusal = (text: string, unit: Unit = 'in'): string => {
  const read = readLength(text, unit);
  return read.ok ? `accepted as ${read.value}` : words.say(read.wrong);
};

describe('a length that can’t be read is told in one sentence', () => {
  it.each([
    ['24 1/0', 'divides by nothing'],
    ['1/3', 'not in sixty-fourths'],
    ['24 3/128', 'not in sixty-fourths'],
    ['⅓', 'not in sixty-fourths'],
    ['24 9/8', 'fraction of one or more'],
    ['-5', 'less than nothing'],
    ['3 - 5', 'less than nothing'],
    ['', 'a length is wanted'],
    ['   ', 'a length is wanted'],
    ['4000 in', 'over 100 m'],
    ['9'.repeat(100), 'over 100 m'],
    ['9'.repeat(200), 'too long'],
    ['twelve', 'a number is wanted at "twelve"'],
    ['24 in 3', 'can’t be read'],
    ['24 x', 'can’t be read'],
    ['(24', 'bracket is not closed'],
    ['24 +', 'breaks off'],
    ['24 in * 2 in', 'is not a length'],
    ['5 / 2 in', 'divided by a plain number'],
    ['24 in / (1 - 1)', 'divides by nothing'],
    ['1,082', 'read two ways'],
    ['24\n<script>', 'can’t be read'],
    ['__proto__', 'a number is wanted'],
  ])('refuses %j', (text, why) => {
    expect(refusal(text)).toContain(why);
    expect(refusal(text).split('\n')).toHaveLength(1);
  });

  it('with words for everything that may be wrong', () => {
    for (const code of PLAIN_WRONGS) expect(words.say(plain(code))).not.toBe(code);
  });
});
