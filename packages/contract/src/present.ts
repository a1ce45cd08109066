import { IsBoolean, IsOptional, IsString, IsUUID, Matches, MaxLength } from 'class-validator';

/** A page has a job open, at this step of it. */
export class Here {
  @IsUUID()
  page!: string;

  @Matches(/^[a-z-]{1,20}$/)
  step!: string;

  /** Who works at the device; where people sign in, who that is counts. */
  @IsOptional()
  @IsString()
  @MaxLength(60)
  by?: string;

  /** It is closed, or gone on to something else. */
  @IsOptional()
  @IsBoolean()
  gone?: boolean;
}

/** Somebody else who has the job open. */
export interface Present {
  readonly page: string;
  /** Empty where it was not said. */
  readonly name: string;
  readonly step: string;
}

/** Who else has the job open, and at which revision it stands. */
export interface HereAnswer {
  readonly revision: number;
  readonly others: readonly Present[];
}
