import type {
  BuildOf,
  CaseStyle,
  CutOutOf,
  DoorOf,
  KeepOutOf,
  Material,
  MeasuredPlaceOf,
  ShelvesOf,
  StandsAtOf,
  UprightsOf,
} from '../job';
import type { Length, Unit } from '../length';

export type Build = BuildOf<Length>;
export type Shelves = ShelvesOf<Length>;
export type Door = DoorOf<Length>;
export type Uprights = UprightsOf<Length>;

/** What a case is reckoned from besides its layout. */
export interface CaseStock {
  readonly build: Build;
  readonly style: CaseStyle;
  readonly shelves: readonly Shelves[];
  readonly doors?: readonly Door[];
  readonly measured?: readonly MeasuredPlaceOf<Length>[];
  readonly cutOuts?: readonly CutOutOf<Length>[];
  readonly keepOuts?: readonly KeepOutOf<Length>[];
  /** Where it stands in its room. */
  readonly at?: StandsAtOf<Length> | undefined;
  readonly uprights?: readonly UprightsOf<Length>[];
  readonly unit: Unit;
  readonly materials: readonly Material[];
  /** Path of the case in the job document. */
  readonly path: string;
}

/** A material that is named somewhere in the case; which was looked up when the job was read. */
export function materialOf({ materials }: CaseStock, id: string): Material {
  const found = materials.find((material) => material.id === id);
  if (!found) throw new Error(`no material ${id}: references are checked when a job is read`);
  return found;
}

/** Where a thickness is written, for following back. */
export function thicknessPath({ materials }: CaseStock, id: string): string {
  return `materials[${materials.findIndex((material) => material.id === id)}].thickness`;
}
