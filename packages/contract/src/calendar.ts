import type { ShopCalendar, ShopRead } from '@zabble/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { IsDay, IsMoment } from './day';

/** What the shop says of its days; what it must hold is the calendar reader’s to say. */
export class KeepCalendar {
  @IsObject()
  calendar!: object;

  /** The revision it was made from; 0 where nothing was said yet. */
  @IsInt()
  @Min(0)
  revision!: number;
}

/** What is said of a job’s days: what is left out stays as it is. */
export class KeepCalendarJob {
  /** Whether it is worked on at all. */
  @IsOptional()
  @IsBoolean()
  atWork?: boolean;

  /** Promised for this day; nothing where it no longer is. */
  @IsOptional()
  @ValidateIf((_, value) => value !== null)
  @IsDay()
  due?: string | null;
}

/** When one task is to begin: put or taken back by itself, so that two who fix two tasks both have theirs. */
export class FixTask {
  @IsString()
  @MaxLength(120)
  task!: string;

  /** Nothing: no longer. */
  @IsOptional()
  @ValidateIf((_, value) => value !== null)
  @IsMoment()
  at?: string | null;
}

export const WEEK_FILES = ['week.pdf', 'week.ics', 'week.csv'] as const;
export type WeekFile = (typeof WEEK_FILES)[number];

const MOST_TASKS = 5000;
const MOST_AT_ONCE = 2;

/** Where somebody saw a task: who makes a file of what they see gets that. */
class SeenTask {
  @IsString()
  @MaxLength(160)
  id!: string;

  /** Minutes since the first of January 1970 on the shop’s clock. */
  @IsInt()
  @Min(0)
  @Max(100_000_000)
  start!: number;

  @IsArray()
  @ArrayMaxSize(MOST_AT_ONCE)
  @IsString({ each: true })
  @MaxLength(80, { each: true })
  people!: string[];
}

/** How the printed week is wanted, and which time it is where it is looked at. */
export class WeekWish {
  @IsOptional()
  @IsIn(['a4', 'letter'])
  paper?: 'a4' | 'letter';

  /** Minutes the shop’s clock is ahead of UTC. */
  @IsOptional()
  @IsNumber()
  @Min(-1000)
  @Max(1000)
  zone?: number;

  /** The order of work as it is seen; without it one is looked for. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(MOST_TASKS)
  @ValidateNested({ each: true })
  @Type(() => SeenTask)
  seen?: SeenTask[];
}

/** Why a job is in the order of work: it was put in, its quote was accepted, or it is the only one. */
export type AtWorkBy = 'put' | 'quote' | 'only';

/** Everything an order of work is made from, as it is kept. */
export interface CalendarKept {
  readonly revision: number;
  readonly calendar: ShopCalendar;
  /** The secret of the feed’s link, where there is one. */
  readonly feed?: string;
  readonly by: Readonly<Record<string, AtWorkBy>>;
  readonly read: ShopRead;
}
