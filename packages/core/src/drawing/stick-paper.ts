import { inMillimetres } from '../length';
import type { BankPlan } from '../plan';
import { said, type Words } from '../words';
import type { Drawing, Line, Shape, Words as Written } from './shapes';
import { drawStick, type Mark, type MarkKind } from './stick';

/** Width of the strip, and how far its marks reach in from its edges, in millimetres. */
const WIDE = 124;
/** Where the words of its left and right edge begin. */
const WORDS_AT = { left: 24, right: 66 };
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

/**
 * The story stick at full size: fronts on its left edge, boxes and slides on its right, `y` up from the floor of the
 * opening, which has a mark of its own, as has its top. Every mark stands at its true height; words may move aside, led to it.
 */
export function drawStickPaper(plan: BankPlan, words: Words): Drawing {
  const marks = drawStick(plan);
  const top = plan.opening.height.total;
  const heights = [0, inMillimetres(top), ...marks.map(({ y }) => inMillimetres(y))];
  const [low, high] = [Math.min(...heights) - BEYOND, Math.max(...heights) + BEYOND];
  const isFront = ({ kind }: Mark): boolean => kind.startsWith('front');
  const written = (mark: Mark): string => {
    const place = plan.drawers.findIndex(({ id }) => id === mark.drawer);
    return words.say(said('stick/mark', { place, mark: `mark/${mark.kind}`, height: mark.y }));
  };
  const level = (y: number): Line => ({ kind: 'line', role: 'floor', x1: 0, x2: WIDE, y1: y, y2: y });
  const named = (text: string, y: number): Written => ({
    kind: 'words',
    role: 'name',
    text,
    begins: true,
    x: 48,
    y,
    height: LETTERS,
  });
  const shapes: readonly Shape[] = [
    { kind: 'box', role: 'stick', x: 0, y: low, width: WIDE, height: high - low },
    level(0),
    named(words.say(said('stick/floor')), -LETTERS),
    level(inMillimetres(top)),
    named(words.say(said('stick/top', { height: top })), inMillimetres(top) + LETTERS),
    ...side(marks.filter(isFront), written, false),
    ...side(
      marks.filter((mark) => !isFront(mark)),
      written,
      true,
    ),
  ];
  return { x: 0, y: low, width: WIDE, height: high - low, shapes };
}

/** Marks of one edge, from the bottom up, each with its words as near as there is room. */
function side(marks: readonly Mark[], written: (mark: Mark) => string, right: boolean): readonly Shape[] {
  let free = -Infinity;
  return [...marks].reverse().flatMap((mark): readonly Shape[] => {
    const y = inMillimetres(mark.y);
    const reach = REACH[mark.kind];
    const at = Math.max(y, free);
    free = at + APART;
    const start = right ? WIDE - reach : 0;
    const tick: Line = { kind: 'line', role: 'tick', drawer: mark.drawer, x1: start, x2: start + reach, y1: y, y2: y };
    const text: Written = {
      kind: 'words',
      role: 'name',
      drawer: mark.drawer,
      text: written(mark),
      begins: true,
      x: right ? WORDS_AT.right : WORDS_AT.left,
      y: at,
      height: LETTERS * 0.9,
    };
    const ends = right ? [WIDE - reach - 1, WIDE - reach] : [reach, WORDS_AT.left - 1];
    const [x1 = 0, x2 = 0] = ends;
    const leader: Line = right
      ? { kind: 'line', role: 'leader', x1, x2, y1: at, y2: y }
      : { kind: 'line', role: 'leader', x1, x2, y1: y, y2: at };
    return at - y > 0.5 ? [tick, leader, text] : [tick, text];
  });
}
