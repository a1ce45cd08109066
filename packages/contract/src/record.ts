import type { FaultKind, LogEntryDocument, Measured, Recorded, Said } from '@zabble/core';
import { Transform } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { toNumber } from './numbers';
import { CURSOR } from './cursor';
import { MOST_ENTRIES } from './routes';

/** Entries to add to a job’s log. What each must hold is the log reader’s to say. */
export class AddEntries {
  @IsArray()
  @ArrayMaxSize(MOST_ENTRIES)
  entries!: object[];
}

/** What is wanted of a log: everything after the entry with this number. */
export class LogQuery {
  @Transform(toNumber)
  @IsInt()
  @Min(0)
  @Max(4_000_000_000)
  after = 0;
}

/** An entry as the server keeps it; numbers of one job count up from 1 without a gap. */
export interface KeptEntry {
  readonly seq: number;
  readonly entry: LogEntryDocument;
}

export interface LogPage {
  readonly entries: readonly KeptEntry[];
  /** There are more after these. */
  readonly more: boolean;
}

/** An entry the log does not take, by its place in what was sent, with why. */
export interface EntryRefused {
  readonly index: number;
  readonly said: Said;
  /** The same in one sentence of the server's language. */
  readonly says: string;
}

/** Answer to entries added, one by one: those that are kept, and those that can't be. */
export interface EntriesKept {
  readonly kept: readonly { readonly id: string; readonly seq: number }[];
  readonly refused: readonly EntryRefused[];
}

export const RECORD_KINDS = ['reading', 'step', 'fault', 'note', 'photo', 'time', 'task'] as const;

/** What is looked for in the record of all jobs. */
export class RecordQuery {
  @IsOptional()
  @IsString()
  @MaxLength(200)
  search = '';

  @IsOptional()
  @IsIn(RECORD_KINDS)
  kind?: (typeof RECORD_KINDS)[number];

  /** Where the page before this one ended, as its `next` said. */
  @IsOptional()
  @Matches(CURSOR)
  after?: string;

  @Transform(toNumber)
  @IsInt()
  @Min(1)
  @Max(100)
  size = 30;
}

/** A line of the record as it is said in the unit of its job. */
export interface FoundEntry extends Omit<Recorded, 'said' | 'where'> {
  readonly says: string;
  /** Empty for the whole job. */
  readonly where: string;
  readonly job: string;
  readonly jobName: string;
}

/** The newest first. */
export interface RecordPage {
  readonly items: readonly FoundEntry[];
  /** Where to go on: nothing where these are the last. */
  readonly next: string | null;
  /** Up to when was looked back, where that was enough for one go and there may be more before. ISO 8601, UTC. */
  readonly lookedTo: string | null;
  /** Something of what was kept lately, or long ago by an older Zabble, can't be found yet. */
  readonly settling: boolean;
}

/** What was measured against plans and how often which fault was written down, over all jobs. */
export interface MadeList {
  /** Sums of nanometres over the plan and of their squares, as whole numbers in decimal. */
  readonly sums: readonly {
    readonly what: Measured;
    readonly count: number;
    readonly sum: string;
    readonly squares: string;
  }[];
  readonly faults: readonly { readonly fault: FaultKind; readonly times: number }[];
  /** Something of what was kept lately, or long ago by an older Zabble, is not counted yet. */
  readonly settling: boolean;
}

export class MadeQuery {
  @IsString()
  @MaxLength(40)
  what!: string;
}

/** The newest readings of one kind, oldest of them first. */
export interface MadeReadings {
  readonly made: readonly {
    readonly at: string;
    /** In nanometres. */
    readonly planned: number;
    readonly made: number;
  }[];
}

export interface PhotoKept {
  readonly id: string;
  readonly width: number;
  readonly height: number;
}
