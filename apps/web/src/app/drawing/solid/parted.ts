/** A name in a picture: how wide it is, and where its middle wants to be, in pixels. */
export interface Wanted {
  readonly wide: number;
  readonly x: number;
  readonly y: number;
}

const HIGH = 23;
const EDGE = 4;

/**
 * Where the upper left corners of names come to: within the picture and under one another where they would lie on each other.
 * Bound by their pairs.
 */
export function parted<T extends Wanted>(names: readonly T[], width: number, height: number): readonly T[] {
  const within = (at: number, long: number, whole: number): number =>
    Math.round(Math.max(EDGE, Math.min(whole - long - EDGE, at)));
  const placed: T[] = [];
  const order = [...names].sort((one, other) => one.y - other.y);
  for (const name of order) {
    const x = within(name.x - name.wide / 2, name.wide, width);
    let y = within(name.y - HIGH / 2, HIGH, height);
    for (const other of placed)
      if (x < other.x + other.wide && other.x < x + name.wide && y < other.y + HIGH && other.y < y + HIGH)
        y = other.y + HIGH;
    placed.push({ ...name, x, y });
  }
  return placed;
}
