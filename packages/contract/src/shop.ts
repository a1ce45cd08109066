import type { MaterialOf, OwnSlideOf } from '@zabble/core';
import { IsObject, IsUUID } from 'class-validator';

/** A slide or a material for the shop's lists. What the row must hold is its reader's to say. */
export class KeepRow {
  @IsObject()
  row!: object;
}

export class ShopRowId {
  @IsUUID()
  id!: string;
}

/** What the shop keeps across jobs under a name of its own. */
export interface ShopRow<T> {
  readonly id: string;
  readonly row: T;
  /** ISO 8601, UTC. */
  readonly updatedAt: string;
}

export interface ShopRowList<T> {
  readonly items: readonly ShopRow<T>[];
}

export type ShopSlide = ShopRow<OwnSlideOf<string>>;
export type ShopSlideList = ShopRowList<OwnSlideOf<string>>;
export type ShopMaterial = ShopRow<MaterialOf<string>>;
export type ShopMaterialList = ShopRowList<MaterialOf<string>>;
