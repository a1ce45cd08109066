import type { Body, Member } from '../casework';
import type { LidOf } from '../job';
import { minus, nm, ofDimension, ofField, plus, tally, unlessZero, ZERO, type Length, type Tally } from '../length';
import type { Lid, ThingStock } from './things';

/** A little past upright it stays by itself. Common practice. */
const USUAL_OPENS = 95;

type Written = LidOf<Length>;

/** A lid on its case; nothing where its material is not there. It turns about the upper edge of its back: a long hinge's line. */
export function planLid({ stock, casework }: ThingStock, written: Written, path: string): Lid | undefined {
  const material = stock.materials.find(({ id }) => id === written.material);
  if (!material) return undefined;
  const { id, front = ZERO, left = ZERO, right = ZERO, strip = ZERO, opens = USUAL_OPENS, stay = false } = written;
  const { outline } = casework;
  const field = (name: string) => ofField(`${path}.${name}`);
  const width = tally(
    plus('width-case', outline.width.total, ofDimension('case.width')),
    unlessZero(plus('past-case', left, field('left'))),
    unlessZero(plus('past-case', right, field('right'))),
  );
  const depth = tally(
    plus('depth-case', outline.depth),
    unlessZero(plus('past-case', front, field('front'))),
    unlessZero(minus('strip-behind', strip, field('strip'))),
  );
  const thickness = material.thickness;
  const turn = (opens * Math.PI) / 180;
  return {
    ...{ kind: 'lid', id, path, width, depth, thickness, opens, stay },
    ...membersOf(written, { width, depth, thickness }, { x: -left, y: outline.height, z: -front }),
    line: { back: nm(outline.depth - strip), up: nm(outline.height + thickness) },
    rise: nm(Math.round(riseOf(depth.total, thickness, turn))),
    leans: nm(Math.round(Math.max(0, -depth.total * Math.cos(turn)))),
    over: stock.build.worktop ? 'worktop' : outline.ceilingIs === 'panel' ? 'top' : undefined,
  };
}

/**
 * The greatest height over its hinge line as it opens: of its front edge, `l·sinθ` of the upper and `l·sinθ − t·cosθ` of the
 * lower corner, which is highest where the two make a right angle with the line. Common practice.
 */
function riseOf(long: number, thick: number, angle: number): number {
  const most = Math.PI / 2 + Math.atan2(thick, long);
  if (angle >= most) return Math.hypot(long, thick);
  return Math.max(long * Math.sin(Math.min(angle, Math.PI / 2)), long * Math.sin(angle) - thick * Math.cos(angle));
}

interface Sized {
  readonly width: Tally;
  readonly depth: Tally;
  readonly thickness: Length;
}

function membersOf(
  { id, material, strip = ZERO }: Written,
  { width, depth, thickness }: Sized,
  { x, y, z }: Readonly<Record<'x' | 'y' | 'z', number>>,
): Pick<Lid, 'members' | 'bodies'> {
  const shared = { node: id, material, thickness } as const;
  const span = (from: number, long: number): Body['x'] => ({ from: nm(from), to: nm(from + long) });
  const [across, up, behind] = [span(x, width.total), span(y, thickness), z + depth.total];
  const lid: Member = { ...shared, role: 'lid', count: 1, length: width, width: depth };
  const own = { index: 0, node: id, material, x: across, y: up } as const;
  const body: Body = { ...own, role: 'lid', z: span(z, depth.total) };
  if (strip === 0) return { members: [lid], bodies: [body] };
  const wide = tally(plus('strip-behind', strip));
  return {
    members: [lid, { ...shared, role: 'lid-strip', count: 1, length: width, width: wide }],
    bodies: [body, { ...own, role: 'lid-strip', z: span(behind, strip) }],
  };
}
