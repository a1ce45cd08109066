import { millimetres, nm, type Length, type Unit } from '../length';
import { ACROSS, type FixingMark } from './marks';
import { screwUpTo } from './rules';

/** A drawer front on the front of its box: lengths on the box front, from its lower left corner. */
export interface FrontOnBox {
  readonly unit: Unit;
  /** The box front. */
  readonly width: Length;
  readonly height: Length;
  /** Where the groove for the bottom ends, or the bottom itself. */
  readonly floor: Length;
  /** The middle of the slide, where it stands beside the box. */
  readonly slideLine?: Length;
  /** The drawer front's own size, and where the box front's lower left corner lies on it. */
  readonly front: { readonly width: Length; readonly height: Length };
  readonly at: { readonly x: Length; readonly y: Length };
  readonly bores: readonly { readonly x: Length; readonly y: Length }[];
  /** Of a framed front: its stiles and rails. */
  readonly frame?: { readonly stile: Length; readonly rail: Length };
  /** The longest screw that comes out nowhere. */
  readonly longest: Length;
}

export interface FrontScrews {
  readonly count: number;
  readonly long?: Length;
  /** On the box front; none where nothing is clear of everything. */
  readonly marks: readonly FixingMark[];
}

/** Common practice, every figure here. */
const CLEAR = millimetres(25);
const FROM_END = millimetres(40);
const FEW = 4;
const MANY = 6;
const HIGH = millimetres(200);
const WIDE = millimetres(900);
/** Looked for in steps of this. */
const STEP = millimetres(1);

/**
 * Four screws from inside the box into its front, six where that is high or wide; each 25 mm clear of the groove, the slide's
 * line, the pull's bores and a framed front's panel, as near the corners as that leaves. Bound by the size in millimetres.
 */
export function frontScrews(of: FrontOnBox): FrontScrews {
  const { front, unit, longest } = of;
  const wide = front.width > WIDE;
  const count = wide || front.height > HIGH ? MANY : FEW;
  const long = screwUpTo(longest, unit);
  return { count, ...(long === undefined ? {} : { long }), marks: marksOf(of, count, wide) };
}

/** In as many rows as go on the box front: three of a high one, two, or one. */
function marksOf(of: FrontOnBox, count: number, wide: boolean): readonly FixingMark[] {
  const heights = clearHeights(of);
  for (const many of count === MANY && !wide ? [3, 2, 1] : [2, 1]) {
    const rows = spread(heights, many, of.height / 2);
    const columns = rows.length > 0 ? columnsOf(of, count / many, rows) : [];
    if (columns.length > 0)
      return rows.flatMap((up) =>
        columns.map((along): FixingMark => ({ kind: 'screw', along, in: up, across: ACROSS.screw })),
      );
  }
  return [];
}

/** Heights that are clear of edges, groove, slide and panel. */
function clearHeights(of: FrontOnBox): readonly number[] {
  const { height, floor, slideLine, at, frame, front } = of;
  const [low, high] = [Math.max(CLEAR, floor > 0 ? floor + CLEAR : 0), height - CLEAR];
  const clear = (up: number): boolean =>
    (slideLine === undefined || Math.abs(up - slideLine) >= CLEAR) &&
    (!frame || inStiles(of) || at.y + up <= frame.rail - CLEAR || at.y + up >= front.height - frame.rail + CLEAR);
  return steps(low, high).filter(clear);
}

/** The screws stand in its stiles, where those reach so far behind the box. */
function inStiles({ frame, at }: FrontOnBox): boolean {
  return frame !== undefined && frame.stile - CLEAR - at.x >= CLEAR;
}

function columnsOf(of: FrontOnBox, count: number, rows: readonly Length[]): readonly Length[] {
  const { width, frame, at, front, bores } = of;
  const from = Math.min(FROM_END, Math.floor(width / 4));
  const inside = frame && inStiles(of) ? frame.stile - CLEAR : undefined;
  const end = inside === undefined ? from : Math.min(from, inside - at.x);
  const clear = (x: number): boolean => {
    const onFront = at.x + x;
    const onPanel = inside !== undefined && onFront > inside && onFront < front.width - inside;
    const near = rows.some((y) => bores.some((bore) => Math.hypot(bore.x - onFront, bore.y - at.y - y) < CLEAR));
    return !onPanel && !near;
  };
  return spread(steps(end, width - end).filter(clear), count, width / 2);
}

function steps(from: number, to: number): readonly number[] {
  const count = Math.max(0, Math.floor((to - from) / STEP) + 1);
  const all = Array.from({ length: count }, (_, index) => from + index * STEP);
  return count > 0 && all[count - 1] !== to ? [...all, to] : all;
}

/** So many of what is clear, from the first to the last as evenly as it lies; none where two would meet. */
function spread(clear: readonly number[], count: number, middle: number): readonly Length[] {
  if (count === 1)
    return clear
      .slice(Math.floor(clear.length / 2))
      .slice(0, 1)
      .map(nm);
  const [first, last] = [clear[0], clear.at(-1)];
  if (first === undefined || last === undefined || last - first < CLEAR * (count - 1)) return [];
  const found = Array.from({ length: count }, (_, index) => {
    const wanted = count === 3 && index === 1 ? middle : first + ((last - first) * index) / (count - 1);
    return nm(clear.reduce((best, each) => (Math.abs(each - wanted) < Math.abs(best - wanted) ? each : best), first));
  });
  const apart = found.slice(1).every((each, index) => each - (found[index] ?? 0) >= CLEAR);
  return apart ? found : [];
}
