import { Transform } from 'class-transformer';
import {
  IsEmail,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  MaxLength,
  Min,
  MinLength,
} from 'class-validator';
import { toNumber } from './numbers';

/** What a person of a shop may do, from most to least: everything; all but people; the record and steps; look. */
export const ROLES = ['owner', 'maker', 'helper', 'looker'] as const;
export type Role = (typeof ROLES)[number];

/** So long a password is at least. Source: NIST SP 800-63B, 3.1.1.2 asks for 8 at least; longer is harder to guess. */
export const SHORTEST_PASSWORD = 10;
const LONGEST_PASSWORD = 200;
const LONGEST_NAME = 60;
const LONGEST_EMAIL = 254;
/** Of what a link carries: 32 bytes in letters. */
const TOKEN = /^[\w-]{43}$/;
/** Six digits, or a code for when the second factor is lost. */
const LONGEST_CODE = 40;

export class SignIn {
  @IsString()
  @MaxLength(LONGEST_EMAIL)
  email!: string;

  @IsString()
  @MaxLength(LONGEST_PASSWORD)
  password!: string;

  /** Of the second factor, where the person has one; or one of the codes for when it is lost. */
  @IsOptional()
  @IsString()
  @MaxLength(LONGEST_CODE)
  code?: string;
}

/** The shop this device looks at from now on. */
export class ChooseShop {
  @IsUUID()
  shop!: string;
}

/** The secret of a link. */
export class LinkToken {
  @Matches(TOKEN)
  token!: string;
}

/** An invitation is taken: by a new person, or by one who has a password already. */
export class Join extends LinkToken {
  @IsString()
  @MaxLength(LONGEST_NAME)
  name!: string;

  @IsString()
  @MaxLength(LONGEST_PASSWORD)
  password!: string;

  @IsOptional()
  @IsString()
  @MaxLength(LONGEST_CODE)
  code?: string;
}

export class ForgottenPassword {
  @IsString()
  @MaxLength(LONGEST_EMAIL)
  email!: string;
}

export class NewPassword extends LinkToken {
  @IsString()
  @MaxLength(LONGEST_PASSWORD)
  password!: string;
}

export class ChangePassword {
  @IsString()
  @MaxLength(LONGEST_PASSWORD)
  was!: string;

  @IsString()
  @MaxLength(LONGEST_PASSWORD)
  password!: string;
}

/** What only who knows the password may do. */
export class WithPassword {
  @IsString()
  @MaxLength(LONGEST_PASSWORD)
  password!: string;
}

export class SecondFactorCode {
  @IsString()
  @MinLength(1)
  @MaxLength(LONGEST_CODE)
  code!: string;
}

export class Invite {
  @IsEmail()
  @MaxLength(LONGEST_EMAIL)
  email!: string;

  @IsIn(ROLES)
  role!: Role;
}

export class ChangeRole {
  @IsIn(ROLES)
  role!: Role;
}

/** A shop a person belongs to. */
export interface OwnShop {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
}

/** Who is signed in on this device. */
export interface SignedIn {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly secondFactor: boolean;
  /** The shop this device looks at; none where the person belongs to none any more. */
  readonly shop?: OwnShop;
  readonly shops: readonly OwnShop[];
  /** That shop is deleted: so many days it can still be brought back, by an owner. */
  readonly deletedFor?: number;
}

/** How the server is run, and who asks: on a device of one's own nobody signs in. */
export interface SessionState {
  readonly mode: 'own' | 'shared';
  readonly person?: SignedIn;
}

/** A device a person is signed in on. */
export interface SessionRow {
  readonly id: string;
  /** What kind of device it says it is. */
  readonly device: string;
  readonly since: string;
  readonly seenAt: string;
  /** It is the one that asks. */
  readonly own: boolean;
}

/** What an invitation says before it is taken. */
export interface Invited {
  readonly shop: string;
  readonly email: string;
  readonly role: Role;
}

/** What an application that shows codes is to be told, as text and as a code for its camera (see LetInCode). */
export interface SecondFactorBegun {
  readonly secret: string;
  readonly outline: string;
  readonly across: number;
}

/** Codes for when the second factor is lost, each good once. They are told this once. */
export interface RecoveryCodes {
  readonly codes: readonly string[];
}

export interface Member {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: Role;
  readonly since: string;
  readonly secondFactor: boolean;
}

export interface Invitation {
  readonly id: string;
  readonly email: string;
  readonly role: Role;
  readonly by: string;
  readonly until: string;
}

/** The people of a shop, for its owners. */
export interface Crew {
  readonly members: readonly Member[];
  readonly invitations: readonly Invitation[];
}

/** An invitation that was made; with its link where no mail server is there to send it. */
export interface InvitationMade extends Crew {
  readonly link?: string;
}

/** What somebody did in a shop. `what` is a code; `of` is what it was done to. */
export interface AuditRow {
  readonly id: number;
  readonly at: string;
  readonly by: string;
  readonly what: string;
  readonly of: string;
}

/** The newest first. `next` is the id the next page begins after; none where there are no more. */
export interface AuditPage {
  readonly rows: readonly AuditRow[];
  readonly next?: number;
}

/** The audit is read from the newest on: before this row. */
export class AuditQuery {
  @IsOptional()
  @Transform(toNumber)
  @IsInt()
  @Min(1)
  before?: number;
}
