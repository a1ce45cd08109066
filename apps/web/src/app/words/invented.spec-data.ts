import { registerLocaleData } from '@angular/common';
import ka from '@angular/common/locales/ka';
import { ENGLISH, type Language, type Words } from '@zabble/core';

/**
 * A language nobody speaks, for captions and codes: letters of another script stand for every letter of English. It
 * must be imported before what it is to translate: captions outside classes are said when their file is loaded.
 */
registerLocaleData(ka);
$localize.locale = 'ka';
$localize.translate = (parts, values) => [
  Object.assign(parts.map(invented), { raw: parts.raw.map(invented) }) as unknown as TemplateStringsArray,
  [...values],
];

/** Plurals and choices keep their syntax: only what they say is translated. */
function invented(text: string): string {
  return text.replace(/\p{L}+(?=\s*\{)|, (?:plural|select),|VAR_\w+|�[^�]*�|\p{L}/gu, (found) =>
    found.length > 1 ? found : 'ა',
  );
}

export const INVENTED: Language = {
  locale: 'ka',
  sentences: Object.fromEntries(
    Object.keys(ENGLISH.sentences).map((code) => [code, (params: object, words: Words) => `ბ${held(params, words)}`]),
  ),
};

/** What a sentence holds of other sentences. */
function held(value: unknown, words: Words): string {
  if (typeof value !== 'object' || value === null) return '';
  const { code, params } = value as { code?: unknown; params?: unknown };
  if (typeof code === 'string' && typeof params === 'object') return ` ${words.say(value as never)}`;
  return Object.values(value)
    .map((each) => held(each, words))
    .join('');
}
