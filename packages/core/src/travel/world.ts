import type { Met } from './meetings';
import type { Mover } from './mover';
import type { Reached } from './reach';
import type { Solid } from './solid';

/** A mover with how far it comes alone. */
export interface Way extends Reached {
  readonly mover: Mover;
}

/** Things that are in each other's sight: all that has a place in the room, or one case by itself. */
export interface World {
  readonly solids: readonly Solid[];
  /** In the order of the file. */
  readonly ways: readonly Way[];
  /** Lids: each turns in a plane of its own, upright from front to back. */
  readonly lids: readonly Way[];
  readonly meetings: readonly Met[];
  /** It stands in a room: there is a floor to stand on before it. */
  readonly room: boolean;
}
