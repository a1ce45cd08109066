import type { Body, CaseworkPlan } from '../casework';
import type { DoorPlan } from '../doors';
import { inMillimetres } from '../length';
import type { CasePlan } from '../plan';
import { everyDoor } from '../pullouts';
import { drawFace } from './face';
import type { Box, Drawing, Shape } from './shapes';

/** From where a case is seen: before it, above it, or cut through from the right. */
export type CaseView = 'front' | 'plan' | 'section';

/** What lies across, what up, and which way away from the eye. */
interface Axes {
  readonly across: 'x' | 'z';
  readonly up: 'y' | 'z';
  readonly away: 'x' | 'y' | 'z';
  /** The larger comes first: it is seen from the other end of the axis. */
  readonly falling: boolean;
}

const AXES: Readonly<Record<CaseView, Axes>> = {
  front: { across: 'x', up: 'y', away: 'z', falling: false },
  plan: { across: 'x', up: 'z', away: 'y', falling: true },
  section: { across: 'z', up: 'y', away: 'x', falling: true },
};

type Extent = Pick<Drawing, 'x' | 'y' | 'width' | 'height'>;

/** A compartment where it lies in the front, and the bank that stands in it. */
export interface DrawnCompartment extends Extent {
  readonly id: string;
  /** Path of the bank in the job document. */
  readonly bank?: string;
}

/** A whole case from the front: members behind one another, and what stands in its compartments. */
export interface WholeCase extends Drawing {
  /** Every leaf of its doors where it stands, and its hinges. */
  readonly doors: readonly (Extent & {
    readonly id: string;
    readonly key: string;
    readonly hinges: { readonly x: number; readonly ys: readonly number[] };
  })[];
  readonly compartments: readonly DrawnCompartment[];
  /** Faces of its banks, moved to where they stand. */
  readonly banks: readonly { readonly path: string; readonly shapes: readonly Shape[] }[];
}

/**
 * Every member of a case to scale, in millimetres, from the farthest to the nearest: `x` from the outer face of the left
 * side, `y` up from the floor (from the front edge back, seen from above). Of a case that is cut through what the cut goes
 * through is told apart, and what lies before the cut is not there; `at` is where, from the left.
 */
export function drawCase(casework: CaseworkPlan, view: CaseView, at?: number): Drawing {
  const { bodies, outline } = casework;
  const axes = AXES[view];
  const cut = view === 'section' ? (at ?? inMillimetres(outline.width.total) / 2) : undefined;
  const seen = bodies
    .filter((body) => cut === undefined || mm(body.x.from) < cut)
    .filter(({ role }) => view !== 'plan' || !UNDER_EVERYTHING.includes(role));
  const order = [...seen].sort((one, other) => nearer(one, other, axes));
  const shapes = order.map((body): Box => {
    const through = cut !== undefined && mm(body.x.to) > cut;
    return boxOf(body, axes, through ? 'cut-member' : 'member');
  });
  const all = [...feetOf(casework, view), ...shapes];
  return { ...extent(all), shapes: all };
}

/** So wide a foot is drawn, and so far in from the sides and the front it stands. */
const FOOT = 40;

/** Feet and casters under the case, two and two from the left; from above nothing of them is seen. */
function feetOf({ feet, outline }: CaseworkPlan, view: CaseView): readonly Box[] {
  const height = mm(outline.sidesFrom);
  if (feet === 0 || height === 0 || view === 'plan') return [];
  const wide = mm(view === 'front' ? outline.width.total : outline.depth);
  const count = view === 'front' ? feet / 2 : 2;
  const step = (wide - 3 * FOOT) / (count - 1);
  return Array.from({ length: count }, (_, index) => ({
    ...{ kind: 'box', role: 'foot', x: FOOT + index * step, y: 0, width: FOOT, height },
  }));
}

/** The whole case from the front with the faces of its banks. */
export function drawWholeCase(plan: CasePlan, casework: CaseworkPlan): WholeCase {
  const { shapes, ...around } = drawCase(withThings(casework, plan), 'front');
  const compartments = casework.openings.map(({ compartment: { id, x, y, width, height } }): DrawnCompartment => {
    const bank = plan.banks.find(({ bank: { compartment } }) => compartment === id)?.path;
    const size = { x: mm(x), y: mm(y), width: mm(width.total), height: mm(height.total) };
    return { id, ...size, ...(bank === undefined ? {} : { bank }) };
  });
  const banks = plan.banks.flatMap((bank) => {
    const place = compartments.find(({ bank: path }) => path === bank.path);
    if (!place) return [];
    const moved = drawFace(bank).shapes.filter(({ role }) => IN_FRONT.has(role));
    return [{ path: bank.path, shapes: moved.map((shape) => shifted(shape, place.x, place.y)) }];
  });
  return { ...around, shapes, compartments, banks, doors: everyDoor(plan.doors, plan.things).flatMap(leavesOf) };
}

/** The members of a case with what of its tilt-outs and work boards stands in it, shut. */
export function withThings(casework: CaseworkPlan, { things }: Pick<CasePlan, 'things'>): CaseworkPlan {
  return { ...casework, bodies: [...casework.bodies, ...things.flatMap(({ bodies }) => bodies)] };
}

/** Each leaf, with the middles of its hinges on the edge it is hinged on. */
function leavesOf({ id, leaves }: DoorPlan): WholeCase['doors'] {
  return leaves.map(({ x, y, width, height, hinged, hinges }, index) => ({
    ...{ id, key: `${id} ${index}`, x: mm(x), y: mm(y), width: mm(width.total), height: mm(height.total) },
    hinges: {
      x: mm(x) + (hinged === 'left' ? 0 : mm(width.total)),
      ys: hinges.map(({ total }) => mm(y) + mm(total)),
    },
  }));
}

/** What of a bank is seen from before the case; pulls would stand in the way of its compartments' names. */
const IN_FRONT = new Set<Shape['role']>(['rail', 'front']);
/** From above a worktop covers everything: the case is seen as if it were taken off. */
const UNDER_EVERYTHING: readonly Body['role'][] = ['worktop', 'worktop-trim'];

function nearer(one: Body, other: Body, { away, falling }: Axes): number {
  return falling ? one[away].to - other[away].to : other[away].from - one[away].from;
}

function boxOf(body: Body, { across, up }: Axes, role: 'member' | 'cut-member'): Box {
  const { role: member, node } = body;
  const at = { x: mm(body[across].from), y: mm(body[up].from) };
  const size = { width: mm(body[across].to) - at.x, height: mm(body[up].to) - at.y };
  return { kind: 'box', role, member, ...(node === undefined ? {} : { node }), ...at, ...size };
}

function shifted(shape: Shape, x: number, y: number): Shape {
  return shape.kind === 'box' ? { ...shape, x: shape.x + x, y: shape.y + y } : shape;
}

function extent(boxes: readonly Box[]): Extent {
  const x = Math.min(0, ...boxes.map((box) => box.x));
  const y = Math.min(0, ...boxes.map((box) => box.y));
  const right = Math.max(1, ...boxes.map((box) => box.x + box.width));
  const top = Math.max(1, ...boxes.map((box) => box.y + box.height));
  return { x, y, width: right - x, height: top - y };
}

const mm = inMillimetres;
