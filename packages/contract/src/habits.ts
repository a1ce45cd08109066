import { IsOptional, IsString, MaxLength } from 'class-validator';

/** What the shop does as a matter of course: lengths with their unit, as a job file writes them. */
export class KeepHabits {
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

/** Only what the shop has said. */
export interface HabitTexts {
  readonly ease?: string;
  readonly play?: string;
  readonly gap?: string;
  readonly kerf?: string;
}
