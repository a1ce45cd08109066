import { plain, type Said as AnySaid } from '../length';
import type { SENTENCES } from './en';
import type { CASE_FINDINGS } from './en/case-findings';
import type { BANK_FINDINGS, DRAWER_FINDINGS } from './en/findings';
import type { PRICE_FINDINGS } from './en/price-findings';
import type { REMEDIES } from './en/remedies';
import type { THING_FINDINGS } from './en/thing-findings';
import type { TRAVEL_FINDINGS } from './en/travel';

type English = typeof SENTENCES;

/** Every code there are words for. */
export type Code = keyof English;

/** What the sentence of a code is about. */
export type ParamsOf<C extends Code> = English[C] extends (params: infer P, ...rest: never) => string
  ? P
  : Readonly<Record<never, never>>;

/** Codes that are about nothing but themselves. */
export type PlainCode = { [C in Code]: English[C] extends string ? C : never }[Code];

/** What is said of a code with its params; of several codes, one of them with its own. */
export type SaidAs<C extends Code> = C extends Code ? AnySaid<C, ParamsOf<C> & object> : never;

/** A code with what it is about, as the words room will say it. */
export function said<C extends PlainCode>(code: C): SaidAs<C>;
export function said<C extends Code>(code: C, params: ParamsOf<C>): SaidAs<C>;
export function said<C extends Code>(code: C, params?: ParamsOf<C>): SaidAs<C> {
  return params === undefined ? (plain(code) as SaidAs<C>) : ({ code, params } as SaidAs<C>);
}

/** What every language has to say: a sentence for each code, about the same things. */
export type SentencesOfLanguage = {
  readonly [C in Code]: string | ((params: ParamsOf<C>, words: never) => string);
};

/** Whether two mean the same: the same code about the same things. */
export function sameSaid(one: AnySaid, other: AnySaid): boolean {
  return saidKey(one) === saidKey(other);
}

/** A key that tells codes about different things apart. */
export function saidKey({ code, params }: AnySaid): string {
  return JSON.stringify([code, params]);
}

/** What findings are called, and what mends them. */
export type FindingCode =
  | keyof typeof DRAWER_FINDINGS
  | keyof typeof BANK_FINDINGS
  | keyof typeof CASE_FINDINGS
  | keyof typeof PRICE_FINDINGS
  | keyof typeof TRAVEL_FINDINGS
  | keyof typeof THING_FINDINGS;
export type RemedyCode = keyof typeof REMEDIES;
