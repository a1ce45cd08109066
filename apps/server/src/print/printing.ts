import type { Job, Length, MaterialLayout, Plan, Words } from '@zabble/core';
import type { Ink } from '@zabble/contract';
import type { Paper } from './paper';

/** A job ready to be printed. */
export interface Printing {
  readonly job: Job;
  readonly plan: Plan;
  /** Says everything on it, in the job's unit and step. */
  readonly words: Words;
  readonly layouts: readonly MaterialLayout[];
  /** The folder of the font packages. */
  readonly fonts: string;
  /** The day it is printed, as it is written on it. */
  readonly date: string;
  readonly paper: Paper;
  /** Colours, or their greys. */
  readonly ink: Ink;
  /** Of the solid view: what was seen of it, as it was sent, and the case it is of. */
  readonly picture?: { readonly png: string; readonly owner: string };
  /** Where a part is found: the page a code opens. */
  readonly partAt: (part: string) => string;
  /** Hears of every page that is made. */
  readonly onPage: () => void;
}

/** The size of a part in a table; a mark where it is rounded. */
export function sizeOf({ words }: Printing, length: Length): string {
  return words.bare(length, 'part');
}

/** What a paper is. */
export type PaperName =
  `paper/${'bench-card' | 'cut-list' | 'labels' | 'sheets' | 'solid-view' | 'story-stick' | 'templates'}`;
