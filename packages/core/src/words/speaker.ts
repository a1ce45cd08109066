import { writeLength, writeQuantity } from '../length';
import type { Language, Sentence } from './sentence';
import type { Words, Writing } from './words';

/** A speaker of a language for one job. A code it does not know is said as it is, so that nothing is hidden. */
export function wordsIn({ locale, sentences }: Language, showing: Writing): Words {
  const lists = {
    and: new Intl.ListFormat(locale, { type: 'conjunction' }),
    or: new Intl.ListFormat(locale, { type: 'disjunction' }),
  };
  const plurals = new Intl.PluralRules(locale);
  const words: Words = {
    unit: showing.unit,
    say: ({ code, params }) => {
      const sentence: Sentence<never> | undefined = sentences[code];
      return typeof sentence === 'function' ? sentence(params as never, words) : (sentence ?? code);
    },
    size: (length, kind = 'gap') => writeLength(length, kind, showing, { unit: true }),
    exact: (length) => words.size(length, 'reading'),
    bare: (length, kind) => writeLength(length, kind, showing, { mark: true }).replace('≈ ', '≈'),
    mark: (length, kind) => `${words.bare(length, kind)} ${showing.unit}`,
    quantity: (metric, quantity) => writeQuantity(metric, quantity, showing.unit),
    weight: (kilograms) => words.quantity(kilograms, 'weight'),
    list: (items, kind = 'and') => lists[kind].format(items),
    form: (many, forms) => forms[plurals.select(many)] ?? forms.other,
    count: (many, forms) => `${many} ${words.form(many, forms)}`,
  };
  return words;
}
