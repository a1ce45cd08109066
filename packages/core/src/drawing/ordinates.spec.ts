import { inMillimetres } from '../length';
import { ordinatesOf } from './ordinates';
import type { Drawing, Shape } from './shapes';

const box = (role: 'part' | 'dado', x: number, width: number): Shape => ({
  kind: 'box',
  role,
  x,
  y: 0,
  width,
  height: 300,
});
const hole = (x: number, y: number, role: 'bore' | 'brad' = 'bore'): Shape => ({
  kind: 'circle',
  role,
  x,
  y,
  diameter: 5,
});

describe('where everything worked into a part lies', () => {
  it('is each edge once, of a row of holes its ends, and nothing of what is only marked', () => {
    const drawing: Drawing = {
      ...{ x: 0, y: 0, width: 800, height: 300 },
      shapes: [
        box('part', 0, 800),
        box('dado', 88.9, 17.7),
        box('dado', 0, 17.7),
        ...[100, 132, 164, 196].flatMap((x) => [hole(x, 37), hole(x, 263)]),
        hole(400, 150, 'brad'),
        {
          kind: 'outline',
          role: 'cut-out',
          points: [
            [500, 100],
            [600, 100],
            [600, 180],
            [500, 180],
          ],
        },
      ],
    };
    const { across, up } = ordinatesOf(drawing);
    expect(across.map(inMillimetres)).toEqual([17.7, 88.9, 100, 106.6, 196, 500, 600]);
    expect(up.map(inMillimetres)).toEqual([37, 100, 180, 263]);
  });
});
