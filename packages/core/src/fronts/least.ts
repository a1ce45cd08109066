import { railOf, type Bank, type Drawer } from '../job';
import {
  add,
  inches,
  label,
  largest,
  nm,
  ofField,
  ofFigure,
  plus,
  share,
  subtract,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Tally,
} from '../length';
import type { SlideFamily } from '../slides';
import { lap } from './fronts';

/** Air wanted above what is stored. Common practice. */
export const OVER_CONTENTS = inches(1, 4);

/** One drawer as its clear height needs it. */
export interface Stored {
  readonly drawer: Drawer;
  readonly family: SlideFamily;
  /** Upper face of the bottom above the box's lower edge. */
  readonly bottomFace: Length;
}

/**
 * What lies lowest above a drawer, measured from the bay's bottom of the drawer above: the rail stands under it
 * (answer 0, the rail is taken off apart), a wooden runner stands on it, else the box does, its bottom clearance up.
 */
export function lowestAbove(above: SlideFamily, hasRail: boolean): Length {
  return hasRail || above.runnerBelow ? ZERO : above.bottom;
}

/**
 * The least front height of each drawer by its contents, from the top down: the one whose clear height is the tallest
 * thing stored plus 1/4 in. Absent for a drawer without contents. `path` is the bank's, for following back.
 */
export function leastHeights(bank: Bank, path: string, stored: readonly Stored[]): readonly (Tally | undefined)[] {
  return stored.map(({ drawer, family, bottomFace }, place) => {
    const heights = (drawer.contents ?? []).map(({ height }) => height);
    if (heights.length === 0) return undefined;
    const index = heights.indexOf(largest(heights));
    const thing = drawer.contents?.[index];
    return tally(
      thing &&
        plus(
          label('stored', { name: thing.name }),
          thing.height,
          ofField(`${path}.drawers[${place}].contents[${index}].height`),
        ),
      plus('air-above-stored', OVER_CONTENTS),
      plus('inside-above-box-edge', bottomFace),
      plus('clear-below', family.bottom, ofFigure(family.id, 'bottom')),
      unlessZero(plus('front-beyond-clear', nm(-beyond(bank, stored, place)))),
    );
  });
}

/** How far the clear height reaches past the front at both its edges; the same whatever the front's height. */
function beyond(bank: Bank, stored: readonly Stored[], place: number): Length {
  const [gap, rail] = [bank.front.gap, railOf(bank)];
  const [halfGap, halfRail] = [share(gap, 2), share(rail, 2)];
  const above = stored[place - 1];
  const up = above
    ? add(subtract(gap, halfGap, halfRail), lowestAbove(above.family, rail > 0))
    : nm(-lap(bank.front, 'top'));
  const low = place === stored.length - 1 ? lap(bank.front, 'bottom') : subtract(halfRail, halfGap);
  return subtract(up, low);
}
