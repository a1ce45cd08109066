import { readingLengths, type Bank } from '../job';
import {
  add,
  inches,
  label,
  millimetres,
  minus,
  ofDimension,
  ofField,
  ofFigure,
  plus,
  smallest,
  subtract,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Tally,
  type Unit,
} from '../length';
import type { SlideFamily } from '../slides';
import { onRunners, type Carrier } from './carriers';

/** What the fixing wood behind a face frame is worked out from. Common practice, as every figure here. */
export interface BehindFrame {
  readonly unit: Unit;
  readonly bank: Bank;
  readonly path: string;
  readonly depth: Tally;
  /** Of the drawer front, where it is inset. */
  readonly insetFront: Length;
  readonly drawers: readonly BehindDrawer[];
}

/** A drawer of the bank with the lines its slides come to. */
export interface BehindDrawer {
  readonly id: string;
  readonly place: number;
  readonly family: SlideFamily;
  readonly side: Length;
  /** Lower edge of its slide, or of its runner, and the ends of its bay, over the opening's floor. */
  readonly lowerEdge: Tally | undefined;
  readonly bayTop: Tally | undefined;
  readonly runner: Length | undefined;
}

const STRIP_WIDE: Readonly<Record<Unit, Length>> = { in: inches(7, 2), mm: millimetres(90) };
const SCREW_SHORT = millimetres(3);
const SIDES = ['left', 'right'] as const;

/**
 * Strips slides under the boxes are fixed to: two at the back, and where fronts are set in two more in front; from the
 * case's floor to the underside of what is above, each with the line and the heights its brackets come to.
 */
export function stripsOf(behind: BehindFrame): readonly Carrier[] {
  const { bank, path } = behind;
  const [first] = behind.drawers;
  const { frameAt } = bank;
  const under = behind.drawers.filter(({ family }) => isUnder(family));
  const [carried] = under;
  if (bank.mounting?.behind !== 'strips' || !first || !carried) return [];
  const height = frameAt
    ? tally(plus('ceiling-of-case', frameAt.ceiling), minus('floor-of-case', frameAt.floor))
    : tally(plus('height-opening', smallest(readingLengths(bank.opening.height)), ofDimension('opening.height')));
  const strip = (side: 'left' | 'right', end: 'rear' | 'front'): Carrier => ({
    ...{ drawer: first.id, place: first.place, role: 'strip', side, end, number: 1, ofBank: true },
    length: height,
    width: tally(plus('width-of-strip', STRIP_WIDE[behind.unit])),
    ...stuff(bank),
    line: tally(plus('edge-face-frame', bank.buildOut?.[side] ?? ZERO, ofField(`${path}.buildOut.${side}`))),
    marks: under.flatMap((drawer) => markOf(behind, drawer)),
    ...(end === 'front' ? frontStrip(behind, carried) : {}),
  });
  const ends = behind.insetFront > 0 ? (['rear', 'front'] as const) : (['rear'] as const);
  return ends.flatMap((end) => SIDES.map((side) => strip(side, end)));
}

const isUnder = (family: SlideFamily): boolean =>
  family.seat === 'bay' && !onRunners(family) && family.onFloor !== true;

/** Of the case's panels; of hard wood where nobody said how the case is made. */
function stuff({ frameAt }: Bank): Pick<Carrier, 'thickness' | 'material'> {
  return frameAt ? { thickness: frameAt.panel.thickness, material: frameAt.panel.id } : { thickness: millimetres(19) };
}

/** A bracket's height over the case's floor: its runner's in the opening, and how far the opening lies over that floor. */
function markOf({ bank }: BehindFrame, { id, lowerEdge }: BehindDrawer): readonly { drawer: string; y: Tally }[] {
  if (!lowerEdge) return [];
  const over = bank.frameAt ? subtract(bank.frameAt.opening, bank.frameAt.floor) : ZERO;
  const y = tally(
    plus('lower-edge-slide', lowerEdge.total, ofDimension('slide.lowerEdgeY', id)),
    unlessZero(plus('opening-over-floor', over)),
  );
  return [{ drawer: id, y }];
}

/** Its face so far behind the frame's back that the slide's front end comes to it; screws stay in it and the side. */
function frontStrip({ insetFront, bank }: BehindFrame, { family, side }: BehindDrawer): Partial<Carrier> {
  const frame = bank.frameAt?.frame ?? ZERO;
  const thick = stuff(bank).thickness;
  return {
    behindFrame: tally(
      plus('drawer-front-inset', insetFront),
      plus('set-back-slide', family.setback, ofFigure(family.id, 'setback')),
      minus('thickness-of-frame', frame),
    ),
    screw: tally(plus('thickness-of-strip', thick), plus('side', side), minus('short-face', SCREW_SHORT)),
  };
}

/**
 * Between wooden runners, behind the frame, a strip on either side that guides the boxes: as thick as the frame's edge
 * stands before the wall, from a runner's top to the underside of the next one, or of what kicks over the top drawer.
 */
export function guidesOf({ bank, depth, drawers }: BehindFrame): readonly Carrier[] {
  return drawers.flatMap(({ id, place, family, lowerEdge, bayTop, runner }): readonly Carrier[] => {
    if (!onRunners(family) || !lowerEdge || !bayTop || runner === undefined) return [];
    const over = drawers[place - 1];
    const next = over && onRunners(over.family) ? over.lowerEdge : undefined;
    const above = next ?? bayTop;
    const width = tally(
      plus(next ? 'lower-edge-runner-above' : 'top-of-bay', above.total),
      minus(label('top-of-runner-of', { place }), add(lowerEdge.total, runner)),
    );
    return SIDES.flatMap((side) => {
      const thickness = bank.buildOut?.[side] ?? ZERO;
      if (thickness <= 0 || width.total <= 0) return [];
      const length = tally(plus('depth-opening', depth.total, ofDimension('opening.depth')));
      return [{ drawer: id, place, role: 'guide', side, number: 1, length, width, thickness }];
    });
  });
}

/** Blocks a pair of slides under a box is fixed to at the walls: as long as the slide, piece behind piece as build-outs are. */
export function isBlocked(bank: Bank, family: SlideFamily): boolean {
  return bank.mounting?.behind === 'blocking' && isUnder(family);
}
