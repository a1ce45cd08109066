import { IsOptional, IsString, MaxLength } from 'class-validator';

/** In what the shop's prices are: a code of ISO 4217, or nothing said. */
export class KeepMoney {
  @IsOptional()
  @IsString()
  @MaxLength(3)
  currency: string | null = null;

  /** What was said before: where it is told, only that is changed. */
  @IsOptional()
  @IsString()
  @MaxLength(3)
  was?: string | null;
}

export interface ShopMoney {
  readonly currency: string | null;
}
