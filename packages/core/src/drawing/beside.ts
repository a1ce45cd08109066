/** A place beside something that turns about a line across, in millimetres: `x` behind the line, `y` over it. */
export interface Beside {
  readonly x: number;
  readonly y: number;
}

export const ringOf = (from: number, to: number, low: number, high: number): readonly Beside[] => [
  { x: from, y: low },
  { x: to, y: low },
  { x: to, y: high },
  { x: from, y: high },
];

/** Where a place comes to as it falls to the front by an angle in radians: `z·cosθ − y·sinθ`, `z·sinθ + y·cosθ`. Common practice. */
export function turnedBy({ x, y }: Beside, angle: number): Beside {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  return { x: x * c - y * s, y: x * s + y * c };
}
