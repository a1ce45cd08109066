import { onCircle, polygon, sector, type Convex } from './convex';
import type { Leaf, Mover, Slider } from './mover';
import { at, plus, times, type Point } from './point';

/** What a mover passes from closed to a travel, in pieces without hollows: nanometres, or degrees of a leaf. Exact. */
export function swept(mover: Mover, travel: number): readonly Convex[] {
  return mover.kind === 'slider' ? straight(mover, travel) : turned(mover, travel);
}

/** Where a mover stands, open by a travel: of what comes straight out all of it that is before the front plane. */
export function openAt(mover: Mover, travel: number): readonly Convex[] {
  if (mover.kind === 'slider') return straight(mover, travel);
  const hand = handOf(mover);
  const open = (travel * Math.PI) / 180;
  return [slab(mover, hand, open), ...pullAt(mover, hand, open)];
}

/** From the front plane out. */
function straight({ frame, from, to, closed }: Slider, travel: number): readonly Convex[] {
  const out = closed + travel;
  if (out <= 0) return [];
  return [polygon(at(frame, from, 0), at(frame, to, 0), at(frame, to, out), at(frame, from, out))];
}

/**
 * A leaf as it turns: closed at an angle of its own in the plan, from there about its hinged edge one way or the other.
 * `place(a, r, q)` is the place r along the leaf and q out from its outer face with it open by a.
 */
interface Hand {
  readonly pivot: Point;
  readonly place: (angle: number, along: number, out: number) => Point;
  /** From the angle a place has about the pivot as seen from the leaf, closed, to that in the plan. */
  readonly angle: (seen: number) => number;
  readonly turns: 1 | -1;
}

function handOf({ frame, hinged, edge }: Leaf): Hand {
  const pivot = at(frame, edge.across, edge.before);
  const away = hinged === 'left' ? 1 : -1;
  const u = times(frame.right, away);
  // Which way the plan's angles grow as it opens.
  const turns = u.x * frame.out.z - u.z * frame.out.x > 0 ? 1 : -1;
  const start = Math.atan2(u.z, u.x);
  const angle = (seen: number): number => start + turns * seen;
  const place = (open: number, along: number, out: number): Point => {
    const r = Math.hypot(along, out);
    return plus(pivot, times(onCircle(angle(open + Math.atan2(out, along))), r));
  };
  return { pivot, place, angle, turns };
}

function slab({ width, thickness }: Leaf, { pivot, place }: Hand, open: number): Convex {
  return polygon(pivot, place(open, width, 0), place(open, width, -thickness), place(open, 0, -thickness));
}

function pullAt({ pull }: Leaf, { place }: Hand, open: number): readonly Convex[] {
  if (!pull) return [];
  const { from, to, out } = pull;
  return [polygon(place(open, from, 0), place(open, to, 0), place(open, to, out), place(open, from, out))];
}

/**
 * A slab that has a corner on its axis sweeps, between where it starts and where it ends, the part of a disc its far corner
 * runs along. Its pull passes that by the ring its own far corner runs along, which the slab fills within.
 */
function turned(leaf: Leaf, travel: number): readonly Convex[] {
  const hand = handOf(leaf);
  const end = (travel * Math.PI) / 180;
  const corner = Math.atan2(-leaf.thickness, leaf.width);
  return [
    slab(leaf, hand, 0),
    slab(leaf, hand, end),
    ...disc(hand, Math.hypot(leaf.width, leaf.thickness), corner, end + corner),
    ...pullSwept(leaf, hand, end),
  ];
}

function disc({ pivot, angle, turns }: Hand, radius: number, from: number, to: number): readonly Convex[] {
  if (to <= from) return [];
  return turns > 0 ? sector(pivot, radius, angle(from), angle(to)) : sector(pivot, radius, angle(to), angle(from));
}

function pullSwept(leaf: Leaf, hand: Hand, end: number): readonly Convex[] {
  const { pull } = leaf;
  if (!pull) return [];
  const { from, to, out } = pull;
  const radius = Math.hypot(to, out);
  const lead = Math.atan2(out, to);
  // Turned by less than its far corner stands out, the ring begins where that corner began.
  const begun = Math.max(end, lead);
  const [one, other] = hand.turns > 0 ? [begun, end + lead] : [end + lead, begun];
  const arc = { middle: hand.pivot, radius, from: hand.angle(one), to: hand.angle(other) };
  // Where it ends, its far corner has run past its outer edge: a sliver between the edge and the ring.
  const last: Convex = {
    points: [
      hand.place(end, from, 0),
      plus(hand.pivot, times(onCircle(hand.angle(begun)), radius)),
      hand.place(end, to, out),
      hand.place(end, from, out),
    ],
    arcs: [arc],
  };
  const moved = end > 0 ? [last, ...disc(hand, radius, lead, end)] : [];
  return [...pullAt(leaf, hand, 0), ...pullAt(leaf, hand, end), ...moved];
}
