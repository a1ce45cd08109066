import type { Words } from './words';

/** What stands for one code: a text, or how it is made up from what it is about. */
export type Sentence<P> = string | ((params: P, words: Words) => string);

/** The sentences of a language by code. Params differ from code to code: `never` takes any of them. */
export type Sentences = Readonly<Record<string, Sentence<never>>>;

/** One language: what it is called to Intl, and its sentence for every code. */
export interface Language {
  readonly locale: string;
  readonly sentences: Sentences;
}
