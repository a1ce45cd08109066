import {
  add,
  nm,
  plus,
  subtract,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Source,
  type Tally,
  type Term,
  label,
  plain,
  ofFigure,
} from '../length';
import type { LengthList, SlideFamily } from './family';

/** What a case offers a slide, front to back. */
export interface Room {
  /** The opening's depth. */
  readonly depth: Length;
  /** The drawer front's thickness when it is inset, else nothing. */
  readonly insetFront: Length;
}

/** The nominal length of the slide used, and whether the case takes it. */
export interface Fit {
  readonly nominal?: Length;
  /** Depth wanted less depth there is; positive when the slide (or the shortest on the list) does not fit. */
  readonly short: Length;
}

/** Depth a slide of this nominal length asks for: nominal + set-back + rear (+ the drawer front, inset). */
function depthWanted(family: SlideFamily, list: LengthList, room: Room, nominal: Length): Length {
  return add(nominal, family.setback, list.rear, room.insetFront);
}

/**
 * The length asked for, or the longest that fits. Families made to any length take what the depth leaves
 * (`D − drawer front − rear`).
 */
export function fitSlide(family: SlideFamily, list: LengthList, room: Room, chosen: Length | undefined): Fit {
  if (chosen !== undefined) return { nominal: chosen, short: overrun(family, list, room, chosen) };
  if (!list.list) {
    const left = subtract(room.depth, room.insetFront, list.rear);
    return left > 0 ? { nominal: left, short: ZERO } : { short: nm(1 - left) };
  }
  const fitting = list.list.filter((nominal) => overrun(family, list, room, nominal) <= 0);
  if (fitting.length > 0) return { nominal: nm(Math.max(...fitting)), short: ZERO };
  return { short: overrun(family, list, room, nm(Math.min(...list.list))) };
}

function overrun(family: SlideFamily, list: LengthList, room: Room, nominal: Length): Length {
  return subtract(depthWanted(family, list, room, nominal), room.depth);
}

/** Opening less the box's width on the family's own basis: what the pair takes, `2·c` or `d`. */
export function takenBySlides({ basis, side, insideDeduction }: SlideFamily): Length {
  return basis === 'outside' ? nm(2 * (side ?? 0)) : (insideDeduction ?? ZERO);
}

/** How far the drawer comes out: the family's share of the slide's length, rounded half up, and its over-travel. */
export function travelOf(family: SlideFamily, nominal: Length, cut?: Term): Tally {
  const figure = (name: string): Source => ofFigure(family.id, name);
  const called =
    family.extension === 1 ? plain('whole-length' as const) : label('share-of-length', { share: family.extension });
  return tally(
    plus(called, nm(Math.floor(nominal * family.extension + 0.5)), figure('extension')),
    unlessZero(plus('over-travel', family.overTravel ?? ZERO, figure('overTravel'))),
    cut,
  );
}
