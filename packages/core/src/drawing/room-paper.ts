import type { Ring, RoomDrawing } from './room';
import type { Drawing, Outline, Shape } from './shapes';

/** Across a mark where two meet, and the height of names, in millimetres of the room. */
const MARK = 60;
const NAME = 70;

/** The room from above as any drawing is: up is up the plan. What moves lies under what stands. */
export function roomOnPaper({ x, y, width, height, ...drawn }: RoomDrawing): Drawing {
  const shapes: readonly Shape[] = [
    ...drawn.ways.flatMap(({ rings, short }) => rings.map((ring) => outline(short ? 'short-way' : 'way', ring))),
    ...drawn.things.map(({ ring }) => outline('thing', ring)),
    ...drawn.closed.map((ring) => outline('closed', ring)),
    ...drawn.cases.map(({ ring }) => outline('stood', ring)),
    ...drawn.walls.map(({ ends: [from, to] }): Shape => ({
      ...{ kind: 'line', role: 'wall', x1: from.x, y1: -from.y, x2: to.x, y2: -to.y },
    })),
    ...[
      ...drawn.cases.map(({ ring, name }) => named(ring, name)),
      ...drawn.things.map(({ ring, called }) => named(ring, called)),
    ].flat(),
    ...drawn.meets.map((meet): Shape => ({
      ...{ kind: 'circle', role: 'bore', x: meet.x, y: -meet.y, diameter: MARK },
    })),
  ];
  return { x, y: -(y + height), width, height, shapes };
}

function outline(role: Outline['role'], ring: Ring): Shape {
  return { kind: 'outline', role, points: ring.map(({ x, y }) => [x, -y] as const) };
}

/** In the middle of what it is the name of. */
function named(ring: Ring, text: string | undefined): readonly Shape[] {
  const [xs, ys] = [ring.map(({ x }) => x), ring.map(({ y }) => y)];
  const middle = (of: readonly number[]): number => (Math.min(...of) + Math.max(...of)) / 2;
  return text === undefined ? [] : [{ kind: 'words', role: 'name', text, x: middle(xs), y: -middle(ys), height: NAME }];
}
