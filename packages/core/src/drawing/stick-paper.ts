import { inMillimetres, type Length } from '../length';
import type { BankPlan } from '../plan';
import type { Drawing, Line, Shape, Words } from './shapes';
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
const WORDS: Readonly<Record<MarkKind, string>> = {
  'front-top': 'front, top',
  'front-bottom': 'front, bottom',
  'box-top': 'box, top',
  'box-bottom': 'box, bottom',
  slide: 'slide line',
};

/**
 * The story stick at full size: fronts on its left edge, boxes and slides on its right, `y` up from the floor of the
 * opening, which has a mark of its own, as has its top. Every mark stands at its true height; words may move aside, led to it.
 */
export function drawStickPaper(plan: BankPlan, say: (length: Length) => string): Drawing {
  const marks = drawStick(plan);
  const top = plan.opening.height.total;
  const heights = [0, inMillimetres(top), ...marks.map(({ y }) => inMillimetres(y))];
  const [low, high] = [Math.min(...heights) - BEYOND, Math.max(...heights) + BEYOND];
  const isFront = ({ kind }: Mark): boolean => kind.startsWith('front');
  const words = (mark: Mark): string => {
    const place = plan.drawers.findIndex(({ id }) => id === mark.drawer) + 1;
    return `${place} ${WORDS[mark.kind]}  ${say(mark.y)}`;
  };
  const level = (y: number): Line => ({ kind: 'line', role: 'floor', x1: 0, x2: WIDE, y1: y, y2: y });
  const named = (text: string, y: number): Words => ({
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
    named('floor of the opening  0', -LETTERS),
    level(inMillimetres(top)),
    named(`top of the opening  ${say(top)}`, inMillimetres(top) + LETTERS),
    ...side(marks.filter(isFront), words, false),
    ...side(
      marks.filter((mark) => !isFront(mark)),
      words,
      true,
    ),
  ];
  return { x: 0, y: low, width: WIDE, height: high - low, shapes };
}

/** Marks of one edge, from the bottom up, each with its words as near as there is room. */
function side(marks: readonly Mark[], words: (mark: Mark) => string, right: boolean): readonly Shape[] {
  let free = -Infinity;
  return [...marks].reverse().flatMap((mark): readonly Shape[] => {
    const y = inMillimetres(mark.y);
    const reach = REACH[mark.kind];
    const at = Math.max(y, free);
    free = at + APART;
    const start = right ? WIDE - reach : 0;
    const tick: Line = { kind: 'line', role: 'tick', drawer: mark.drawer, x1: start, x2: start + reach, y1: y, y2: y };
    const text: Words = {
      kind: 'words',
      role: 'name',
      drawer: mark.drawer,
      text: words(mark),
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
