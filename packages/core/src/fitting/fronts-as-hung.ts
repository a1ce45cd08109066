import { readingLengths } from '../job';
import { millimetres, nm, share, type Length } from '../length';
import type { BankPlan, DrawerPlan } from '../plan';

/** A reveal that runs out by no more than this over an edge is not seen; common practice (1/32 in). */
export const UNSEEN = millimetres(0.8);
/** A case this far out is squared before anything is cut to it; common practice. */
const TOO_FAR = millimetres(6);

/** A front as it may be cut: its four edges, and how far its top stands to the right of its foot. */
export interface CutFront {
  readonly top: Length;
  readonly bottom: Length;
  readonly left: Length;
  readonly right: Length;
  readonly lean: Length;
}

/** The gaps beside a square front at its four corners. */
export interface Reveals {
  readonly topLeft: Length;
  readonly topRight: Length;
  readonly bottomLeft: Length;
  readonly bottomRight: Length;
}

/** A drawer front for the opening as it is. */
export interface FrontAsHung {
  readonly drawer: string;
  readonly place: number;
  /** As the opening is there: slightly out of square, its reveals even. */
  readonly outOfSquare: CutFront;
  /** Cut square, what is left shared out between left and right. */
  readonly square: { readonly width: Length; readonly height: Length; readonly reveals: Reveals };
  /** How far a reveal runs out along the side of the square one, at most. */
  readonly runsOut: Length;
  /** `square`: nothing shows; `cut`: cut it out of square; `case`: square the case first. */
  readonly advice: 'square' | 'cut' | 'case';
}

/** Whether the opening was measured enough to know how it stands. */
function isMeasured({ bank, opening }: BankPlan): boolean {
  return bank.basis === 'as-built' && (opening.rack !== undefined || opening.levels.length > 1);
}

interface Sides {
  readonly left: Length;
  readonly right: Length;
}

/**
 * Fronts from the case as it is: leaning by its diagonals, as wide at each level as was measured there, as high on
 * either side as its height readings say (the first is the left one, the last the right). Overlay fronts cover what is
 * out of true and stay square; so do inset ones while nothing shows.
 */
export function frontsAsHung(plan: BankPlan): readonly FrontAsHung[] {
  if (!isMeasured(plan)) return [];
  const inset = plan.bank.front.mount === 'inset';
  return plan.drawers.flatMap((drawer) => {
    const [width, height, bottomY] = ['front.width', 'front.height', 'front.bottomY'].map(
      (name) => drawer.dimensions[name as 'front.width']?.total,
    );
    if (width === undefined || height === undefined || bottomY === undefined) return [];
    return [asHung(plan, drawer, { width, height, bottomY, inset })];
  });
}

interface Flat {
  readonly width: Length;
  readonly height: Length;
  readonly bottomY: Length;
  readonly inset: boolean;
}

function asHung(plan: BankPlan, { id, place }: DrawerPlan, { width, height, bottomY, inset }: Flat): FrontAsHung {
  const [foot, head] = [edgesAt(plan, bottomY), edgesAt(plan, nm(bottomY + height))];
  const wider = (at: Sides): number => at.right - at.left - plan.opening.width.total;
  const sides = inset && place === 0 ? heightsOf(plan) : { left: 0, right: 0 };
  const lowest = Math.min(sides.left, sides.right);
  const outOfSquare: CutFront = {
    bottom: nm(width + (inset ? wider(foot) : 0)),
    top: nm(width + (inset ? wider(head) : 0)),
    left: nm(height + sides.left - lowest),
    right: nm(height + sides.right - lowest),
    lean: nm(inset ? head.left - foot.left : 0),
  };
  const reveals = revealsOf(plan, foot, head);
  const runsOut = nm(
    Math.max(
      Math.abs(reveals.topLeft - reveals.bottomLeft),
      Math.abs(reveals.topRight - reveals.bottomRight),
      Math.abs(outOfSquare.left - outOfSquare.right),
    ),
  );
  const advice = runsOut > TOO_FAR ? 'case' : inset && runsOut > UNSEEN ? 'cut' : 'square';
  return { drawer: id, place, outOfSquare, square: { width, height, reveals }, runsOut, advice };
}

/** The gaps of a square front hung in the middle of what is left; laps of an overlay one where negative. */
function revealsOf(plan: BankPlan, foot: Sides, head: Sides): Reveals {
  const { left: gapLeft, right: gapRight, mount } = plan.bank.front;
  const sign = mount === 'inset' ? 1 : -1;
  const width = plan.opening.width.total;
  // The square front stands where its planned gaps leave equal room on both sides, over its whole height.
  const middle = (at: Sides): number => (at.left + at.right - width) / 2;
  const shift = (middle(foot) + middle(head)) / 2;
  const gaps = (at: Sides): { readonly left: Length; readonly right: Length } => {
    const left = nm(Math.round(sign * gapLeft + shift - at.left));
    return { left, right: nm(sign * (gapLeft + gapRight) + (at.right - at.left - width) - left) };
  };
  const [high, low] = [gaps(head), gaps(foot)];
  return { topLeft: high.left, topRight: high.right, bottomLeft: low.left, bottomRight: low.right };
}

/** Where the opening's sides stand at a height above its floor: leaning by the rack, as wide as was measured there. */
function edgesAt(plan: BankPlan, y: Length): Sides {
  const { opening } = plan;
  const height = opening.height.total;
  const lean = Math.round(((opening.rack ?? 0) * y) / height);
  const over = widthAt(plan, y) - opening.width.total;
  // What is wider stands half to either side: from widths alone no one can tell the sides apart.
  const half = share(nm(over), 2);
  return { left: nm(lean - half), right: nm(lean + opening.width.total + over - half) };
}

/** Width at a height, in a straight line between the levels that were measured; theirs beyond the first and last. */
function widthAt(plan: BankPlan, y: Length): Length {
  const known = levelWidths(plan);
  const above = known.filter((each) => each.y >= y).at(-1);
  const below = known.find((each) => each.y <= y);
  if (!above || !below) return (above ?? below)?.width ?? plan.opening.width.total;
  if (above.y === below.y) return above.width;
  const part = (y - below.y) / (above.y - below.y);
  return nm(Math.round(below.width + part * (above.width - below.width)));
}

/** Front widths of the levels, from the top down, each at the middle of its slide. */
function levelWidths({ opening, drawers }: BankPlan): readonly { readonly y: Length; readonly width: Length }[] {
  return opening.levels.flatMap(({ drawer, front, least }) => {
    const y = drawers.find(({ id }) => id === drawer)?.dimensions['slide.centreY']?.total;
    return y === undefined ? [] : [{ y, width: (front ?? least).total }];
  });
}

/**
 * How much higher the opening is on either side than where it is lowest; the top front takes it up. By the readings that
 * say their side, those of the front edge first; else by the first and the last.
 */
function heightsOf({ bank }: BankPlan): { readonly left: number; readonly right: number } {
  const { height } = bank.opening;
  const lengths = readingLengths(height);
  const least = Math.min(...lengths);
  const at = (side: 'left' | 'right'): number | undefined => {
    const there = height.flatMap((each) => (typeof each === 'object' && each.place?.includes(side) ? [each] : []));
    const before = there.filter(({ place }) => !place?.includes('back'));
    const counted = (before.length > 0 ? before : there).map(({ length }) => length);
    return counted.length > 0 ? Math.min(...counted) : undefined;
  };
  return {
    left: (at('left') ?? lengths[0] ?? least) - least,
    right: (at('right') ?? lengths.at(-1) ?? least) - least,
  };
}
