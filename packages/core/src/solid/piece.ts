import type { Axis, Lying, Span } from '../casework';
import { nm, type Length } from '../length';

/**
 * Where a piece of wood stands with everything shut, as large as it is before anything is worked into it: `x` from the outer
 * face of the case's left side, `y` up from the floor, `z` back from its front edge.
 */
export interface Place {
  readonly x: Span;
  readonly y: Span;
  readonly z: Span;
  readonly lies: Lying;
}

/** A piece's size, finished: along its grain or the longer cut, across it, and its material's. */
export interface Size {
  readonly length: Length;
  readonly width: Length;
  readonly thickness: Length;
}

/** Its least corner. */
export type Corner = Readonly<Record<Axis, number>>;

const span = (from: number, long: number): Span => ({ from: nm(Math.floor(from)), to: nm(Math.floor(from) + long) });

/** A piece with its least corner there, lying so. */
export function placed(lies: Lying, { length, width, thickness }: Size, corner: Corner): Place {
  const sizes = { [lies.along]: length, [lies.across]: width, [lies.through]: thickness };
  const of = (axis: Axis): Span => span(corner[axis], sizes[axis] ?? 0);
  return { x: of('x'), y: of('y'), z: of('z'), lies };
}

/** Where something so long begins so that it lies in the middle of what begins there and is so long. */
export const centred = (from: number, whole: number, long: number): number => from + (whole - long) / 2;
