import { IsBoolean, IsOptional, IsString, MaxLength } from 'class-validator';

/** Opens the shop's own network to phones and tablets, or closes it. */
export class SetNetwork {
  @IsBoolean()
  open!: boolean;

  /** By which of its addresses they are to call it; one of those there are. */
  @IsOptional()
  @IsString()
  @MaxLength(200)
  address?: string;
}

/** A phone or tablet that was let in. */
export interface LetInDevice {
  readonly id: string;
  readonly name: string;
  readonly letInAt: string;
  readonly seenAt: string;
}

/** How the server can be reached, and by whom. */
export interface NetworkState {
  /** Whether it is asked on the machine it runs on: only there others are let in or sent away. */
  readonly near: boolean;
  /** Whether the network is let in. */
  readonly open: boolean;
  /** Where phones reach it; null where they can’t. */
  readonly address: string | null;
  /** All the addresses it has, for a choice; empty for those who were let in. */
  readonly addresses: readonly string[];
  readonly devices: readonly LetInDevice[];
}

/** What is shown to let one device in. */
export interface LetInCode {
  /** Six digits. */
  readonly code: string;
  /** When it is no longer good. */
  readonly until: string;
  /** The page to open, with the code in it. */
  readonly page: string;
  /** The same as a code to be read by a camera: the outline of its dark squares, one unit each, and how many across. */
  readonly outline: string;
  readonly across: number;
}
