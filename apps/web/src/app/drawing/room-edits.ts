import { nm, writeExact, type Length, type Patch, type Unit } from '@zabble/core';

/** A case as the plan of the room has it: its least corner, and what it takes across and down. Nanometres. */
export interface Stood {
  readonly path: string;
  readonly x: number;
  readonly z: number;
  readonly across: number;
  readonly down: number;
}

/** Lines of walls, things and other cases a case is laid against: upright ones by x, level ones by z. */
export interface Lines {
  readonly xs: readonly number[];
  readonly zs: readonly number[];
}

/** Where a case goes that was moved so far: against a line that is near, else in whole steps. */
export function placedNear(
  stood: Stood,
  by: { readonly x: number; readonly z: number },
  lines: Lines,
  near: number,
  step: number,
) {
  return {
    x: snapped(stood.x + by.x, stood.across, lines.xs, near, step),
    z: snapped(stood.z + by.z, stood.down, lines.zs, near, step),
  };
}

function snapped(wanted: number, long: number, lines: readonly number[], near: number, step: number): Length {
  const against = lines.flatMap((line) => [line, line - long]);
  const best = against.reduce<number | undefined>(
    (known, each) => (known === undefined || Math.abs(each - wanted) < Math.abs(known - wanted) ? each : known),
    undefined,
  );
  if (best !== undefined && Math.abs(best - wanted) <= near) return nm(Math.round(best));
  return nm(Math.round(wanted / step) * step);
}

export function placePatches(
  { path }: Pick<Stood, 'path'>,
  place: { readonly x: Length; readonly z: Length },
  unit: Unit,
): readonly Patch[] {
  return (['x', 'z'] as const).map((axis) => ({ path: `${path}.at.${axis}`, value: writeExact(place[axis], unit) }));
}

/** A quarter turn the way the clock goes, seen from above, about the middle of what it takes. */
export function turnPatches({ path, x, z, across, down }: Stood, turn: number, unit: Unit): readonly Patch[] {
  const half = (across - down) / 2;
  const place = { x: nm(Math.round(x + half)), z: nm(Math.round(z - half)) };
  return [...placePatches({ path }, place, unit), { path: `${path}.at.turn`, value: (turn + 270) % 360 }];
}
