/** A point of a chart in its plot, in pixels, and the name that stands by it. */
export interface Named {
  readonly x: number;
  readonly y: number;
  readonly name: string;
}

export type Side = 'right' | 'left' | 'top' | 'bottom';

/** A letter and a line of the label, and how far it stands off its point, in pixels. */
const LETTER = 7;
const LINE = 17;
const OFF = 12;
const SIDES: readonly Side[] = ['right', 'left', 'top', 'bottom'];

interface Area {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** The side of each point its name stands on, so that names cover no other name or point where that can be had. */
export function labelSides(points: readonly Named[], width: number): readonly Side[] {
  const taken: Area[] = points.map(({ x, y }) => around(x, y, OFF / 2, OFF / 2));
  return points.map((point, own) => {
    const free = (side: Side): boolean => {
      const area = areaOf(point, side);
      const others = taken.filter((_, index) => index !== own);
      return area.left >= 0 && area.right <= width && !others.some((other) => meet(area, other));
    };
    const side = SIDES.find(free) ?? 'right';
    taken.push(areaOf(point, side));
    return side;
  });
}

function areaOf({ x, y, name }: Named, side: Side): Area {
  const half = (name.length * LETTER) / 2;
  const shift = {
    right: [OFF + half, 0],
    left: [-OFF - half, 0],
    top: [0, -OFF - LINE / 2],
    bottom: [0, OFF + LINE / 2],
  }[side] as [number, number];
  return around(x + shift[0], y + shift[1], half, LINE / 2);
}

function around(x: number, y: number, across: number, up: number): Area {
  return { left: x - across, right: x + across, top: y - up, bottom: y + up };
}

function meet(a: Area, b: Area): boolean {
  return a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
}
