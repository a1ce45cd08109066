import type { Axis, Body, CaseworkPlan, MemberRole, Span } from '../casework';
import { nm, subtract, type Length } from '../length';

/** Where two members of a case meet. */
export interface Joint {
  /** `end`: the one butts with its end, or is let in; `laid`: the one lies on the other's edge or face. */
  readonly kind: 'end' | 'laid';
  readonly one: Body;
  readonly other: Body;
  /** Through the meeting faces, along the joint, and across it. */
  readonly axes: { readonly through: Axis; readonly along: Axis; readonly across: Axis };
  /** Where the faces meet, and the stretch they meet on. */
  readonly at: Length;
  readonly along: Span;
  readonly across: Span;
  /** How far the one goes into the other. */
  readonly letIn: Length;
}

const SIDES = ['case-side-left', 'case-side-right'] as const;
const WALLS = [...SIDES, 'divider'] as const;

interface Ends {
  readonly axis: Axis;
  readonly into: readonly MemberRole[];
}

/** Which members end at which: what butts first, what it meets after. */
const ENDS: Readonly<Partial<Record<MemberRole, Ends>>> = {
  'case-side-left': { axis: 'y', into: ['case-bottom', 'case-top'] },
  'case-side-right': { axis: 'y', into: ['case-bottom', 'case-top'] },
  'case-bottom': { axis: 'x', into: SIDES },
  'case-top': { axis: 'x', into: SIDES },
  stretcher: { axis: 'x', into: SIDES },
  'fixed-shelf': { axis: 'x', into: WALLS },
  'case-rail': { axis: 'x', into: WALLS },
  cleat: { axis: 'x', into: SIDES },
  divider: { axis: 'y', into: ['case-bottom', 'case-top', 'fixed-shelf', 'stretcher', 'case-rail'] },
  'kick-board': { axis: 'x', into: SIDES },
  'plinth-end': { axis: 'z', into: ['plinth-front'] },
  apron: { axis: 'x', into: ['leg'] },
  'frame-rail': { axis: 'x', into: ['frame-stile'] },
  'frame-stile': { axis: 'y', into: ['frame-rail'] },
  'frame-middle-stile': { axis: 'y', into: ['frame-rail', 'frame-middle-rail'] },
  'frame-middle-rail': { axis: 'x', into: ['frame-stile', 'frame-middle-stile'] },
};

interface Lays {
  readonly axis: Axis;
  readonly on: readonly MemberRole[];
}

/** Which lie on the edges or faces of which. */
const LAID: Readonly<Partial<Record<MemberRole, Lays>>> = {
  'case-back': { axis: 'z', on: [...WALLS, 'case-bottom', 'case-top', 'stretcher'] },
  'frame-stile': { axis: 'z', on: SIDES },
  'frame-middle-stile': { axis: 'z', on: ['divider'] },
  'frame-rail': { axis: 'z', on: ['case-bottom', 'case-top', 'stretcher'] },
  'frame-middle-rail': { axis: 'z', on: ['fixed-shelf', 'case-rail'] },
  worktop: { axis: 'y', on: ['stretcher', 'case-top'] },
  'worktop-trim': { axis: 'z', on: ['worktop'] },
  filler: { axis: 'x', on: ['frame-stile', ...SIDES] },
};

const OTHERS: Readonly<Record<Axis, readonly [Axis, Axis]>> = { x: ['y', 'z'], y: ['x', 'z'], z: ['x', 'y'] };
const long = ({ from, to }: Span): number => to - from;

/** Every joint of a case that something can hold, from how its members stand. */
export function jointsOf({ bodies }: Pick<CaseworkPlan, 'bodies'>): readonly Joint[] {
  return bodies.flatMap((one) => [...endsOf(one, bodies), ...laysOf(one, bodies)]);
}

function endsOf(one: Body, bodies: readonly Body[]): readonly Joint[] {
  const row = ENDS[one.role];
  if (!row) return [];
  const through = longway(one, row.axis);
  return bodies
    .filter(({ role }) => row.into.includes(role))
    .flatMap((other) => {
      if (isAcross(one, other)) return met('laid', one, other, 'z', one.z.to, nm(0));
      const [mine, its] = [one[through], other[through]];
      const low = its.from < mine.from && mine.from <= its.to;
      const high = its.from <= mine.to && mine.to < its.to;
      if (low === high) return [];
      const at = low ? its.to : its.from;
      return met('end', one, other, through, at, nm(low ? its.to - mine.from : mine.to - its.from));
    });
}

/** A board that runs across the notches of the sides stands before their edges. */
function isAcross(one: Body, { x }: Body): boolean {
  return one.role === 'kick-board' && one.x.from <= x.from && one.x.to >= x.to;
}

/** Aprons run across and front to back. */
function longway({ role, x, z }: Body, axis: Axis): Axis {
  return role === 'apron' && long(z) > long(x) ? 'z' : axis;
}

function laysOf(one: Body, bodies: readonly Body[]): readonly Joint[] {
  const row = LAID[one.role];
  if (!row) return [];
  const through = one.role === 'worktop-trim' && long(one.x) < long(one.z) ? 'x' : row.axis;
  return bodies
    .filter(({ role }) => row.on.includes(role))
    .flatMap((other) => {
      const [mine, its] = [one[through], other[through]];
      // In front of it or behind it, over it or beside it; partly in it where it lies in a rabbet.
      const before = mine.to >= its.from && mine.from < its.from;
      const behind = mine.from <= its.to && mine.to >= its.to && mine.from > its.from;
      if (before === behind) return [];
      const letIn = nm(Math.max(0, before ? mine.to - its.from : its.to - mine.from));
      return met('laid', one, other, through, before ? its.from : nm(mine.from), letIn);
    });
}

function met(kind: Joint['kind'], one: Body, other: Body, through: Axis, at: Length, letIn: Length): readonly Joint[] {
  const spans = OTHERS[through].map((axis) => ({
    axis,
    span: {
      from: nm(Math.max(one[axis].from, other[axis].from)),
      to: nm(Math.min(one[axis].to, other[axis].to)),
    },
  }));
  const [a, b] = spans;
  if (!a || !b || long(a.span) <= 0 || long(b.span) <= 0) return [];
  const [first, second] = long(a.span) >= long(b.span) ? [a, b] : [b, a];
  return [
    {
      ...{ kind, one, other, at, letIn },
      axes: { through, along: first.axis, across: second.axis },
      along: first.span,
      across: second.span,
    },
  ];
}

export const lengthOf = ({ along }: Joint): Length => subtract(along.to, along.from);
