import { add, nm, share, ZERO, type Length } from '../length';
import type { WorktopEdge } from '../job';
import { between, bodiesOf, long, span, upTo, type Body, type Span } from './body';
import type { Member } from './member';
import { fillerRows } from './filler-rows';
import { uprightPlaces } from './uprights';
import type { Casework } from './panels';

type Place = readonly [x: Span, y: Span, z: Span];
type Where = (casework: Casework, member: Member, row: number) => readonly Place[];

const atFront = ({ thickness }: Member): Span => span(0, thickness);

const stiles: Where = (casework, member) => {
  const { outline, stock } = casework;
  const from = stock.build.frame?.stiles === 'floor' ? outline.sidesFrom : outline.base;
  const y = span(from, member.length.total);
  const [left, right] = [-outline.overSides, outline.width.total + outline.overSides];
  return [span(left, member.width.total), upTo(right, member.width.total)].map((x) => [x, y, atFront(member)]);
};

/** Of a row of two the first is the top one. */
const rails: Where = (casework, member, row) => {
  const { outline, stock } = casework;
  const x = span(share(nm(outline.width.total - member.length.total), 2), member.length.total);
  const top = upTo(outline.height, member.width.total);
  const bottom = span(outline.base, member.width.total);
  const only = (stock.build.frame?.topRail ?? 0) > 0 ? top : bottom;
  const ys = member.count === 2 ? [top, bottom] : [row === 0 ? only : bottom];
  return ys.map((y) => [x, y, atFront(member)]);
};

const middle =
  (kind: 'stile' | 'rail'): Where =>
  (casework, member) => {
    const found = casework.front.members.find((each) => each.kind === kind && each.node === member.node);
    if (!found) return [];
    const tenon = (member.length.total - found.length) / 2;
    const along = span((kind === 'stile' ? found.y : found.x) - tenon, member.length.total);
    const over = span(kind === 'stile' ? found.x : found.y, member.width.total);
    return [kind === 'stile' ? [over, along, atFront(member)] : [along, over, atFront(member)]];
  };

/** The worktop as it is finished. */
function finished({ outline, stock }: Casework): { readonly x: Span; readonly z: Span } {
  const over = (edge: WorktopEdge): Length => stock.build.worktop?.over?.[edge] ?? ZERO;
  return {
    x: { from: nm(-over('left')), to: nm(outline.width.total + over('right')) },
    z: { from: nm(-over('front')), to: nm(outline.depth + over('back')) },
  };
}

const has = ({ stock }: Casework, edge: WorktopEdge): boolean =>
  stock.build.worktop?.trim?.edges.includes(edge) ?? false;

const worktop: Where = (casework, member) => {
  const { x, z } = finished(casework);
  const trim = (long(x) - member.length.total) / Math.max(1, count(casework, ['left', 'right']));
  const front = (long(z) - member.width.total) / Math.max(1, count(casework, ['front', 'back']));
  return [
    [
      span(x.from + (has(casework, 'left') ? trim : 0), member.length.total),
      span(casework.outline.height, member.thickness),
      span(z.from + (has(casework, 'front') ? front : 0), member.width.total),
    ],
  ];
};

function count(casework: Casework, edges: readonly WorktopEdge[]): number {
  return edges.filter((edge) => has(casework, edge)).length;
}

/** Their upper edges level with the worktop's; front and back first, then the sides. */
const trims: Where = (casework, member, row) => {
  const { x, z } = finished(casework);
  const y = upTo(casework.outline.height + topThickness(casework), member.width.total);
  const t = member.thickness;
  const across = row === 0 && count(casework, ['front', 'back']) > 0;
  if (across)
    return (['front', 'back'] as const)
      .filter((edge) => has(casework, edge))
      .map((edge) => [span(x.from, member.length.total), y, edge === 'front' ? span(z.from, t) : upTo(z.to, t)]);
  const behind = has(casework, 'front') && member.length.total < long(z) ? t : 0;
  return (['left', 'right'] as const)
    .filter((edge) => has(casework, edge))
    .map((edge) => [edge === 'left' ? span(x.from, t) : upTo(x.to, t), y, span(z.from + behind, member.length.total)]);
};

function topThickness({ stock }: Casework): Length {
  const { worktop: top } = stock.build;
  return stock.materials.find(({ id }) => id === top?.material)?.thickness ?? ZERO;
}

/** Against the frame's (or the sides') outer edges, as wide as they are before they are shaped to the wall. */
const fillers: Where = (casework, member, row) => {
  const { outline, stock } = casework;
  const y = span(outline.base, member.length.total);
  const wide = member.width.total;
  return (fillerRows(stock, outline)[row]?.sides ?? []).map((side) => [
    side === 'left' ? upTo(-outline.overSides, wide) : span(outline.width.total + outline.overSides, wide),
    y,
    atFront(member),
  ]);
};

/** Shared out over the height of their compartment: they can be moved. */
const shelves: Where = (casework, member) => {
  const found = casework.front.compartments.find(({ id }) => id === member.node);
  if (!found) return [];
  const x = span(found.left + share(nm(found.right - found.left - member.length.total), 2), member.length.total);
  const z = upTo(casework.outline.inside.total, member.width.total);
  const step = (found.ceiling - found.floor) / (member.count + 1);
  return Array.from({ length: member.count }, (_, index) => [
    x,
    span(Math.round(found.floor + (index + 1) * step), member.thickness),
    z,
  ]);
};

/** In their grooves, whole: from the bottom of the one to that of the other. */
const uprights: Where = (casework, member) => {
  const of = casework.stock.uprights?.find(({ compartment }) => compartment === member.node);
  const place = casework.front.compartments.find(({ id }) => id === member.node);
  if (!of || !place) return [];
  const y = between(nm(place.floor - of.groove), add(place.ceiling, of.groove));
  const z = upTo(casework.outline.inside.total, member.width.total);
  return uprightPlaces(casework, of, place).map((x) => [span(x, member.thickness), y, z]);
};

const PLACES: Readonly<Partial<Record<Member['role'], Where>>> = {
  'frame-stile': stiles,
  'frame-rail': rails,
  'frame-middle-stile': middle('stile'),
  'frame-middle-rail': middle('rail'),
  worktop,
  'worktop-trim': trims,
  filler: fillers,
  shelf: shelves,
  upright: uprights,
};

/** Of the face frame, of what lies on the case and beside it, and of shelves on pins. */
export function frontBodies(casework: Casework, members: readonly Member[]): readonly Body[] {
  return members.flatMap((member) => {
    const where = PLACES[member.role];
    const row = members.filter(({ role }) => role === member.role).indexOf(member);
    return where ? bodiesOf(member, where(casework, member, row)) : [];
  });
}
