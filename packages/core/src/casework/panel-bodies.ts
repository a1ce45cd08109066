import { nm, ZERO, type Length } from '../length';
import { between, bodiesOf, span, spread, upTo, type Body, type Span } from './body';
import type { Member } from './member';
import type { Casework } from './panels';

type Place = readonly [x: Span, y: Span, z: Span];
type Where = (casework: Casework, member: Member) => readonly Place[];

/** Behind the face frame, so deep as the member is. */
const behindFrame = ({ outline }: Casework, { width }: Member): Span => span(outline.frame, width.total);
/** Between the sides, let into them by what the member is longer. */
const across = ({ outline }: Casework, { length }: Member): Span =>
  span((outline.width.total - length.total) / 2, length.total);
const thick = ({ thickness }: Member): Length => thickness;

const side =
  (which: 'left' | 'right'): Where =>
  (casework, member) => {
    const { outline, stock } = casework;
    const under = stock.build.bottom?.kind === 'under' ? outline.bottom : ZERO;
    const x = which === 'left' ? span(0, thick(member)) : upTo(outline.width.total, thick(member));
    return [[x, span(outline.sidesFrom + under, member.length.total), behindFrame(casework, member)]];
  };

const lowest = ({ outline }: Casework): Length => nm(outline.floor - outline.bottom);

const bottom: Where = (casework, member) => [
  [across(casework, member), span(lowest(casework), thick(member)), behindFrame(casework, member)],
];

const top: Where = (casework, member) => [
  [across(casework, member), upTo(casework.outline.height, thick(member)), behindFrame(casework, member)],
];

/** Where panels that stop at the back end. */
const innerEnd = ({ outline }: Casework): Length => outline.inside.total;

/** Flat ones lie in the height of what they stand for, upright ones hang from it; front and back, others evenly between. */
function stretchers(casework: Casework, member: Member, at: 'top' | 'bottom'): readonly Place[] {
  const { outline, stock } = casework;
  const upright = at === 'top' && stock.build.top?.lie === 'upright';
  const high = upright ? member.width.total : thick(member);
  const deep = upright ? thick(member) : member.width.total;
  const y = at === 'top' ? upTo(outline.height, high) : span(lowest(casework), high);
  const x = across(casework, member);
  return spread(member.count, outline.frame, innerEnd(casework), deep).map((z) => [x, y, z]);
}

const divider: Where = (casework, member) => {
  const found = casework.front.dividers.find(({ node }) => node === member.node);
  if (!found) return [];
  const into = found.standsOn === 'panel' || found.standsOn === 'shelf' ? casework.outline.letIn : ZERO;
  return [[span(found.x, thick(member)), span(found.from - into, member.length.total), behindFrame(casework, member)]];
};

const shelf: Where = (casework, member) => {
  const found = casework.front.shelves.find(({ node }) => node === member.node);
  if (!found) return [];
  const into = (member.length.total - (found.right - found.left)) / 2;
  return [[span(found.left - into, member.length.total), upTo(found.y, thick(member)), behindFrame(casework, member)]];
};

const rail: Where = (casework, member) => {
  const found = casework.front.shelves.find(({ node }) => node === member.node);
  if (!found) return [];
  const ends = spread(member.count, casework.outline.frame, innerEnd(casework), member.width.total);
  return ends.map((z) => [between(found.left, found.right), upTo(found.y, thick(member)), z]);
};

const back: Where = (casework, member) => {
  const { outline, stock } = casework;
  const { kind, shy, set } = stock.build.back ?? {};
  const over = stock.build.bottom?.kind === 'under' && kind !== 'applied' ? outline.bottom : ZERO;
  const from = outline.base + over + (kind === 'applied' ? (shy ?? 0) : 0);
  const behind = kind === 'grooved' ? (set ?? 0) : 0;
  const x = span(Math.floor((outline.width.total - member.width.total) / 2), member.width.total);
  return [[x, span(from, member.length.total), upTo(outline.depth - behind, thick(member))]];
};

/** Under the ceiling and on the floor of the inside; behind a back that is set in far enough. */
const cleat: Where = (casework, member) => {
  const { outline, stock } = casework;
  const { kind, set = ZERO } = stock.build.back ?? {};
  const behind = kind === 'grooved' && set >= thick(member);
  const z = behind ? span(outline.depth - set, thick(member)) : upTo(innerEnd(casework), thick(member));
  const high = member.width.total;
  const places =
    member.count === 1
      ? [upTo(outline.ceiling, high)]
      : [...spread(member.count, outline.floor, outline.ceiling, high)];
  return places.map((y) => [across(casework, member), y, z]);
};

/** Its face set back from the sides' front edge; across in the notches it stands before that. */
const kickBoard: Where = (casework, member) => {
  const { outline, stock } = casework;
  const { setback = ZERO, board } = stock.build.base ?? {};
  const at = outline.frame + setback;
  const z = board?.run === 'across' ? upTo(at, thick(member)) : span(at, thick(member));
  const falls = Math.max(0, member.width.total - (outline.base - outline.sidesFrom));
  return [[across(casework, member), span(outline.sidesFrom - falls, member.width.total), z]];
};

const plinthFront: Where = (casework, member) => {
  const { outline, stock } = casework;
  const { setback = ZERO, inLeft = ZERO } = stock.build.stands ?? {};
  const [x, y] = [span(inLeft, member.length.total), span(0, member.width.total)];
  return [span(setback, thick(member)), upTo(outline.depth, thick(member))].map((z) => [x, y, z]);
};

const plinthEnd: Where = (casework, member) => {
  const { outline, stock } = casework;
  const { setback = ZERO, inLeft = ZERO, inRight = ZERO } = stock.build.stands ?? {};
  const [y, z] = [span(0, member.width.total), span(setback + thick(member), member.length.total)];
  return [span(inLeft, thick(member)), upTo(outline.width.total - inRight, thick(member))].map((x) => [x, y, z]);
};

const leg: Where = (casework, member) => {
  const { left, right, front, back: behind } = corners(casework);
  const a = thick(member);
  const y = span(0, member.length.total);
  return [span(front, a), upTo(behind, a)].flatMap((z) => [span(left, a), upTo(right, a)].map((x): Place => [x, y, z]));
};

/** In the middle of the legs' thickness, their upper edges level with the legs' ends; across first, then front to back. */
function aprons(casework: Casework, member: Member, across: boolean): readonly Place[] {
  const { left, right, front, back: behind } = corners(casework);
  const { size = ZERO } = casework.stock.build.stands ?? {};
  const y = upTo(casework.outline.sidesFrom, member.width.total);
  const off = (size - thick(member)) / 2;
  if (across) {
    const x = span((left + right - member.length.total) / 2, member.length.total);
    return [span(front + off, thick(member)), upTo(behind - off, thick(member))].map((z) => [x, y, z]);
  }
  const z = span((front + behind - member.length.total) / 2, member.length.total);
  return [span(left + off, thick(member)), upTo(right - off, thick(member))].map((x) => [x, y, z]);
}

function corners({ outline, stock }: Casework) {
  const { inLeft = ZERO, inRight = ZERO, setback = ZERO } = stock.build.stands ?? {};
  return { left: inLeft, right: nm(outline.width.total - inRight), front: setback, back: outline.depth };
}

/** Where each kind of panel stands. */
const PLACES: Readonly<Partial<Record<Member['role'], Where>>> = {
  'case-side-left': side('left'),
  'case-side-right': side('right'),
  'case-bottom': bottom,
  'case-top': top,
  divider,
  'fixed-shelf': shelf,
  'case-rail': rail,
  'case-back': back,
  cleat,
  'kick-board': kickBoard,
  'plinth-front': plinthFront,
  'plinth-end': plinthEnd,
  leg,
};

export function panelBodies(casework: Casework, members: readonly Member[]): readonly Body[] {
  const rows = members.filter(({ role }) => role === 'stretcher');
  const firstApron = members.find(({ role }) => role === 'apron');
  const ofBottom = casework.stock.build.bottom?.kind === 'stretchers' ? rows[0] : undefined;
  return members.flatMap((member) => {
    if (member.role === 'stretcher')
      return bodiesOf(member, stretchers(casework, member, member === ofBottom ? 'bottom' : 'top'));
    if (member.role === 'apron') return bodiesOf(member, aprons(casework, member, member === firstApron));
    const where = PLACES[member.role];
    return where ? bodiesOf(member, where(casework, member)) : [];
  });
}
