import type { PlainWrong, WrongParams } from '../../length';
import type { Sentence } from '../sentence';

const ABOUT: { readonly [C in keyof WrongParams]: Sentence<WrongParams[C]> } = {
  'wrong-length': ({ read, why }, w) => `read ${read}: ${w.say(why)}`,
  'wrong-field': ({ read, why }, w) => `Read ${read}: ${w.say(why)}.`,
  'fraction-over-one': ({ whole, top, bottom }) =>
    `${whole} ${top}/${bottom} has a fraction of one or more after its whole number`,
  'fraction-by-nothing': ({ top, bottom }) => `the fraction ${top}/${bottom} divides by nothing`,
  'fraction-off-grid': ({ top, bottom }) => `the fraction ${top}/${bottom} is not in sixty-fourths`,
  'hyphen-two-ways': ({ whole, fraction }) =>
    `${whole}-${fraction} with a gap on one side can be read two ways: write ${whole} ${fraction}, or ${whole} - ${fraction} to take it off`,
  'feet-two-ways': ({ feet, inches }) =>
    `${feet}' - ${inches}" can be read two ways: write ${feet}' ${inches}", or (${feet}') - ${inches}" to take it off`,
  'cannot-read': ({ rest }) => `${rest} can’t be read`,
  'feet-then-inches': ({ unit }) => `feet are followed by inches, not by ${unit}`,
  'number-wanted': ({ rest }) => `a number is wanted at ${rest}`,
};

const PLAIN: Readonly<Record<PlainWrong, string>> = {
  'nothing-written': 'Nothing is written here: a length is wanted.',
  'no-length': 'there is no length in it',
  'too-long-for-length': 'too long for one length',
  'negative-size': 'a size can’t be negative',
  'one-length-wanted': 'a length is one number or fraction and its unit: in, mm or cm',
  'comma-two-ways': 'a comma before three figures can be read two ways, so write it with a point or without',
  'less-than-nothing': 'that comes to less than nothing',
  'over-longest': 'that is over 100 m',
  'length-times-length': 'a length times a length is not a length',
  'divided-by-length': 'a length can only be divided by a plain number',
  'divides-by-nothing': 'it divides by nothing',
  'bracket-open': 'a bracket is not closed',
  'bracket-has-unit': 'what is in the bracket has its unit already',
  'foot-and-more': 'a foot and more of inches follows the feet',
  'smaller-unit-wanted': 'after metres or centimetres a smaller unit is wanted',
  'sum-breaks-off': 'the sum breaks off',
};

/** What is wrong with a written length. */
export const WRONGS = { ...ABOUT, ...PLAIN };
