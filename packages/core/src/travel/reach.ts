import { overlap, type Convex } from './convex';
import type { Leaf, Mover, Slider } from './mover';
import { seenFrom } from './point';
import { level, type Solid } from './solid';
import { swept } from './sweep';

/** How far a mover comes with all else closed: nanometres, degrees of a leaf; and the first it meets where that is not all. */
export interface Reached {
  readonly travel: number;
  /** Address of what stops it. */
  readonly stoppedBy?: string;
  /** Of a tray that its own door keeps in: on which side, and by how much the leaf stands before it. */
  readonly keptIn?: { readonly side: 'left' | 'right'; readonly by: number };
}

/** Degrees nobody sees: a hundredth of a nanometre a metre out. Halvings of a turn come under it. */
const FINE = 1e-10;
const HALVINGS = 60;
/** Nanometres are whole: under half of one is touching. */
const HALF = 0.5;
/** What stops a leaf nearer to the first than this, in degrees, does so at once with it. */
const AT_ONCE = 1e-7;

/**
 * The greatest travel of a mover among solids, which are in the order of the file: of several that stop it at once the first is
 * told. What overlaps it while it is closed leaves it none. Straight ways are whole nanometres, turns as exact as doubles.
 */
export function reached(mover: Mover, solids: readonly Solid[]): Reached {
  let best: Reached = { travel: mover.full };
  // What lies off all of its way lies off any part of it.
  const whole = mover.kind === 'leaf' ? swept(mover, mover.full) : [];
  for (const solid of solids) {
    if (mover.own.has(solid.name) || !level(mover.heights, solid.heights)) continue;
    if (mover.kind === 'leaf' && !overlapsAny(whole, solid)) continue;
    const to = mover.kind === 'slider' ? slidesTo(mover, solid) : turnsTo(mover, solid, best.travel);
    const sooner = mover.kind === 'slider' ? to < best.travel : to < best.travel - AT_ONCE;
    if (sooner) best = { travel: to, stoppedBy: solid.name };
  }
  return best;
}

/** Whether a mover comes at least so far. */
export function reaches(mover: Mover, travel: number, solids: readonly Solid[]): boolean {
  const way = mover.kind === 'leaf' ? swept(mover, travel) : [];
  return solids.every((solid) => {
    if (mover.own.has(solid.name) || !level(mover.heights, solid.heights)) return true;
    return mover.kind === 'slider' ? slidesTo(mover, solid) >= travel : !overlapsAny(way, solid);
  });
}

const overlapsAny = (pieces: readonly Convex[], { shape }: Solid): boolean =>
  pieces.some((piece) => overlap(piece, shape));

/** Where a slider is stopped: by the nearest of what stands in its way, seen from its front plane. */
function slidesTo(slider: Slider, { shape }: Solid): number {
  const seen = shape.points.map((point) => seenFrom(slider.frame, point));
  let [nearest, farthest, left, right] = [Infinity, -Infinity, Infinity, -Infinity];
  const count = (before: number): void => {
    nearest = Math.min(nearest, before);
    farthest = Math.max(farthest, before);
  };
  seen.forEach((one, index) => {
    left = Math.min(left, one.across);
    right = Math.max(right, one.across);
    if (one.across >= slider.from && one.across <= slider.to) count(one.before);
    for (const other of seen.slice(index + 1))
      for (const side of [slider.from, slider.to]) {
        const along = (side - one.across) / (other.across - one.across);
        if (along > 0 && along < 1) count(one.before + along * (other.before - one.before));
      }
  });
  // Places of what is turned are not whole.
  if (right <= slider.from + HALF || left >= slider.to - HALF || farthest <= HALF) return Infinity;
  return Math.max(0, Math.round(Math.max(0, nearest)) - slider.closed);
}

/** Where a leaf is stopped: the sweeps grow, so halving finds the last that meets nothing. No farther than `most`. */
function turnsTo(leaf: Leaf, solid: Solid, most: number): number {
  if (!meets(leaf, solid, most)) return Infinity;
  if (meets(leaf, solid, 0)) return 0;
  let [free, met] = [0, most];
  for (let step = 0; step < HALVINGS && met - free > FINE; step += 1) {
    const middle = (free + met) / 2;
    if (meets(leaf, solid, middle)) met = middle;
    else free = middle;
  }
  return free;
}

const meets = (leaf: Leaf, solid: Solid, travel: number): boolean => overlapsAny(swept(leaf, travel), solid);
