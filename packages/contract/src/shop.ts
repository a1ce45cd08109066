import type { MaterialOf, OwnSlideOf } from '@zabble/core';
import { Transform } from 'class-transformer';
import { IsInt, IsObject, IsOptional, Min } from 'class-validator';
import type { Problem } from './jobs';
import { toNumber } from './numbers';

/** A slide or a material for the shop's lists. What the row must hold is its reader's to say. */
export class KeepRow {
  @IsObject()
  row!: object;

  /** The revision of the row under this name that it is to take the place of; none where there is to be none. */
  @IsOptional()
  @IsInt()
  @Min(1)
  revision?: number;
}

/** The revision of what is to go; where none is said, whatever it stands at. */
export class AtRevision {
  @Transform(toNumber)
  @IsOptional()
  @IsInt()
  @Min(1)
  revision?: number;
}

/** What the shop keeps across jobs under a name of its own. */
export interface ShopRow<T> {
  readonly id: string;
  readonly row: T;
  /** How often it was changed. */
  readonly revision: number;
  /** ISO 8601, UTC. */
  readonly updatedAt: string;
}

export interface ShopRowList<T> {
  readonly items: readonly ShopRow<T>[];
}

/** The row under this name is another by now: nothing was replaced. */
export interface RowConflict extends Problem {
  readonly row: ShopRow<unknown>;
}

export type ShopSlide = ShopRow<OwnSlideOf<string>>;
export type ShopSlideList = ShopRowList<OwnSlideOf<string>>;
export type ShopMaterial = ShopRow<MaterialOf<string>>;
export type ShopMaterialList = ShopRowList<MaterialOf<string>>;
