import type { Said } from '@zabble/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';

const MOST_LINES = 2000;
const MOST = 1_000_000_000;
/** Counts are kept to a millionth. */
const COUNT = { maxDecimalPlaces: 6 };

/** So much of something, by the key its price has. */
class Counted {
  @IsString()
  @MinLength(1)
  @MaxLength(200)
  key!: string;

  @IsNumber(COUNT)
  @Min(0.000001)
  @Max(MOST)
  count!: number;
}

/** What lies in the hardware drawer is counted: only in place of the count that was seen. */
export class CountDrawer {
  @IsString()
  @MinLength(1)
  @MaxLength(200)
  key!: string;

  @IsString()
  @MaxLength(300)
  what!: string;

  @IsString()
  @MaxLength(20)
  unit!: string;

  @IsNumber(COUNT)
  @Min(0)
  @Max(MOST)
  was!: number;

  @IsNumber(COUNT)
  @Min(0)
  @Max(MOST)
  count!: number;
}

class AsideFor extends Counted {
  @IsUUID()
  job!: string;
}

/** Laid aside for jobs out of the drawer: all of it or nothing. The id makes it count once. */
export class LayAside {
  @IsUUID()
  id!: string;

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_LINES)
  @ValidateNested({ each: true })
  @Type(() => AsideFor)
  of!: AsideFor[];

  @IsOptional()
  @IsString()
  @MaxLength(60)
  by?: string;
}

export class BoughtFor {
  @IsUUID()
  job!: string;

  @IsNumber(COUNT)
  @Min(0.000001)
  @Max(MOST)
  count!: number;
}

export class OrderWishLine {
  @IsString()
  @MinLength(1)
  @MaxLength(200)
  key!: string;

  @IsString()
  @MinLength(1)
  @MaxLength(300)
  what!: string;

  @IsString()
  @MaxLength(20)
  unit!: string;

  @IsNumber(COUNT)
  @Min(0.000001)
  @Max(MOST)
  pack!: number;

  @IsInt()
  @Min(1)
  @Max(1_000_000)
  packs!: number;

  /** Of a pack, where it is known. */
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(100_000_000_000)
  cents?: number;

  @IsArray()
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => BoughtFor)
  for!: BoughtFor[];
}

/** An order to one supplier, made from a list of a revision. The id makes it count once. */
export class MakeOrder {
  @IsUUID()
  id!: string;

  @IsInt()
  @Min(0)
  revision!: number;

  @IsString()
  @MinLength(1)
  @MaxLength(120)
  supplier!: string;

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_LINES)
  @ValidateNested({ each: true })
  @Type(() => OrderWishLine)
  lines!: OrderWishLine[];

  @IsOptional()
  @IsString()
  @MaxLength(60)
  by?: string;
}

/** What of an order is here; all of it where no line is told. */
export class OrderArrived {
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(MOST_LINES)
  @IsInt({ each: true })
  lines?: number[];

  @IsOptional()
  @IsString()
  @MaxLength(60)
  by?: string;
}

/** How the stand-in for a supplier is to behave from now on. */
export const SUPPLIER_MOODS = ['well', 'late', 'out-of-stock', 'wrong-price', 'silent'] as const;
export type SupplierMood = (typeof SUPPLIER_MOODS)[number];

export class TurnSupplier {
  @IsOptional()
  @IsIn(SUPPLIER_MOODS)
  mood?: SupplierMood;

  /** Its clock is turned forward by so many days. */
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(400)
  forward?: number;
}

export interface SupplierStandsAs {
  readonly today: string;
  readonly mood: SupplierMood;
  readonly simulated: true;
}

export interface DrawerRow {
  readonly key: string;
  readonly what: string;
  readonly unit: string;
  readonly count: number;
}

export interface LaidAside {
  readonly id: string;
  readonly job: string;
  readonly key: string;
  readonly count: number;
  /** ISO 8601, UTC. */
  readonly at: string;
}

/** Sent and not answered; made; refused by the supplier; called off. */
export type OrderState = 'asked' | 'ordered' | 'refused' | 'off';

export interface OrderLine extends Omit<OrderWishLine, 'for'> {
  readonly line: number;
  readonly for: readonly BoughtFor[];
  /** `2026-11-30`; nothing while it is awaited. */
  readonly arrivedOn?: string;
}

export interface Order {
  readonly id: string;
  readonly number: number;
  readonly supplier: string;
  /** The server asks the supplier itself. */
  readonly byService: boolean;
  readonly state: OrderState;
  readonly madeAt: string;
  readonly madeBy: string;
  readonly expectedOn?: string;
  /** What the supplier answered last. */
  readonly answer?: Said;
  readonly lines: readonly OrderLine[];
}

/** Everything a list to buy from is made with, besides jobs and prices. */
export interface BuyingKept {
  readonly revision: number;
  readonly drawer: readonly DrawerRow[];
  readonly aside: readonly LaidAside[];
  readonly orders: readonly Order[];
}

/** A gate that opened by what arrived, or was laid aside. */
export interface GateOpened {
  readonly job: string;
  readonly name: string;
  readonly gate: 'slides' | 'hinges';
}

export interface Arrived {
  readonly kept: BuyingKept;
  readonly opened: readonly GateOpened[];
  /** Jobs whose gates could not be opened: they can’t be read, or are changed all the time. */
  readonly notOpened: readonly string[];
}
