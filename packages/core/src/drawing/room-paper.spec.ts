import type { RoomDrawing } from './room';
import { roomOnPaper } from './room-paper';

const ring = (x: number, y: number) => [
  { x, y },
  { x: x + 100, y },
  { x: x + 100, y: y + 40 },
];

it('a room on paper: up is up the plan, what moves under what stands, names in the middle of what they name', () => {
  const drawn = {
    ...{ x: -10, y: -20, width: 500, height: 300 },
    ways: [
      { rings: [ring(0, 0), ring(1, 1)], short: false },
      { rings: [ring(2, 2)], short: true },
    ],
    things: [{ ring: ring(10, 10), called: 'Chest' }, { ring: ring(20, 20) }],
    closed: [ring(30, 30)],
    cases: [{ ring: ring(200, 100), name: 'Locker' }],
    walls: [
      {
        ends: [
          { x: 0, y: 5 },
          { x: 400, y: 7 },
        ],
      },
    ],
    meets: [{ x: 50, y: 60 }],
  } as unknown as RoomDrawing;
  const { x, y, width, height, shapes } = roomOnPaper(drawn);
  expect([x, y, width, height]).toEqual([-10, -280, 500, 300]);
  expect(shapes.map(({ kind, role }) => `${kind} ${role}`)).toEqual([
    ...['outline way', 'outline way', 'outline short-way', 'outline thing', 'outline thing', 'outline closed'],
    ...['outline stood', 'line wall', 'words name', 'words name', 'circle bore'],
  ]);
  expect(shapes[0]).toMatchObject({
    points: [
      [0, -0],
      [100, -0],
      [100, -40],
    ],
  });
  expect(shapes[7]).toMatchObject({ x1: 0, y1: -5, x2: 400, y2: -7 });
  expect(shapes.slice(8)).toMatchObject([
    { text: 'Locker', x: 250, y: -120 },
    { text: 'Chest', x: 60, y: -30 },
    { x: 50, y: -60, diameter: 60 },
  ]);
});
