import { OPERATION_IDS, type Median, type OperationId, type ShopCosting } from '@zabble/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import { IsDay } from './day';

/** So many rows of a price book are kept or dropped at once. */
const MOST_ROWS = 2000;

/** A row of the price book: so many cents for a pack of so many units. */
export class BookPrice {
  @IsString()
  @MinLength(1)
  @MaxLength(200)
  key!: string;

  @IsString()
  @MaxLength(20)
  unit!: string;

  @IsNumber({ maxDecimalPlaces: 6 })
  @Min(0.000001)
  @Max(1_000_000_000)
  pack!: number;

  @IsInt()
  @Min(0)
  @Max(100_000_000_000)
  cents!: number;

  @IsOptional()
  @IsString()
  @MaxLength(120)
  supplier?: string;

  /** `2026-11-01` */
  @IsOptional()
  @IsDay()
  date?: string;
}

/** Rows that are put in the book, each in place of the one of its key. */
export class KeepPrices {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_ROWS)
  @ValidateNested({ each: true })
  @Type(() => BookPrice)
  prices!: BookPrice[];
}

export class DropPrices {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_ROWS)
  @IsString({ each: true })
  @MaxLength(200, { each: true })
  keys!: string[];
}

/** What the shop says of its prices; what it must hold is the costing reader’s to say. */
export class KeepCosting {
  @IsObject()
  settings!: object;

  /** The revision it was made from; 0 where nothing was said yet. */
  @IsInt()
  @Min(0)
  revision!: number;
}

class WorkDone {
  @IsIn(OPERATION_IDS)
  operation!: OperationId;

  @IsNumber({ maxDecimalPlaces: 6 })
  @Min(0.000001)
  @Max(1_000_000)
  count!: number;

  @IsInt()
  @Min(1)
  @Max(10_000_000)
  minutes!: number;
}

/** What a job that is done teaches the shop; said again it takes the place of what was said before. */
export class SettleJob {
  @IsArray()
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => WorkDone)
  work!: WorkDone[];

  /** Percent lost of sheets. */
  @IsOptional()
  @IsNumber({ maxDecimalPlaces: 3 })
  @Min(-100)
  @Max(10_000)
  waste?: number;
}

/** The middle of what jobs taught, with how many it rests on. */
export interface LearnedByShop {
  readonly minutes: Readonly<Partial<Record<OperationId, Median>>>;
  readonly waste?: Median;
}

/** Everything a price is made with. */
export interface CostingKept {
  readonly settings: ShopCosting;
  readonly revision: number;
  readonly prices: readonly BookPrice[];
}
