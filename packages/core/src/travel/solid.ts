import type { Convex } from './convex';

/** From a height over the room's floor to another, in nanometres. */
export interface Heights {
  readonly from: number;
  readonly to: number;
}

/** Something that stands still, or closed, with its address in the job (`case/door/left/pull`, `room/wall`). */
export interface Solid {
  readonly name: string;
  readonly shape: Convex;
  readonly heights: Heights;
  /** What it is the pull of, by its address. */
  readonly pullOf?: string;
}

/** Heights that only touch never meet. */
export const level = (one: Heights, other: Heights): boolean => one.from < other.to && other.from < one.to;
