import {
  minus,
  plus,
  subtract,
  tally,
  unlessZero,
  type Length,
  type Source,
  type Tally,
  ofField,
  ofFigure,
} from '../length';
import type { SlideFamily } from '../slides';

/** Holes in the case for a slide on the side, back from the case's front edge. */
export interface CaseHoles {
  readonly first: Tally;
  readonly pitch: Length;
  /** How many of the row the slide covers. */
  readonly count: number;
}

/**
 * First hole (further back by an inset front, and by what a set-back by hand is over the slide's own), then every pitch as
 * far as the slide reaches; none without screws.
 */
export function caseHoles(
  { id, screws, setback: own }: SlideFamily,
  insetFront: Length,
  frontPath: string,
  setback: Tally,
  nominal: Length,
): CaseHoles | undefined {
  if (!screws) return undefined;
  const first = tally(
    plus('first-hole', screws.firstHole, figure(id, 'screws.firstHole')),
    unlessZero(plus('drawer-front-inset', insetFront, ofField(frontPath))),
    unlessZero(plus('set-back-by-hand-over-usual', subtract(setback.total, own, insetFront), setback.terms[0]?.from)),
  );
  const end = setback.total + nominal;
  const count = Math.max(0, Math.floor((end - first.total) / screws.pitch) + 1);
  return { first, pitch: screws.pitch, count };
}

/** The longest screw from the slide into the box: the usual one, or the side less what must stay of it. */
export function slideScrew({ id, screws }: SlideFamily, side: Length, sidePath: string): Tally | undefined {
  if (!screws) return undefined;
  if (subtract(side, screws.shortOfSide) >= screws.box)
    return tally(plus('usual-screw', screws.box, figure(id, 'screws.box')));
  return tally(
    plus('side', side, ofField(sidePath)),
    minus('left-side', screws.shortOfSide, figure(id, 'screws.shortOfSide')),
  );
}

function figure(family: string, name: string): Source {
  return ofFigure(family, name);
}
