import {
  label,
  minus,
  minusTimes,
  nm,
  ofField,
  plus,
  subtract,
  tally,
  type Length,
  type Tally,
  type Term,
} from '../length';
import type { Door } from './written';
import type { DoorOpening } from './door-opening';

type Edge = 'top' | 'bottom' | 'left' | 'right';

/** How far a door passes its opening at an edge: an overlay laps it, one set in stands back by its gap. */
export function doorLap(door: Pick<Door, 'mount' | Edge>, edge: Edge): Length {
  return door.mount === 'overlay' ? door[edge] : nm(-door[edge]);
}

function lapTerm(door: Door, edge: Edge, path: string): Term {
  const called = label(door.mount === 'overlay' ? 'lap-at' : 'gap-at', { edge });
  return plus(called, doorLap(door, edge), ofField(`${path}.${edge}`));
}

/** The finished size of a leaf. */
export interface LeafSize {
  readonly width: Tally;
  readonly height: Tally;
}

/**
 * The leaves of a door from the left: each `(W + left + right − (leaves − 1)·gap) / leaves` wide, `H + top + bottom` high.
 * Where a width halves to half a nanometre the left one takes the nanometre. Common practice.
 */
export function leavesOf(
  door: Door,
  opening: Pick<DoorOpening, 'width' | 'height'>,
  path: string,
): readonly LeafSize[] {
  const height = tally(
    plus('height-opening', opening.height.total, ofField(`${path}.over`)),
    lapTerm(door, 'top', path),
    lapTerm(door, 'bottom', path),
  );
  const whole = tally(
    plus('width-opening', opening.width.total, ofField(`${path}.over`)),
    lapTerm(door, 'left', path),
    lapTerm(door, 'right', path),
  );
  if (door.leaves !== 2) return [{ width: whole, height }];
  const both = tally(...whole.terms, minusTimes('gap-between-leaves', 1, door.gap, ofField(`${path}.gap`)));
  const right = nm(Math.floor(both.total / 2));
  const left = subtract(both.total, right);
  const less = (other: Length): Tally => tally(...both.terms, minus('other-leaf', other));
  return [
    { width: less(right), height },
    { width: less(left), height },
  ];
}

/** Of a length along a leaf by parts: the first ones take what does not part to the nanometre. */
export function alike(whole: Length, parts: number): readonly Length[] {
  const least = Math.floor(whole / parts);
  const more = whole - least * parts;
  return Array.from({ length: parts }, (_, index) => nm(least + (index < more ? 1 : 0)));
}
