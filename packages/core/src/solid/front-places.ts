import type { Part, PartRole } from '../box';
import { FACING, ON_EDGE } from '../casework';
import type { Bank } from '../job';
import type { DrawerPlan } from '../plan';
import { centred, placed, type Place, type Size } from './piece';

/** A drawer's front where it hangs. */
export interface FrontAt {
  readonly drawer: DrawerPlan;
  readonly bank: Bank;
  /** Its lower left corner, and where its outer face lies. */
  readonly x: number;
  readonly y: number;
  readonly z: number;
  readonly width: number;
  readonly height: number;
}

type FrontRole = 'drawer-front' | 'stile' | 'rail' | 'panel' | 'pull';

/** The pieces of a kind, in the order they are counted in. */
export function frontPlaces(at: FrontAt, role: PartRole): readonly Place[] {
  const part = at.drawer.parts.find((each) => each.role === role);
  if (!part?.length || !part.width || !Object.hasOwn(PLACES, role)) return [];
  const { upright, thickness } = part;
  const [length, width] = [part.length.total, part.width.total];
  // Of one with its grain up the cut list's length stands.
  const size = upright ? { length: width, width: length, thickness } : { length, width, thickness };
  return PLACES[role as FrontRole](at, size, part);
}

const PLACES: Readonly<Record<FrontRole, (at: FrontAt, size: Size, part: Part) => readonly Place[]>> = {
  'drawer-front': ({ x, y, z }, size, { upright }) => [placed(upright ? FACING : ON_EDGE, size, { x, y, z })],
  stile: ({ x, y, z, width }, size) =>
    [x, x + width - size.width].map((left) => placed(FACING, size, { x: left, y, z })),
  rail: ({ x, y, z, width, height }, size) =>
    [y + height - size.width, y].map((low) => placed(ON_EDGE, size, { x: centred(x, width, size.length), y: low, z })),
  panel,
  pull: pulls,
};

/** In the middle of its frame, and of its thickness. */
function panel({ drawer, x, y, z, width, height }: FrontAt, size: Size, { upright }: Part): readonly Place[] {
  const [across, up] = upright ? [size.width, size.length] : [size.length, size.width];
  const corner = { x: centred(x, width, across), y: centred(y, height, up) };
  const frame = drawer.parts.find(({ role }) => role === 'stile')?.thickness ?? size.thickness;
  return [placed(upright ? FACING : ON_EDGE, size, { ...corner, z: centred(z, frame, size.thickness) })];
}

/** A pull that is made sits on the front with its bores in its middle: one a pull, or two where it is bored twice. */
function pulls({ drawer: { bores }, x, y, z }: FrontAt, size: Size, { count }: Part): readonly Place[] {
  const each = Math.max(1, Math.round(bores.length / count));
  return Array.from({ length: count }, (_, index) => {
    const own = bores.slice(index * each, (index + 1) * each);
    const middle = (of: 'x' | 'y'): number => own.reduce((sum, bore) => sum + bore[of].total, 0) / (own.length || 1);
    const corner = { x: x + middle('x') - size.length / 2, y: y + middle('y') - size.width / 2 };
    return placed(ON_EDGE, size, { ...corner, z: z - size.thickness });
  });
}
