import { SENTENCES } from './en';
import type { Language } from './sentence';

export type * from './called';
export type { CardColumn } from './en/card';
export type { DrawnSize } from './en/drawings';
export type { PackedAt } from './en/findings';
export type { KnownCode } from './en/known';
export type { PartCode, PartParams } from './en/parts';
export { MEASURED_KINDS } from './en/record';
export type { FaultCode, MeasuredCode, OtherwiseCode, StepCode } from './en/record';
export type { SlideCode } from './en/slides';
export type { StandingCode } from './en/steps';
export type { UseCode } from './en/uses';
export {
  said,
  sameSaid,
  saidKey,
  type Code,
  type FindingCode,
  type ParamsOf,
  type PlainCode,
  type RemedyCode,
  type SaidAs,
  type SentencesOfLanguage,
} from './said';
export type { Language } from './sentence';
export { wordsIn } from './speaker';
export type { Words, Writing } from './words';

/** British forms of lists: no comma before “and”. */
export const ENGLISH: Language = { locale: 'en-GB', sentences: SENTENCES };
