import {
  millimetres,
  showLength,
  toPack,
  writeBare,
  writeExact,
  writeLength,
  writePacking,
  type Length,
  type Unit,
} from '../length';
import type { Language, Sentence } from './sentence';
import type { Words, Writing } from './words';

/** A speaker of a language for one job. A code it does not know is said as it is, so that nothing is hidden. */
export function wordsIn({ locale, sentences }: Language, { unit, step }: Writing): Words {
  const lists = {
    and: new Intl.ListFormat(locale, { type: 'conjunction' }),
    or: new Intl.ListFormat(locale, { type: 'disjunction' }),
  };
  const plurals = new Intl.PluralRules(locale);
  const words: Words = {
    unit,
    say: ({ code, params }) => {
      const sentence: Sentence<never> | undefined = sentences[code];
      return typeof sentence === 'function' ? sentence(params as never, words) : (sentence ?? code);
    },
    size: (length) => sizeInSentence(length, unit, step),
    exact: (length) => writeExact(length, unit),
    bare: (length, round = 'nearest') => writeLength(length, { unit, step, round }, { mark: true }).replace('≈ ', '≈'),
    isRounded: (length) => !showLength(length, { unit, step }).exact,
    mark: (length) => `${words.bare(length)} ${unit}`,
    exactBare: (length) => writeBare(length, unit),
    packing: (eachSide) => writePacking(eachSide, unit),
    packingBare: (eachSide) => writeBare(toPack(eachSide, unit), unit),
    list: (items, kind = 'and') => lists[kind].format(items),
    form: (many, forms) => forms[plurals.select(many)] ?? forms.other,
    count: (many, forms) => `${many} ${words.form(many, forms)}`,
  };
  return words;
}

/** Coarser than this part of a length, the step no longer says it. */
const COARSE = 0.1;
const FINE = millimetres(0.01);

function sizeInSentence(length: Length, unit: Unit, step: Length): string {
  const size = Math.abs(length);
  const off = Math.abs(Math.round(size / step) * step - size);
  const showing = off > COARSE * size ? ({ unit: 'mm', step: FINE } as const) : { unit, step };
  return writeLength(length, showing, { unit: true });
}
