import type { CaseworkPlan } from '../casework';
import { doorLap, type DoorPlan, type Hand, type Leaf } from '../doors';
import { nm, type Length } from '../length';
import type { Standing, Tray } from './tray';

/** The door that closes a bank: the one it is told to stand behind, or one over its compartment. */
export function doorBefore(
  doors: readonly DoorPlan[],
  { front }: Pick<CaseworkPlan, 'front'>,
  { compartment, behind }: { readonly compartment?: string | undefined; readonly behind?: string | undefined },
): DoorPlan | undefined {
  const place = front.compartments.find(({ id }) => id === compartment);
  return doors.find(({ id, door: { over } }) => (behind === undefined ? place?.within.includes(over) : id === behind));
}

/** How far hinges stand in the opening: as they hang, where that was measured. */
export function standsIn({ asHung, protrusion }: Leaf): Length {
  return asHung?.hinge?.length ?? protrusion;
}

/** Heights over the opening's floor. */
export interface Zone {
  readonly from: number;
  readonly to: number;
}

/**
 * Heights over the opening's floor its hinges are in the way at, as they hang where that was measured; of one as long as the
 * door the whole of it.
 */
export function zonesOf({ hinge }: DoorPlan, { y, height, hinges, asHung }: Leaf, floor: Length): readonly Zone[] {
  const { zone } = hinge;
  if (zone === undefined) return [{ from: y - floor, to: y - floor + height.total }];
  return hinges.map(({ total }, index) => {
    const middle = asHung?.heights?.[index]?.length ?? y - floor + total;
    return { from: middle - zone, to: middle + zone };
  });
}

const overlaps = (zone: Zone, { from, to }: Zone): boolean => from < zone.to && to > zone.from;

/** How far what of a tray comes within a zone stands from the opening's edge: its slide, its box; endless where nothing does. */
export function clearIn({ slide, box }: Tray, zone: Zone, side: Hand): number {
  const clear = [slide, box].flatMap((each: Standing | undefined) =>
    each && overlaps(zone, each) ? [each[side]] : [],
  );
  return Math.min(Infinity, ...clear);
}

/**
 * How far a leaf open by an angle, in degrees, stands before the opening from its edge on the hinged side:
 * `t·sinθ + L·cosθ − lap` under 90°, `t·sinθ − lap` from there on; less than nothing where it leaves all of it free. To the
 * nanometre. Common practice.
 */
export function leafBefore({ door, thickness }: DoorPlan, { hinged, width }: Leaf, degrees: number): Length {
  const angle = (degrees * Math.PI) / 180;
  const along = degrees < 90 ? width.total * Math.cos(angle) : 0;
  return nm(Math.round(thickness * Math.sin(angle) + along) - doorLap(door, hinged));
}
