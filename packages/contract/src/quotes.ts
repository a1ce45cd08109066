import type { QuoteBody, QuoteDetail } from '@zabble/core';
import { IsIn, IsInt, IsOptional, IsString, Max, MaxLength, Min } from 'class-validator';

/** How long what a person writes on a quote may be. */
const LONG = 4000;

/** A quote to be made of a job as it stands at a revision. */
export class MakeQuote {
  @IsInt()
  @Min(1)
  revision!: number;

  @IsIn(['sum', 'parts', 'whole'])
  detail: QuoteDetail = 'parts';

  /** How many days its price holds. */
  @IsInt()
  @Min(1)
  @Max(730)
  days = 30;

  @IsOptional()
  @IsString()
  @MaxLength(LONG)
  terms?: string;

  @IsOptional()
  @IsString()
  @MaxLength(LONG)
  excluded?: string;
}

export const QUOTE_STATES = ['drafted', 'sent', 'accepted', 'refused'] as const;
/** One that was sent lapses by itself once its day is over. */
export type QuoteState = (typeof QUOTE_STATES)[number] | 'lapsed';

/** Where a quote stands from now on, and who says so. */
export class MoveQuote {
  @IsIn(['sent', 'accepted', 'refused'])
  state!: 'sent' | 'accepted' | 'refused';

  @IsOptional()
  @IsString()
  @MaxLength(60)
  by?: string;
}

export class QuotePaper {
  @IsIn(['a4', 'letter'])
  paper: 'a4' | 'letter' = 'a4';
}

/** What was reckoned with, line by line: for the shop alone. */
export interface QuotedCost {
  readonly key: string;
  readonly what: string;
  readonly cents: number;
}

/** What a customer is shown. */
export interface QuoteShown {
  readonly number: number;
  readonly body: QuoteBody;
  readonly madeAt: string;
  /** `2026-12-29` */
  readonly validUntil: string;
  readonly terms: string;
  readonly excluded: string;
  readonly currency: string | null;
}

/** A quote as the shop sees it. */
export interface Quote extends QuoteShown {
  readonly id: string;
  readonly job: string;
  readonly revision: number;
  readonly state: QuoteState;
  readonly stateAt: string;
  readonly stateBy: string;
  /** A link shows it to whoever has it. */
  readonly linked: boolean;
  readonly costs: readonly QuotedCost[];
}

export interface QuoteList {
  readonly items: readonly Quote[];
}

/** Told once, when the link is made: only what it can be known again by is kept. */
export interface QuoteLink {
  readonly path: string;
}
