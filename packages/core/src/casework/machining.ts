import {
  add,
  inches,
  millimetres,
  minus,
  nm,
  ofField,
  plus,
  subtract,
  tally,
  ZERO,
  type Length,
  type Tally,
  type Unit,
} from '../length';
import { long, type Axis, type Body, type Span } from './body';
import type { Compartment, Front } from '../layout';
import type { CaseStock, Shelves } from './case-stock';
import type { Outline } from './outline';
import { lyingOf, UPRIGHT, type Lying } from './lying';
import { memberName, type MemberRole } from './roles';

/** Which face of a member is worked: of uprights by the side it looks to, of what lies by up or down. */
export type MemberFace = 'left' | 'right' | 'upper' | 'lower' | 'front' | 'back';

export type MemberCutKind =
  | ('dado' | 'groove' | 'rabbet' | 'notch' | 'pin-hole' | 'cut-out')
  /** Round, told by their middles as pin holes are: for a hinge's cup, its plate's screws, a pull. */
  | ('cup' | 'plate' | 'pull');

/** Kinds that are bored, and told by their middles. */
export const BORED: ReadonlySet<MemberCutKind> = new Set<MemberCutKind>(['pin-hole', 'cup', 'plate', 'pull']);

/**
 * What is worked into a member, where it lies on its face: `along` from its lower (left) end, `in` from its front edge.
 * Goes through where it has no depth of its own.
 */
export interface MemberCut {
  readonly kind: MemberCutKind;
  readonly face: MemberFace;
  readonly along: Tally;
  readonly in: Tally;
  readonly length: Tally;
  readonly width: Tally;
  readonly depth?: Tally;
  /** Of the corners of a cut-out. */
  readonly radius?: Length;
}

/** Members that are worked on their faces. */
const WORKED: ReadonlySet<MemberRole> = new Set<MemberRole>([
  'case-side-left',
  'case-side-right',
  'divider',
  'case-bottom',
  'case-top',
  'fixed-shelf',
]);

/** Seen from the one end of an axis or the other. */
export const FACES: Readonly<Record<Axis, readonly [low: MemberFace, high: MemberFace]>> = {
  x: ['left', 'right'],
  y: ['lower', 'upper'],
  z: ['front', 'back'],
};

/** Common practice, every figure here: across a pin, and its row from a shelf's edges. */
const PIN = { in: inches(1, 4), mm: millimetres(5) } as const;
const PIN_IN = { in: inches(3, 2), mm: millimetres(37) } as const;
const PIN_PITCH = millimetres(32);
const PIN_DEPTH = millimetres(10);
const PIN_WALL = millimetres(3);

/** A case as its members are worked from. */
export interface Machined {
  readonly stock: CaseStock;
  readonly outline: Outline;
  readonly front: Front;
  readonly bodies: readonly Body[];
}

/** The face of a member that is drawn and laid up: the inner one of a side, the upper one of what lies. */
export function seenFace(role: MemberRole): MemberFace | undefined {
  if (role === 'case-side-right') return 'left';
  if (role === 'case-top') return 'lower';
  if (!WORKED.has(role)) return undefined;
  return role === 'divider' || role === 'case-side-left' ? 'right' : 'upper';
}

/** Everything worked into one member, by the bodies that go into it, its notches and its rows of pin holes. */
export function memberCuts(machined: Machined, body: Body): readonly MemberCut[] {
  const lying = lyingOf(body);
  if (!WORKED.has(body.role)) return cutOutsOf(machined, body, lying);
  return [
    ...machined.bodies.flatMap((guest) =>
      guest === body || !GUESTS.has(guest.role) ? [] : jointIn(body, guest, lying),
    ),
    ...notchesOf(machined, body, lying),
    ...pinHoles(machined, body, lying),
    ...cutOutsOf(machined, body, lying),
  ];
}

/** What goes into others: nothing is cut for what only lies on them or hangs before them. */
const GUESTS: ReadonlySet<MemberRole> = new Set<MemberRole>([
  ...WORKED,
  'stretcher',
  'case-rail',
  'case-back',
  'cleat',
  'upright',
]);

/** Where another member goes into this one: partly through its thickness, or all through where it is notched for it. */
function jointIn(body: Body, guest: Body, lying: Lying): readonly MemberCut[] {
  const met = (axis: Axis): Span => ({
    from: nm(Math.max(body[axis].from, guest[axis].from)),
    to: nm(Math.min(body[axis].to, guest[axis].to)),
  });
  const spans = { along: met(lying.along), across: met(lying.across), through: met(lying.through) };
  if (Object.values(spans).some((span) => long(span) <= 0)) return [];
  const deep = long(spans.through);
  const thick = long(body[lying.through]);
  // Edge into edge: the one that is cut away is the one whose thickness is not gone through.
  if (deep >= thick) return NOTCHED.has(`${body.role} ${guest.role}`) ? [at('notch', body, lying, spans)] : [];
  const [low, high] = FACES[lying.through];
  const face = spans.through.from === body[lying.through].from ? low : high;
  return [at(kindOf(body, guest, lying, spans), body, lying, spans, { face, depth: deep })];
}

/** Uprights run round these. */
const NOTCHED: ReadonlySet<string> = new Set(['divider stretcher', 'divider cleat', 'divider case-rail']);

function kindOf(body: Body, { role }: Body, { across }: Lying, spans: { readonly across: Span }): MemberCutKind {
  if (role !== 'case-back') return 'dado';
  return spans.across.to === body[across].to ? 'rabbet' : 'groove';
}

function at(
  kind: MemberCutKind,
  body: Body,
  { along, across, through }: Lying,
  spans: { readonly along: Span; readonly across: Span },
  worked?: { readonly face: MemberFace; readonly depth: Length },
): MemberCut {
  const from = (span: Span, axis: Axis): Tally =>
    tally(plus('edge-of-joint', span.from), minus('edge-of-member', body[axis].from));
  const size = (span: Span): Tally => tally(plus('edge-of-joint', span.to), minus('edge-of-joint', span.from));
  return {
    kind,
    face: worked?.face ?? FACES[through][0],
    along: from(spans.along, along),
    in: from(spans.across, across),
    length: size(spans.along),
    width: size(spans.across),
    ...(worked ? { depth: tally(plus('let-in', worked.depth)) } : {}),
  };
}

/** The recess for toes in the sides, and what the wall has where a member stands: out of its lower back corner. */
function notchesOf({ stock, outline }: Machined, body: Body, lying: Lying): readonly MemberCut[] {
  if (lying !== UPRIGHT) return [];
  const { base, notches = [] } = stock.build;
  const side = body.role === 'case-side-left' || body.role === 'case-side-right';
  const recess =
    side && base?.kind === 'toe-kick'
      ? [corner(body, outline.base, { from: body.z.from, to: add(body.z.from, base.setback ?? ZERO) })]
      : [];
  const steps = notches.filter(({ member }) => member === memberName(body)).flatMap((each) => each.steps);
  const back = steps.flatMap(({ height, depth }) =>
    height > body.y.from ? [corner(body, height, { from: subtract(body.z.to, depth), to: body.z.to })] : [],
  );
  return [...recess, ...back];
}

/** From the member's lower end up to a height over the floor. */
function corner(body: Body, to: Length, across: Span): MemberCut {
  return at('notch', body, UPRIGHT, { along: { from: body.y.from, to }, across });
}

/**
 * Holes through a member, told from its lower left corner, its outer face seen: of a left side (and of a divider, its left
 * face seen) and of a back that is the far edge; what lies is seen from above, its front edge below.
 */
function cutOutsOf({ stock }: Machined, body: Body, { along, across, through }: Lying): readonly MemberCut[] {
  const mirrored = body.role === 'case-side-left' || body.role === 'divider' || body.role === 'case-back';
  const upright = along === 'y';
  return (stock.cutOuts ?? []).flatMap(({ member, x, y, width, height, radius }, index): readonly MemberCut[] => {
    if (member !== memberName(body)) return [];
    const from = (name: string) => ofField(`${stock.path}.cutOuts[${index}].${name}`);
    const beside = mirrored
      ? tally(
          plus('edge-of-member', long(body[across])),
          minus('from-edge', x, from('x')),
          minus('width-of-hole', width, from('width')),
        )
      : tally(plus('from-edge', x, from('x')));
    const up = tally(plus('from-end', y, from('y')));
    const wide = tally(plus('width-of-hole', width, from('width')));
    const high = tally(plus('height-of-hole', height, from('height')));
    return [
      {
        ...{ kind: 'cut-out', face: FACES[through][0] },
        ...(upright
          ? { along: up, in: beside, length: high, width: wide }
          : { along: beside, in: up, length: wide, width: high }),
        ...(radius === undefined ? {} : { radius }),
      },
    ];
  });
}

/** Rows of holes on the faces a compartment with shelves on pins lies between: front and back, from the first up. */
function pinHoles({ stock, front, bodies }: Machined, body: Body, lying: Lying): readonly MemberCut[] {
  if (lying !== UPRIGHT) return [];
  return stock.shelves.flatMap((shelves, index): readonly MemberCut[] => {
    const place = front.compartments.find(({ id }) => id === shelves.compartment);
    const face = place && wallOf(place, body);
    const shelf = bodies.find(({ role, node }) => role === 'shelf' && node === shelves.compartment);
    if (!face || !shelf) return [];
    const path = `${stock.path}.shelves[${index}].pins.from`;
    const heights = pinHeights(shelves, place, body, path);
    return pinRows(shelves, stock.unit, shelf).flatMap((z) =>
      heights.map((along): MemberCut => pinHole(face, along, z, body, { shelves, unit: stock.unit })),
    );
  });
}

function wallOf({ left, right }: Compartment, { x }: Body): MemberFace | undefined {
  if (left === x.to) return 'right';
  return right === x.from ? 'left' : undefined;
}

/** Heights of the holes over the member's lower end; four pitches up to three under the ceiling where nobody says. */
function pinHeights({ pins = {} }: Shelves, place: Compartment, { y }: Body, path: string): readonly Tally[] {
  const pitch = pins.pitch ?? PIN_PITCH;
  const first = add(place.floor, pins.from ?? nm(4 * PIN_PITCH));
  const last = pins.to === undefined ? nm(place.ceiling - 3 * PIN_PITCH) : add(place.floor, pins.to);
  const count = Math.min(MOST_HOLES, Math.max(0, Math.floor((last - first) / pitch) + 1));
  const from = plus('first-pin', nm(first - y.from), pins.from === undefined ? undefined : ofField(path));
  return Array.from({ length: count }, (_, step) =>
    tally(from, step === 0 ? undefined : plus('pitch-of-pins', nm(step * pitch))),
  );
}

/** In from the front and the back edge of the shelf where it lies. */
function pinRows({ pins = {} }: Shelves, unit: Unit, { z }: Body): readonly Length[] {
  const by = pins.setback ?? PIN_IN[unit];
  return [add(z.from, by), subtract(z.to, by)];
}

function pinHole(
  face: MemberFace,
  along: Tally,
  z: Length,
  body: Body,
  { shelves: { pins = {} }, unit }: { readonly shelves: Shelves; readonly unit: Unit },
): MemberCut {
  const across = tally(plus('across-pin', PIN[unit]));
  // From both sides at the same places they must not meet.
  const most = nm(Math.min(PIN_DEPTH, Math.floor((long(body.x) - PIN_WALL) / 2)));
  return {
    ...{ kind: 'pin-hole', face, along, length: across, width: across },
    in: tally(plus('edge-of-joint', z), minus('edge-of-member', body.z.from)),
    depth: tally(plus('depth-of-pin', pins.depth ?? most)),
  };
}

/** No row has more holes than this: a case is not so high. */
const MOST_HOLES = 200;
