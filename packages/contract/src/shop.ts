import type { OwnSlideOf } from '@zabble/core';
import { IsObject, IsUUID } from 'class-validator';

/** A slide for the shop's list. What the row must hold is the slide reader's to say. */
export class KeepSlide {
  @IsObject()
  row!: object;
}

export class ShopSlideId {
  @IsUUID()
  id!: string;
}

/** A slide the shop keeps across jobs; its name is its own. */
export interface ShopSlide {
  readonly id: string;
  readonly row: OwnSlideOf<string>;
  /** ISO 8601, UTC. */
  readonly updatedAt: string;
}

export interface ShopSlideList {
  readonly items: readonly ShopSlide[];
}
