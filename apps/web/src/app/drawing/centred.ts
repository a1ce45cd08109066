import type { Size, Window } from './layout';

/** A drawing as large as fits amid a space, so much kept round it; `y` counts down, as screens do. */
export function centred(drawn: Window, { width, height }: Size, round: number) {
  const [wide, high] = [Math.max(1, width - 2 * round), Math.max(1, height - 2 * round)];
  const perMm = Math.min(wide / drawn.width, high / drawn.height);
  const left = (width - drawn.width * perMm) / 2;
  const top = (height - drawn.height * perMm) / 2;
  return {
    perMm,
    x: (at: number): number => left + (at - drawn.x) * perMm,
    y: (at: number): number => top + (at - drawn.y) * perMm,
  };
}

/** What a ring of corners is drawn by, on a scale. */
export function pointsOf(
  ring: readonly { readonly x: number; readonly y: number }[],
  { x, y }: Pick<ReturnType<typeof centred>, 'x' | 'y'>,
): string {
  return ring.map((at) => `${x(at.x)},${y(at.y)}`).join(' ');
}
