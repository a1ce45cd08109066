import { inMillimetres } from '../length';
import type { TiltOut } from '../pullouts';
import { ringOf, turnedBy, type Beside } from './beside';

/** A tilt-out cut through from its side, shut and open. */
export interface TiltDrawing {
  readonly shut: { readonly bin: readonly Beside[]; readonly door: readonly Beside[] };
  readonly open: { readonly bin: readonly Beside[]; readonly door: readonly Beside[] };
  /** The way of its far upper edge. */
  readonly way: readonly Beside[];
  /** The upper edge and the back it must stay clear of, and the block that stops it. */
  readonly over: number;
  readonly behind: number;
  readonly stop: Beside;
}

const STEPS = 24;

/** Everything about its hinge line, the way back to the right. */
export function drawTiltOut({ bin, back, up, angle, door, most, deepest, stop }: TiltOut): TiltDrawing {
  const mm = inMillimetres;
  const [z, y, d, h] = [mm(back), mm(up), mm(bin.depth), mm(bin.height)];
  const t = mm(door.thickness);
  const [front, inner] = door.door.mount === 'inset' ? [0, t] : [-t, 0];
  const leaf = mm(door.leaves[0]?.height.total ?? bin.height);
  const box = ringOf(z, z + d, y, y + h);
  const slab = ringOf(front, inner, 0, leaf);
  const turned = (by: number) => (ring: readonly Beside[]) => ring.map((at) => turnedBy(at, (by * Math.PI) / 180));
  const corner = { x: z + d, y: y + h };
  return {
    shut: { bin: box, door: slab },
    open: { bin: turned(angle)(box), door: turned(angle)(slab) },
    way: Array.from({ length: STEPS + 1 }, (_, step) => turned((angle * step) / STEPS)([corner])).flat(),
    ...{ over: mm(most), behind: mm(deepest), stop: { x: mm(stop.back), y: mm(stop.up) } },
  };
}
