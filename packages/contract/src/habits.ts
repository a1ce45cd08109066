import { Type } from 'class-transformer';
import { IsObject, IsOptional, IsString, MaxLength, ValidateNested } from 'class-validator';

/** What the shop does as a matter of course: lengths with their unit, as a job file writes them; empty takes it out. */
export class Habits {
  @IsOptional()
  @IsString()
  @MaxLength(40)
  ease?: string;

  @IsOptional()
  @IsString()
  @MaxLength(40)
  play?: string;

  @IsOptional()
  @IsString()
  @MaxLength(40)
  gap?: string;

  @IsOptional()
  @IsString()
  @MaxLength(40)
  kerf?: string;
}

/** Habits said anew; where it is said how they stood then, only if they still do. */
export class KeepHabits extends Habits {
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => Habits)
  was?: Habits;
}

/** Only what the shop has said. */
export interface HabitTexts {
  readonly ease?: string;
  readonly play?: string;
  readonly gap?: string;
  readonly kerf?: string;
}
