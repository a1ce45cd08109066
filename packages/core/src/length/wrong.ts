import { plain, type Said } from './said';

/** What may be wrong with a written length or number; texts are as they were written. */
export interface WrongParams {
  readonly 'wrong-length': { readonly read: string; readonly why: Said };
  readonly 'wrong-field': { readonly read: string; readonly why: Said };
  readonly 'fraction-over-one': { readonly whole: string; readonly top: string; readonly bottom: string };
  readonly 'fraction-by-nothing': { readonly top: string; readonly bottom: string };
  readonly 'fraction-off-grid': { readonly top: string; readonly bottom: string };
  readonly 'hyphen-two-ways': { readonly whole: string; readonly fraction: string };
  readonly 'feet-two-ways': { readonly feet: string; readonly inches: string };
  readonly 'cannot-read': { readonly rest: string };
  readonly 'feet-then-inches': { readonly unit: string };
  readonly 'number-wanted': { readonly rest: string };
}

/** The same, where it is about nothing else. */
export const PLAIN_WRONGS = [
  'nothing-written',
  'no-length',
  'too-long-for-length',
  'negative-size',
  'one-length-wanted',
  'comma-two-ways',
  'less-than-nothing',
  'over-longest',
  'length-times-length',
  'divided-by-length',
  'divides-by-nothing',
  'bracket-open',
  'bracket-has-unit',
  'foot-and-more',
  'smaller-unit-wanted',
  'sum-breaks-off',
] as const;

export type PlainWrong = (typeof PLAIN_WRONGS)[number];

/** What is wrong, as a code with what it is about. */
export function wrong<C extends keyof WrongParams>(code: C, params: WrongParams[C]): Said;
export function wrong(code: PlainWrong): Said;
export function wrong(code: string, params?: object): Said {
  return params === undefined ? plain(code) : { code, params };
}
