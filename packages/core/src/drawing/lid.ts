import { inMillimetres } from '../length';
import type { Lid } from '../pullouts';
import { ringOf, turnedBy, type Beside } from './beside';

/** A lid from its side, in millimetres about its hinge line: `x` back, `y` up. */
export interface LidDrawing {
  readonly shut: readonly Beside[];
  readonly open: readonly Beside[];
  /** The way of its front edge. */
  readonly way: readonly Beside[];
  /** What it hangs on and lies on: the strip behind it, and the case to some way under its top. */
  readonly strip: readonly Beside[];
  readonly case: readonly Beside[];
}

const STEPS = 24;
/** So much of the case is seen under it, in parts of the lid. */
const SEEN = 0.35;

/** Shut, and open by what it comes to. */
export function drawLid({ depth, thickness, bodies }: Lid, opens: number, caseDepth: number): LidDrawing {
  const [long, thick] = [inMillimetres(depth.total), inMillimetres(thickness)];
  const behind = bodies.find(({ role }) => role === 'lid-strip');
  const wide = behind ? inMillimetres(behind.z.to) - inMillimetres(behind.z.from) : 0;
  const ring = ringOf(-long, 0, -thick, 0);
  const turned =
    (by: number) =>
    (at: Beside): Beside =>
      // Its front edge goes up and back.
      turnedBy(at, (-by * Math.PI) / 180);
  return {
    shut: ring,
    open: ring.map(turned(opens)),
    way: Array.from({ length: STEPS + 1 }, (_, step) => turned((opens * step) / STEPS)({ x: -long, y: 0 })),
    strip: wide > 0 ? ringOf(0, wide, -thick, 0) : [],
    case: ringOf(wide - caseDepth, wide, -thick - long * SEEN, -thick),
  };
}
