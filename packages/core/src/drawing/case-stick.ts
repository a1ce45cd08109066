import { memberSaid, type Body, type CaseworkPlan, type MemberRole } from '../casework';
import { inMillimetres, type Length } from '../length';
import { said, type Words } from '../words';
import type { Drawing } from './shapes';
import { drawStickOf, type StickMark } from './stick-paper';

/** Which way a stick of a case is held: up from the floor, or from the outer face of its left side. */
export type CaseStickWay = 'up' | 'across';

/** What is marked on its left edge (the face frame) and on its right (the case), by the way it is held. */
const MARKED: Readonly<Record<CaseStickWay, Readonly<Record<'frame' | 'case', readonly MemberRole[]>>>> = {
  up: {
    frame: ['frame-rail', 'frame-middle-rail'],
    case: ['case-bottom', 'fixed-shelf', 'case-rail', 'stretcher', 'case-top', 'cleat'],
  },
  across: {
    frame: ['frame-stile', 'frame-middle-stile'],
    case: ['case-side-left', 'divider', 'case-side-right'],
  },
};

/** Names of members are long. */
const WIDE = 156;
/** How far a mark reaches in from its edge. */
const REACH = 22;
const AXIS = { up: 'y', across: 'x' } as const;
const EDGES = { up: ['lower', 'upper'], across: ['left', 'right'] } as const;

/**
 * The story stick of a case at full size: both faces of every member that lies (stands) in it, once where several are
 * alike; the frame's on its left edge, the case's on its right.
 */
export function drawCaseStick({ bodies, outline }: CaseworkPlan, way: CaseStickWay, words: Words): Drawing {
  const axis = AXIS[way];
  const marksOf = (which: 'frame' | 'case'): readonly StickMark[] => {
    const marks = bodies
      .filter(({ role }) => MARKED[way][which].includes(role))
      .flatMap((body) => {
        const [low, high] = EDGES[way];
        return [mark(body, low, body[axis].from), mark(body, high, body[axis].to)];
      });
    const once = new Map(marks.map((each) => [`${each.text} ${each.y}`, { ...each, reach: REACH }]));
    return [...once.values()];
  };
  const mark = (body: Body, edge: 'lower' | 'upper' | 'left' | 'right', at: Length) => ({
    y: inMillimetres(at),
    text: words.say(said('stick/member', { part: memberSaid(body), edge, at })),
  });
  const end = way === 'up' ? outline.height : outline.width.total;
  return drawStickOf({
    levels: [
      { y: 0, text: words.say(said(way === 'up' ? 'stick/room-floor' : 'stick/left-face')), below: true },
      {
        y: inMillimetres(end),
        text: words.say(said(way === 'up' ? 'stick/case-top' : 'stick/right-face', { at: end })),
      },
    ],
    wide: WIDE,
    left: marksOf('frame'),
    right: marksOf('case'),
  });
}
