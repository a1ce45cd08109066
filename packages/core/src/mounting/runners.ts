import type { BuildOutOf } from '../job';
import {
  minus,
  plus,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Source,
  type Tally,
  ofFigure,
  ofField,
} from '../length';
import type { SlideFamily } from '../slides';

/** Wood the shop makes itself, for one drawer: each size only where its family has it. */
export interface Runners {
  /** Width of the runner left and right: its bearing, and beside a face frame the depth of the frame's edge. */
  readonly left?: Tally;
  readonly right?: Tally;
  readonly thickness?: Tally;
  /** Free height from the box to the kicker: the runner (or rail, or top) above. */
  readonly kicker?: Tally;
  /** Depth of the groove in the side for a batten. */
  readonly groove?: Tally;
}

/** A runner under the drawer, whose next one up is its kicker, or a batten in a groove of the side. */
export function runnersOf(family: SlideFamily, buildOut: BuildOutOf<Length> | undefined, bankPath: string): Runners {
  const { id, cuts } = family;
  const figure = (name: string): Source => ofFigure(id, name);
  const wide = (side: 'left' | 'right', bearing: Length): Tally =>
    tally(
      plus('bearing', bearing, figure('cuts.bearing')),
      unlessZero(plus('edge-face-frame', buildOut?.[side] ?? ZERO, ofField(`${bankPath}.buildOut.${side}`))),
    );
  const thickness = tally(plus('height-runner', family.profile, figure('profile')));
  const kicker = tally(plus('clear-above', family.top, figure('top')));
  if (cuts?.bearing !== undefined)
    return { left: wide('left', cuts.bearing), right: wide('right', cuts.bearing), thickness, kicker };
  if (!cuts?.batten) return {};
  const groove = tally(
    plus('thickness-batten', cuts.batten.thickness, figure('cuts.batten.thickness')),
    minus('clearance', family.side ?? ZERO, figure('side')),
    plus('deeper-by', cuts.batten.over, figure('cuts.batten.over')),
  );
  return { thickness, groove };
}
