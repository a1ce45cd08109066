import { inMillimetres } from '../length';
import type { BankPlan } from '../plan';
import { said, type Words } from '../words';
import type { Drawing, Line, Shape, Words as Written } from './shapes';
import { drawStick, type Mark, type MarkKind } from './stick';

/** Width of the strip, and how far its marks reach in from its edges, in millimetres. */
const WIDE = 124;
/** Where the words of its left edge begin; those of its right from its middle. */
const WORDS_AT = 24;
const PAST_MIDDLE = 4;
const REACH: Readonly<Record<MarkKind, number>> = {
  'front-top': 22,
  'front-bottom': 22,
  'box-top': 12,
  'box-bottom': 12,
  slide: 22,
};
/** Beyond the last mark at both ends. */
const BEYOND = 12;
const LETTERS = 3.2;
/** Words nearer than this would lie on one another. */
const APART = 4;

/** A mark of one edge of a stick, with what is written at it. */
export interface StickMark {
  readonly y: number;
  readonly reach: number;
  readonly text: string;
  readonly drawer?: string;
}

/**
 * The story stick at full size: fronts on its left edge, boxes and slides on its right, `y` up from the floor of the
 * opening, which has a mark of its own, as has its top. Every mark stands at its true height; words may move aside, led to it.
 */
export function drawStickPaper(plan: BankPlan, words: Words): Drawing {
  const marks = drawStick(plan);
  const top = plan.opening.height.total;
  const isFront = ({ kind }: Mark): boolean => kind.startsWith('front');
  const written = (mark: Mark): StickMark => {
    const place = plan.drawers.findIndex(({ id }) => id === mark.drawer);
    return {
      ...{ y: inMillimetres(mark.y), reach: REACH[mark.kind], drawer: mark.drawer },
      text: words.say(said('stick/mark', { place, mark: `mark/${mark.kind}`, height: mark.y })),
    };
  };
  return drawStickOf({
    levels: [
      { y: 0, text: words.say(said('stick/floor')), below: true },
      { y: inMillimetres(top), text: words.say(said('stick/top', { height: top })) },
    ],
    left: marks.filter(isFront).map(written),
    right: marks.filter((mark) => !isFront(mark)).map(written),
  });
}

/** What a stick carries: levels right across it, and the marks of its two edges. */
export interface StickOf {
  readonly levels: readonly { readonly y: number; readonly text: string; readonly below?: true }[];
  readonly left: readonly StickMark[];
  readonly right: readonly StickMark[];
  /** Where its words are longer than usual. */
  readonly wide?: number;
}

/** A stick with its marks, each at its true height. */
export function drawStickOf({ levels, left, right, wide = WIDE }: StickOf): Drawing {
  const heights = [...levels, ...left, ...right].map(({ y }) => y);
  const [low, high] = [Math.min(...heights) - BEYOND, Math.max(...heights) + BEYOND];
  const level = (y: number): Line => ({ kind: 'line', role: 'floor', x1: 0, x2: wide, y1: y, y2: y });
  const named = (text: string, y: number): Written => ({
    ...{ kind: 'words', role: 'name', text, begins: true },
    ...{ x: 48, y, height: LETTERS },
  });
  const shapes: readonly Shape[] = [
    { kind: 'box', role: 'stick', x: 0, y: low, width: wide, height: high - low },
    ...levels.flatMap(({ y, text, below }) => [level(y), named(text, below ? y - LETTERS : y + LETTERS)]),
    ...side(left, wide, false),
    ...side(right, wide, true),
  ];
  return { x: 0, y: low, width: wide, height: high - low, shapes };
}

/** Marks of one edge, from the bottom up, each with its words as near as there is room. */
function side(marks: readonly StickMark[], wide: number, right: boolean): readonly Shape[] {
  let free = -Infinity;
  const up = [...marks].sort((one, other) => one.y - other.y);
  return up.flatMap(({ y, reach, text: written, drawer }): readonly Shape[] => {
    const at = Math.max(y, free);
    free = at + APART;
    const start = right ? wide - reach : 0;
    const of = drawer === undefined ? {} : { drawer };
    const tick: Line = { kind: 'line', role: 'tick', ...of, x1: start, x2: start + reach, y1: y, y2: y };
    const text: Written = {
      ...{ kind: 'words', role: 'name', text: written, begins: true, ...of },
      ...{ x: right ? wide / 2 + PAST_MIDDLE : WORDS_AT, y: at, height: LETTERS * 0.9 },
    };
    const ends = right ? [wide - reach - 1, wide - reach] : [reach, WORDS_AT - 1];
    const [x1 = 0, x2 = 0] = ends;
    const leader: Line = right
      ? { kind: 'line', role: 'leader', x1, x2, y1: at, y2: y }
      : { kind: 'line', role: 'leader', x1, x2, y1: y, y2: at };
    return at - y > 0.5 ? [tick, leader, text] : [tick, text];
  });
}
