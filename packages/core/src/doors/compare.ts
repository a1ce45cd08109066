import { ZERO, type Length } from '../length';
import type { DoorPlan } from './door';
import type { Hinge } from './hinge';
import { carriedBy, cupSetting, hingesWanted, isContinuous, protrusionOf, reaches } from './hinging';

/** A hinge as it would serve a door. */
export interface HingeServing {
  readonly hinge: Hinge;
  /** From the door's edge to the cup, on the first hinged side; none where it has no cup or does not reach. */
  readonly tab?: Length;
  readonly plate?: Length;
  readonly reaches: boolean;
  readonly protrusion: Length;
  /** So many it wants, and what they carry; of one as long as the door nobody counts. */
  readonly hung?: { readonly count: number; readonly carries_kg: number };
}

/** Every hinge of a table as it would serve a door, in the table's order. */
export function compareHinges(plan: DoorPlan, table: ReadonlyMap<string, Hinge>): readonly HingeServing[] {
  const { door, path, leaves } = plan;
  const [leaf] = leaves;
  if (!leaf) return [];
  return [...table.values()].map((row) => {
    // The one in use as it was tried.
    const hinge = row.id === plan.hinge.id ? plan.hinge : row;
    const { width, height, weight_kg, hinged } = leaf;
    const cup = cupSetting(door, hinge, hinged, path);
    const count = hingesWanted(hinge, width.total, height.total, weight_kg);
    return {
      hinge,
      ...(cup?.tab ? { tab: cup.tab.total } : {}),
      ...(cup ? { plate: cup.plate } : {}),
      reaches: reaches(door, hinge, hinged, cup),
      protrusion: protrusionOf(hinge, cup?.plate ?? ZERO),
      ...(isContinuous(hinge) ? {} : { hung: { count, carries_kg: carriedBy(count, hinge, width.total) } }),
    };
  });
}
