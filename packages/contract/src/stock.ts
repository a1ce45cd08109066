import type { StockItemOf } from '@zabble/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';

/** An item of the shop's stock. What it must hold is the stock reader's to say. */
export class KeepStock {
  @IsObject()
  item!: object;

  /** The revision it was made from; none where the item is new. */
  @IsOptional()
  @IsInt()
  @Min(1)
  revision?: number;
}

/** So many more of an item, or fewer. */
export class ChangeStock {
  @IsInt()
  @Min(-10_000)
  @Max(10_000)
  by!: number;
}

/** Items from a list, all or none. */
export class AddStock {
  @IsArray()
  @ArrayMaxSize(1000)
  @IsObject({ each: true })
  items!: object[];
}

/** So many of one item. */
export class Taking {
  @IsUUID()
  stock!: string;

  @IsInt()
  @Min(1)
  @Max(10_000)
  count!: number;
}

/** A layout that was cut: what it took from the rack and the off-cuts it leaves there. The id makes it count once. */
export class BookLayout {
  @IsUUID()
  id!: string;

  @IsUUID()
  job!: string;

  @IsString()
  @MinLength(1)
  @MaxLength(200)
  material!: string;

  @IsArray()
  @ArrayMaxSize(500)
  @ValidateNested({ each: true })
  @Type(() => Taking)
  taken!: Taking[];

  @IsArray()
  @ArrayMaxSize(500)
  @IsObject({ each: true })
  brought!: object[];
}

export class BookingsQuery {
  @IsUUID()
  job!: string;
}

export interface StockEntry {
  readonly id: string;
  readonly item: StockItemOf<string>;
  /** How often it was changed. */
  readonly revision: number;
  /** ISO 8601, UTC. */
  readonly updatedAt: string;
}

export interface StockList {
  readonly items: readonly StockEntry[];
}

export interface Booking {
  readonly id: string;
  readonly material: string;
  /** What was taken, with how many. */
  readonly taken: readonly StockEntry[];
  readonly brought: readonly StockEntry[];
  readonly bookedAt: string;
  readonly undoneAt: string | null;
}

export interface BookingList {
  readonly items: readonly Booking[];
}

/** A line of the supplier's price list, and the day it held. */
export interface SupplierPrice {
  readonly name: string;
  readonly kind: 'sheet' | 'board';
  readonly length: string;
  readonly width: string;
  readonly thickness: string;
  readonly price: number;
  /** Like `2026-11-23`. */
  readonly pricedOn: string;
}

export interface PriceList {
  readonly items: readonly SupplierPrice[];
  /** It stands in for a supplier: its prices are made up. */
  readonly simulated: true;
}
