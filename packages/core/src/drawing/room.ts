import type { Job } from '../job';
import type { CasePlan, Plan } from '../plan';
import { meetPoint, polygon, sides, swept, type Convex, type Point, type World } from '../travel';

/** A place in a drawing of a room, in millimetres: x to the right, y down, as the plan of the room has them. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** One piece of what is drawn, as the corners round it. */
export type Ring = readonly Spot[];

/** A case in its room, its front to what it faces. */
export interface DrawnCase {
  readonly id: string;
  readonly path: string;
  readonly name: string;
  readonly ring: Ring;
  /** The ends of its front. */
  readonly front: readonly [Spot, Spot];
}

/** The way of what moves, as far as it comes alone. */
export interface DrawnWay {
  readonly name: string;
  readonly rings: readonly Ring[];
  /** It does not come all its way. */
  readonly short: boolean;
}

/** A room from above: what stands in it, what moves, and where that meets. */
export interface RoomDrawing {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly walls: readonly { readonly id: string; readonly ends: readonly [Spot, Spot] }[];
  /** Casings, things, handles. */
  readonly things: readonly { readonly name: string; readonly ring: Ring; readonly called?: string }[];
  readonly cases: readonly DrawnCase[];
  /** Fronts, pulls, worktops where they are closed. */
  readonly closed: readonly Ring[];
  readonly ways: readonly DrawnWay[];
  /** Where two meet, or one is stopped. */
  readonly meets: readonly (Spot & { readonly a: string; readonly b: string })[];
}

const MM = 1e6;
const spot = ({ x, z }: Point): Spot => ({ x: x / MM, y: z / MM });
const ringOf = (shape: Convex): Ring => sides(shape).map(spot);

/** The room a case stands in, or the case by itself where it has no place in one. Nothing of one that is not planned whole. */
export function drawRoom(job: Job, plan: Plan, owner: CasePlan): RoomDrawing | undefined {
  const world = plan.worlds.find(({ solids }) => solids.some(({ name }) => name === owner.id));
  if (!world) return undefined;
  const named = new Map(world.solids.map((solid) => [solid.name, solid]));
  const cases = plan.cases.flatMap((each): readonly DrawnCase[] => {
    const ring = ringOf(named.get(each.id)?.shape ?? polygon());
    // Its corners go from the left back one round to the left front one.
    const [, , right, left] = ring;
    return left && right ? [{ id: each.id, path: each.path, name: each.name, ring, front: [left, right] }] : [];
  });
  const walls = (job.room?.walls ?? []).flatMap(({ id }) => {
    const [from, to] = named.get(`room/${id}`)?.shape.points ?? [];
    return from && to ? [{ id, ends: [spot(from), spot(to)] as const }] : [];
  });
  const isWall = new Set(walls.map(({ id }) => `room/${id}`));
  const isCase = new Set(cases.map(({ id }) => id));
  const boxes = new Map((job.room?.things ?? []).map(({ id }) => [`room/${id}`, id]));
  const things = world.solids
    .filter(({ name }) => name.startsWith('room/') && !isWall.has(name))
    .map(({ name, shape }) => {
      const called = boxes.get(name);
      return { name, ring: ringOf(shape), ...(called === undefined ? {} : { called }) };
    });
  const closed = world.solids
    .filter(({ name }) => !name.startsWith('room/') && !isCase.has(name))
    .map(({ shape }) => ringOf(shape));
  const ways = world.ways.map(({ mover, travel }): DrawnWay => ({
    ...{ name: mover.name, short: travel < mover.full - 1e-6 },
    rings: swept(mover, travel).map(ringOf),
  }));
  const drawn = { walls, things, cases, closed, ways, meets: meetsOf(world) };
  return { ...extentOf(drawn), ...drawn };
}

/** Pairs that meet, and what stops one short. */
function meetsOf(world: World): RoomDrawing['meets'] {
  const way = (name: string) => world.ways.find(({ mover }) => mover.name === name);
  const pairs = world.meetings.flatMap(({ a, b }) => {
    const [one, other] = [way(a), way(b)];
    const point = one && other && meetPoint(swept(one.mover, one.travel), swept(other.mover, other.travel));
    return point ? [{ a, b, ...spot(point) }] : [];
  });
  const stops = world.ways.flatMap(({ mover, travel, stoppedBy }) => {
    const solid = world.solids.find(({ name }) => name === stoppedBy);
    if (!solid || stoppedBy === undefined) return [];
    // A little farther it would overlap what stops it.
    const over = mover.kind === 'leaf' ? travel + 0.5 : travel + 4 * MM;
    const point = meetPoint(swept(mover, over), [solid.shape]);
    return point ? [{ a: mover.name, b: stoppedBy, ...spot(point) }] : [];
  });
  return [...pairs, ...stops];
}

function extentOf(drawn: Omit<RoomDrawing, 'x' | 'y' | 'width' | 'height'>) {
  const spots = [
    ...drawn.walls.flatMap(({ ends }) => ends),
    ...[...drawn.things, ...drawn.cases].flatMap(({ ring }) => ring),
    ...drawn.closed.flat(),
    ...drawn.ways.flatMap(({ rings }) => rings.flat()),
  ];
  const [xs, ys] = [spots.map(({ x }) => x), spots.map(({ y }) => y)];
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return { x, y, width: Math.max(1, Math.max(...xs) - x), height: Math.max(1, Math.max(...ys) - y) };
}
