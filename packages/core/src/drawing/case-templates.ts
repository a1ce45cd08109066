import { memberCuts, memberSaid, type Body, type CaseStock, type CaseworkPlan, type MemberCut } from '../casework';
import { add, inMillimetres, nm, subtract, type Length } from '../length';
import { said, type Words } from '../words';
import type { Shape } from './shapes';
import { LETTERS, line, note } from './strokes';
import type { Template } from './templates';

/** Round what a template shows, in millimetres. */
const ROUND = 30;

/** Templates at full size for a case: a row of pin holes for every compartment with shelves on pins, and every notch. */
export function drawCaseTemplates(stock: CaseStock, casework: CaseworkPlan, words: Words): readonly Template[] {
  const worked = casework.bodies.map((body) => ({ body, cuts: memberCuts({ stock, ...casework }, body) }));
  return [
    ...casework.front.compartments.flatMap((place) => {
      const wall = worked.find(({ body }) => body.x.to === place.left && body.role !== 'stretcher');
      return wall ? pinTemplate(wall.body, wall.cuts, place, words) : [];
    }),
    ...alike(worked.flatMap(({ body, cuts }) => cuts.flatMap((cut) => notchTemplate(body, cut, words)))),
    ...worked.flatMap(({ body, cuts }) => cuts.flatMap((cut) => holeTemplate(body, cut))),
  ];
}

interface Place {
  readonly id: string;
  readonly floor: Length;
  readonly ceiling: Length;
}

/** Stood on the compartment's floor, its left edge on the wall's front edge: the front row's holes. */
function pinTemplate(
  body: Body,
  cuts: readonly MemberCut[],
  { id, floor, ceiling }: Place,
  words: Words,
): readonly Template[] {
  const holes = cuts
    .filter(({ kind, face }) => kind === 'pin-hole' && face === 'right')
    .map((cut) => ({ cut, up: subtract(add(body.y.from, cut.along.total), floor) }))
    .filter(({ up }) => up > 0 && up < ceiling - floor);
  const first = holes[0];
  if (!first) return [];
  const rows = [...new Set(holes.map(({ cut }) => cut.in.total))].sort((a, b) => a - b);
  const [front = nm(0), back] = rows;
  const row = holes.filter(({ cut }) => cut.in.total === front);
  const [wide, high] = [inMillimetres(front) + ROUND, Math.max(...row.map(({ up }) => inMillimetres(up))) + ROUND];
  const x = inMillimetres(front);
  const shapes: readonly Shape[] = [
    line('edge', 0, 0, wide, 0),
    line('edge', 0, 0, 0, high),
    note(words.say(said('template/on-floor')), 2, 4),
    line('centre-line', x, 0, x, high),
    ...row.flatMap(({ cut, up }): readonly Shape[] => [
      { kind: 'circle', role: 'bore', x, y: inMillimetres(up), diameter: inMillimetres(cut.length.total) },
      note(words.bare(up, 'reading'), x + 8, inMillimetres(up) + LETTERS / 2),
    ]),
  ];
  return [
    {
      title: said('template/pin-row', { node: id }),
      places: [],
      drawing: { x: 0, y: -2 * LETTERS, width: wide + ROUND, height: high + 3 * LETTERS, shapes },
      says: [
        said('template/pins', {
          ...{ front, back, diameter: first.cut.length.total, count: row.length },
          depth: first.cut.depth?.total ?? nm(0),
        }),
      ],
    },
  ];
}

/** A corner or an edge cut away, with the member's edges round it. */
function notchTemplate(body: Body, cut: MemberCut, words: Words): readonly Template[] {
  if (cut.kind !== 'notch') return [];
  const [wide, high] = [inMillimetres(cut.width.total), inMillimetres(cut.length.total)];
  const [low, front] = [cut.along.total === 0, cut.in.total === 0];
  // The member's own end and edge, and the lines that are cut.
  const [end, inside] = low ? [0, high] : [high, 0];
  const [edge, cutTo] = front ? [0, wide] : [wide, 0];
  const [bottom, top] = low ? [0, high + ROUND] : [-ROUND, high];
  const [left, right] = front ? [0, wide + ROUND] : [-ROUND, wide];
  const shapes: readonly Shape[] = [
    line('edge', edge, bottom, edge, top),
    line('edge', left, end, right, end),
    line('tick', cutTo, 0, cutTo, high),
    line('tick', 0, inside, wide, inside),
    note(words.say(said('template/cut-away')), 2, high / 2),
  ];
  return [
    {
      title: said('template/notch-of', { part: memberSaid(body) }),
      places: [],
      drawing: {
        ...{ x: left, y: bottom - LETTERS, width: right - left, height: top - bottom + 2 * LETTERS },
        shapes,
      },
      says: [said('template/notch-at', { wide: cut.width.total, high: cut.length.total, low, front })],
    },
  ];
}

/** A hole by itself: its centre lines go where it is told. */
function holeTemplate(body: Body, { kind, along, in: inwards, length, width, radius }: MemberCut): readonly Template[] {
  if (kind !== 'cut-out') return [];
  const [wide, high] = [inMillimetres(width.total), inMillimetres(length.total)];
  const r = inMillimetres(radius ?? nm(0));
  const shapes: readonly Shape[] = [
    { kind: 'box', role: 'notch', x: 0, y: 0, width: wide, height: high },
    ...(r > 0 ? CORNERS.map((at) => cornerRound(at, wide, high, r)) : []),
    line('centre-line', wide / 2, -ROUND, wide / 2, high + ROUND),
    line('centre-line', -ROUND, high / 2, wide + ROUND, high / 2),
  ];
  const drawing = { x: -ROUND, y: -ROUND, width: wide + 2 * ROUND, height: high + 2 * ROUND, shapes };
  const sizes = { wide: width.total, high: length.total, up: along.total, inwards: inwards.total, radius };
  return [
    {
      title: said('template/hole-of', { part: memberSaid(body) }),
      places: [],
      drawing,
      says: [said('template/hole-at', sizes)],
    },
  ];
}

const CORNERS = [
  [0, 0],
  [0, 1],
  [1, 0],
  [1, 1],
] as const;

/** A bore that rounds a corner. */
function cornerRound([right, up]: readonly [number, number], wide: number, high: number, r: number): Shape {
  return { kind: 'circle', role: 'bore', x: right ? wide - r : r, y: up ? high - r : r, diameter: 2 * r };
}

/** Notches alike once: those of the two sides are one template, turned over. */
function alike(templates: readonly Template[]): readonly Template[] {
  const found = new Map<string, Template>();
  for (const each of templates) {
    const key = JSON.stringify(each.drawing);
    if (!found.has(key)) found.set(key, each);
  }
  return [...found.values()];
}
