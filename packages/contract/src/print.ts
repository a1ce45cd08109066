import type { Problem } from './jobs';
import { IsArray, IsIn, IsObject, IsOptional, IsString, IsUrl, IsUUID, MaxLength } from 'class-validator';

/** Letters of the largest picture that is printed. */
export const LARGEST_SEEN = 8_000_000;

/** What paper is printed with. */
export type Ink = 'colour' | 'grey';

/** What is printed: the job as it stands on the screen, with its layouts where they are asked for. */
export class PrintWish {
  @IsObject()
  document!: object;

  @IsUUID()
  job!: string;

  /** Sheets as they were laid out; held against the plan before they are printed. */
  @IsOptional()
  @IsArray()
  layouts?: unknown[];

  @IsIn(['a4', 'letter'])
  paper: 'a4' | 'letter' = 'a4';

  @IsIn(['colour', 'grey'])
  ink: Ink = 'colour';

  /** Of the solid view: what is seen of it, a PNG in base 64; and the id of the case it is of. */
  @IsOptional()
  @IsString()
  @MaxLength(LARGEST_SEEN)
  picture?: string;

  @IsOptional()
  @IsString()
  @MaxLength(64)
  pictured?: string;

  /** Where this Zabble is found, for the codes on labels. */
  @IsString()
  @MaxLength(200)
  @IsUrl({ require_tld: false, require_protocol: true, protocols: ['http', 'https'] })
  address!: string;
}

/** Largest job with its layouts, in bytes. */
export const LARGEST_PRINT = 12_000_000;

export const PRINTS = [
  'cut-list.pdf',
  'labels.pdf',
  'layouts.pdf',
  'bench-card.pdf',
  'story-stick.pdf',
  'story-stick-strip.pdf',
  'templates.pdf',
  'solid-view.pdf',
  'job.zip',
] as const;
export type PrintName = (typeof PRINTS)[number];

/** A line of an answer of the kind `PRINT_STREAM`: how far it is, or the last before the file itself. */
export type PrintNews =
  | { readonly kind: 'pages'; readonly pages: number }
  | { readonly kind: 'refused'; readonly problem: Problem }
  | { readonly kind: 'file'; readonly name: string; readonly type: string };
