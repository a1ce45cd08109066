import type { RoomOf, RoomThingOf, RoomWallOf } from '../job';
import { ZERO, type Length } from '../length';
import { polygon } from './convex';
import type { Slider } from './mover';
import { at, frameOf, minus, unit, type Frame, type Point } from './point';
import type { Heights, Solid } from './solid';

type Wall = RoomWallOf<Length>;
type Thing = RoomThingOf<Length>;

/** What of a room stands still, in the order of the file, and what in it comes out. */
export interface RoomPlan {
  readonly solids: readonly Solid[];
  readonly movers: readonly Slider[];
}

/** Walls without thickness to the room's height, casings that stand out of them, things with handles over their whole fronts. */
export function roomOf({ height, walls = [], things = [] }: RoomOf<Length>): RoomPlan {
  return {
    solids: [...walls.flatMap((wall) => wallSolids(wall, height)), ...things.flatMap(thingSolids)],
    movers: things.flatMap((thing) => (thing.opens === undefined ? [] : [moverOf(thing, thing.opens)])),
  };
}

const pointOf = ([x = ZERO, z = ZERO]: readonly Length[]): Point => ({ x, z });

/** Along the wall and out of it: the room lies to the right of one who goes along it. Nothing of a wall without length. */
function wallFrame(wall: Pick<Wall, 'from' | 'to'>): Frame | undefined {
  const origin = pointOf(wall.from);
  const right = unit(minus(pointOf(wall.to), origin));
  return right && { origin, right, out: { x: -right.z, z: right.x } };
}

function wallSolids(wall: Wall, room: Length): readonly Solid[] {
  const frame = wallFrame(wall);
  if (!frame) return [];
  const name = `room/${wall.id}`;
  const casings = (wall.casings ?? []).map(({ at: along, width, out, y = ZERO, height }, index): Solid => ({
    name: `${name}/casings/${index}`,
    shape: rectangle(frame, along, along + width, 0, out),
    heights: { from: y, to: height === undefined ? room : y + height },
  }));
  return [{ name, shape: polygon(pointOf(wall.from), pointOf(wall.to)), heights: { from: 0, to: room } }, ...casings];
}

/** In a frame: from and to across, from and to before its front. */
export function rectangle(frame: Frame, left: number, right: number, back: number, front: number) {
  return polygon(at(frame, left, back), at(frame, right, back), at(frame, right, front), at(frame, left, front));
}

const thingFrame = ({ x, z, width, depth, turn = 0 }: Thing): Frame => frameOf(x, z, width, depth, turn);
const heightsOf = ({ y = ZERO, height }: Thing): Heights => ({ from: y, to: y + height });

function thingSolids(thing: Thing): readonly Solid[] {
  const { id, width, depth, handle = ZERO } = thing;
  const [frame, heights, name] = [thingFrame(thing), heightsOf(thing), `room/${id}`];
  const box = { name, shape: rectangle(frame, 0, width, -depth, 0), heights };
  const held = { name: `${name}/handle`, shape: rectangle(frame, 0, width, 0, handle), heights, pullOf: name };
  return handle > 0 ? [box, held] : [box];
}

function moverOf(thing: Thing, opens: Length): Slider {
  const name = `room/${thing.id}`;
  return {
    ...{ kind: 'slider', name, frame: thingFrame(thing), heights: heightsOf(thing) },
    own: new Set([name, `${name}/handle`]),
    ...{ from: 0, to: thing.width, closed: thing.handle ?? ZERO, pull: thing.handle ?? ZERO, full: opens },
  };
}
