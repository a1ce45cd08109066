import { lap, type Bore } from '../fronts';
import type { Front } from '../job';
import {
  millimetres,
  minus,
  nm,
  ofDimension,
  ofField,
  plus,
  share,
  subtract,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Tally,
} from '../length';

/** A bracket's screw is bored for; common practice. */
export const BRACKET_PILOT = millimetres(2.5);

/** A front on brackets, as their holes are placed. */
export interface Bracketed {
  readonly front: Front;
  /** Path of the front in the job document. */
  readonly path: string;
  readonly drawer: string;
  readonly width: Tally;
  readonly height: Tally;
  /** Its lower edge over the opening's floor; less than nothing where it laps it. */
  readonly bottomY: Tally;
  /** The opening, and the box in it. */
  readonly opening: Length;
  readonly box: Length;
}

/**
 * Holes of the brackets a front is screwed to, on the front: measured over the opening's floor they go as far over its lower
 * edge as that lies under the floor; so far in from both sides of the box. Common practice. Those off the front are left out.
 */
export function bracketHoles({
  front,
  path,
  drawer,
  width,
  height,
  bottomY,
  opening,
  box,
}: Bracketed): readonly Bore[] {
  const { up = [], in: inwards = ZERO } = front.brackets ?? {};
  const beside = nm(lap(front, 'left') + share(subtract(opening, box), 2));
  const left = tally(
    plus('side-of-box', beside),
    unlessZero(plus('in-from-box', inwards, ofField(`${path}.brackets.in`))),
  );
  const right = tally(
    plus('side-of-box', nm(beside + box)),
    unlessZero(minus('in-from-box', inwards, ofField(`${path}.brackets.in`))),
  );
  return up.flatMap((over, index): readonly Bore[] => {
    const y = tally(
      plus('bracket-over-floor', over, ofField(`${path}.brackets.up[${index}]`)),
      minus('lower-edge-front', bottomY.total, ofDimension('front.bottomY', drawer)),
    );
    const on = y.total > 0 && y.total < height.total && left.total > 0 && right.total < width.total;
    return on ? [left, right].map((x) => ({ x, y })) : [];
  });
}
